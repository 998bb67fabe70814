using System.IO.Compression;
using System.Net.Http.Headers;
using System.Text;
using System.Text.Json.Nodes;
using AmberSpoon.Store.Backups;
using Microsoft.Data.Sqlite;
using SkiaSharp;
using Xunit;

namespace AmberSpoon.Server.Tests;

/// <summary>What a household wrote is its own: out as files and back, whole or not at all.</summary>
public sealed class HouseTests(SharedLog shared) : IClassFixture<SharedLog>
{
    private static async Task<(int Status, JsonNode? Body)> Post(Kitchen kitchen, string path, byte[] bytes, string type)
    {
        using var content = new ByteArrayContent(bytes);
        content.Headers.ContentType = new MediaTypeHeaderValue(type);
        using HttpResponseMessage response = await kitchen.Client.PostAsync(path, content);
        string text = await response.Content.ReadAsStringAsync();
        return ((int)response.StatusCode, text.Length == 0 ? null : JsonNode.Parse(text));
    }

    internal static async Task<string> Baked(Kitchen kitchen, string name)
    {
        JsonObject plan = Kitchen.Supper();
        plan["name"] = name;
        plan["oven"] = JsonNode.Parse("""{ "name": "Oven", "air": "still" }""");
        string id = await kitchen.StartBake(plan);
        kitchen.Clock.Advance(TimeSpan.FromMinutes(30));
        await kitchen.Told(id, Kitchen.Reading(1, 1, 58));
        kitchen.Clock.Advance(TimeSpan.FromMinutes(15));
        await kitchen.Finish(id);
        await kitchen.Told(id, new JsonObject { ["kind"] = "tasted", ["text"] = "=1+1" }, new JsonObject { ["kind"] = "rated", ["of"] = "meat", ["rating"] = "right" });
        return id;
    }

    private static byte[] Picture(int width = 40, int height = 30)
    {
        using var bitmap = new SKBitmap(width, height);
        bitmap.Erase(SKColors.Orange);
        using SKImage image = SKImage.FromBitmap(bitmap);
        return image.Encode(SKEncodedImageFormat.Png, 90).ToArray();
    }

    private static Task<byte[]> Backup(Kitchen kitchen) => kitchen.Client.GetByteArrayAsync("/api/house/backup", TestContext.Current.CancellationToken);

    [Fact]
    public async Task A_bake_goes_out_comes_into_an_empty_house_and_goes_out_the_same()
    {
        await using var kitchen = new Kitchen();
        string id = await Baked(kitchen, "Thighs");
        byte[] file = await kitchen.Client.GetByteArrayAsync($"/api/bakes/{id}/file", TestContext.Current.CancellationToken);
        await using var other = new Kitchen();
        (int status, JsonNode? bake) = await Post(other, "/api/bakes/file", file, "application/json");
        Assert.True(status == 200, bake?.ToJsonString());
        Assert.Equal(id, (string)bake!["id"]!);
        Assert.Equal(Encoding.UTF8.GetString(file), Encoding.UTF8.GetString(await other.Client.GetByteArrayAsync($"/api/bakes/{id}/file", TestContext.Current.CancellationToken)));
        Assert.Equal("Thighs", (string)(await other.Get("/api/log"))["lines"]![0]!["name"]!);
        Assert.Equal(
            (await kitchen.Get("/api/log/learnt"))["ovens"]!.ToJsonString(), (await other.Get("/api/log/learnt"))["ovens"]!.ToJsonString());

        // The same twice is one.
        Assert.Equal(200, (await Post(other, "/api/bakes/file", file, "application/json")).Status);
        Assert.Single((await other.Get("/api/log"))["lines"]!.AsArray());
    }

