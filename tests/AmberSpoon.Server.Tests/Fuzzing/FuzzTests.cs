using System.Globalization;
using System.Text;
using System.Text.Json.Nodes;
using Microsoft.Data.Sqlite;
using Xunit;

namespace AmberSpoon.Server.Tests.Fuzzing;

/// <summary>Thousands of bent requests: each is answered, refused in words, and a refusal changes nothing.</summary>
public sealed class FuzzTests
{
    /// <summary>As many as the suite takes; AMBER_FUZZ asks for more.</summary>
    private static readonly int Requests = int.Parse(Environment.GetEnvironmentVariable("AMBER_FUZZ") ?? "5000", CultureInfo.InvariantCulture);

    [Fact]
    public async Task Nothing_that_is_sent_breaks_the_kitchen()
    {
        await using var kitchen = new Kitchen(demo: true);
        string live = await kitchen.StartGoodBakeBeside();
        string past = (string)(await kitchen.Get("/api/bakes"))["bakes"]![0]!["id"]!;
        JsonObject document = (await kitchen.Get("/openapi/v1.json")).AsObject();
        var fuzzer = new RequestFuzzer(document, ["1", "2", "1", live, past], Good(), seed: 20261126);
        using var watch = new SqliteConnection($"Data Source={kitchen.File};Mode=ReadOnly;Pooling=False");
        await watch.OpenAsync(TestContext.Current.CancellationToken);
        var broken = new List<string>();
        var statuses = new SortedDictionary<int, int>();
        for (int sent = 0; sent < Requests && broken.Count < 10; sent++)
        {
            FuzzedRequest request = fuzzer.Next();
            long before = await Version(watch);
            using HttpResponseMessage? answer = await Send(kitchen, request, broken);
            if (answer is null)
            {
                continue;
            }

            int status = (int)answer.StatusCode;
            statuses[status] = statuses.GetValueOrDefault(status) + 1;
            if (status >= 400)
            {
                string text = await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken);
                string? why = status >= 500 ? "broke"
                    : answer.Content.Headers.ContentType?.MediaType != "application/problem+json" ? "was refused without a problem"
                    : string.IsNullOrWhiteSpace((string?)JsonNode.Parse(text)!["title"]) ? "was refused without words"
                    : await Version(watch) != before ? "was refused and changed something" : null;
                if (why is not null)
                {
                    broken.Add($"{status} {why}: {request}\n   {text}");
                }
            }
            else
            {
                await answer.Content.ReadAsByteArrayAsync(TestContext.Current.CancellationToken);
            }
        }

        Assert.True(broken.Count == 0, string.Join("\n", broken));
        TestContext.Current.TestOutputHelper?.WriteLine(string.Join(", ", statuses.Select(status => $"{status.Value} x {status.Key}")));
        Assert.All([200, 400, 404, 409, 415], status => Assert.InRange(statuses[status], Requests / 500, Requests));
        Assert.True(fuzzer.Operations > 35);
        Assert.NotNull((await kitchen.Get("/api/tray"))["plan"]);
        Assert.NotNull((await kitchen.Get("/api/prep"))["order"]);
    }

    private static Dictionary<string, JsonObject> Good()
    {
        JsonObject plan = Kitchen.Supper();
        plan["steps"] = JsonNode.Parse("""[{"kind":"turn","atMinutes":12},{"kind":"lower","atMinutes":20,"setting":{"value":180,"unit":"celsius"}},{"kind":"grill","atMinutes":25,"forMinutes":3}]""");
        JsonObject reading = Kitchen.Reading(1, 1, 20);
        reading["commandId"] = Guid.NewGuid();
        return new()
        {
            ["/api/trays/{id}"] = plan,
            ["/api/forecast"] = plan,
            ["/api/trays/{id}/compare"] = Parsed("""{"ways":["asPlanned","hot"]}"""),
            ["/api/trays/{id}/recipe-check"] = Parsed("""{"oven":{"value":200,"unit":"celsius"},"minutes":35}"""),
            ["/api/trays/{id}/tending"] = Parsed("""{"heat":"twoStage","turning":"once","basting":"never","drainsJuices":false}"""),
            ["/api/prep/{trayId}"] = Parsed("""{"mix":"own-1","serveG":10,"marinateMinutes":60,"place":"fridge","container":"bag","frozen":{"value":40,"unit":"millimetre"},"garnish":true,"heads":4,"portionG":160,"packs":[{"cut":"boneInThigh","mass":{"value":900,"unit":"gram"},"count":6,"price":7}],"bird":{"mass":{"value":1600,"unit":"gram"},"price":8},"recipeMeat":{"value":1000,"unit":"gram"}}"""),
            ["/api/mixes"] = Parsed("""{"name":"Rub","kind":"dryRub","per":"kilogramOfMeat","parts":[{"name":"salt","value":15,"unit":"gram"},{"name":"honey","value":20,"unit":"millilitre"}],"method":""}"""),
            ["/api/bakes/{id}/events"] = new() { ["events"] = new JsonArray(reading) },
            ["/api/recipes/read"] = Parsed("""{"text":"Thighs\nServes 4\n6 chicken thighs\n500 g potatoes\nBake at 200 C for 40 min."}"""),
            ["/api/recipes/use"] = Parsed("""{"text":"Thighs\nServes 4\n6 chicken thighs\n500 g potatoes\nBake at 200 C for 40 min."}"""),
            ["/api/heat/solve"] = Parsed("""{"shape":{"kind":"sphere","radiusMm":20},"material":{"conductivityWPerMK":0.5,"densityKgPerM3":1060,"specificHeatJPerKgK":3500},"initialC":5,"stages":[{"minutes":10,"airC":180,"convectionWPerM2K":20,"emissivity":0.9,"evaporationFactor":0.5}],"sampleMinutes":[5,10]}"""),
        };
    }

    private static JsonObject Parsed(string json) => JsonNode.Parse(json)!.AsObject();

    /// <summary>Grows when anybody else has committed (sqlite.org/pragma.html#pragma_data_version).</summary>
    private static async Task<long> Version(SqliteConnection watch)
    {
        await using SqliteCommand command = watch.CreateCommand();
        command.CommandText = "PRAGMA data_version;";
        return (long)(await command.ExecuteScalarAsync(TestContext.Current.CancellationToken))!;
    }

    /// <returns>Null where the answer broke off: it could not be written to its end.</returns>
    private static async Task<HttpResponseMessage?> Send(Kitchen kitchen, FuzzedRequest request, List<string> broken)
    {
        using var message = new HttpRequestMessage(request.Method, request.Path);
        if (request.Body is not null)
        {
            message.Content = new ByteArrayContent(Encoding.UTF8.GetBytes(request.Body));
            message.Content.Headers.TryAddWithoutValidation("Content-Type", request.ContentType);
        }

        foreach ((string name, string value) in request.Headers)
        {
            message.Headers.TryAddWithoutValidation(name, value);
        }

        try
        {
            return await kitchen.Client.SendAsync(message, TestContext.Current.CancellationToken);
        }
        catch (Exception failed) when (failed is not OperationCanceledException)
        {
            broken.Add($"broke off: {request}\n   {failed.Message}");
            return null;
        }
    }
}
