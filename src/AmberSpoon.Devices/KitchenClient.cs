using System.Globalization;
using System.Net;
using System.Net.Http.Json;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;

namespace AmberSpoon.Devices;

/// <summary>Speaks the kitchen's documented interface and nothing else.</summary>
internal sealed class KitchenClient(HttpClient http)
{
    /// <summary>Seconds of the kitchen in a second of the wall: more than 1 in a rehearsal.</summary>
    public double Pace { get; private set; } = 1;

    /// <summary>The kitchen's clock when it was heard last.</summary>
    public DateTimeOffset Now { get; private set; }

    /// <summary>The bake that runs, or null.</summary>
    public async Task<BakeSeen?> Running(CancellationToken cancel)
    {
        JsonNode live = await Get("/api/bakes?live=true", cancel);
        return live["bakes"]!.AsArray().FirstOrDefault() is { } bake ? await Bake((string)bake["id"]!, cancel) : null;
    }

    public async Task<BakeSeen> Bake(string id, CancellationToken cancel)
    {
        JsonNode bake = await Get($"/api/bakes/{id}", cancel);
        return bake.Deserialize<BakeSeen>(BakeSeen.Json)!;
    }

    /// <summary>Puts the tray that is planned into the oven.</summary>
    public async Task Start(CancellationToken cancel)
    {
        JsonNode tray = await Get("/api/tray", cancel);
        var start = new JsonObject { ["trayId"] = (int)tray["id"]!, ["trayVersion"] = (int)tray["version"]!, ["commandId"] = Guid.NewGuid() };
        using HttpResponseMessage answer = await http.PostAsJsonAsync("/api/bakes", start, cancel);
        answer.EnsureSuccessStatusCode();
    }

    /// <summary>Sends lines; what is not taken is said and not sent again.</summary>
    /// <returns>False where the kitchen did not answer: the same lines may be sent again.</returns>
    public async Task<bool> Feed(Guid bake, IReadOnlyList<JsonObject> lines, CancellationToken cancel)
    {
        using var content = new StringContent(string.Join('\n', lines.Select(line => line.ToJsonString())), Encoding.UTF8, "application/x-ndjson");
        try
        {
            using HttpResponseMessage answer = await http.PostAsync($"/api/bakes/{bake}/feed", content, cancel);
            return answer.StatusCode is not (HttpStatusCode.TooManyRequests or >= HttpStatusCode.InternalServerError);
        }
        catch (HttpRequestException)
        {
            return false;
        }
    }

    private async Task<JsonNode> Get(string path, CancellationToken cancel)
    {
        using HttpResponseMessage answer = await http.GetAsync(path, cancel);
        answer.EnsureSuccessStatusCode();
        Pace = answer.Headers.TryGetValues("Kitchen-Pace", out IEnumerable<string>? told) ? double.Parse(told.First(), CultureInfo.InvariantCulture) : 1;
        JsonNode body = JsonNode.Parse(await answer.Content.ReadAsStringAsync(cancel))!;
        if (body is JsonObject whole && whole["now"] is { } now)
        {
            Now = (DateTimeOffset)now;
        }

        return body;
    }
}
