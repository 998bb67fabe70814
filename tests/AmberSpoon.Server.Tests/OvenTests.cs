using System.Text.Json.Nodes;
using Xunit;

namespace AmberSpoon.Server.Tests;

public sealed class OvenTests
{
    private static JsonNode LastCheck(JsonNode? oven) => oven!["bake"]!["record"]!["checks"]!.AsArray()[^1]!;

    [Fact]
    public async Task A_started_bake_is_exactly_where_it_should_be_after_a_restart()
    {
        await using var kitchen = new Kitchen();
        await kitchen.StartGoodBake();
        JsonNode before = await kitchen.Get("/api/oven");
        kitchen.Clock.Advance(TimeSpan.FromMinutes(20));

        await kitchen.Restart();

        JsonNode after = await kitchen.Get("/api/oven");
        Assert.True(JsonNode.DeepEquals(before["bake"]!["record"], after["bake"]!["record"]));
        Assert.Equal((string?)before["bake"]!["nextCheckAt"], (string?)after["bake"]!["nextCheckAt"]);
        double atTwenty = (double)before["bake"]!["curve"]![20]!["coldestC"]!;
        Assert.Equal(atTwenty, (double)after["bake"]!["curve"]![20]!["coldestC"]!, 6);
        Assert.Equal(TimeSpan.FromMinutes(20), (DateTimeOffset)after["now"]! - (DateTimeOffset)after["bake"]!["record"]!["startedAt"]!);
    }

