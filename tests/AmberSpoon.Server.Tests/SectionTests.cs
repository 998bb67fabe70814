using System.Buffers.Binary;
using System.Text.Json.Nodes;
using Xunit;

namespace AmberSpoon.Server.Tests;

public sealed class SectionTests
{
    /// <summary>°C of one point of one frame.</summary>
    private static double Celsius(JsonNode plane, int frame, int row, int column)
    {
        byte[] bytes = Convert.FromBase64String((string)plane["deciC"]!);
        int columns = (int)plane["columns"]!;
        int at = (((frame * (int)plane["rows"]!) + row) * columns) + column;
        return BinaryPrimitives.ReadInt16LittleEndian(bytes.AsSpan(2 * at)) / 10.0;
    }

    [Fact]
    public async Task The_planned_tray_is_shown_cut_open_as_its_curve_has_it()
    {
        await using var kitchen = new Kitchen();
        await kitchen.SaveTray(Kitchen.GoodPlan());
        JsonNode tray = await kitchen.Get("/api/tray");
        JsonNode film = await kitchen.Get("/api/trays/1/section");
        JsonArray curve = tray["answer"]!["forecast"]!["curve"]!.AsArray();
        JsonArray frames = film["frames"]!.AsArray();
        Assert.Equal(curve.Count, frames.Count);
        int outMinutes = (int)tray["answer"]!["forecast"]!["lots"]![0]!["outMinutes"]!;
        for (int i = 0; i < frames.Count; i++)
        {
            // The curve is of two cheap grids, the film of one finer. At rest the coldest meat is soon a cell at the
            // surface, and cells of the finer grid reach less deep.
            Assert.Equal((double)curve[i]!["coldestC"]!, (double)frames[i]!["coldestC"]!, i <= outMinutes ? 1.2 : 2.0);
        }

        JsonNode along = film["along"]!;
        int middleRow = (int)along["rows"]! / 2;
        int middleColumn = (int)along["columns"]! / 2;
        Assert.Equal(4, Celsius(along, 0, middleRow, middleColumn), 0.2);
        Assert.True(Celsius(along, 20, middleRow, 2) > Celsius(along, 20, middleRow, middleColumn) + 10);
        Assert.Equal(
            (int)along["rows"]! * (int)along["columns"]! * frames.Count * 2, Convert.FromBase64String((string)along["deciC"]!).Length);
    }

    [Theory]
    [InlineData("boneInThigh", 165)]
    [InlineData("drumstick", 115)]
    [InlineData("bonelessBreast", 220)]
    [InlineData("boneInBreast", 400)]
    [InlineData("wholeWing", 90)]
    [InlineData("stuffedBreast", 240)]
    [InlineData("thighSkewer", 40)]
    [InlineData("diced", 17)]
    public async Task The_probe_ends_in_the_meat_where_it_is_nearly_coldest(string cut, double pieceG)
    {
        await using var kitchen = new Kitchen();
        JsonObject plan = Kitchen.GoodPlan();
        JsonNode lot = plan["chicken"]![0]!;
        lot["cut"] = cut;
        lot["sizes"]!["count"] = 2;
        lot["sizes"]!["mass"]!["value"] = 2 * pieceG;
        lot["height"] = null;
        Assert.Equal(200, (await kitchen.SaveTray(plan)).Status);

        JsonNode film = await kitchen.Get("/api/trays/1/section");
        JsonNode along = film["along"]!;
        JsonNode probe = film["probe"]!;
        double depthMm = (double)probe["depthMm"]!;
        Assert.InRange(depthMm, 3, 120);
        double share = ((double)probe["tip"]!["xMm"]! - (double)along["leftMm"]!) / (double)along["widthMm"]!;
        double up = (double)probe["tip"]!["zMm"]! / (double)along["heightMm"]!;
        Assert.InRange(share, 0.05, 0.95);
        Assert.InRange(up, 0.1, 0.95);
        JsonArray frames = film["frames"]!.AsArray();
        int done = frames.Count - 7;
        double tipC = Celsius(along, done, (int)(up * (int)along["rows"]!), (int)(share * (int)along["columns"]!));
        Assert.InRange(tipC - (double)frames[done]!["coldestC"]!, -2, 6);
    }

    [Fact]
    public async Task A_live_and_a_past_bake_are_shown_cut_open_too()
    {
        await using var kitchen = new Kitchen();
        string id = await kitchen.StartGoodBake();
        kitchen.Clock.Advance(TimeSpan.FromMinutes(30));
        await kitchen.Told(id, Kitchen.Readings(60, 61));
        JsonNode live = await kitchen.Get($"/api/bakes/{id}/section?lot=1");
        Assert.Equal(60, (double)live["frames"]![30]!["coldestC"]!, 4.0);
        Assert.Equal(404, (await kitchen.Send(HttpMethod.Get, $"/api/bakes/{id}/section?lot=9")).Status);

        await kitchen.Finish(id);
        JsonNode past = await kitchen.Get($"/api/bakes/{id}/section");
        Assert.Equal(31, past["frames"]!.AsArray().Count);
        Assert.Equal(404, (await kitchen.Send(HttpMethod.Get, $"/api/bakes/{Guid.NewGuid()}/section")).Status);
    }
}
