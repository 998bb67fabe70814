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

        JsonNode bake = (await kitchen.Get("/api/log"))["bakes"]![0]!;
        Assert.Equal(6, (int)bake["pieces"]!);
        Assert.Equal(38, (int)bake["forecast"]!["eatMinutes"]!);
        Assert.NotEmpty((await kitchen.Get($"/api/log/{(string?)bake["id"]}"))["curve"]!.AsArray());
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
