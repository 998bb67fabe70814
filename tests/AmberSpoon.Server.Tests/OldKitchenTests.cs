using System.Text.Json.Nodes;
using AmberSpoon.Store;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Infrastructure;
using Microsoft.EntityFrameworkCore.Migrations;
using Microsoft.Extensions.DependencyInjection;
using Xunit;

namespace AmberSpoon.Server.Tests;

/// <summary>A household's file from before trays had several lots.</summary>
public sealed class OldKitchenTests
{
    private const string OldPlan = """
        {"name":"Old thighs","cut":"boneInThigh","skinOn":true,"count":6,"mass":{"value":2.2,"unit":"pound"},"massBasis":"pack","height":null,"startFrom":"counter","ovenMode":"fan","ovenSetting":{"value":400,"unit":"fahrenheit"},"profile":"canada","targetCore":{"value":165,"unit":"fahrenheit"},"restMinutes":8,"eatAt":null}
        """;

    private const string OldForecast = """
        {"piece":{"lengthMm":106,"widthMm":73,"heightMm":38,"volumeMl":150,"surfaceCm2":190},"toTarget":{"lowMinutes":25,"medianMinutes":29.5,"highMinutes":35},"pullMinutes":30,"firstCheckMinutes":25,"restMinutes":8,"peakColdestC":80,"peakMinutes":33,"curve":[{"minutes":0,"coldestLowC":4,"coldestC":4,"coldestHighC":4,"surfaceC":4},{"minutes":38,"coldestLowC":60,"coldestC":70,"coldestHighC":80,"surfaceC":70}]}
        """;

    [Fact]
    public async Task What_was_planned_and_baked_then_is_still_there()
    {
        await using var kitchen = new Kitchen();
        await kitchen.Get("/api/tray");
        await using (AsyncServiceScope scope = kitchen.Host.Services.CreateAsyncScope())
        {
            KitchenDb db = scope.ServiceProvider.GetRequiredService<KitchenDb>();
            await db.GetService<IMigrator>().MigrateAsync("FirstKitchen", TestContext.Current.CancellationToken);
            string file = new SqliteConnectionStringBuilder(db.Database.GetConnectionString()).DataSource;
            await using var old = new SqliteConnection($"Data Source={file}");
            await old.OpenAsync(TestContext.Current.CancellationToken);
            await Run(old, """DELETE FROM "Trays";""");
            await Run(old, """INSERT INTO "Trays" ("Id", "Plan", "Version", "SavedAt") VALUES (1, $plan, 7, 1000);""");
            await Run(old, """
                INSERT INTO "Bakes" ("Id", "Plan", "Forecast", "StartedAt", "IsLive", "FinishedAt", "DeletedAt")
                VALUES ('0199AB00-0000-7000-8000-000000000001', $plan, $forecast, 1764000000000, 0, 1764002400000, NULL);
                """);
            await Run(old, """INSERT INTO "MoveRow" ("At", "Place", "BakeId") VALUES (1764000000000, 'Oven', '0199AB00-0000-7000-8000-000000000001');""");
        }

        await kitchen.Restart();
        JsonNode tray = await kitchen.Get("/api/tray");
        JsonNode lot = tray["plan"]!["chicken"]![0]!;
        Assert.Equal("boneInThigh", (string?)lot["cut"]);
        Assert.Equal(2.2, (double)lot["sizes"]!["mass"]!["value"]!);
        Assert.Equal("counter", (string?)lot["startFrom"]);
        Assert.Equal(400, (double)tray["plan"]!["ovenSetting"]!["value"]!);
        Assert.InRange((double)tray["answer"]!["forecast"]!["toTarget"]!["medianMinutes"]!, 18, 40);

        JsonNode bake = (await kitchen.Get("/api/bakes"))["bakes"]![0]!;
        Assert.Equal(6, (int)bake["pieces"]!);
        JsonNode whole = await kitchen.Get($"/api/bakes/{(string?)bake["id"]}");
        Assert.Equal(38, (int)whole["forecast"]!["eatMinutes"]!);
        Assert.NotEmpty(whole["lots"]![0]!["curve"]!.AsArray());
        Assert.Equal(["started", "finished"], whole["events"]!.AsArray().Select(told => (string?)told!["kind"]));
        Assert.Equal(165, (double)whole["plan"]!["chicken"]![0]!["goal"]!["core"]!["value"]!);
    }

