using System.Diagnostics;
using System.Globalization;
using System.Text;
using System.Text.Json.Nodes;
using Microsoft.AspNetCore.SignalR.Client;
using Microsoft.Data.Sqlite;

namespace AmberSpoon.Bench;

/// <summary>
/// What a house with many pages, a long log and a probe that streams waits for. Bars: well in 3 s from a warm disk; from an
/// event to a page that shows it 300 ms for 95 of 100, under 300 MB; a page of a log of 5 000 bakes in 300 ms and 100 KB.
/// </summary>
internal static class HouseTimes
{
    private const int Listeners = 20;
    private const int Bakes = 5000;
    private const int ReadingsABake = 400;

    /// <param name="app">The folder the server was built into.</param>
    /// <param name="streamS">How long the probe streams, s.</param>
    public static async Task Print(string app, int streamS)
    {
        using var server = new RunningServer(app);
        await server.Open();
        server.Close();
        double[] starts = new double[5];
        for (int i = 0; i < starts.Length; i++)
        {
            starts[i] = (await server.Open()).TotalSeconds;
            server.Close();
        }

        Console.WriteLine(FormattableString.Invariant($"Well after {starts.Order().ElementAt(2):0.0} s (median of {starts.Length}, most {starts.Max():0.0} s)"));
        await server.Open();
        await Stream(server, streamS);
        await Wires(server, streamS);
        server.Close();
        Fill(Path.Combine(server.Data, "kitchen.db"));
        await server.Open();
        await Log(server);
    }

    private static async Task Stream(RunningServer server, int seconds)
    {
        string id = await Start(server);
        var pages = new Page[Listeners];
        for (int i = 0; i < pages.Length; i++)
        {
            pages[i] = await Page.Open(server.Address, id);
        }

        var sent = new Dictionary<int, long>();
        var asked = new List<Task>();
        using var timer = new PeriodicTimer(TimeSpan.FromMilliseconds(100));
        for (int n = 0; n < 10 * seconds && await timer.WaitForNextTickAsync(); n++)
        {
            int reading = n;
            asked.Add(Task.Run(async () =>
            {
                long at = Stopwatch.GetTimestamp();
                JsonNode told = await server.Send(HttpMethod.Post, $"/api/bakes/{id}/events", JsonNode.Parse($$"""
                    {"events":[{"commandId":"{{Guid.NewGuid()}}","kind":"reading","lot":{{(reading % 4) + 1}},"piece":1,"value":{{(5 + (reading * 0.002)).ToString(CultureInfo.InvariantCulture)}},"unit":"celsius"}]}
                    """)!);
                lock (sent)
                {
                    sent[(int)told["seq"]!] = at;
                }
            }));
        }

        await Task.WhenAll(asked);
        await Task.Delay(1000);
        double[] waits = [.. sent.SelectMany(told => pages.Select(page => page.Shown(told.Key) is { } shown ? Stopwatch.GetElapsedTime(told.Value, shown).TotalMilliseconds : double.PositiveInfinity)).Order()];
        Console.WriteLine(FormattableString.Invariant(
            $"{Listeners} pages, {sent.Count} readings in {seconds} s: from reading to page median {At(waits, 0.5):0} ms, 95 of 100 {At(waits, 0.95):0} ms, most {waits[^1]:0} ms; server at most {server.PeakMb():0} MB"));
        foreach (Page page in pages)
        {
            await page.DisposeAsync();
        }
    }

