using System.Data.Common;
using System.IO.Compression;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.Json.Serialization;
using System.Text.Json.Serialization.Metadata;
using AmberSpoon.Store;
using Microsoft.AspNetCore.Http.Json;
using Microsoft.AspNetCore.Mvc.Testing;
using Microsoft.AspNetCore.TestHost;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Diagnostics;
using Microsoft.Extensions.DependencyInjection;
using Microsoft.Extensions.Time.Testing;
using Xunit;

namespace AmberSpoon.Server.Tests;

/// <summary>A running server on a real SQLite file of its own, with a clock that stands still until told.</summary>
internal sealed class Kitchen : IAsyncDisposable
{
    private static readonly DateTimeOffset Evening = new(2026, 11, 26, 17, 0, 0, TimeSpan.Zero);

    /// <summary>What a first start makes; made once, for all kitchens.</summary>
    private static readonly Lazy<byte[]> EmptyFile = new(() =>
    {
        string folder = Directory.CreateTempSubdirectory("amber-").FullName;
        string file = Path.Combine(folder, "kitchen.db");
        var options = new DbContextOptionsBuilder<KitchenDb>();
        KitchenDb.Configure(options, file);
        using (var db = new KitchenDb(options.Options))
        {
            Assert.Null(KitchenFile.Open(db, file, CancellationToken.None).GetAwaiter().GetResult());
        }

        using (var pool = new SqliteConnection($"Data Source={file};Foreign Keys=True"))
        {
            SqliteConnection.ClearPool(pool);
        }

        byte[] bytes = System.IO.File.ReadAllBytes(file);
        Directory.Delete(folder, recursive: true);
        return bytes;
    });

    private readonly string _folder;
    private WebApplicationFactory<Program> _server;

    /// <summary>A new kitchen: of the invented household on no file yet, else on an empty one that is up to date.</summary>
    public Kitchen(bool demo = false)
        : this(Directory.CreateTempSubdirectory("amber-").FullName, demo)
    {
    }

    private Kitchen(string folder, bool demo)
    {
        _folder = folder;
        Demo = demo;
        if (!demo && !System.IO.File.Exists(File))
        {
            System.IO.File.WriteAllBytes(File, EmptyFile.Value);
        }

        _server = Open();
        Client = _server.CreateClient();
    }

    /// <summary>A kitchen on a copy of a packed file of an earlier build, an hour after it was packed.</summary>
    /// <param name="packed">The file, gzip.</param>
    /// <param name="prepare">What is done to the file before it is opened.</param>
    public static Kitchen OnFile(string packed, Action<string>? prepare = null)
    {
        string folder = Directory.CreateTempSubdirectory("amber-").FullName;
        using (var from = new GZipStream(System.IO.File.OpenRead(packed), CompressionMode.Decompress))
        using (FileStream to = System.IO.File.Create(Path.Combine(folder, "kitchen.db")))
        {
            from.CopyTo(to);
        }

        prepare?.Invoke(Path.Combine(folder, "kitchen.db"));

        var kitchen = new Kitchen(folder, demo: false);
        kitchen.Clock.Advance(TimeSpan.FromHours(1.5));
        return kitchen;
    }

    public FakeTimeProvider Clock { get; } = new(Evening);

    public HttpClient Client { get; private set; }

    /// <summary>The household's file.</summary>
    public string File => Path.Combine(_folder, "kitchen.db");

    public TestServer Host => _server.Server;

    /// <summary>Pages the file may grow to, as on a disk that is nearly full; 0 for no limit.</summary>
    public int MostPages { get; set; }

    private bool Demo { get; }

    /// <summary>A plan that is fine in every field: six thighs out of the fridge.</summary>
    public static JsonObject GoodPlan() => JsonNode.Parse("""
        {
          "name": "Thighs",
          "chicken": [{
            "id": 1, "cut": "boneInThigh", "skinOn": true, "coating": "oil",
            "sizes": { "basis": "pack", "count": 6, "mass": { "value": 990, "unit": "gram" }, "spreadPercent": 0, "each": [] },
            "height": { "value": 38, "unit": "millimetre" }, "startFrom": "fridge",
            "vessel": 0, "addAtMinutes": 0, "leavesWhenDone": false, "skinDown": false
          }],
          "vegetables": [],
          "vessels": [{ "kind": "halfSheet", "width": null, "depth": null, "rack": false, "parchment": false, "waterMl": 0 }],
          "ovenMode": "still", "ovenSetting": { "value": 204, "unit": "celsius" }, "steps": [],
          "profile": "unitedStates", "targetCore": { "value": 74, "unit": "celsius" },
          "restMinutes": 5, "eatAt": null, "spots": []
        }
        """)!.AsObject();

