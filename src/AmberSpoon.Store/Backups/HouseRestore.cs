using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace AmberSpoon.Store.Backups;

/// <summary>What to do with what is there already.</summary>
public enum RestoreMode
{
    /// <summary>Only what is not there yet is added: finished bakes with their photos, and trays.</summary>
    Merge,

    /// <summary>The house becomes what it was: everything that is there now goes.</summary>
    Replace,
}

/// <param name="CreatedAt">When the backup was made.</param>
/// <param name="Bakes">Finished bakes in it.</param>
/// <param name="NewBakes">Of those, the ones that are not here.</param>
/// <param name="Trays">Trays in it.</param>
/// <param name="NewTrays">Of those, the ones that are not here.</param>
/// <param name="Photos">Photos in it.</param>
/// <param name="GoneBakes">Finished bakes that are here and not in it: replacing takes them away.</param>
public sealed record RestoreReport(DateTimeOffset CreatedAt, int Bakes, int NewBakes, int Trays, int NewTrays, int Photos, int GoneBakes);

/// <summary>
/// Brings a backup back, all of it or nothing: everything is unpacked, checked and brought up to date beside the house first, and goes in
/// as one transaction, also while the kitchen is in use. Who keeps answers of this file in memory sees by <see cref="Stamp"/> that they
/// hold no longer.
/// </summary>
public static class HouseRestore
{
    /// <param name="house">Whose house; it may be empty.</param>
    /// <param name="path">The backup.</param>
    /// <param name="mode">What to do with what is there.</param>
    /// <param name="isRehearsal">Only say what would be done.</param>
    /// <param name="isPhoto">Whether a file is a picture: what else comes under its name is refused.</param>
    /// <param name="cancel">Ends it before anything is changed.</param>
    /// <exception cref="BackupException">Nothing was changed.</exception>
    public static async Task<RestoreReport> From(HouseFolder house, string path, RestoreMode mode, bool isRehearsal, Func<string, bool> isPhoto, CancellationToken cancel)
    {
        using HouseArchive archive = HouseArchive.Open(path);
        string beside = Directory.CreateTempSubdirectory("amber-restore-").FullName;
        try
        {
            string kitchen = Path.Combine(beside, HouseBackup.KitchenName);
            Directory.CreateDirectory(Path.Combine(beside, "photos"));
            foreach (BackupEntry entry in archive.Manifest.Entries)
            {
                cancel.ThrowIfCancellationRequested();
                archive.Unpack(entry, Path.Combine(beside, entry.Name));
                if (entry.Name != HouseBackup.KitchenName && !isPhoto(Path.Combine(beside, entry.Name)))
                {
                    throw new BackupException($"“{entry.Name}” in the backup is no picture: nothing was restored.");
                }
            }

            await RequireSound(kitchen, cancel);
            await OpenHouse(house, cancel);
            using SqliteConnection into = Open(house.Kitchen);
            Attach(into, kitchen);
            RestoreReport report = Report(into, archive.Manifest);
            if (!isRehearsal)
            {
                CopyPhotos(beside, house);
                Bring(into, mode);
                if (mode == RestoreMode.Replace)
                {
                    DropOtherPhotos(archive.Manifest, house);
                }
            }

            return report;
        }
        finally
        {
            Directory.Delete(beside, recursive: true);
        }
    }

    /// <summary>Grows with each restore.</summary>
    public static async Task<long> Stamp(KitchenDb db, CancellationToken cancel) =>
        (await db.Database.SqlQueryRaw<long>("SELECT user_version AS Value FROM pragma_user_version").ToListAsync(cancel))[0];

