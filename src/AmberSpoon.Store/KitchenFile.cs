using System.Reflection;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Migrations;

namespace AmberSpoon.Store;

/// <summary>
/// Opens the household's file: looks first whether there is anything to bring up to date, without a lock and without asking
/// EF, and migrates only then. What cannot be opened is left exactly as it was found.
/// </summary>
public static class KitchenFile
{
    private static readonly string[] OurMigrations =
        [.. typeof(KitchenDb).Assembly.GetTypes().Select(type => type.GetCustomAttribute<MigrationAttribute>()?.Id).OfType<string>().Order(StringComparer.Ordinal)];

    /// <returns>Null where the file is open and up to date; otherwise what is the matter.</returns>
    public static async Task<StoreTrouble?> Open(KitchenDb db, string file, CancellationToken cancel)
    {
        try
        {
            Directory.CreateDirectory(Path.GetDirectoryName(Path.GetFullPath(file))!);
            List<string> applied = Applied(file);
            if (applied.Except(OurMigrations, StringComparer.Ordinal).Any())
            {
                return StoreTrouble.NewerFile;
            }

            if (applied.Count < OurMigrations.Length)
            {
                await Migrate(db, file, cancel);
            }

            return null;
        }
        catch (Exception failed) when (StoreTrouble.Behind(failed) is not null)
        {
            return StoreTrouble.Behind(failed);
        }
        catch (Exception failed) when (failed is IOException or UnauthorizedAccessException)
        {
            return StoreTrouble.CannotWrite;
        }
    }

    /// <summary>The migrations the file has had, and whether it can be written to.</summary>
    private static List<string> Applied(string file)
    {
        if (!File.Exists(file) && !Directory.Exists(file))
        {
            return [];
        }

        using var connection = new SqliteConnection(new SqliteConnectionStringBuilder { DataSource = file, Mode = SqliteOpenMode.ReadWrite, Pooling = false }.ToString());
        connection.Open();
        using SqliteCommand command = connection.CreateCommand();
        command.CommandText = "BEGIN IMMEDIATE; ROLLBACK; SELECT COUNT(*) FROM sqlite_master WHERE name = '__EFMigrationsHistory';";
        if ((long)command.ExecuteScalar()! == 0)
        {
            return [];
        }

        command.CommandText = "SELECT MigrationId FROM __EFMigrationsHistory;";
        using SqliteDataReader reader = command.ExecuteReader();
        var applied = new List<string>();
        while (reader.Read())
        {
            applied.Add(reader.GetString(0));
        }

        return applied;
    }

    /// <summary>
    /// EF marks a migration that runs by a row, which stays when the process is killed, and waits for that row for ever. A lock
    /// on a file beside it goes with the process: who holds it knows that such a row is nobody's.
    /// </summary>
    private static async Task Migrate(KitchenDb db, string file, CancellationToken cancel)
    {
        using FileStream alone = await LockedAlone(file + ".opening", cancel);
        await db.Database.ExecuteSqlRawAsync("DROP TABLE IF EXISTS __EFMigrationsLock;", cancel);
        await db.Database.MigrateAsync(cancel);
    }

    private static async Task<FileStream> LockedAlone(string path, CancellationToken cancel)
    {
        while (true)
        {
            try
            {
                return new(path, FileMode.OpenOrCreate, FileAccess.ReadWrite, FileShare.None);
            }
            catch (IOException held) when (held is not DirectoryNotFoundException and not FileNotFoundException && File.Exists(path))
            {
                await Task.Delay(50, cancel);
            }
        }
    }
}