    /// <summary>Ten probes on a wire, a line a second each; what is kept of them is timed from its own moment to every page.</summary>
    private static async Task Wires(RunningServer server, int seconds)
    {
        string id = await Start(server);
        var pages = new Page[Listeners];
        for (int i = 0; i < pages.Length; i++)
        {
            pages[i] = await Page.Open(server.Address, id);
        }

        (int Lot, int Piece)[] places = [(1, 1), (1, 2), (2, 1), (2, 2), (2, 3), (2, 4), (3, 1), (3, 2), (4, 1), (4, 2)];
        var answered = new List<double>();
        using var timer = new PeriodicTimer(TimeSpan.FromMilliseconds(100));
        for (int n = 0; n < 10 * seconds && await timer.WaitForNextTickAsync(); n++)
        {
            (int lot, int piece) = places[n % places.Length];
            string line = FormattableString.Invariant($$"""{"probe":"P{{n % places.Length}}","value":{{4 + (n * 0.004):0.00}},"unit":"celsius","lot":{{lot}},"piece":{{piece}}}""");
            long at = Stopwatch.GetTimestamp();
            using var content = new StringContent(line, Encoding.UTF8, "application/x-ndjson");
            using HttpResponseMessage answer = await server.Client.PostAsync(new Uri($"/api/bakes/{id}/feed", UriKind.Relative), content);
            answer.EnsureSuccessStatusCode();
            answered.Add(Stopwatch.GetElapsedTime(at).TotalMilliseconds);
        }

        await Task.Delay(1000);
        JsonNode bake = JsonNode.Parse(await server.Client.GetStringAsync(new Uri($"/api/bakes/{id}", UriKind.Relative)))!;
        JsonNode[] kept = [.. bake["events"]!.AsArray().Where(told => (string?)told!["kind"] == "reading").Select(told => told!)];
        double[] waits = [.. kept.SelectMany(told => pages.Select(page => page.ShownAt((int)told["seq"]!) is { } shown ? (shown - (DateTimeOffset)told["at"]!).TotalMilliseconds : double.PositiveInfinity)).Order()];
        double[] answers = [.. answered.Order()];
        Console.WriteLine(FormattableString.Invariant(
            $"{Listeners} pages, ten wires, {answers.Length} lines in {seconds} s: answered in median {At(answers, 0.5):0} ms, 95 of 100 {At(answers, 0.95):0} ms; {kept.Length} readings kept, on a page after median {At(waits, 0.5):0} ms, 95 of 100 {At(waits, 0.95):0} ms; server at most {server.PeakMb():0} MB"));
        foreach (Page page in pages)
        {
            await page.DisposeAsync();
        }
    }

    private static async Task<string> Start(RunningServer server)
    {
        JsonNode tray = await server.Send(HttpMethod.Post, "/api/trays", null);
        JsonNode saved = await server.Send(HttpMethod.Put, $"/api/trays/{(int)tray["id"]!}", JsonNode.Parse(FourLots)!);
        JsonNode bake = await server.Send(HttpMethod.Post, "/api/bakes", new JsonObject { ["trayId"] = (int)saved["id"]!, ["trayVersion"] = (int)saved["version"]!, ["commandId"] = Guid.NewGuid() });
        return (string)bake["id"]!;
    }

    private static async Task Log(RunningServer server)
    {
        var waits = new List<double>();
        var bytes = new List<int>();
        for (string? cursor = ""; cursor is not null;)
        {
            long at = Stopwatch.GetTimestamp();
            byte[] page = await server.Client.GetByteArrayAsync(new Uri($"/api/bakes{(cursor.Length == 0 ? "" : $"?cursor={cursor}")}", UriKind.Relative));
            waits.Add(Stopwatch.GetElapsedTime(at).TotalMilliseconds);
            bytes.Add(page.Length);
            cursor = (string?)JsonNode.Parse(page)!["next"];
        }

        double[] sorted = [.. waits.Order()];
        Console.WriteLine(FormattableString.Invariant($"{Bakes} bakes in {waits.Count} pages: median {At(sorted, 0.5):0} ms, 95 of 100 {At(sorted, 0.95):0} ms, first {waits[0]:0} ms; at most {bytes.Max() / 1024.0:0} KB"));
        await Asked(server, "the log", "/api/log");
        await Asked(server, "looked up by words that stand nowhere", "/api/log?words=unicorn%20stew");
        await Asked(server, "looked up by words and a cut", "/api/log?words=honey&cut=drumstick");
        await Asked(server, "what was learnt", "/api/log/learnt");
        await Asked(server, "the whole log as a table", "/api/log.csv", 5);
        await Learning(server);
    }

    /// <summary>A bake is left out and counted again: from saying so to a plan that reckons with it.</summary>
    private static async Task Learning(RunningServer server)
    {
        string bake = (string)JsonNode.Parse(await server.Client.GetStringAsync(new Uri("/api/log", UriKind.Relative)))!["lines"]![0]!["id"]!;
        int tray = (int)JsonNode.Parse(await server.Client.GetStringAsync(new Uri("/api/tray", UriKind.Relative)))!["id"]!;
        var waits = new List<double>();
        for (int i = 0; i < 20; i++)
        {
            long at = Stopwatch.GetTimestamp();
            await server.Send(HttpMethod.Post, $"/api/bakes/{bake}/events", JsonNode.Parse($$"""{"events":[{"commandId":"{{Guid.NewGuid()}}","kind":"counted","counts":{{(i % 2 == 0 ? "false" : "true")}}}]}""")!);
            await server.Client.GetByteArrayAsync(new Uri($"/api/trays/{tray}", UriKind.Relative));
            waits.Add(Stopwatch.GetElapsedTime(at).TotalMilliseconds);
        }

        double[] sorted = [.. waits.Order()];
        Console.WriteLine(FormattableString.Invariant($"learnt anew and planned with it, {Bakes} bakes: median {At(sorted, 0.5):0} ms, 95 of 100 {At(sorted, 0.95):0} ms"));
    }

