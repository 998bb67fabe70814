using AmberSpoon.Core.Prep;
using AmberSpoon.Core.Prep.Mixes;
using AmberSpoon.Core.Prep.Scaling;
using AmberSpoon.Core.Trays;
using AmberSpoon.Store.Rows;
using Microsoft.EntityFrameworkCore;

namespace AmberSpoon.Store;

/// <summary>The household's one SQLite file.</summary>
public sealed class KitchenDb(DbContextOptions<KitchenDb> options) : DbContext(options)
{
    public DbSet<TrayRow> Trays => Set<TrayRow>();

    public DbSet<TrayStateRow> TrayStates => Set<TrayStateRow>();

    public DbSet<BakeRow> Bakes => Set<BakeRow>();

    public DbSet<MixRow> Mixes => Set<MixRow>();

    public DbSet<PrepRow> Preps => Set<PrepRow>();

    public DbSet<MarinadeRow> Marinades => Set<MarinadeRow>();

    public DbSet<MeasuresRow> Measures => Set<MeasuresRow>();

    /// <summary>Opens (or makes) the file with foreign keys on and every commit flushed to disk.</summary>
    public static void Configure(DbContextOptionsBuilder options, string file) => options
        .UseSqlite($"Data Source={file};Foreign Keys=True")
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
            bake.HasIndex(row => row.IsLive).IsUnique().HasFilter("\"IsLive\" = 1");
            bake.HasIndex(row => row.StartedAt);
            bake.HasMany(row => row.Moves).WithOne().HasForeignKey("BakeId").IsRequired().OnDelete(DeleteBehavior.Cascade);
            bake.HasMany(row => row.Checks).WithOne().HasForeignKey("BakeId").IsRequired().OnDelete(DeleteBehavior.Cascade);
        });
        modelBuilder.Entity<MixRow>().Property(row => row.Mix).HasConversion(new JsonTextConverter<Mix>());
        modelBuilder.Entity<PrepRow>(prep =>
        {
            prep.HasKey(row => row.TrayId);
            prep.Property(row => row.TrayId).ValueGeneratedNever();
            prep.HasOne<TrayRow>().WithOne().HasForeignKey<PrepRow>(row => row.TrayId).OnDelete(DeleteBehavior.Cascade);
            prep.Property(row => row.Choice).HasConversion(new JsonTextConverter<PrepChoice>());
        });
        modelBuilder.Entity<MeasuresRow>(measures =>
        {
            measures.Property(row => row.Id).ValueGeneratedNever();
            measures.Property(row => row.Measures).HasConversion(new JsonTextConverter<KitchenMeasures>());
        });
        modelBuilder.Entity<CheckRow>()
            .HasMany(row => row.Readings).WithOne().HasForeignKey("CheckId").IsRequired().OnDelete(DeleteBehavior.Cascade);
    }
}