    public static TheoryData<string, string> Wrong => new()
    {
        { "\"version\": 1", "\"version\": 2" },
        { "\"format\": \"amber-spoon-bake\"", "\"format\": \"other\"" },
        { "\"count\": 6", "\"count\": 600000" },
        { "\"value\": 990", "\"value\": 1e300" },
        { "\"value\": 204", "\"value\": -5" },
        { "\"kind\": \"reading\"", "\"kind\": \"levitated\"" },
        { "\"kind\": \"finished\"", "\"kind\": \"started\"" },
        { "\"seq\": 2", "\"seq\": 7" },
        { "\"lot\": 1", "\"lot\": 77" },
        { "\"chicken\": [", "\"chickens\": [" },
        { "\"events\": [", "\"events\": null, \"x\": [" },
    };

    [Theory]
    [MemberData(nameof(Wrong))]
    public async Task A_file_that_was_edited_into_what_cannot_be_is_refused_and_nothing_is_kept(string was, string becomes)
    {
        string file = await shared.Kitchen.Client.GetStringAsync($"/api/bakes/{shared.Id}/file", TestContext.Current.CancellationToken);
        Assert.Contains(was, file, StringComparison.Ordinal);
        string edited = was == "\"seq\": 2" || was.StartsWith("\"lot\"", StringComparison.Ordinal)
            ? ReplaceLast(file, was, becomes)
            : file.Replace(was, becomes, StringComparison.Ordinal);
        (int status, JsonNode? problem) = await Post(shared.Empty, "/api/bakes/file", Encoding.UTF8.GetBytes(edited), "application/json");
        Assert.True(status == 400, $"{status} {problem?.ToJsonString()}");
        Assert.NotNull(problem!["errors"]!["file"]);
        Assert.Empty((await shared.Empty.Get("/api/log"))["lines"]!.AsArray());
    }

    private static string ReplaceLast(string text, string was, string becomes)
    {
        int at = text.LastIndexOf(was, StringComparison.Ordinal);
        return string.Concat(text.AsSpan(0, at), becomes, text.AsSpan(at + was.Length));
    }

    [Fact]
    public async Task Cut_short_or_of_another_kind_it_is_refused_too()
    {
        await using var kitchen = new Kitchen();
        string id = await Baked(kitchen, "Thighs");
        byte[] file = await kitchen.Client.GetByteArrayAsync($"/api/bakes/{id}/file", TestContext.Current.CancellationToken);
        foreach (byte[] wrong in new[] { file[..(file.Length / 2)], [], Encoding.UTF8.GetBytes("null"), Encoding.UTF8.GetBytes("[]"), [0xFF, 0xFE, 0x00], Encoding.UTF8.GetBytes(new string('[', 5000)) })
        {
            Assert.Equal(400, (await Post(kitchen, "/api/bakes/file", wrong, "application/json")).Status);
        }
    }

    [Fact]
    public async Task Tables_are_for_other_programs_and_safe_in_them()
    {
        await using var kitchen = new Kitchen();
        string id = await Baked(kitchen, "=cmd|' /C calc'!A0");
        string log = await kitchen.Client.GetStringAsync("/api/log.csv", TestContext.Current.CancellationToken);
        Assert.StartsWith("Id,StartedAt,FinishedAt,Name", log, StringComparison.Ordinal);
        Assert.Contains("2026-11-26T17:00:00.000Z", log, StringComparison.Ordinal);
        Assert.DoesNotContain(",=cmd", log, StringComparison.Ordinal);
        Assert.Contains("\"'=cmd", log, StringComparison.Ordinal);
        string readings = await kitchen.Client.GetStringAsync($"/api/bakes/{id}/readings.csv", TestContext.Current.CancellationToken);
        Assert.Equal("At,Lot,Piece,Name,Celsius,Probe,Believed", readings.Split("\r\n")[0]);
        Assert.StartsWith("2026-11-26T17:30:00.000Z,1,1,", readings.Split("\r\n")[1], StringComparison.Ordinal);
        Assert.Contains(",58,,", readings, StringComparison.Ordinal);
    }

    private static Task<(int Status, JsonNode? Body)> Table(Kitchen kitchen, string text, bool rehearsal) =>
        kitchen.Send(HttpMethod.Post, "/api/log/table", new JsonObject { ["text"] = text, ["rehearsal"] = rehearsal });

