using System.Text.Json.Nodes;
using Xunit;

namespace AmberSpoon.Server.Tests;

/// <summary>The bare solver as an outsider would check it.</summary>
public sealed class HeatTests(SharedKitchen shared) : IClassFixture<SharedKitchen>
{
    private const string Ellipsoid = """{ "kind": "ellipsoid", "semiAxesMm": [60, 42, 19] }""";

    private static JsonObject Request(string shape = Ellipsoid) => JsonNode.Parse($$"""
        {
          "shape": {{shape}}, "bone": null,
          "material": { "conductivityWPerMK": 0.48, "densityKgPerM3": 1060, "specificHeatJPerKgK": 3500 },
          "initialC": 5,
          "stages": [{ "minutes": 40, "airC": 180, "convectionWPerM2K": 25, "emissivity": 0, "evaporationFactor": 0 }],
          "cellMm": null, "sampleMinutes": [10, 20, 30, 40]
        }
        """)!.AsObject();

    private static Task<(int Status, JsonNode? Body)> Solve(Kitchen kitchen, JsonNode request) =>
        kitchen.Send(HttpMethod.Post, "/api/heat/solve", raw: request.ToJsonString());

    /// <summary>FreeFEM 4.11, 11 600 nodes: 17.4, 47.2, 75.7, 99.7 °C; volume in closed form.</summary>
    [Fact]
    public async Task The_ellipsoid_agrees_with_finite_elements()
    {
        Kitchen kitchen = shared.Kitchen;
        (int status, JsonNode? answer) = await Solve(kitchen, Request());
        Assert.Equal(200, status);
        double[] published = [17.4, 47.2, 75.7, 99.7];
        for (int i = 0; i < published.Length; i++)
        {
            JsonNode sample = answer!["samples"]![i]!;
            Assert.Equal(10 * (i + 1), (double)sample["minutes"]!);
            Assert.Equal(published[i], (double)sample["coreC"]!, 0.5);
            Assert.InRange((double)sample["meanC"]!, (double)sample["coldestC"]!, (double)sample["surfaceMeanC"]!);
        }

        Assert.Equal(4.0 / 3 * Math.PI * 60 * 42 * 19 / 1000, (double)answer!["volumeMl"]!, 1);
        Assert.InRange(Math.Abs((double)answer["energyErrorFraction"]!), 0, 0.001);
        Assert.True((int)answer["cells"]! > 1000);
    }

    [Theory]
    [InlineData("""{ "kind": "slab", "thicknessMm": 30 }""", 300, 200)]
    [InlineData("""{ "kind": "cylinder", "radiusMm": 20, "lengthMm": null }""", 125.66, 125.66)]
    [InlineData("""{ "kind": "cylinder", "radiusMm": 20, "lengthMm": 60 }""", 75.4, 100.53)]
    [InlineData("""{ "kind": "sphere", "radiusMm": 30 }""", 113.1, 113.1)]
    [InlineData("""{ "kind": "brick", "sidesMm": [40, 40, 40] }""", 64, 96)]
    public async Task Every_shape_is_solved_and_has_its_volume_and_area(string shape, double volumeMl, double surfaceCm2)
    {
        Kitchen kitchen = shared.Kitchen;
        (int status, JsonNode? answer) = await Solve(kitchen, Request(shape));
        Assert.Equal(200, status);
        Assert.Equal(1, (double)answer!["volumeMl"]! / volumeMl, 0.005);
        Assert.Equal(1, (double)answer["surfaceCm2"]! / surfaceCm2, 0.005);
    }

    [Fact]
    public async Task A_bone_radiation_and_evaporation_each_change_the_answer()
    {
        Kitchen kitchen = shared.Kitchen;
        double plain = await LastCoreC(kitchen, Request());
        JsonObject boned = Request();
        boned["bone"] = JsonNode.Parse("""{ "radiusMm": 6, "halfLengthMm": 40, "conductivityWPerMK": 0.35, "densityKgPerM3": 1300, "specificHeatJPerKgK": 2200 }""");
        Assert.NotEqual(plain, await LastCoreC(kitchen, boned), 0.2);
        JsonObject radiating = Request();
        radiating["stages"]![0]!["emissivity"] = 0.9;
        Assert.True(await LastCoreC(kitchen, radiating) > plain + 5);
        radiating["stages"]![0]!["evaporationFactor"] = 1;
        Assert.True(await LastCoreC(kitchen, radiating) < plain + 5);
    }

    private static async Task<double> LastCoreC(Kitchen kitchen, JsonNode request)
    {
        (int status, JsonNode? answer) = await Solve(kitchen, request);
        Assert.Equal(200, status);
        return (double)answer!["samples"]![3]!["coreC"]!;
    }

