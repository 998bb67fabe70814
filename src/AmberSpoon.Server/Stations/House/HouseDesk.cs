using AmberSpoon.Formats.Photos;
using AmberSpoon.Server.Problems;
using AmberSpoon.Store.Backups;

namespace AmberSpoon.Server.Stations.House;

/// <summary>The whole house as one file, and back.</summary>
internal sealed class HouseDesk(HouseFolder house, HouseChanged changed, TimeProvider time)
{
    /// <summary>Makes one and opens it; it goes when it was read.</summary>
    public FileStream Backup()
    {
        // Nobody else may look into the folder; what is open may be read to its end although it is gone from there.
        string folder = Directory.CreateTempSubdirectory("amber-backup-").FullName;
        try
        {
            string path = Path.Combine(folder, "house.zip");
            HouseBackup.Write(house, path, time.GetUtcNow());
            return new(path, FileMode.Open, FileAccess.Read, FileShare.Read | FileShare.Delete, 81920, FileOptions.Asynchronous);
        }
        finally
        {
            Directory.Delete(folder, recursive: true);
        }
    }

    /// <summary>Those that the kitchen made by itself, the newest first.</summary>
    public IReadOnlyList<BackupListed> Kept() => !Directory.Exists(house.Backups)
        ? []
        : [.. Directory.GetFiles(house.Backups, "*.zip").Select(path => new FileInfo(path)).OrderByDescending(file => file.Name, StringComparer.Ordinal).Select(file => new BackupListed(file.Name, file.Length))];

    /// <param name="body">A backup.</param>
    /// <param name="mode">What to do with what is there.</param>
    /// <param name="isRehearsal">Only say what would be done.</param>
    /// <param name="cancel">Ends it before anything is changed.</param>
    /// <exception cref="ProblemException">400: it is refused whole, with the reason.</exception>
    public async Task<RestoreReport> Restore(Stream body, RestoreMode mode, bool isRehearsal, CancellationToken cancel)
    {
        string folder = Directory.CreateTempSubdirectory("amber-restore-").FullName;
        string path = Path.Combine(folder, "house.zip");
        try
        {
            await using (FileStream file = File.Create(path))
            {
                await body.CopyToAsync(file, cancel);
            }

            RestoreReport report = await HouseRestore.From(house, path, mode, isRehearsal, PhotoFile.IsOne, cancel);
            if (!isRehearsal)
            {
                await changed.Forget();
            }

            return report;
        }
        catch (BackupException refused)
        {
            throw ProblemException.InvalidField("file", refused.Message);
        }
        finally
        {
            Directory.Delete(folder, recursive: true);
        }
    }
}

/// <param name="Name">As it is called in the folder.</param>
/// <param name="Bytes">Its size.</param>
public sealed record BackupListed(string Name, long Bytes);