    /// <summary>The good plan with potatoes and carrots round the chicken.</summary>
    public static JsonObject Supper()
    {
        JsonObject plan = GoodPlan();
        plan["chicken"]![0]!["sizes"]!["spreadPercent"] = 15;
        plan["vegetables"] = JsonNode.Parse("""
            [
              { "id": 2, "kind": "potato", "cut": "cube", "size": { "value": 25, "unit": "millimetre" }, "amount": { "value": 300, "unit": "gram" },
                "place": "around", "vessel": 0, "addAtMinutes": 0, "leavesWhenDone": false },
              { "id": 3, "kind": "courgette", "cut": "coin", "size": { "value": 20, "unit": "millimetre" }, "amount": { "value": 150, "unit": "gram" },
                "place": "around", "vessel": 0, "addAtMinutes": 0, "leavesWhenDone": false }
            ]
            """);
        return plan;
    }

    /// <summary>A body as JSON, one field replaced by whatever this is.</summary>
    public static string With(JsonObject body, string path, string json)
    {
        const string mark = "\"@@\"";
        JsonObject copy = body.DeepClone().AsObject();
        string[] steps = path.Split('.');
        JsonNode at = steps.SkipLast(1).Aggregate((JsonNode)copy, (node, step) => Step(node, step));
        at[steps[^1]] = "@@";
        return copy.ToJsonString().Replace(mark, json, StringComparison.Ordinal);
    }

    /// <summary>"chicken[0]" is an element, "mass" a member.</summary>
    private static JsonNode Step(JsonNode node, string step) => step.Split('[', ']') is [var name, var index, _]
        ? node[name]![int.Parse(index, System.Globalization.CultureInfo.InvariantCulture)]!
        : node[step]!;

    /// <summary>A reading of a piece, °C.</summary>
    public static JsonObject Reading(int lot, int piece, double celsius) => new()
    {
        ["kind"] = "reading",
        ["lot"] = lot,
        ["piece"] = piece,
        ["value"] = celsius,
        ["unit"] = "celsius",
    };

    /// <summary>Readings of the first lot's pieces in turn, °C.</summary>
    public static JsonObject[] Readings(params double[] celsius) => [.. celsius.Select((value, i) => Reading(1, i + 1, value))];

    public static JsonObject Event(string kind) => new() { ["kind"] = kind };

    public static JsonObject Moved(string place) => new() { ["kind"] = "moved", ["place"] = place };

    /// <summary>Closes the server and opens it again on the same file, as after a power cut.</summary>
    /// <param name="meanwhile">What happens to the file while nobody has it open.</param>
    public async Task Restart(Action<string>? meanwhile = null)
    {
        await _server.DisposeAsync();
        LetGo();
        meanwhile?.Invoke(File);
        _server = Open();
        Client = _server.CreateClient();
    }

    public async Task<JsonNode> Get(string path) => JsonNode.Parse(await Client.GetStringAsync(path))!;

    public async Task<(int Status, JsonNode? Body)> Send(HttpMethod method, string path, JsonNode? body = null, string? raw = null)
    {
        using var request = new HttpRequestMessage(method, path);
        if (raw is not null || body is not null)
        {
            request.Content = new StringContent(raw ?? body!.ToJsonString(), Encoding.UTF8, "application/json");
        }

        using HttpResponseMessage response = await Client.SendAsync(request);
        string text = await response.Content.ReadAsStringAsync();
        if ((int)response.StatusCode >= 400)
        {
            Assert.Equal("application/problem+json", response.Content.Headers.ContentType?.MediaType);
        }

        return ((int)response.StatusCode, text.Length == 0 ? null : JsonNode.Parse(text));
    }

    /// <summary>Saves into the first tray of this kitchen, which is made when first asked for.</summary>
    public async Task<(int Status, JsonNode? Body)> SaveTray(JsonNode plan)
    {
        await Get("/api/tray");
        return await SaveFirst(plan);
    }

    /// <summary>One stack of coats on all chicken of a tray.</summary>
    public async Task Coat(string coats, int tray = 1)
    {
        (int status, JsonNode? body) = await Send(HttpMethod.Put, FormattableString.Invariant($"/api/trays/{tray}/coats"), raw: $$"""{ "coats": {{coats}} }""");
        Assert.True(status == 200, body?.ToJsonString());
    }

    private Task<(int Status, JsonNode? Body)> SaveFirst(JsonNode plan) => Send(HttpMethod.Put, "/api/trays/1", plan);

    /// <summary>Saves the good plan and puts it in; gives the bake's id.</summary>
    public Task<string> StartGoodBake() => StartBake(GoodPlan());