    [Fact]
    public async Task A_log_kept_in_a_spreadsheet_is_rehearsed_comes_in_once_and_teaches()
    {
        await using var kitchen = new Kitchen();
        const string Head = "StartedAt;Minutes;Name;Chicken;Vegetables;Oven;OvenC;CoreC;CoreMin;Notes\n";
        const string First = "2026-10-03 18:05;45;Old Sunday;\"6 bone-in thighs 990 g\";\"350 g potatoes\";Oven;205;60;30;crisp / salt it less\n";
        const string Second = "2026-10-10 18:05;40;;8 drumsticks 930 g;;;200;;;\n";
        (int status, JsonNode? report) = await Table(kitchen, Head + First + Second, rehearsal: true);
        Assert.True(status == 200, report?.ToJsonString());
        Assert.Equal((2, 2, 0), ((int)report!["lines"]!, (int)report["new"]!, (int)report["known"]!));
        Assert.Empty((await kitchen.Get("/api/log"))["lines"]!.AsArray());

        (_, report) = await Table(kitchen, Head + First + Second, rehearsal: false);
        Assert.Equal(2, (int)report!["new"]!);
        JsonNode log = await kitchen.Get("/api/log");
        Assert.Equal(["From a table", "Old Sunday"], log["lines"]!.AsArray().Select(line => (string)line!["name"]!));
        JsonNode found = (await kitchen.Get("/api/log?words=salt"))["lines"]!.AsArray().Single()!;
        JsonNode whole = await kitchen.Get($"/api/bakes/{(string)found["id"]!}");
        Assert.Equal(60, (double)whole["readings"]![0]!["temperature"]!["value"]!);
        Assert.Contains("1 bake", (string)(await kitchen.Get("/api/log/learnt"))["ovens"]![0]!["sentence"]!, StringComparison.Ordinal);

        // Sent twice at once it is one.
        string third = First.Replace("10-03", "10-24", StringComparison.Ordinal);
        (int Status, JsonNode? Body)[] both = await Task.WhenAll(Table(kitchen, Head + third, rehearsal: false), Table(kitchen, Head + third, rehearsal: false));
        Assert.Equal([200, 200], both.Select(one => one.Status));
        Assert.Equal(1, both.Sum(one => (int)one.Body!["new"]!));
        await kitchen.Send(HttpMethod.Delete, $"/api/bakes/{(string)(await kitchen.Get("/api/log"))["lines"]![0]!["id"]!}");

        // Twice is once, and one line of two that is wrong keeps both out.
        (_, report) = await Table(kitchen, Head + First, rehearsal: false);
        Assert.Equal((0, 1), ((int)report!["new"]!, (int)report["known"]!));
        (status, JsonNode? refused) = await Table(kitchen, Head + First.Replace("10-03", "10-17", StringComparison.Ordinal) + Second.Replace("200", "900", StringComparison.Ordinal).Replace("10-10", "10-18", StringComparison.Ordinal), rehearsal: false);
        Assert.Equal(400, status);
        Assert.StartsWith("Line 3: ", (string)refused!["errors"]!["text"]![0]!, StringComparison.Ordinal);
        Assert.Contains("oven", (string)refused["errors"]!["text"]![0]!, StringComparison.OrdinalIgnoreCase);
        Assert.Equal(2, (await kitchen.Get("/api/log"))["lines"]!.AsArray().Count);

        // Out and in again: all of it is here already; in another house it is new.
        string table = await kitchen.Client.GetStringAsync("/api/log.csv", TestContext.Current.CancellationToken);
        Assert.Equal(2, (int)(await Table(kitchen, table, rehearsal: false)).Body!["known"]!);
        await using var other = new Kitchen();
        Assert.Equal(2, (int)(await Table(other, table, rehearsal: false)).Body!["new"]!);
        string[] Of(string text) => [.. text.Split("\r\n").Skip(1).Where(line => line.Length > 0).Select(line => string.Join(',', line.Split(',').Take(8)))];
        Assert.Equal(Of(table), Of(await other.Client.GetStringAsync("/api/log.csv", TestContext.Current.CancellationToken)));
    }

