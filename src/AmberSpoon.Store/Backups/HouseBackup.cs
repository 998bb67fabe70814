using System.IO.Compression;
using System.Security.Cryptography;
using System.Text.Json;
using Microsoft.Data.Sqlite;

namespace AmberSpoon.Store.Backups;

/// <summary>
/// The whole house as one file: a zip of a manifest, the kitchen as SQLite copied it while it was in use (its online backup), and the
/// photos. What reads it is <see cref="HouseRestore"/>.
/// </summary>
public static class HouseBackup
{
    public const string ManifestName = "manifest.json";
    public const string KitchenName = "kitchen.db";
    public const string PhotosPrefix = "photos/";

    internal static JsonSerializerOptions Json { get; } = new(JsonSerializerDefaults.Web) { WriteIndented = true };

    /// <summary>Writes it beside its place first: a backup is there whole or not at all.</summary>
    /// <param name="house">Whose house.</param>
    /// <param name="path">Where it goes; what is there is replaced.</param>
    /// <param name="now">When it is made.</param>
    /// <exception cref="BackupException">There is no kitchen in that folder.</exception>
    public static BackupManifest Write(HouseFolder house, string path, DateTimeOffset now)
    {
        if (!File.Exists(house.Kitchen))
        {
            throw new BackupException($"There is no kitchen in {house.Root}: nothing to back up.");
        }

        Directory.CreateDirectory(Path.GetDirectoryName(Path.GetFullPath(path))!);
        string copy = path + ".kitchen";
        string part = path + ".part";
        try
        {
            CopyKitchen(house.Kitchen, copy);
            using (FileStream file = File.Create(part))
            {
                Pack(file, copy, house.Photos, now);
            }

            File.Move(part, path, overwrite: true);
            using var read = HouseArchive.Open(path);
            return read.Manifest;
        }
        finally
        {
            File.Delete(copy);
            File.Delete(part);
        }
    }

    private static void Pack(Stream file, string kitchen, string photos, DateTimeOffset now)
    {
        (string Name, string Path)[] parts =
        [
            (KitchenName, kitchen),
            .. Directory.Exists(photos) ? Directory.GetFiles(photos, "*.jpg").Order(StringComparer.Ordinal).Select(photo => (PhotosPrefix + Path.GetFileName(photo), photo)) : [],
        ];
        using var zip = new ZipArchive(file, ZipArchiveMode.Create);
        BackupEntry[] entries = [.. parts.Select(part => new BackupEntry(part.Name, new FileInfo(part.Path).Length, HashOf(part.Path)))];
        using (Stream manifest = zip.CreateEntry(ManifestName).Open())
        {
            JsonSerializer.Serialize(manifest, new BackupManifest(BackupManifest.Name, BackupManifest.Newest, now, entries), Json);
        }

        foreach ((string name, string path) in parts)
        {
            zip.CreateEntryFromFile(path, name, name == KitchenName ? CompressionLevel.Optimal : CompressionLevel.NoCompression);
        }
    }

    /// <summary>A copy that is consistent although the kitchen is written to meanwhile.</summary>
    private static void CopyKitchen(string from, string to)
    {
        File.Delete(to);
        using var source = new SqliteConnection(new SqliteConnectionStringBuilder { DataSource = from, Mode = SqliteOpenMode.ReadOnly, Pooling = false }.ToString());
        using var copy = new SqliteConnection(new SqliteConnectionStringBuilder { DataSource = to, Pooling = false }.ToString());
        source.Open();
        copy.Open();
        source.BackupDatabase(copy);

        // One file, without a log beside it.
        using SqliteCommand command = copy.CreateCommand();
        command.CommandText = "PRAGMA journal_mode = DELETE;";
        command.ExecuteNonQuery();
    }

    internal static string HashOf(string path)
    {
        using FileStream file = File.OpenRead(path);
        return Convert.ToHexStringLower(SHA256.HashData(file));
    }
}
