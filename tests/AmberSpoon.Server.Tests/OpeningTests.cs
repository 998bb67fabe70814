using System.Net;
using System.Text.Json.Nodes;
using AmberSpoon.Store;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Infrastructure;
using Microsoft.EntityFrameworkCore.Metadata;
using Microsoft.Extensions.DependencyInjection;
using Xunit;

namespace AmberSpoon.Server.Tests;

/// <summary>A household's file as it may be found: half brought up to date, newer, damaged, full, not a file at all.</summary>
public sealed class OpeningTests
{
    private const string LeftBehind = """
        CREATE TABLE IF NOT EXISTS "__EFMigrationsLock" ("Id" INTEGER NOT NULL CONSTRAINT "PK___EFMigrationsLock" PRIMARY KEY, "Timestamp" TEXT NOT NULL);
        INSERT OR REPLACE INTO "__EFMigrationsLock" VALUES (1, '2026-11-26 17:00:00+00:00');
        """;

    [Fact]
    public async Task A_lock_left_behind_by_a_killed_start_keeps_nobody_out()
    {
        await using var kitchen = new Kitchen();
        await kitchen.StartGoodBake();
        await kitchen.Restart(file => Run(file, LeftBehind));
        Assert.NotNull(await kitchen.Live());
    }

    [Fact]
    public async Task A_lock_left_behind_half_way_through_a_migration_keeps_nobody_out()
    {
        await using Kitchen kitchen = Kitchen.OnFile(Path.Combine(AppContext.BaseDirectory, "before-events.db.gz"), file => Run(file, LeftBehind));
        Assert.Single((await kitchen.Get("/api/bakes"))["bakes"]!.AsArray());
    }

    /// <summary>The driver's own waiting ends at once where the log is being put in order (SQLITE_BUSY_RECOVERY); SQLite's does not.</summary>
    [Theory]
    [InlineData("busy_timeout", "10000")]
    [InlineData("synchronous", "2")]
    [InlineData("journal_mode", "wal")]
    public async Task Every_connection_waits_in_SQLite_and_flushes_to_the_disk(string pragma, string expected)
    {
        await using var kitchen = new Kitchen();
        using IServiceScope scope = kitchen.Host.Services.CreateScope();
        KitchenDb db = scope.ServiceProvider.GetRequiredService<KitchenDb>();
        await db.Database.OpenConnectionAsync(TestContext.Current.CancellationToken);
        await using System.Data.Common.DbCommand asked = db.Database.GetDbConnection().CreateCommand();
        asked.CommandText = $"PRAGMA {pragma}";
        Assert.Equal(expected, Convert.ToString(await asked.ExecuteScalarAsync(TestContext.Current.CancellationToken), System.Globalization.CultureInfo.InvariantCulture));
    }

    /// <summary>Two that were opened in the same moment could get one connection of the driver's pool, and one of them a failure.</summary>
    [Fact]
    public async Task No_connection_is_opened_while_another_one_is()
    {
        await using var kitchen = new Kitchen();
        using IServiceScope first = kitchen.Host.Services.CreateScope();
        using IServiceScope second = kitchen.Host.Services.CreateScope();
        using var isHalfOpen = new ManualResetEventSlim();
        using var goOn = new ManualResetEventSlim();
        System.Data.Common.DbConnection slow = first.ServiceProvider.GetRequiredService<KitchenDb>().Database.GetDbConnection();
        System.Data.Common.DbConnection other = second.ServiceProvider.GetRequiredService<KitchenDb>().Database.GetDbConnection();
        slow.StateChange += (_, change) =>
        {
            if (change.CurrentState == System.Data.ConnectionState.Open)
            {
                isHalfOpen.Set();
                goOn.Wait(TimeSpan.FromSeconds(30));
            }
        };

        var slowly = Task.Run(slow.Open, TestContext.Current.CancellationToken);
        Assert.True(isHalfOpen.Wait(TimeSpan.FromSeconds(30), TestContext.Current.CancellationToken));
        var meanwhile = Task.Run(other.Open, TestContext.Current.CancellationToken);
        Assert.NotSame(meanwhile, await Task.WhenAny(meanwhile, Task.Delay(300, TestContext.Current.CancellationToken)));
        goOn.Set();
        await Task.WhenAll(slowly, meanwhile);
        Assert.Equal(System.Data.ConnectionState.Open, other.State);
    }