    [Theory]
    [InlineData("", "There is nothing in that table.")]
    [InlineData("Time,Probe 1\n1,20", "That table has no column “StartedAt”")]
    [InlineData("StartedAt,Minutes,Chicken,OvenC\n2026-10-03 18:05,45,6 drumsticks 0 g,200", "Line 2: The plan in that file cannot be: ")]
    [InlineData("StartedAt,Minutes,Chicken,OvenC\n2026-10-03 18:05,45,999 drumsticks 99999 g,200", "Line 2: The plan in that file cannot be: Between 1 and ")]
    [InlineData("StartedAt,Minutes,Chicken,OvenC\n2026-10-03 18:05,45,6 drumsticks 700 g,-40", "Line 2: The plan in that file cannot be: ")]
    public async Task A_table_that_is_no_log_is_refused_with_a_sentence_and_nothing_is_kept(string text, string sentence)
    {
        await using var kitchen = new Kitchen();
        foreach (bool rehearsal in new[] { true, false })
        {
            (int status, JsonNode? body) = await Table(kitchen, text, rehearsal);
            Assert.Equal(400, status);
            Assert.StartsWith(sentence, (string)body!["errors"]!["text"]![0]!, StringComparison.Ordinal);
        }

        Assert.Empty((await kitchen.Get("/api/log"))["lines"]!.AsArray());
    }

    [Fact]
    public async Task A_photo_is_written_anew_shown_and_gone_when_it_is_taken_away()
    {
        await using var kitchen = new Kitchen();
        string id = await Baked(kitchen, "Thighs");
        (int status, JsonNode? bake) = await Post(kitchen, $"/api/bakes/{id}/photos", Picture(2000, 1000), "image/png");
        Assert.True(status == 200, bake?.ToJsonString());
        string photo = (string)bake!["table"]!["photos"]![0]!["id"]!;
        byte[] shown = await kitchen.Client.GetByteArrayAsync($"/api/bakes/{id}/photos/{photo}", TestContext.Current.CancellationToken);
        using SKBitmap kept = SKBitmap.Decode(shown);
        Assert.Equal((1600, 800), (kept.Width, kept.Height));
        Assert.Equal(photo, (string)(await kitchen.Get("/api/log"))["lines"]![0]!["photo"]!);
        // Taken back as any other event its file would stay.
        JsonNode events = (await kitchen.Get($"/api/bakes/{id}"))["events"]!;
        int seq = events.AsArray().Where(told => (string)told!["kind"]! == "photo").Select(told => (int)told!["seq"]!).Single();
        Assert.Equal(409, (await kitchen.Tell(id, new JsonObject { ["kind"] = "corrected", ["event"] = seq })).Status);
        Assert.Equal(200, (await kitchen.Send(HttpMethod.Delete, $"/api/bakes/{id}/photos/{photo}")).Status);
        Assert.Equal(404, (await kitchen.Send(HttpMethod.Get, $"/api/bakes/{id}/photos/{photo}")).Status);
        Assert.Null((await kitchen.Get("/api/log"))["lines"]![0]!["photo"]);
        Assert.Empty(Directory.GetFiles(Path.Combine(Path.GetDirectoryName(kitchen.File)!, "photos")));
    }

    [Fact]
    public async Task What_is_no_photo_is_refused_and_so_is_one_for_a_bake_that_is_not_there()
    {
        await using var kitchen = new Kitchen();
        string id = await Baked(kitchen, "Thighs");
        Assert.Equal(400, (await Post(kitchen, $"/api/bakes/{id}/photos", Encoding.UTF8.GetBytes("<svg/>"), "image/png")).Status);
        Assert.Equal(400, (await Post(kitchen, $"/api/bakes/{id}/photos", Picture()[..40], "image/jpeg")).Status);
        Assert.Equal(400, (await Post(kitchen, $"/api/bakes/{id}/photos", [], "image/jpeg")).Status);
        Assert.Equal(415, (await Post(kitchen, $"/api/bakes/{id}/photos", Picture(), "text/plain")).Status);
        Assert.Equal(404, (await Post(kitchen, $"/api/bakes/{Guid.NewGuid()}/photos", Picture(), "image/png")).Status);
        int big = (await Post(kitchen, $"/api/bakes/{id}/photos", new byte[(12 * 1024 * 1024) + 1], "image/jpeg")).Status;
        Assert.True(big is 400 or 413, $"{big}");
        Assert.Empty((await kitchen.Get($"/api/bakes/{id}"))["table"]!["photos"]!.AsArray());
    }

