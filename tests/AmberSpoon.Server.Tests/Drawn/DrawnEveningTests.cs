using System.Collections.Concurrent;
using System.Globalization;
using System.Text.Json.Nodes;
using Xunit;

namespace AmberSpoon.Server.Tests.Drawn;

/// <summary>
/// Whole evenings over everything a cook may plan: saved, forecast, worked back from dinner, prepared, exported, baked with twenty acts,
/// finished and logged. Nothing breaks, and nothing that was offered is refused. AMBER_EVENINGS says how many, AMBER_SEED which.
/// </summary>
public sealed class DrawnEveningTests
{
    private static readonly int Evenings = int.Parse(Environment.GetEnvironmentVariable("AMBER_EVENINGS") ?? "60", CultureInfo.InvariantCulture);
    private static readonly int Seed = int.Parse(Environment.GetEnvironmentVariable("AMBER_SEED") ?? "4000", CultureInfo.InvariantCulture);
    private const int Kitchens = 4;

    [Fact]
    public async Task Every_evening_that_can_be_planned_can_be_lived_to_its_end()
    {
        var broken = new ConcurrentBag<string>();
        int lived = 0;
        int refused = 0;
        await Parallel.ForEachAsync(Enumerable.Range(0, Kitchens), new ParallelOptions { MaxDegreeOfParallelism = 2 }, async (first, cancel) =>
        {
            await using var kitchen = new Kitchen();
            int trayId = (int)(await kitchen.Get("/api/tray"))["id"]!;
            for (int seed = first; seed < Evenings && broken.Count < 12; seed += Kitchens)
            {
                var random = new Random(Seed + seed);
                var drawn = new DrawnPlan(random);
                var evening = new DrawnEvening(kitchen, trayId, drawn, random);
                for (int tries = 0; tries < 20; tries++)
                {
                    string? result = await evening.Plan();
                    if (result is null)
                    {
                        await evening.Live();
                        Interlocked.Increment(ref lived);
                        break;
                    }

                    Interlocked.Increment(ref refused);
                    if (result != DrawnEvening.Refused)
                    {
                        break;
                    }
                }

                foreach (string fault in evening.Faults)
                {
                    broken.Add(string.Create(CultureInfo.InvariantCulture, $"evening {seed}: {fault}"));
                }

                await evening.ClearUp();
            }
        });
        TestContext.Current.TestOutputHelper?.WriteLine($"{lived} lived, {refused} plans refused with a sentence.");
        Assert.True(broken.IsEmpty, string.Join("\n", broken));
        Assert.True(lived >= 0.9 * Evenings && refused < 3 * Evenings, $"{lived} lived, {refused} refused");
    }
}

/// <summary>One evening of a drawn household.</summary>
internal sealed class DrawnEvening(Kitchen kitchen, int trayId, DrawnPlan drawn, Random random)
{
    public const string Refused = "refused";
    private const int Acts = 20;

    private JsonObject _plan = [];
    private string? _bake;

    public List<string> Faults { get; } = [];

    /// <returns>Null where it was saved and every station answered for it; else why not.</returns>
    public async Task<string?> Plan()
    {
        _plan = drawn.Next();
        if (random.Next(2) == 0)
        {
            _plan["eatAt"] = kitchen.Clock.GetUtcNow().AddMinutes(random.Next(20, 400)).ToOffset(TimeSpan.FromHours(random.Next(-5, 6))).ToString("O");
        }

        (int status, JsonNode? answer) = await kitchen.Send(HttpMethod.Put, $"/api/trays/{trayId}", _plan);
        if (status == 400)
        {
            return Refused;
        }

        if (!Is(status is 200, $"saving answers {status}", answer))
        {
            return "broken";
        }

        await Ask($"/api/trays/{trayId}");
        await Tell(HttpMethod.Post, "/api/forecast", _plan);
        await Tell(HttpMethod.Put, $"/api/evening/{trayId}", drawn.Evening());
        JsonNode? evening = await Ask("/api/evening");
        JsonNode? prep = await Ask("/api/prep");
        await Ask($"/api/evening/{trayId}/calendar.ics");
        await Ask($"/api/trays/{trayId}/recipe", mayBeConflict: true);
        if (evening?["tasks"]?[0]?["key"] is { } key && random.Next(2) == 0)
        {
            await Tell(HttpMethod.Post, $"/api/evening/{trayId}/done", new JsonObject { ["key"] = (string)key!, ["done"] = true });
        }

        if (prep?["order"]?.AsArray().FirstOrDefault()?["key"] is { } step)
        {
            await Tell(HttpMethod.Post, $"/api/prep/{trayId}/ticks", new JsonObject { ["key"] = (string)step!, ["done"] = true });
        }

        return Faults.Count == 0 ? null : "broken";
    }