    [Fact]
    public async Task Nothing_to_bring_up_to_date_takes_no_lock()
    {
        await using var kitchen = new Kitchen();
        await kitchen.Get("/api/tray");
        await kitchen.Restart(file => Run(file, """DROP TABLE IF EXISTS "__EFMigrationsLock";"""));
        await kitchen.Get("/api/tray");
        string found = "";
        await kitchen.Restart(file => found = Run(file, "SELECT COUNT(*) FROM sqlite_master WHERE name = '__EFMigrationsLock';"));
        Assert.Equal("0", found);
    }

    [Fact]
    public async Task A_file_of_a_newer_version_is_refused_with_a_sentence_and_left_alone()
    {
        await using var kitchen = new Kitchen();
        await kitchen.StartGoodBake();
        byte[] before = [];
        await kitchen.Restart(file =>
        {
            Run(file, """INSERT INTO "__EFMigrationsHistory" VALUES ('29990101000000_Later', '99.0.0');""");
            before = File.ReadAllBytes(file);
        });
        await RefusedEverywhere(kitchen, "newer Amber Spoon");
        await kitchen.Restart(file => Assert.Equal(before, File.ReadAllBytes(file)));
    }

    [Fact]
    public async Task A_damaged_file_is_said_and_left_alone()
    {
        await using var kitchen = new Kitchen();
        await kitchen.StartGoodBake();
        byte[] before = [];
        await kitchen.Restart(file =>
        {
            using (FileStream open = File.OpenWrite(file))
            {
                open.Write("not a kitchen at all"u8);
            }

            before = File.ReadAllBytes(file);
        });
        await RefusedEverywhere(kitchen, "damaged");
        await kitchen.Restart(file => Assert.Equal(before, File.ReadAllBytes(file)));
    }

    [Fact]
    public async Task A_file_damaged_further_in_is_said_when_it_is_met()
    {
        await using var kitchen = new Kitchen();
        await kitchen.StartGoodBake();
        await kitchen.Restart(file =>
        {
            using FileStream open = File.OpenWrite(file);
            open.Position = 4096;
            open.Write(new byte[open.Length - 4096]);
        });
        (int status, JsonNode? problem) = await kitchen.Send(HttpMethod.Get, "/api/tray");
        Assert.Equal(503, status);
        Assert.Contains("damaged", (string?)problem!["title"], StringComparison.Ordinal);
        Assert.Equal(HttpStatusCode.ServiceUnavailable, (await Health(kitchen)).Status);
    }

    [Fact]
    public async Task Something_that_is_no_file_is_said()
    {
        await using var kitchen = new Kitchen();
        await kitchen.Restart(file =>
        {
            File.Delete(file);
            Directory.CreateDirectory(file);
        });
        await RefusedEverywhere(kitchen, "cannot be opened");
    }

    [Fact]
    public async Task A_full_disk_is_said_and_what_was_kept_stays()
    {
        await using var kitchen = new Kitchen();
        await kitchen.SaveTray(Kitchen.Supper());
        kitchen.MostPages = 1;
        (int status, JsonNode? problem) = (200, null);
        for (int save = 0; save < 40 && status == 200; save++)
        {
            JsonObject plan = Kitchen.Supper();
            plan["name"] = $"Supper {save}";
            (status, problem) = await kitchen.SaveTray(plan);
        }

        Assert.Equal(507, status);
        Assert.Contains("disk is full", (string?)problem!["title"], StringComparison.Ordinal);
        (HttpStatusCode health, string said) = await Health(kitchen);
        Assert.Equal(HttpStatusCode.ServiceUnavailable, health);
        Assert.Contains("disk is full", said, StringComparison.Ordinal);
        Assert.Equal(2, (await kitchen.Get("/api/tray"))["plan"]!["vegetables"]!.AsArray().Count);

        kitchen.MostPages = 0;
        Assert.Equal(200, (await kitchen.SaveTray(Kitchen.GoodPlan())).Status);
        Assert.Equal((HttpStatusCode.OK, "well"), await Health(kitchen));
    }