    /// <summary>A new tray beside those that are there, put in; gives the bake's id.</summary>
    public async Task<string> StartGoodBakeBeside()
    {
        JsonNode made = (await Send(HttpMethod.Post, "/api/trays")).Body!;
        JsonNode tray = (await Send(HttpMethod.Put, $"/api/trays/{(int)made["id"]!}", GoodPlan())).Body!;
        var start = new JsonObject { ["trayId"] = (int)tray["id"]!, ["trayVersion"] = (int)tray["version"]!, ["commandId"] = Guid.NewGuid() };
        return (string)(await Send(HttpMethod.Post, "/api/bakes", start)).Body!["id"]!;
    }

    /// <summary>Saves a plan and puts it in; gives the bake's id.</summary>
    public async Task<string> StartBake(JsonObject plan)
    {
        (int saved, JsonNode? tray) = await SaveTray(plan);
        Assert.True(saved == 200, tray?.ToJsonString());
        (int status, JsonNode? bake) = await Start((int)tray!["version"]!);
        Assert.Equal(201, status);
        return (string)bake!["id"]!;
    }

    public Task<(int Status, JsonNode? Body)> Start(int version, Guid? commandId = null) => Send(
        HttpMethod.Post, "/api/bakes", new JsonObject { ["trayId"] = 1, ["trayVersion"] = version, ["commandId"] = commandId ?? Guid.NewGuid() });

    /// <summary>Tells a bake what happened, all at once; events without an id get one.</summary>
    public Task<(int Status, JsonNode? Body)> Tell(string id, params JsonObject[] events)
    {
        foreach (JsonObject told in events)
        {
            told.TryAdd("commandId", Guid.NewGuid());
        }

        return Send(HttpMethod.Post, $"/api/bakes/{id}/events", new JsonObject { ["events"] = new JsonArray([.. events.Select(told => told.DeepClone())]) });
    }

    /// <summary>Told, and taken.</summary>
    public async Task<JsonNode> Told(string id, params JsonObject[] events)
    {
        (int status, JsonNode? bake) = await Tell(id, events);
        Assert.True(status == 200, bake?.ToJsonString());
        return bake!;
    }

    public Task<JsonNode> Finish(string id) => Told(id, Event("finished"));

    /// <summary>The only live bake, or null.</summary>
    public async Task<JsonNode?> Live() => (await Get("/api/bakes?live=true"))["bakes"]!.AsArray().SingleOrDefault();

    public async ValueTask DisposeAsync()
    {
        await _server.DisposeAsync();
        LetGo();
        Directory.Delete(_folder, recursive: true);
    }

    /// <summary>
    /// Closes the connections to this kitchen's file. Those of the kitchens beside it are not ours to close: one that is being
    /// handed out would be shut under its owner's hands.
    /// </summary>
    private void LetGo()
    {
        using var file = new SqliteConnection($"Data Source={File};Foreign Keys=True");
        SqliteConnection.ClearPool(file);
    }

    private WebApplicationFactory<Program> Open() => new WebApplicationFactory<Program>().WithWebHostBuilder(host => host
        .UseSetting("Kitchen:Data", _folder)
        .UseSetting("Kitchen:Demo", Demo.ToString())
        .UseSetting("Kitchen:DemoEvenings", "3")
        .UseSetting("Serilog:MinimumLevel:Default", "Fatal")
        .UseSetting("Serilog:MinimumLevel:Override:Microsoft", "Fatal")
        .ConfigureTestServices(services => services
            .AddSingleton<TimeProvider>(Clock)
            .PostConfigure<JsonOptions>(json => SharedJson.Take(json.SerializerOptions))
            .ConfigureDbContext<KitchenDb>(options => options.AddInterceptors(new SmallDisk(() => MostPages)))));

    /// <summary>
    /// How each type is written, worked out once for all kitchens: options that are made of the same objects share it.
    /// </summary>
    private static class SharedJson
    {
        private static readonly Lock Taking = new();
        private static IJsonTypeInfoResolver? _types;
        private static JsonConverter[]? _converters;

        public static void Take(JsonSerializerOptions options)
        {
            lock (Taking)
            {
                _types ??= JsonTypeInfoResolver.Combine([.. options.TypeInfoResolverChain]);
                _converters ??= [.. options.Converters];
            }

            options.TypeInfoResolver = _types;
            options.Converters.Clear();
            foreach (JsonConverter converter in _converters)
            {
                options.Converters.Add(converter);
            }
        }
    }

    private sealed class SmallDisk(Func<int> mostPages) : DbConnectionInterceptor
    {
        public override async Task ConnectionOpenedAsync(DbConnection connection, ConnectionEndEventData eventData, CancellationToken cancellationToken = default)
        {
            await using DbCommand command = connection.CreateCommand();
#pragma warning disable CA2100 // A number of the test's own.
            command.CommandText = FormattableString.Invariant($"PRAGMA max_page_count = {(mostPages() == 0 ? int.MaxValue : mostPages())};");
#pragma warning restore CA2100
            await command.ExecuteNonQueryAsync(cancellationToken);
        }
    }
}
