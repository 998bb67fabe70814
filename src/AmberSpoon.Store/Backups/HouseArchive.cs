using System.IO.Compression;
using System.Security.Cryptography;
using System.Text.Json;

namespace AmberSpoon.Store.Backups;

/// <summary>A backup that was opened and found to name only what a backup holds; its parts are checked as they are unpacked.</summary>
public sealed class HouseArchive : IDisposable
{
    /// <summary>More than a household fills in a lifetime, bytes unpacked.</summary>
    private const long MostBytes = 4L * 1024 * 1024 * 1024;
    private const int MostEntries = 20_000;
    private const long MostManifestBytes = 8 * 1024 * 1024;

    private readonly ZipArchive _zip;

    private HouseArchive(ZipArchive zip, BackupManifest manifest) => (_zip, Manifest) = (zip, manifest);

    public BackupManifest Manifest { get; }

    /// <param name="path">The file.</param>
    /// <exception cref="BackupException">It is none, a newer one, or names what a backup does not hold.</exception>
    public static HouseArchive Open(string path)
    {
        ZipArchive? zip = null;
        try
        {
            zip = ZipFile.OpenRead(path);
            var archive = new HouseArchive(zip, ManifestOf(zip));
            archive.RequireNothingElse();
            zip = null;
            return archive;
        }
        catch (Exception failed) when (failed is InvalidDataException or JsonException or IOException and not FileNotFoundException)
        {
            throw new BackupException("That is no whole backup of a house: it is cut short, or something else.", failed);
        }
        finally
        {
            zip?.Dispose();
        }
    }

    /// <summary>Unpacks one part and holds it against what the manifest says of it.</summary>
    /// <param name="entry">Which.</param>
    /// <param name="to">Where to.</param>
    /// <exception cref="BackupException">It is not what the manifest says.</exception>
    public void Unpack(BackupEntry entry, string to)
    {
        try
        {
            using Stream packed = _zip.GetEntry(entry.Name)!.Open();
            using FileStream file = File.Create(to);
            using var hash = IncrementalHash.CreateHash(HashAlgorithmName.SHA256);
            byte[] buffer = new byte[81920];
            long left = entry.Bytes;
            for (int read; (read = packed.Read(buffer)) > 0;)
            {
                // A part that unpacks to more than it says is stopped there, not when the disk is full.
                left -= read;
                if (left < 0)
                {
                    throw Wrong(entry);
                }

                hash.AppendData(buffer, 0, read);
                file.Write(buffer, 0, read);
            }

            if (left != 0 || !string.Equals(Convert.ToHexStringLower(hash.GetHashAndReset()), entry.Sha256, StringComparison.OrdinalIgnoreCase))
            {
                throw Wrong(entry);
            }
        }
        catch (Exception failed) when (failed is InvalidDataException or EndOfStreamException)
        {
            throw new BackupException($"“{entry.Name}” in the backup is damaged: nothing was restored.", failed);
        }
    }

    public void Dispose() => _zip.Dispose();

    private static BackupException Wrong(BackupEntry entry) => new($"“{entry.Name}” in the backup is not what was put in: it was changed or damaged. Nothing was restored.");

    private static BackupManifest ManifestOf(ZipArchive zip)
    {
        ZipArchiveEntry entry = zip.GetEntry(HouseBackup.ManifestName) is { Length: <= MostManifestBytes } found
            ? found
            : throw new BackupException("That is no backup of a house: it does not say what it holds.");
        using Stream stream = entry.Open();
        using var bounded = new MemoryStream();
        stream.CopyTo(bounded);
        BackupManifest manifest = JsonSerializer.Deserialize<BackupManifest>(bounded.ToArray(), HouseBackup.Json) is { Format: BackupManifest.Name, Entries: not null } read
            ? read
            : throw new BackupException("That is no backup of a house: it does not say what it holds.");
        return manifest.Version <= BackupManifest.Newest
            ? manifest
            : throw new BackupException("That backup was made by a newer version of this kitchen: bring the kitchen up to date first.");
    }

    private void RequireNothingElse()
    {
        if (Manifest.Entries.Any(entry => entry is not { Name.Length: > 0, Sha256: not null }))
        {
            throw new BackupException("That is no backup of a house: it does not say what it holds.");
        }

        HashSet<string> named = [.. Manifest.Entries.Select(entry => entry.Name)];
        bool isWhole = named.Count == Manifest.Entries.Count && named.Contains(HouseBackup.KitchenName)
            && Manifest.Entries.Count <= MostEntries && Manifest.Entries.All(entry => entry.Bytes >= 0) && Manifest.Entries.Sum(entry => Math.Min(entry.Bytes, MostBytes)) < MostBytes
            && Manifest.Entries.All(entry => entry.Name == HouseBackup.KitchenName || IsPhoto(entry.Name))
            && named.All(name => _zip.GetEntry(name) is not null)
            && _zip.Entries.All(entry => entry.FullName == HouseBackup.ManifestName || named.Contains(entry.FullName));
        if (!isWhole)
        {
            throw new BackupException("That backup does not hold what it says, or holds what a backup does not: nothing was restored.");
        }
    }

    /// <summary>A name of ours and no way out of the folder.</summary>
    private static bool IsPhoto(string name) =>
        name.StartsWith(HouseBackup.PhotosPrefix, StringComparison.Ordinal) && name.EndsWith(".jpg", StringComparison.Ordinal)
        && Guid.TryParseExact(name[HouseBackup.PhotosPrefix.Length..^4], "N", out _);
}