    /// <summary>By SQLite's result codes (sqlite.org/rescode.html): readonly 8, ioerr 10, corrupt 11, full 13, cantopen 14, notadb 26.</summary>
    [Theory]
    [InlineData(5, StoreTroubleKind.Busy)]
    [InlineData(6, StoreTroubleKind.Busy)]
    [InlineData(8, StoreTroubleKind.CannotWrite)]
    [InlineData(10, StoreTroubleKind.Unreachable)]
    [InlineData(11, StoreTroubleKind.Damaged)]
    [InlineData(13, StoreTroubleKind.Full)]
    [InlineData(14, StoreTroubleKind.Unreachable)]
    [InlineData(26, StoreTroubleKind.Damaged)]
    [InlineData(19, null)]
    public void Each_trouble_has_its_kind(int code, StoreTroubleKind? kind) =>
        Assert.Equal(kind, StoreTrouble.Behind(new DbUpdateException("", new SqliteException("", code)))?.Kind);

    /// <summary>The model is compiled for a quick start: see docs/how-it-works.md for the command that does it again.</summary>
    [Fact]
    public async Task The_compiled_model_is_the_model()
    {
        await using var kitchen = new Kitchen();
        await using AsyncServiceScope scope = kitchen.Host.Services.CreateAsyncScope();
        KitchenDb db = scope.ServiceProvider.GetRequiredService<KitchenDb>();
        Assert.Equal(Described(db.GetService<IDesignTimeModel>().Model), Described(db.Model));
        Assert.False(db.Database.HasPendingModelChanges());
    }

    private static IEnumerable<string> Described(IModel model) => model.GetEntityTypes().OrderBy(type => type.Name).SelectMany(type => (IEnumerable<string>)
    [
        type.Name,
        .. type.GetProperties().Select(property => $"{property.Name} {property.ClrType} {property.IsNullable} {property.IsConcurrencyToken} {property.ValueGenerated} {property.GetColumnName()}"),
        .. type.GetKeys().Select(key => string.Join(',', key.Properties.Select(property => property.Name))),
        .. type.GetForeignKeys().Select(key => $"{string.Join(',', key.Properties.Select(property => property.Name))} {key.PrincipalEntityType.Name} {key.DeleteBehavior}"),
        .. type.GetIndexes().Select(index => $"{string.Join(',', index.Properties.Select(property => property.Name))} {index.IsUnique} {index.GetFilter()}"),
    ]);

    private static async Task RefusedEverywhere(Kitchen kitchen, string words)
    {
        foreach (string path in (string[])["/api/tray", "/api/bakes", "/api/prep"])
        {
            (int status, JsonNode? problem) = await kitchen.Send(HttpMethod.Get, path);
            Assert.Equal(503, status);
            Assert.Contains(words, (string?)problem!["title"], StringComparison.Ordinal);
        }

        (int saved, _) = await kitchen.Send(HttpMethod.Put, "/api/trays/1", Kitchen.GoodPlan());
        Assert.Equal(503, saved);
        (HttpStatusCode health, string said) = await Health(kitchen);
        Assert.Equal(HttpStatusCode.ServiceUnavailable, health);
        Assert.Contains(words, said, StringComparison.Ordinal);
    }

    private static async Task<(HttpStatusCode Status, string Said)> Health(Kitchen kitchen)
    {
        using HttpResponseMessage answer = await kitchen.Client.GetAsync("/healthz", TestContext.Current.CancellationToken);
        return (answer.StatusCode, await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken));
    }

    /// <returns>The first value, as text.</returns>
    private static string Run(string file, string sql)
    {
        using var connection = new SqliteConnection($"Data Source={file};Pooling=False");
        connection.Open();
        using SqliteCommand command = connection.CreateCommand();
#pragma warning disable CA2100 // Only the constants above.
        command.CommandText = sql;
#pragma warning restore CA2100
        return $"{command.ExecuteScalar()}";
    }
}
