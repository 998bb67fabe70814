using AmberSpoon.Formats.Photos;
using AmberSpoon.Store.Backups;

namespace AmberSpoon.Server.Startup;

/// <summary>What the program does without serving: <c>backup FILE [--data DIR]</c> and <c>restore FILE [--data DIR] [--merge] [--dry-run]</c>.</summary>
internal static class HouseCommands
{
    /// <returns>The exit code; null where the kitchen is to be served.</returns>
    public static async Task<int?> Run(string[] args)
    {
        if (args is not ["backup" or "restore", ..])
        {
            return null;
        }

        if (args.Length < 2 || args[1].StartsWith("--", StringComparison.Ordinal) || Unknown(args) is not null)
        {
            await Console.Error.WriteLineAsync("usage: backup FILE [--data DIR] | restore FILE [--data DIR] [--merge] [--dry-run]");
            return 2;
        }

        int at = Array.IndexOf(args, "--data");
        var house = new HouseFolder(at > 0 && at + 1 < args.Length ? args[at + 1] : "data");
        try
        {
            if (args[0] == "backup")
            {
                BackupManifest made = HouseBackup.Write(house, args[1], TimeProvider.System.GetUtcNow());
                Console.WriteLine(FormattableString.Invariant($"Backed up {house.Root} into {args[1]}: the kitchen and {made.Entries.Count - 1} photos."));
                return 0;
            }

            bool isRehearsal = args.Contains("--dry-run");
            RestoreMode mode = args.Contains("--merge") ? RestoreMode.Merge : RestoreMode.Replace;
            RestoreReport report = await HouseRestore.From(house, args[1], mode, isRehearsal, PhotoFile.IsOne, CancellationToken.None);
            Console.WriteLine(FormattableString.Invariant(
                $"{(isRehearsal ? "Would restore" : "Restored")} ({mode}) the house of {report.CreatedAt:u}: {report.Bakes} bakes ({report.NewBakes} new), {report.Trays} trays ({report.NewTrays} new), {report.Photos} photos{(mode == RestoreMode.Replace ? $"; {report.GoneBakes} bakes that are not in it {(isRehearsal ? "would go" : "are gone")}" : string.Empty)}."));
            return 0;
        }
        catch (Exception refused) when (refused is BackupException or IOException or UnauthorizedAccessException)
        {
            await Console.Error.WriteLineAsync(refused.Message);
            return 1;
        }
    }

    private static string? Unknown(string[] args) => args.Skip(2).Where((arg, i) => args[i + 1] != "--data").FirstOrDefault(arg => arg is not ("--data" or "--merge" or "--dry-run"));
}