    private static async Task Asked(RunningServer server, string what, string path, int times = 60)
    {
        var waits = new List<double>();
        for (int i = 0; i < times; i++)
        {
            long at = Stopwatch.GetTimestamp();
            await server.Client.GetByteArrayAsync(new Uri(path, UriKind.Relative));
            waits.Add(Stopwatch.GetElapsedTime(at).TotalMilliseconds);
        }

        double[] sorted = [.. waits.Order()];
        Console.WriteLine(FormattableString.Invariant($"{what}, {Bakes} bakes: median {At(sorted, 0.5):0} ms, 95 of 100 {At(sorted, 0.95):0} ms, first {waits[0]:0} ms"));
    }

    /// <summary>Copies of the household's last bake, an hour apart.</summary>
    private static void Fill(string file)
    {
        using var connection = new SqliteConnection($"Data Source={file};Pooling=False");
        connection.Open();
        using SqliteCommand command = connection.CreateCommand();
        command.CommandText = """
            CREATE TEMP TABLE One AS SELECT * FROM Bakes WHERE IsLive = 0 ORDER BY StartedAt DESC LIMIT 1;
            CREATE TEMP TABLE Many AS WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n WHERE i < 5000) SELECT i FROM n;
            CREATE TEMP TABLE Copies AS SELECT One.*, Many.i AS Nth FROM One, Many;
            UPDATE Copies SET Id = substr('0199AB00-0000-7000-8000-000000000000', 1, 24) || printf('%012X', Nth), StartedAt = StartedAt - 3600000 * Nth;
            ALTER TABLE Copies DROP COLUMN Nth;
            INSERT INTO Bakes SELECT * FROM Copies;
            CREATE TEMP TABLE Remembered AS SELECT Logged.*, Many.i AS Nth FROM Logged, Many WHERE BakeId = (SELECT Id FROM One);
            UPDATE Remembered SET BakeId = substr('0199AB00-0000-7000-8000-000000000000', 1, 24) || printf('%012X', Nth), StartedAt = StartedAt - 3600000 * Nth;
            ALTER TABLE Remembered DROP COLUMN Nth;
            INSERT INTO Logged SELECT * FROM Remembered;
            INSERT INTO Events SELECT c.Id, e.Seq, printf('%08X-0000-7000-9000-%012X', m.i, e.Seq), e.At, e.Kind, e.SchemaVersion, e.Json
              FROM Many m JOIN Copies c ON c.Id = substr('0199AB00-0000-7000-8000-000000000000', 1, 24) || printf('%012X', m.i) JOIN Events e ON e.BakeId = (SELECT Id FROM One);
            CREATE TEMP TABLE Reading AS SELECT * FROM Events WHERE BakeId = (SELECT Id FROM One) AND Kind = 'reading' LIMIT 1;
            INSERT INTO Events SELECT c.Id, 1000 + r.i, printf('%08X-0000-7000-8000-%012X', m.i, r.i), e.At + 1000 * r.i, e.Kind, e.SchemaVersion, e.Json
              FROM Many m JOIN Copies c ON c.Id = substr('0199AB00-0000-7000-8000-000000000000', 1, 24) || printf('%012X', m.i)
              JOIN (SELECT i FROM Many WHERE i <= 400) r JOIN Reading e;
            """;
        command.CommandTimeout = 600;
        command.ExecuteNonQuery();
        Console.WriteLine(FormattableString.Invariant($"{Bakes} bakes of {ReadingsABake} readings: {new FileInfo(file).Length / 1e6:0} MB, {new FileInfo(file).Length / (double)Bakes / 1000:0.0} KB a bake"));
    }

    private static double At(double[] sorted, double share) => sorted[(int)Math.Min(sorted.Length - 1, share * sorted.Length)];