    [Fact]
    public async Task A_backup_comes_back_into_an_empty_house_as_it_was()
    {
        await using var kitchen = new Kitchen();
        string id = await Baked(kitchen, "Thighs");
        await Post(kitchen, $"/api/bakes/{id}/photos", Picture(), "image/png");
        byte[] backup = await Backup(kitchen);
        await using var other = new Kitchen();
        await other.SaveTray(Kitchen.GoodPlan());
        (int looked, JsonNode? report) = await Post(other, "/api/house/restore?mode=replace", backup, "application/zip");
        Assert.True(looked == 200, report?.ToJsonString());
        Assert.Equal((1, 1, 1), ((int)report!["bakes"]!, (int)report["newBakes"]!, (int)report["photos"]!));
        Assert.Empty((await other.Get("/api/log"))["lines"]!.AsArray());

        // What was kept in memory of the house before is let go.
        await other.Get("/api/tray");
        Assert.Equal(200, (await Post(other, "/api/house/restore?mode=replace&rehearsal=false", backup, "application/zip")).Status);
        Assert.Equal((await kitchen.Get("/api/log")).ToJsonString(), (await other.Get("/api/log")).ToJsonString());
        Assert.Equal((await kitchen.Get("/api/tray"))["plan"]!.ToJsonString(), (await other.Get("/api/tray"))["plan"]!.ToJsonString());
        string photo = (string)(await other.Get("/api/log"))["lines"]![0]!["photo"]!;
        Assert.NotEmpty(await other.Client.GetByteArrayAsync($"/api/bakes/{id}/photos/{photo}", TestContext.Current.CancellationToken));
        await other.Restart();
        Assert.Equal("Thighs", (string)(await other.Get("/api/log"))["lines"]![0]!["name"]!);
    }

    [Fact]
    public async Task Merged_it_adds_what_is_not_there_and_takes_nothing_away()
    {
        await using var kitchen = new Kitchen();
        await Baked(kitchen, "From there");
        byte[] backup = await Backup(kitchen);
        await using var other = new Kitchen();
        string own = await Baked(other, "From here");
        for (int twice = 0; twice < 2; twice++)
        {
            Assert.Equal(200, (await Post(other, "/api/house/restore?mode=merge&rehearsal=false", backup, "application/zip")).Status);
            Assert.Equal(["From here", "From there"], (await other.Get("/api/log"))["lines"]!.AsArray().Select(line => (string)line!["name"]!).Order(StringComparer.Ordinal));
            Assert.Equal(2, (await other.Get("/api/trays"))["trays"]!.AsArray().Count);
        }

        Assert.Equal("From here", (string)(await other.Get("/api/tray"))["plan"]!["name"]!);
        Assert.Contains("from 2 bakes", (string)(await other.Get("/api/log/learnt"))["ovens"]![0]!["sentence"]!, StringComparison.Ordinal);
        Assert.NotNull((await other.Get($"/api/bakes/{own}"))["plan"]);
    }