    /// <summary>From the oven's door to the log, as somebody who takes what the page offers.</summary>
    public async Task Live()
    {
        JsonNode? tray = await Ask($"/api/trays/{trayId}");
        if (tray is null || _plan["chicken"]!.AsArray().Count == 0)
        {
            return;
        }

        var start = new JsonObject { ["trayId"] = trayId, ["trayVersion"] = (int)tray["version"]!, ["commandId"] = Guid.NewGuid() };
        JsonNode? bake = await Tell(HttpMethod.Post, "/api/bakes", start);
        if (bake is null)
        {
            return;
        }

        _bake = (string)bake["id"]!;
        for (int act = 0; act < Acts && bake is not null; act++)
        {
            kitchen.Clock.Advance(TimeSpan.FromSeconds(random.Next(20, 420)));
            bake = await Ask($"/api/bakes/{_bake}");
            if (bake is not null && Offered(bake) is { } offered)
            {
                offered["commandId"] = Guid.NewGuid();
                bake = await Tell(HttpMethod.Post, $"/api/bakes/{_bake}/events", new JsonObject { ["events"] = new JsonArray(offered) });
            }

            if (act % 5 == 0)
            {
                await Ask("/api/evening");
            }
        }

        await Event("finished");
        await Event("eaten");
        await Ask($"/api/bakes/{_bake}");
        await Ask($"/api/bakes/{_bake}/file");
        await Ask("/api/bakes");
        await Ask("/api/log/learnt");
        await Ask("/api/log.csv");
        await Ask("/api/evening");
    }

    /// <summary>The tray is taken out of the way, so that the next one begins on an empty shelf.</summary>
    public async Task ClearUp()
    {
        if (_bake is not null && (await kitchen.Send(HttpMethod.Get, $"/api/bakes/{_bake}")).Body?["isLive"]?.GetValue<bool>() == true)
        {
            await Event("finished");
        }
    }

