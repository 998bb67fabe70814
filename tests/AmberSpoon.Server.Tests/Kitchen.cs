using System.Text;
using System.Text.Json.Nodes;
using Microsoft.AspNetCore.Mvc.Testing;
using Microsoft.AspNetCore.TestHost;
using Microsoft.Extensions.DependencyInjection;
using Microsoft.Extensions.Time.Testing;

namespace AmberSpoon.Server.Tests;

/// <summary>A running server on a real SQLite file of its own, with a clock that stands still until told.</summary>
internal sealed class Kitchen : IAsyncDisposable
{
    private static readonly DateTimeOffset Evening = new(2026, 11, 26, 17, 0, 0, TimeSpan.Zero);

    private readonly string _folder;
    private WebApplicationFactory<Program> _server;

    public Kitchen(bool demo = false)
    {
        _folder = Directory.CreateTempSubdirectory("amber-").FullName;
        Demo = demo;
        _server = Open();
        Client = _server.CreateClient();
    }

    public FakeTimeProvider Clock { get; } = new(Evening);

    public HttpClient Client { get; private set; }

    public TestServer Host => _server.Server;

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

    public static JsonObject Readings(params double[] celsius) => new()
    {
        ["readings"] = new JsonArray([.. celsius.Select((value, i) => new JsonObject
        {
            ["piece"] = i + 1, ["value"] = value, ["unit"] = "celsius",
        })]),
    };

    /// <summary>Closes the server and opens it again on the same file, as after a power cut.</summary>
    public async Task Restart()
    {
        await _server.DisposeAsync();
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
            Xunit.Assert.Equal("application/problem+json", response.Content.Headers.ContentType?.MediaType);
        }

        return ((int)response.StatusCode, text.Length == 0 ? null : JsonNode.Parse(text));
    }

    /// <summary>Saves into the first tray of this kitchen, which is made when first asked for.</summary>
    public async Task<(int Status, JsonNode? Body)> SaveTray(JsonNode plan)
    {
        await Get("/api/tray");
        return await SaveFirst(plan);
    }

    private Task<(int Status, JsonNode? Body)> SaveFirst(JsonNode plan) => Send(HttpMethod.Put, "/api/trays/1", plan);

    /// <summary>Saves the good plan and puts it in; gives the bake's id.</summary>
    public async Task<string> StartGoodBake()
    {
        (_, JsonNode? tray) = await SaveTray(GoodPlan());
        (int status, JsonNode? oven) = await Start((int)tray!["version"]!);
        Xunit.Assert.Equal(200, status);
        return (string)oven!["bake"]!["record"]!["id"]!;
    }

    public Task<(int Status, JsonNode? Body)> Start(int version) =>
        Send(HttpMethod.Post, "/api/oven/start", new JsonObject { ["trayVersion"] = version });

    public Task<(int Status, JsonNode? Body)> Check(string id, JsonNode check) =>
        Send(HttpMethod.Post, $"/api/oven/{id}/checks", check);

    public Task<(int Status, JsonNode? Body)> Move(string id, string place) =>
        Send(HttpMethod.Post, $"/api/oven/{id}/moves", new JsonObject { ["place"] = place });

    public Task<(int Status, JsonNode? Body)> Finish(string id) => Send(HttpMethod.Post, $"/api/oven/{id}/finish");

    public async ValueTask DisposeAsync()
    {
        await _server.DisposeAsync();
        Microsoft.Data.Sqlite.SqliteConnection.ClearAllPools();
        Directory.Delete(_folder, recursive: true);
    }

    private WebApplicationFactory<Program> Open() => new WebApplicationFactory<Program>().WithWebHostBuilder(host => host
        .UseSetting("Kitchen:Data", _folder)
        .UseSetting("Kitchen:Demo", Demo.ToString())
        .ConfigureTestServices(services => services.AddSingleton<TimeProvider>(Clock)));
}