    /// <summary>A file of the build before bakes were made of events, with a finished and a live bake.</summary>
    [Fact]
    public async Task A_file_from_before_events_opens_with_nothing_lost()
    {
        await using Kitchen kitchen = Kitchen.OnFile(Path.Combine(AppContext.BaseDirectory, "before-events.db.gz"));
        JsonNode listed = Assert.Single((await kitchen.Get("/api/bakes"))["bakes"]!.AsArray())!;
        Assert.Equal("serve", (string?)listed["verdict"]!["kind"]);
        JsonNode past = await kitchen.Get($"/api/bakes/{(string?)listed["id"]}");
        Assert.Equal(
            ["started", "reading", "reading", "said", "moved", "moved", "reading", "reading", "reading", "note", "said", "finished"],
            past["events"]!.AsArray().Select(told => (string?)told!["kind"]));
        Assert.Equal(
            [(1, 1, 66.0, "celsius"), (4, 1, 88.0, "celsius"), (1, 1, 167.5, "fahrenheit"), (1, 2, 77.0, "celsius"), (4, 2, 92.0, "celsius")],
            past["readings"]!.AsArray().Select(read => ((int)read!["lot"]!, (int)read["piece"]!, (double)read["temperature"]!["value"]!, (string)read["temperature"]!["unit"]!)));
        Assert.Equal("Skin a deep gold", (string?)past["events"]![9]!["text"]);
        Assert.Equal(TimeSpan.FromMinutes(58), (DateTimeOffset)past["finishedAt"]! - (DateTimeOffset)past["startedAt"]!);
        Assert.Equal("The lowest, piece 1, reads 167.5 °F, and the United States rule asks 165 °F.", (string?)past["verdict"]!["reason"]);
        Assert.All(past["plan"]!["chicken"]!.AsArray(), lot => Assert.Equal(74, (double)lot!["goal"]!["core"]!["value"]!));
        Assert.Null(past["plan"]!["targetCore"]);

        JsonNode live = (await kitchen.Live())!;
        Assert.Equal((2, "oven", 2), ((int)live["trayId"]!, (string)live["place"]!, live["readings"]!.AsArray().Count));
        JsonNode tray = await kitchen.Get("/api/tray");
        Assert.Equal(["tender", "tender"], tray["plan"]!["vegetables"]!.AsArray().Select(lot => (string)lot!["goal"]!));
        (int undone, JsonNode? before) = await kitchen.Send(HttpMethod.Post, "/api/trays/2/undo");
        Assert.Equal((200, "fahrenheit"), (undone, (string?)before!["plan"]!["chicken"]![0]!["goal"]!["core"]!["unit"]));
        await kitchen.Told((string)live["id"]!, Kitchen.Event("resting"));
        Assert.NotEmpty((await kitchen.Get("/api/prep"))["order"]!.AsArray());
        Assert.Contains((await kitchen.Get("/api/trays/2/recipe"))["recipeInstructions"]!.AsArray(), step => step!.ToJsonString().Contains("aim for 74", StringComparison.Ordinal));
    }

    private static async Task Run(SqliteConnection old, string sql)
    {
        await using SqliteCommand command = old.CreateCommand();
#pragma warning disable CA2100 // Only the constants above.
        command.CommandText = sql;
#pragma warning restore CA2100
        if (sql.Contains("$plan", StringComparison.Ordinal))
        {
            command.Parameters.AddWithValue("$plan", OldPlan.Trim());
        }

        if (sql.Contains("$forecast", StringComparison.Ordinal))
        {
            command.Parameters.AddWithValue("$forecast", OldForecast.Trim());
        }

        await command.ExecuteNonQueryAsync(TestContext.Current.CancellationToken);
    }
}