    [Fact]
    public async Task A_backup_made_while_readings_stream_in_is_consistent()
    {
        await using var kitchen = new Kitchen();
        string id = await kitchen.StartGoodBake();
        using var stop = new CancellationTokenSource();
        Task streaming = Stream();
        byte[][] backups = [await Backup(kitchen), await Backup(kitchen), await Backup(kitchen)];
        await stop.CancelAsync();
        await streaming;
        foreach (byte[] backup in backups)
        {
            await using var other = new Kitchen();
            Assert.Equal(200, (await Post(other, "/api/house/restore?mode=replace&rehearsal=false", backup, "application/zip")).Status);
            JsonNode bake = (await other.Live())!;
            Assert.Equal((int)bake["seq"]!, (await other.Get($"/api/bakes/{id}"))["events"]!.AsArray().Count);
        }

        async Task Stream()
        {
            for (int i = 0; !stop.IsCancellationRequested; i++)
            {
                await kitchen.Tell(id, Kitchen.Reading(1, 1, 5 + (0.01 * i)));
            }
        }
    }

    /// <summary>What is written meanwhile comes before or after it, or is told to try again; nothing falls.</summary>
    [Fact]
    public async Task Writes_during_a_restore_are_answered()
    {
        await using var kitchen = new Kitchen();
        await Baked(kitchen, "Thighs");
        byte[] backup = await Backup(kitchen);
        using var stop = new CancellationTokenSource();
        var answers = new System.Collections.Concurrent.ConcurrentBag<(string What, int Status)>();
        Task[] writers = [.. Enumerable.Range(0, 3).Select(_ => Task.Run(Write, TestContext.Current.CancellationToken))];
        for (int i = 0; i < 6; i++)
        {
            answers.Add(("restore", (await Post(kitchen, "/api/house/restore?mode=replace&rehearsal=false", backup, "application/zip")).Status));
        }

        await stop.CancelAsync();
        await Task.WhenAll(writers);
        Assert.Contains(answers, answer => answer is ("made", 200 or 201));
        Assert.All(answers, answer => Assert.True(answer.Status is < 500 or 503, $"{answer}"));
        Assert.All(answers.Where(answer => answer.What == "restore"), answer => Assert.Equal(200, answer.Status));

        async Task Write()
        {
            while (!stop.IsCancellationRequested)
            {
                answers.Add(("made", (await kitchen.Send(HttpMethod.Post, "/api/trays")).Status));
                answers.Add(("opened", (await kitchen.Send(HttpMethod.Post, "/api/trays/1/open")).Status));
                answers.Add(("read", (int)(await kitchen.Client.GetAsync("/api/log", TestContext.Current.CancellationToken)).StatusCode));
            }
        }
    }

    [Theory]
    [InlineData("cut")]
    [InlineData("edited")]
    [InlineData("newer")]
    [InlineData("path")]
    [InlineData("bomb")]
    [InlineData("more")]
    [InlineData("less")]
    [InlineData("nothing")]
    [InlineData("otherDb")]
    [InlineData("emptyEntry")]
    [InlineData("namelessEntry")]
    [InlineData("fakePhoto")]
    [InlineData("eventWithoutKind")]
    public async Task A_backup_that_is_not_as_it_was_made_is_refused_whole(string how)
    {
        byte[] wrong = Spoilt(await Backup(shared.Kitchen), how);
        (int status, JsonNode? problem) = await Post(shared.Kitchen, "/api/house/restore?mode=replace&rehearsal=false", wrong, "application/zip");
        Assert.True(status == 400, $"{status} {problem?.ToJsonString()}");
        Assert.NotNull(problem!["errors"]!["file"]);
        Assert.Equal("Thighs", (string)Assert.Single((await shared.Kitchen.Get("/api/log"))["lines"]!.AsArray())!["name"]!);
    }

