using System.Collections.Concurrent;
using AmberSpoon.Core.Bakes.Events;
using AmberSpoon.Core.Evenings;
using AmberSpoon.Core.Households;
using AmberSpoon.Core.Learning;
using AmberSpoon.Core.Prep;
using AmberSpoon.Core.Prep.Mixes;
using AmberSpoon.Core.Prep.Scaling;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Store.Rows;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Diagnostics;
using Microsoft.EntityFrameworkCore.Storage;

namespace AmberSpoon.Store;

/// <summary>The household's one SQLite file.</summary>
public sealed class KitchenDb(DbContextOptions<KitchenDb> options) : DbContext(options)
{
    /// <summary>By file.</summary>
    private static readonly ConcurrentDictionary<string, SemaphoreSlim> Writers = new();

    public DbSet<TrayRow> Trays => Set<TrayRow>();

    public DbSet<TrayStateRow> TrayStates => Set<TrayStateRow>();

    public DbSet<BakeRow> Bakes => Set<BakeRow>();

    public DbSet<EventRow> Events => Set<EventRow>();

    public DbSet<LoggedRow> Logged => Set<LoggedRow>();

    public DbSet<CommandRow> Commands => Set<CommandRow>();

    public DbSet<MixRow> Mixes => Set<MixRow>();

    public DbSet<PrepRow> Preps => Set<PrepRow>();

    public DbSet<MarinadeRow> Marinades => Set<MarinadeRow>();

    public DbSet<MeasuresRow> Measures => Set<MeasuresRow>();

    public DbSet<EveningRow> Evenings => Set<EveningRow>();

    public DbSet<HouseholdRow> Households => Set<HouseholdRow>();

    /// <summary>
    /// Several changes, all of them or none, and one writer at a time: who waits here does not have to try again and again,
    /// as SQLite would. Within another such change it is a part of that one.
    /// </summary>
    /// <param name="change">What is read, changed and saved.</param>
    /// <param name="cancel">Ends it before anything is stored.</param>
    public async Task<T> AllOrNone<T>(Func<Task<T>> change, CancellationToken cancel)
    {
        if (Database.CurrentTransaction is not null)
        {
            return await change();
        }

        SemaphoreSlim writer = Writers.GetOrAdd(Database.GetConnectionString() ?? string.Empty, _ => new(1, 1));
        await writer.WaitAsync(cancel);
        try
        {
            await using IDbContextTransaction whole = await Database.BeginTransactionAsync(cancel);
            T changed = await change();
            await whole.CommitAsync(cancel);
            return changed;
        }
        finally
        {
            writer.Release();
        }
    }

    /// <inheritdoc cref="AllOrNone{T}"/>
    public Task AllOrNone(Func<Task> change, CancellationToken cancel) => AllOrNone(
        async () =>
        {
            await change();
            return true;
        },
        cancel);

    /// <summary>
    /// Opens (or makes) the file with foreign keys on and every commit flushed to disk. That the model is what the migrations make
    /// is asked by a test: asked of every new file, it would build the whole model anew.
    /// </summary>
    public static void Configure(DbContextOptionsBuilder options, string file) => options
        .UseSqlite(new KitchenConnection($"Data Source={file};Foreign Keys=True"), contextOwnsConnection: true)
        .ConfigureWarnings(warnings => warnings.Ignore(RelationalEventId.PendingModelChangesWarning))
        .AddInterceptors(DurableConnection.Instance);

    protected override void ConfigureConventions(ModelConfigurationBuilder configurationBuilder)
    {
        configurationBuilder.Properties<DateTimeOffset>().HaveConversion<UnixMillisecondsConverter>();
        configurationBuilder.Properties<Enum>().HaveConversion<string>();
    }