    private static async Task RequireSound(string kitchen, CancellationToken cancel)
    {
        try
        {
            using (SqliteConnection copy = Open(kitchen))
            {
                if ((string)Ask(copy, "PRAGMA integrity_check(1);")! != "ok")
                {
                    throw new BackupException("The kitchen in the backup is damaged: nothing was restored.");
                }
            }

            await using KitchenDb db = Db(kitchen);
            if (await KitchenFile.Open(db, kitchen, cancel) is { } trouble)
            {
                throw new BackupException(trouble.Kind == StoreTroubleKind.NewerFile
                    ? "That backup was made by a newer version of this kitchen: bring the kitchen up to date first."
                    : "The kitchen in the backup cannot be opened: nothing was restored.");
            }

            // Every plan and every event must be read again, or the house could not answer afterwards.
            await foreach (Rows.BakeRow bake in db.Bakes.AsNoTracking().AsAsyncEnumerable().WithCancellation(cancel))
            {
                _ = bake.Plan.Count;
            }

            await foreach (Rows.EventRow told in db.Events.AsNoTracking().AsAsyncEnumerable().WithCancellation(cancel))
            {
                _ = told.What.Kind;
            }
        }
        catch (Exception failed) when (failed is SqliteException or System.Text.Json.JsonException or NotSupportedException or ArgumentException or FormatException or InvalidOperationException or NullReferenceException)
        {
            throw new BackupException("The kitchen in the backup cannot be read: nothing was restored.", failed);
        }
    }

    private static async Task OpenHouse(HouseFolder house, CancellationToken cancel)
    {
        await using KitchenDb db = Db(house.Kitchen);
        if (await KitchenFile.Open(db, house.Kitchen, cancel) is { } trouble)
        {
            throw new BackupException(trouble.Sentence);
        }
    }

    private static KitchenDb Db(string file)
    {
        var options = new DbContextOptionsBuilder<KitchenDb>();
        options.UseSqlite(new SqliteConnectionStringBuilder { DataSource = file, ForeignKeys = true, Pooling = false }.ToString()).AddInterceptors(DurableConnection.Instance);
        return new(options.Options);
    }

    private static SqliteConnection Open(string file)
    {
        var connection = new SqliteConnection(new SqliteConnectionStringBuilder { DataSource = file, Pooling = false, DefaultTimeout = 60 }.ToString());
        connection.Open();
        Run(connection, "PRAGMA busy_timeout = 60000;");
        return connection;
    }

    private static void Attach(SqliteConnection into, string kitchen)
    {
        using SqliteCommand command = into.CreateCommand();
        command.CommandText = "ATTACH DATABASE $file AS backup;";
        command.Parameters.AddWithValue("$file", kitchen);
        command.ExecuteNonQuery();
    }

    private static RestoreReport Report(SqliteConnection into, BackupManifest manifest)
    {
        return new(
        manifest.CreatedAt,
        Count("FROM backup.Bakes b WHERE b.IsLive = 0"),
        Count("FROM backup.Bakes b WHERE b.IsLive = 0 AND b.Id NOT IN (SELECT Id FROM main.Bakes)"),
        Count("FROM backup.Trays"),
        Count($"FROM backup.Trays t WHERE {IsNewTray}"),
        manifest.Entries.Count(entry => entry.Name != HouseBackup.KitchenName),
        Count("FROM main.Bakes b WHERE b.IsLive = 0 AND b.Id NOT IN (SELECT Id FROM backup.Bakes)"));

        int Count(string from) => (int)(long)Ask(into, $"SELECT COUNT(*) {from};")!;
    }

    private const string IsNewTray = "NOT EXISTS (SELECT 1 FROM main.Trays m WHERE m.Plan = t.Plan)";