    private const string FourLots = """
        {"name":"Four","chicken":[
          {"id":1,"cut":"legQuarter","skinOn":true,"coating":"oil","sizes":{"basis":"piece","count":2,"mass":{"value":330,"unit":"gram"},"spreadPercent":0,"each":[]},"height":null,"startFrom":"fridge","vessel":0,"addAtMinutes":0,"leavesWhenDone":false,"skinDown":false},
          {"id":2,"cut":"drumstick","skinOn":true,"coating":"oil","sizes":{"basis":"piece","count":4,"mass":{"value":115,"unit":"gram"},"spreadPercent":0,"each":[]},"height":null,"startFrom":"fridge","vessel":0,"addAtMinutes":0,"leavesWhenDone":false,"skinDown":false},
          {"id":3,"cut":"bonelessBreast","skinOn":false,"coating":"oil","sizes":{"basis":"piece","count":2,"mass":{"value":200,"unit":"gram"},"spreadPercent":0,"each":[]},"height":null,"startFrom":"fridge","vessel":0,"addAtMinutes":0,"leavesWhenDone":false,"skinDown":false},
          {"id":4,"cut":"drumette","skinOn":true,"coating":"oil","sizes":{"basis":"piece","count":6,"mass":{"value":42,"unit":"gram"},"spreadPercent":0,"each":[]},"height":null,"startFrom":"fridge","vessel":0,"addAtMinutes":0,"leavesWhenDone":false,"skinDown":false}],
         "vegetables":[],"vessels":[{"kind":"halfSheet","width":null,"depth":null,"rack":false,"parchment":false,"waterMl":0}],"ovenMode":"still","ovenSetting":{"value":200,"unit":"celsius"},"steps":[],
         "profile":"unitedStates","restMinutes":5,"eatAt":null,"spots":[]}
        """;

    /// <summary>A page as it behaves: it asks again when told, and once more at the end if more was told meanwhile.</summary>
    private sealed class Page : IAsyncDisposable
    {
        private readonly HttpClient _client = new(new HttpClientHandler { AutomaticDecompression = System.Net.DecompressionMethods.All });
        private readonly List<(int Seq, long At)> _shown = [];
        private readonly (DateTimeOffset Wall, long Stamp) _began = (DateTimeOffset.UtcNow, Stopwatch.GetTimestamp());
        private readonly HubConnection _connection;
        private readonly string _id;
        private bool _isAsking;
        private bool _isWanted;

        private Page(Uri address, string id)
        {
            (_client.BaseAddress, _id) = (address, id);
            _connection = new HubConnectionBuilder().WithUrl(new Uri(address, "/live")).Build();
            _connection.On<string, string?, int?>("changed", (topic, _, _) => topic == "oven" ? Ask() : Task.CompletedTask);
        }

        public static async Task<Page> Open(Uri address, string id)
        {
            var page = new Page(address, id);
            await page._connection.StartAsync();
            return page;
        }

        /// <returns>When it first showed this event, or null.</returns>
        public long? Shown(int seq)
        {
            lock (_shown)
            {
                return _shown.Where(shown => shown.Seq >= seq).Select(shown => (long?)shown.At).FirstOrDefault();
            }
        }

        /// <summary>The same by the wall.</summary>
        public DateTimeOffset? ShownAt(int seq) => Shown(seq) is { } shown ? _began.Wall + Stopwatch.GetElapsedTime(_began.Stamp, shown) : null;

        private Task Ask()
        {
            lock (_shown)
            {
                if (_isAsking)
                {
                    _isWanted = true;
                    return Task.CompletedTask;
                }

                _isAsking = true;
            }

            _ = Task.Run(async () =>
            {
                while (true)
                {
                    JsonNode live = JsonNode.Parse(await _client.GetStringAsync(new Uri("/api/bakes?live=true", UriKind.Relative)))!;
                    int seq = (int)live["bakes"]!.AsArray().First(bake => (string?)bake!["id"] == _id)!["seq"]!;
                    lock (_shown)
                    {
                        _shown.Add((seq, Stopwatch.GetTimestamp()));
                        if (!_isWanted)
                        {
                            _isAsking = false;
                            return;
                        }

                        _isWanted = false;
                    }
                }
            });
            return Task.CompletedTask;
        }

        public async ValueTask DisposeAsync()
        {
            await _connection.DisposeAsync();
            _client.Dispose();
        }
    }
}