    protected override void OnModelCreating(ModelBuilder modelBuilder)
    {
        modelBuilder.Entity<TrayRow>(tray =>
        {
            tray.Property(row => row.Plan).HasConversion(new JsonTextConverter<TrayPlan>());
            tray.Property(row => row.Version).IsConcurrencyToken();
        });
        modelBuilder.Entity<TrayStateRow>(state =>
        {
            state.HasKey(row => new { row.TrayId, row.State });
            state.HasOne<TrayRow>().WithMany().HasForeignKey(row => row.TrayId).OnDelete(DeleteBehavior.Cascade);
            state.Property(row => row.Plan).HasConversion(new JsonTextConverter<TrayPlan>());
        });
        modelBuilder.Entity<BakeRow>(bake =>
        {
            bake.Property(row => row.Plan).HasConversion(new JsonTextConverter<TrayPlan>());
            bake.Property(row => row.Forecast).HasConversion(new JsonTextConverter<TrayForecast>());
            bake.HasIndex(row => row.TrayId).IsUnique().HasFilter("\"IsLive\" = 1");
            bake.HasIndex(row => new { row.IsLive, row.StartedAt });
        });
        modelBuilder.Entity<EventRow>(told =>
        {
            told.HasKey(row => new { row.BakeId, row.Seq });
            told.HasIndex(row => new { row.BakeId, row.CommandId }).IsUnique();
            told.HasIndex(row => row.CommandId).IsUnique().HasFilter("\"Seq\" = 1");
            told.HasOne<BakeRow>().WithMany().HasForeignKey(row => row.BakeId).OnDelete(DeleteBehavior.Cascade);
            told.Property(row => row.What).HasColumnName("Json").HasConversion(new JsonTextConverter<Happening>());
        });
        modelBuilder.Entity<LoggedRow>(logged =>
        {
            logged.HasKey(row => row.BakeId);
            logged.HasOne<BakeRow>().WithOne().HasForeignKey<LoggedRow>(row => row.BakeId).OnDelete(DeleteBehavior.Cascade);
            logged.Property(row => row.Facts).HasConversion(new JsonTextConverter<BakeFacts>());
            logged.HasIndex(row => new { row.Oven, row.StartedAt });
            logged.HasIndex(row => row.StartedAt);
        });
        modelBuilder.Entity<CommandRow>().HasKey(row => row.CommandId);
        modelBuilder.Entity<MixRow>(mix =>
        {
            mix.Property(row => row.Mix).HasConversion(new JsonTextConverter<Mix>());
            mix.Property(row => row.Version).HasDefaultValue(1);
        });
        modelBuilder.Entity<PrepRow>(prep =>
        {
            prep.HasKey(row => row.TrayId);
            prep.Property(row => row.TrayId).ValueGeneratedNever();
            prep.HasOne<TrayRow>().WithOne().HasForeignKey<PrepRow>(row => row.TrayId).OnDelete(DeleteBehavior.Cascade);
            prep.Property(row => row.Version).HasDefaultValue(1);
            prep.Property(row => row.Choice).HasConversion(new JsonTextConverter<PrepChoice>());
        });
        modelBuilder.Entity<EveningRow>(evening =>
        {
            evening.HasKey(row => row.TrayId);
            evening.Property(row => row.TrayId).ValueGeneratedNever();
            evening.HasOne<TrayRow>().WithOne().HasForeignKey<EveningRow>(row => row.TrayId).OnDelete(DeleteBehavior.Cascade);
            evening.Property(row => row.Choice).HasConversion(new JsonTextConverter<EveningChoice>());
        });
        modelBuilder.Entity<MeasuresRow>(measures =>
        {
            measures.Property(row => row.Id).ValueGeneratedNever();
            measures.Property(row => row.Measures).HasConversion(new JsonTextConverter<KitchenMeasures>());
        });
        modelBuilder.Entity<HouseholdRow>(household =>
        {
            household.Property(row => row.Id).ValueGeneratedNever();
            household.Property(row => row.Household).HasConversion(new JsonTextConverter<Household>());
        });
    }
}