    public static TheoryData<string, string, string> Wrong => new()
    {
        { "shape", "null", "shape" },
        { "shape", """{ "kind": "cone" }""", "shape.kind" },
        { "shape", """{ "kind": "ellipsoid", "semiAxesMm": [60, 42] }""", "shape.semiAxesMm" },
        { "shape", """{ "kind": "ellipsoid", "semiAxesMm": [60, 42, 0] }""", "shape.semiAxesMm[2]" },
        { "shape", """{ "kind": "ellipsoid", "semiAxesMm": [60, null, 19] }""", "shape.semiAxesMm[1]" },
        { "shape", """{ "kind": "slab", "thicknessMm": 1e9 }""", "shape.thicknessMm" },
        { "shape", """{ "kind": "sphere", "radiusMm": -30 }""", "shape.radiusMm" },
        { "shape", """{ "kind": "sphere" }""", "shape.radiusMm" },
        { "bone", """{ "radiusMm": 25, "halfLengthMm": 40, "conductivityWPerMK": 0.35, "densityKgPerM3": 1300, "specificHeatJPerKgK": 2200 }""", "bone.radiusMm" },
        { "bone", """{ "radiusMm": 6, "halfLengthMm": 70, "conductivityWPerMK": 0.35, "densityKgPerM3": 1300, "specificHeatJPerKgK": 2200 }""", "bone.halfLengthMm" },
        { "bone", """{ "radiusMm": 6, "halfLengthMm": 40 }""", "bone.conductivityWPerMK" },
        { "material", "null", "material" },
        { "material.densityKgPerM3", "0", "material.densityKgPerM3" },
        { "material.conductivityWPerMK", "\"NaN\"", "material.conductivityWPerMK" },
        { "initialC", "500", "initialC" },
        { "initialC", "null", "initialC" },
        { "stages", "[]", "stages" },
        { "stages", "[null]", "stages[0]" },
        { "stages", """[{ "minutes": -5, "airC": 180, "convectionWPerM2K": 25, "emissivity": 0, "evaporationFactor": 0 }]""", "stages[0].minutes" },
        { "stages", """[{ "minutes": 5, "airC": 180, "convectionWPerM2K": 25, "emissivity": 2, "evaporationFactor": 0 }]""", "stages[0].emissivity" },
        { "stages", """[{ "minutes": 1e7, "airC": 180, "convectionWPerM2K": 25, "emissivity": 0, "evaporationFactor": 0 }]""", "stages[0].minutes" },
        { "cellMm", "0", "cellMm" },
        { "cellMm", "0.11", "cellMm" },
        { "cellMm", "90", "cellMm" },
        { "sampleMinutes", "[41]", "sampleMinutes[0]" },
        { "sampleMinutes", "[]", "sampleMinutes" },
        { "sampleMinutes", "[1, null]", "sampleMinutes[1]" },
    };

    [Theory]
    [MemberData(nameof(Wrong))]
    public async Task A_wrong_field_is_named_with_a_sentence(string path, string json, string field)
    {
        Kitchen kitchen = shared.Kitchen;
        (int status, JsonNode? problem) = await kitchen.Send(HttpMethod.Post, "/api/heat/solve", raw: Kitchen.With(Request(), path, json));
        Assert.Equal(400, status);
        Assert.EndsWith(".", (string?)problem!["errors"]![field]![0], StringComparison.Ordinal);
    }

    [Fact]
    public async Task No_nonsense_in_any_field_gives_a_server_error()
    {
        Kitchen kitchen = shared.Kitchen;
        string[] nonsense = ["null", "\"\"", "-1", "0", "1e308", "-1e999", "[]", "{}", "true", "[[1]]"];
        foreach (string json in nonsense)
        {
            foreach (string path in Request().Select(pair => pair.Key).Concat(["shape.kind", "shape.semiAxesMm", "material.specificHeatJPerKgK"]))
            {
                (int status, _) = await kitchen.Send(HttpMethod.Post, "/api/heat/solve", raw: Kitchen.With(Request(), path, json));
                Assert.True(status < 500, $"{path} = {json} gave {status}");
            }
        }
    }

    [Fact]
    public async Task Every_textbook_case_comes_out_within_what_it_promises()
    {
        Kitchen kitchen = shared.Kitchen;
        JsonArray cases = (await kitchen.Get("/api/heat/textbook"))["cases"]!.AsArray();
        Assert.True(cases.Count >= 14);
        foreach (JsonNode? item in cases)
        {
            (int status, JsonNode? answer) = await Solve(kitchen, item!["request"]!);
            Assert.Equal(200, status);
            JsonArray published = item["publishedCoreC"]!.AsArray();
            for (int i = 0; i < published.Count; i++)
            {
                Assert.Equal((double)published[i]!, (double)answer!["samples"]![i]!["coreC"]!, (double)item["toleranceC"]!);
            }
        }
    }

    [Fact]
    public async Task Every_parameter_can_be_read_with_its_source()
    {
        Kitchen kitchen = shared.Kitchen;
        Assert.All((await kitchen.Get("/api/heat/parameters")).AsArray(), parameter => Assert.NotEmpty((string)parameter!["source"]!));
    }
}