    /// <summary>Something the page has a button for now; null for nothing.</summary>
    private JsonObject? Offered(JsonNode bake)
    {
        JsonNode[] next = [.. bake["next"]!.AsArray().Where(act => !(bool)act!["isExpected"]!).OfType<JsonNode>()];
        JsonNode? chosen = next.Length == 0 ? null : next[random.Next(next.Length)];
        JsonNode[] chicken = [.. bake["lots"]!.AsArray().Where(lot => (bool)lot!["isChicken"]! && lot["place"] is not null).OfType<JsonNode>()];
        int what = random.Next(10);
        if (what == 0 && chicken.Length > 0)
        {
            JsonNode lot = chicken[random.Next(chicken.Length)];
            JsonNode[] on = [.. lot["pieces"]!.AsArray().Where(piece => !(bool)piece!["isOff"]!).OfType<JsonNode>()];
            bool isAll = on.Length <= 1 || random.Next(3) == 0;
            return (bool)lot["isOff"]! ? null : isAll
                ? new JsonObject { ["kind"] = "lotOut", ["lot"] = (int)lot["lot"]! }
                : new JsonObject { ["kind"] = "piecesOut", ["lot"] = (int)lot["lot"]!, ["pieces"] = new JsonArray((int)on[0]["piece"]!) };
        }

        if (what == 1)
        {
            return new JsonObject { ["kind"] = "did", ["step"] = "baste", ["minutes"] = null };
        }

        if (what <= 4 && chicken.Length > 0)
        {
            JsonNode lot = chicken[random.Next(chicken.Length)];
            JsonNode piece = lot["pieces"]!.AsArray()[random.Next(lot["pieces"]!.AsArray().Count)]!;
            return Reading((int)lot["lot"]!, piece);
        }

        return (string?)chosen?["kind"] switch
        {
            "add" => random.Next(4) switch
            {
                0 => new JsonObject { ["kind"] = "later", ["lot"] = (int)chosen!["lot"]!, ["minutes"] = 5 },
                1 => new JsonObject { ["kind"] = "lotNeverIn", ["lot"] = (int)chosen!["lot"]! },
                2 => null,
                _ => new JsonObject { ["kind"] = "lotIn", ["lot"] = (int)chosen!["lot"]! },
            },
            "tend" => random.Next(4) switch
            {
                0 => new JsonObject { ["kind"] = "later", ["act"] = (int)chosen!["act"]!, ["minutes"] = 5 },
                1 => new JsonObject { ["kind"] = "actSkipped", ["act"] = (int)chosen!["act"]! },
                _ => new JsonObject { ["kind"] = "actDone", ["act"] = (int)chosen!["act"]! },
            },
            "takeFoodOut" => new JsonObject { ["kind"] = "lotOut", ["lot"] = (int)chosen!["lot"]! },
            "takeOut" => new JsonObject { ["kind"] = "resting" },
            "putBack" => new JsonObject { ["kind"] = "moved", ["place"] = "oven" },
            "measure" => Asked(bake),
            _ => (string)bake["place"]! == "oven" && random.Next(3) == 0 ? new JsonObject { ["kind"] = "resting" } : null,
        };
    }

    private JsonObject? Asked(JsonNode bake)
    {
        JsonNode asked = bake["verdict"]!["measureNext"]![0]!;
        JsonNode? lot = bake["lots"]!.AsArray().FirstOrDefault(lot => (int)lot!["lot"]! == (int)asked["lot"]!);
        return lot?["place"] is null ? null : Reading((int)asked["lot"]!, lot["pieces"]!.AsArray().First(piece => (int)piece!["piece"]! == (int)asked["piece"]!)!);
    }

    private JsonObject Reading(int lot, JsonNode piece) => Kitchen.Reading(lot, (int)piece["piece"]!, Math.Round((double)piece["middleC"]! + (4 * random.NextDouble()) - 2, 1));

    private Task<JsonNode?> Event(string kind) => Tell(
        HttpMethod.Post, $"/api/bakes/{_bake}/events", new JsonObject { ["events"] = new JsonArray(new JsonObject { ["kind"] = kind, ["commandId"] = Guid.NewGuid() }) });

    private async Task<JsonNode?> Ask(string path, bool mayBeConflict = false)
    {
        using HttpResponseMessage answer = await kitchen.Client.GetAsync(path);
        string text = await answer.Content.ReadAsStringAsync();
        bool isGood = (int)answer.StatusCode is 200 || (mayBeConflict && (int)answer.StatusCode == 409);
        return Is(isGood, $"GET {path} answers {(int)answer.StatusCode}", text) && answer.Content.Headers.ContentType?.MediaType == "application/json" && isGood ? JsonNode.Parse(text) : null;
    }

    private async Task<JsonNode?> Tell(HttpMethod method, string path, JsonNode body)
    {
        (int status, JsonNode? answer) = await kitchen.Send(method, path, body);
        return Is(status is 200 or 201 or 204, $"{method} {path} answers {status} to {(path == "/api/forecast" ? "the plan" : body.ToJsonString())}", answer) ? answer : null;
    }

    private bool Is(bool holds, string what, object? answer)
    {
        if (!holds)
        {
            string said = answer is JsonNode node ? node.ToJsonString() : $"{answer}";
            Faults.Add($"{what}\n   {said[..Math.Min(600, said.Length)]}\n   {_plan.ToJsonString()}");
        }

        return holds;
    }
}