    private static void Bring(SqliteConnection into, RestoreMode mode)
    {
        Run(into, "PRAGMA foreign_keys = OFF;");
        using SqliteTransaction whole = into.BeginTransaction();
        if (mode == RestoreMode.Replace)
        {
            foreach (string table in Names(into, "SELECT name FROM main.sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%' AND name NOT LIKE '\\_\\_EF%' ESCAPE '\\'"))
            {
                string columns = Columns(into, table);
                Run(into, $"DELETE FROM main.\"{table}\"; INSERT INTO main.\"{table}\" ({columns}) SELECT {columns} FROM backup.\"{table}\";");
            }
        }
        else
        {
            Run(into, "CREATE TEMP TABLE Brought AS SELECT Id FROM backup.Bakes WHERE IsLive = 0 AND Id NOT IN (SELECT Id FROM main.Bakes);");
            string bakes = Columns(into, "Bakes");
            Run(into, $"INSERT INTO main.Bakes ({bakes}) SELECT {bakes.Replace("\"TrayId\"", "NULL", StringComparison.Ordinal)} FROM backup.Bakes WHERE Id IN Brought;");
            foreach (string table in new[] { "Events", "Logged" })
            {
                string columns = Columns(into, table);
                Run(into, $"INSERT INTO main.\"{table}\" ({columns}) SELECT {columns} FROM backup.\"{table}\" WHERE BakeId IN Brought;");
            }

            // A tray comes as it is now, without what was undone: its number may be another's here.
            Run(into, $"CREATE TEMP TABLE NewTrays AS SELECT t.Id, t.Plan, t.SavedAt, t.OpenedAt, t.ArchivedAt FROM backup.Trays t WHERE {IsNewTray};");
            Run(into, """
                CREATE TEMP TABLE LastTray AS SELECT COALESCE(MAX(Id), 0) AS Id FROM main.Trays;
                INSERT INTO main.Trays (Id, Plan, Version, SavedAt, OpenedAt, ArchivedAt, State, LastState, FirstState)
                  SELECT (SELECT Id FROM LastTray) + Id, Plan, 1, SavedAt, OpenedAt, COALESCE(ArchivedAt, SavedAt), 0, 0, 0 FROM NewTrays;
                INSERT INTO main.TrayStates (TrayId, State, Plan) SELECT (SELECT Id FROM LastTray) + Id, 0, Plan FROM NewTrays;
                """);
        }

        if (Ask(into, "SELECT \"table\" FROM pragma_foreign_key_check LIMIT 1;") is string broken)
        {
            throw new BackupException($"The backup does not fit together ({broken}): nothing was restored.");
        }

        Run(into, FormattableString.Invariant($"PRAGMA user_version = {(long)Ask(into, "PRAGMA main.user_version;")! + 1};"));
        whole.Commit();
    }

    private static void CopyPhotos(string beside, HouseFolder house)
    {
        Directory.CreateDirectory(house.Photos);
        foreach (string photo in Directory.GetFiles(Path.Combine(beside, "photos")))
        {
            File.Copy(photo, Path.Combine(house.Photos, Path.GetFileName(photo)), overwrite: true);
        }
    }

    private static void DropOtherPhotos(BackupManifest manifest, HouseFolder house)
    {
        HashSet<string> kept = [.. manifest.Entries.Select(entry => Path.GetFileName(entry.Name))];
        foreach (string photo in Directory.GetFiles(house.Photos, "*.jpg").Where(photo => !kept.Contains(Path.GetFileName(photo))))
        {
            File.Delete(photo);
        }
    }

    private static string Columns(SqliteConnection connection, string table) =>
        string.Join(", ", Names(connection, $"SELECT name FROM pragma_table_info('{table}')").Select(column => $"\"{column}\""));

    private static List<string> Names(SqliteConnection connection, string sql)
    {
        using SqliteCommand command = connection.CreateCommand();
        command.CommandText = sql;
        using SqliteDataReader reader = command.ExecuteReader();
        var names = new List<string>();
        while (reader.Read())
        {
            names.Add(reader.GetString(0));
        }

        return names;
    }

    private static void Run(SqliteConnection connection, string sql)
    {
        using SqliteCommand command = connection.CreateCommand();
        command.CommandText = sql;
        command.ExecuteNonQuery();
    }

    private static object? Ask(SqliteConnection connection, string sql)
    {
        using SqliteCommand command = connection.CreateCommand();
        command.CommandText = sql;
        return command.ExecuteScalar();
    }
}