    private static byte[] Spoilt(byte[] backup, string how)
    {
        if (how is "cut" or "nothing")
        {
            return how == "cut" ? backup[..(backup.Length - 60)] : [];
        }

        using var file = new MemoryStream();
        file.Write(backup);
        using (var zip = new ZipArchive(file, ZipArchiveMode.Update, leaveOpen: true))
        {
            switch (how)
            {
                case "edited":
                    Rewrite(zip, "kitchen.db", bytes => [.. bytes.SkipLast(1), (byte)(bytes[^1] ^ 1)]);
                    break;
                case "newer":
                    Rewrite(zip, "manifest.json", bytes => Encoding.UTF8.GetBytes(Encoding.UTF8.GetString(bytes).Replace("\"version\": 1", "\"version\": 2", StringComparison.Ordinal)));
                    break;
                case "path":
                    Rewrite(zip, "manifest.json", bytes => Encoding.UTF8.GetBytes(Encoding.UTF8.GetString(bytes).Replace(
                        "\"entries\": [", "\"entries\": [{ \"name\": \"photos/../../evil.jpg\", \"bytes\": 1, \"sha256\": \"00\" },", StringComparison.Ordinal)));
                    Add(zip, "photos/../../evil.jpg", [1]);
                    break;
                case "bomb":
                    Rewrite(zip, "kitchen.db", bytes => [.. bytes, .. new byte[4_000_000]]);
                    break;
                case "more":
                    Add(zip, "run.sh", [1]);
                    break;
                case "less":
                    zip.GetEntry("kitchen.db")!.Delete();
                    break;
                case "otherDb":
                    byte[] text = Encoding.UTF8.GetBytes("not a database at all, but as long as one might be");
                    Rewrite(zip, "kitchen.db", _ => text);
                    Listed(zip, entries => entries[0] = EntryOf("kitchen.db", text));
                    break;
                case "emptyEntry":
                    Listed(zip, entries => entries.Add(null));
                    break;
                case "namelessEntry":
                    Listed(zip, entries => entries.Add(JsonNode.Parse("""{ "bytes": 1, "sha256": "00" }""")));
                    break;
                case "fakePhoto":
                    byte[] words = Encoding.UTF8.GetBytes("no picture");
                    string name = FormattableString.Invariant($"photos/{Guid.NewGuid():N}.jpg");
                    Add(zip, name, words);
                    Listed(zip, entries => entries.Add(EntryOf(name, words)));
                    break;
                case "eventWithoutKind":
                    Rewrite(zip, "kitchen.db", WithoutKinds);
                    byte[] kitchen = Read(zip, "kitchen.db");
                    Listed(zip, entries => entries[0] = EntryOf("kitchen.db", kitchen));
                    break;
            }
        }

        return file.ToArray();
    }

    private static JsonObject EntryOf(string name, byte[] bytes) => new()
    {
        ["name"] = name,
        ["bytes"] = bytes.Length,
        ["sha256"] = Convert.ToHexStringLower(System.Security.Cryptography.SHA256.HashData(bytes)),
    };

    private static void Listed(ZipArchive zip, Action<JsonArray> change) => Rewrite(zip, "manifest.json", bytes =>
    {
        JsonNode manifest = JsonNode.Parse(bytes)!;
        change(manifest["entries"]!.AsArray());
        return Encoding.UTF8.GetBytes(manifest.ToJsonString());
    });

    /// <summary>The same kitchen, in which no event says what happened.</summary>
    private static byte[] WithoutKinds(byte[] kitchen)
    {
        string file = Path.GetTempFileName();
        File.WriteAllBytes(file, kitchen);
        using (var connection = new SqliteConnection($"Data Source={file};Pooling=False"))
        {
            connection.Open();
            using SqliteCommand command = connection.CreateCommand();
            command.CommandText = "UPDATE Events SET Json = '{}'";
            Assert.True(command.ExecuteNonQuery() > 0);
        }

        byte[] changed = File.ReadAllBytes(file);
        File.Delete(file);
        return changed;
    }

    private static byte[] Read(ZipArchive zip, string name)
    {
        using var read = new MemoryStream();
        using Stream stream = zip.GetEntry(name)!.Open();
        stream.CopyTo(read);
        return read.ToArray();
    }

    private static void Rewrite(ZipArchive zip, string name, Func<byte[], byte[]> change)
    {
        byte[] bytes = Read(zip, name);
        zip.GetEntry(name)!.Delete();
        Add(zip, name, change(bytes));
    }

    private static void Add(ZipArchive zip, string name, byte[] bytes)
    {
        using Stream stream = zip.CreateEntry(name).Open();
        stream.Write(bytes);
    }