    [Fact]
    public async Task Two_starts_make_one_bake()
    {
        await using var kitchen = new Kitchen();
        (_, JsonNode? tray) = await kitchen.SaveTray(Kitchen.GoodPlan());
        int version = (int)tray!["version"]!;
        (int Status, JsonNode? Body)[] starts = await Task.WhenAll(Enumerable.Range(0, 4).Select(_ => kitchen.Start(version)));
        Assert.Equal([200, 409, 409, 409], starts.Select(start => start.Status).Order());
        (int again, JsonNode? problem) = await kitchen.Start(version);
        Assert.Equal(409, again);
        Assert.Contains("already in the oven", (string?)problem!["errors"]!["trayVersion"]![0], StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_tray_that_was_changed_elsewhere_is_not_started_unseen()
    {
        await using var kitchen = new Kitchen();
        (_, JsonNode? seen) = await kitchen.SaveTray(Kitchen.GoodPlan());
        await kitchen.SaveTray(Kitchen.GoodPlan());
        Assert.Equal(409, (await kitchen.Start((int)seen!["version"]!)).Status);
        Assert.Null((await kitchen.Get("/api/oven"))["bake"]);
    }

    [Theory]
    [InlineData(34, new[] { 76.0, 80.0 }, "serve")]
    [InlineData(34, new[] { 72.5, 76.0 }, "restThenCheck")]
    [InlineData(20, new[] { 45.0, 50.0 }, "backIn")]
    [InlineData(34, new[] { 80.0 }, "cannotTell")]
    [InlineData(34, new[] { 80.0, 120.0 }, "cannotTell")]
    [InlineData(2, new[] { 80.0, 82.0 }, "cannotTell")]
    public async Task Readings_lead_to_a_verdict_with_its_reason(int minutes, double[] celsius, string verdict)
    {
        await using var kitchen = new Kitchen();
        string id = await kitchen.StartGoodBake();
        kitchen.Clock.Advance(TimeSpan.FromMinutes(minutes));
        (int status, JsonNode? oven) = await kitchen.Check(id, Kitchen.Readings(celsius));
        Assert.Equal(200, status);
        Assert.Equal(verdict, (string?)LastCheck(oven)["verdict"]);
        Assert.EndsWith(".", (string?)LastCheck(oven)["reason"], StringComparison.Ordinal);
        bool comesBack = verdict is "restThenCheck" or "backIn";
        Assert.Equal(comesBack, LastCheck(oven)["nextCheckAt"] is not null);
    }

    [Fact]
    public async Task What_is_seen_by_eye_is_kept_and_never_changes_the_verdict()
    {
        await using var kitchen = new Kitchen();
        string id = await kitchen.StartGoodBake();
        kitchen.Clock.Advance(TimeSpan.FromMinutes(34));
        JsonObject check = Kitchen.Readings(70, 71);
        (_, JsonNode? without) = await kitchen.Check(id, check);
        check["note"] = "Juices run clear, no pink, looks perfectly done";
        (_, JsonNode? with) = await kitchen.Check(id, check.DeepClone());
        Assert.Equal((string?)LastCheck(without)["verdict"], (string?)LastCheck(with)["verdict"]);
        Assert.Equal("Juices run clear, no pink, looks perfectly done", (string?)LastCheck(with)["note"]);

        (_, JsonNode? only) = await kitchen.Check(id, new JsonObject { ["note"] = "Looks done" });
        Assert.Equal("cannotTell", (string?)LastCheck(only)["verdict"]);
    }

    [Fact]
    public async Task A_cold_reading_pulls_the_prediction_down_and_survives_a_restart()
    {
        await using var kitchen = new Kitchen();
        string id = await kitchen.StartGoodBake();
        kitchen.Clock.Advance(TimeSpan.FromMinutes(30));
        await kitchen.Check(id, Kitchen.Readings(50, 55));
        await kitchen.Restart();
        JsonNode oven = await kitchen.Get("/api/oven");
        Assert.Equal(50, (double)oven["bake"]!["curve"]![30]!["coldestC"]!, 0.1);
        Assert.Single(oven["bake"]!["record"]!["checks"]!.AsArray());
        Assert.Equal(2, LastCheck(oven)["readings"]!.AsArray().Count);
    }

    [Fact]
    public async Task Readings_that_cannot_be_meat_steer_nothing_and_a_short_piece_is_not_forgotten()
    {
        await using var kitchen = new Kitchen();
        string id = await kitchen.StartGoodBake();
        kitchen.Clock.Advance(TimeSpan.FromMinutes(2));
        await kitchen.Check(id, Kitchen.Readings(95, 96));
        Assert.InRange((double)(await kitchen.Get("/api/oven"))["bake"]!["curve"]![2]!["coldestC"]!, 3, 10);

        kitchen.Clock.Advance(TimeSpan.FromMinutes(30));
        await kitchen.Check(id, Kitchen.Readings(65, 80));
        kitchen.Clock.Advance(TimeSpan.FromMinutes(6));
        JsonObject others = Kitchen.Readings(0, 80, 81);
        others["readings"]!.AsArray().RemoveAt(0);
        (_, JsonNode? evaded) = await kitchen.Check(id, others);
        Assert.Equal("cannotTell", (string?)LastCheck(evaded)["verdict"]);
        (_, JsonNode? faced) = await kitchen.Check(id, Kitchen.Readings(76));
        Assert.Equal("serve", (string?)LastCheck(faced)["verdict"]);
    }

    [Fact]
    public async Task The_tray_moves_out_and_back_and_cannot_move_to_where_it_is()
    {
        await using var kitchen = new Kitchen();
        string id = await kitchen.StartGoodBake();
        kitchen.Clock.Advance(TimeSpan.FromMinutes(30));
        Assert.Equal(409, (await kitchen.Move(id, "oven")).Status);
        (int status, JsonNode? oven) = await kitchen.Move(id, "worktop");
        Assert.Equal((200, "worktop"), (status, (string?)oven!["bake"]!["place"]));
        kitchen.Clock.Advance(TimeSpan.FromMinutes(4));
        (_, oven) = await kitchen.Move(id, "oven");
        Assert.Equal(3, oven!["bake"]!["record"]!["moves"]!.AsArray().Count);
    }

    [Fact]
    public async Task A_finished_bake_stands_in_the_log_and_takes_no_more_checks()
    {
        await using var kitchen = new Kitchen();
        string id = await kitchen.StartGoodBake();
        kitchen.Clock.Advance(TimeSpan.FromMinutes(36));
        await kitchen.Check(id, Kitchen.Readings(78, 80));
        Assert.Equal(200, (await kitchen.Finish(id)).Status);

        JsonNode logged = (await kitchen.Get("/api/log"))["bakes"]![0]!;
        Assert.Equal(id, (string?)logged["id"]);
        Assert.Equal("serve", (string?)logged["checks"]![0]!["verdict"]);
        Assert.Equal("Thighs", (string?)logged["plan"]!["name"]);
        Assert.Equal(409, (await kitchen.Check(id, Kitchen.Readings(78, 80))).Status);
        Assert.Equal(409, (await kitchen.Finish(id)).Status);
        Assert.Null((await kitchen.Get("/api/oven"))["bake"]);
    }
}
