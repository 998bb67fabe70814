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
          "name": "Thighs", "cut": "boneInThigh", "skinOn": true, "count": 6,
          "mass": { "value": 990, "unit": "gram" }, "massBasis": "pack",
          "height": { "value": 38, "unit": "millimetre" }, "startFrom": "fridge",
          "ovenMode": "still", "ovenSetting": { "value": 204, "unit": "celsius" },
          "profile": "unitedStates", "targetCore": { "value": 74, "unit": "celsius" },
          "restMinutes": 5, "eatAt": null
        }
        """)!.AsObject();

    /// <summary>A body as JSON, one field replaced by whatever this is.</summary>
    public static string With(JsonObject body, string path, string json)
    {
        const string mark = "\"@@\"";
        JsonObject copy = body.DeepClone().AsObject();
        string[] steps = path.Split('.');
        JsonObject at = steps.SkipLast(1).Aggregate(copy, (node, step) => node[step]!.AsObject());
        at[steps[^1]] = "@@";
        return copy.ToJsonString().Replace(mark, json, StringComparison.Ordinal);
    }

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

    public Task<(int Status, JsonNode? Body)> SaveTray(JsonNode plan) => Send(HttpMethod.Put, "/api/tray", plan);

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