    /// <summary>The same bake, whatever it is called: it is known by what began it.</summary>
    [Fact]
    public async Task A_bake_that_comes_again_under_another_id_is_the_one_that_is_there()
    {
        string id = (string)(await shared.Kitchen.Get("/api/log"))["lines"]![0]!["id"]!;
        string file = await shared.Kitchen.Client.GetStringAsync($"/api/bakes/{id}/file", TestContext.Current.CancellationToken);
        string other = file.Replace(id, Guid.NewGuid().ToString(), StringComparison.OrdinalIgnoreCase);
        Assert.NotEqual(file, other);
        (int status, JsonNode? bake) = await Post(shared.Kitchen, "/api/bakes/file", Encoding.UTF8.GetBytes(other), "application/json");
        Assert.True(status is 200 or 409, $"{status} {bake?.ToJsonString()}");
        Assert.Single((await shared.Kitchen.Get("/api/log"))["lines"]!.AsArray());
    }

    [Fact]
    public async Task A_folder_in_which_nothing_can_be_kept_is_not_well()
    {
        Assert.Equal("well", await shared.Kitchen.Client.GetStringAsync("/healthz", TestContext.Current.CancellationToken));
        DirectoryInfo folder = Directory.CreateTempSubdirectory("amber-");
        Assert.True(new HouseFolder(folder.FullName).CanWrite());
        Assert.Empty(folder.GetFiles());
        folder.Delete();
        Assert.False(new HouseFolder(folder.FullName).CanWrite());
    }

    [Fact]
    public void Old_backups_go_and_of_each_week_and_month_one_stays()
    {
        var last = new DateOnly(2026, 11, 27);
        DateOnly[] days = [.. Enumerable.Range(0, 500).Select(back => last.AddDays(-back))];
        IReadOnlyCollection<DateOnly> kept = BackupShelf.Kept(days);
        Assert.Equal([.. days.Take(7)], kept.OrderDescending().Take(7));
        Assert.InRange(kept.Count, 7 + 3 + 9, 7 + 5 + 12);
        Assert.Contains(new DateOnly(2026, 10, 31), kept);
        Assert.Contains(new DateOnly(2025, 12, 31), kept);
        Assert.DoesNotContain(new DateOnly(2025, 11, 30), kept);
        Assert.DoesNotContain(new DateOnly(2026, 10, 15), kept);
        Assert.Equal([last], BackupShelf.Kept([last]));
    }

    [Fact]
    public async Task The_program_backs_up_and_restores_without_serving_also_while_it_is_served()
    {
        await using var kitchen = new Kitchen();
        await Baked(kitchen, "Thighs");
        string house = Path.GetDirectoryName(kitchen.File)!;
        string file = Path.Combine(house, "house.zip");
        Assert.Equal(0, await Startup.HouseCommands.Run(["backup", file, "--data", house]));
        string empty = Directory.CreateTempSubdirectory("amber-").FullName;
        Assert.Equal(0, await Startup.HouseCommands.Run(["restore", file, "--data", empty, "--dry-run"]));
        Assert.Equal(0, await Startup.HouseCommands.Run(["restore", file, "--data", empty]));
        Assert.True(System.IO.File.Exists(Path.Combine(empty, "kitchen.db")));
        await Baked(kitchen, "Later");
        Assert.Equal(0, await Startup.HouseCommands.Run(["restore", file, "--data", house]));
        Assert.Equal(["Thighs"], (await kitchen.Get("/api/log"))["lines"]!.AsArray().Select(line => (string)line!["name"]!));
        Assert.Equal(1, await Startup.HouseCommands.Run(["restore", Path.Combine(house, "kitchen.db"), "--data", house]));
        Assert.Equal(1, await Startup.HouseCommands.Run(["backup", file, "--data", Path.Combine(house, "nowhere")]));
        Assert.Equal(2, await Startup.HouseCommands.Run(["backup"]));
        Assert.Null(await Startup.HouseCommands.Run(["--urls", "x"]));
        Directory.Delete(empty, recursive: true);
    }
}
