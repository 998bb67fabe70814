using Microsoft.Data.Sqlite;

namespace AmberSpoon.Store;

/// <summary>Why the household's file cannot be read or written just now, in words for the cook.</summary>
/// <param name="Kind">What it is.</param>
/// <param name="Sentence">What it means and what to do; nothing in the file was changed.</param>
public sealed record StoreTrouble(StoreTroubleKind Kind, string Sentence)
{
    public static StoreTrouble NewerFile { get; } = new(StoreTroubleKind.NewerFile,
        "This kitchen was last opened by a newer Amber Spoon. Update this one; its file was left as it is.");

    public static StoreTrouble CannotWrite { get; } = new(StoreTroubleKind.CannotWrite,
        "The folder with the household's file cannot be written to, so nothing can be kept. Allow writing to it, then try again.");

    private static readonly StoreTrouble Full = new(StoreTroubleKind.Full,
        "The disk is full, so that was not kept. Make room on it, then try again; what was kept before is safe.");

    private static readonly StoreTrouble Damaged = new(StoreTroubleKind.Damaged,
        "The household's file is damaged and was left as it is. Put a copy of kitchen.db in its place, or move it away to begin anew.");

    private static readonly StoreTrouble Unreachable = new(StoreTroubleKind.Unreachable,
        "The household's file cannot be opened. Look whether its folder is there and its disk is in, then try again.");

    private static readonly StoreTrouble Busy = new(StoreTroubleKind.Busy,
        "Something else is writing to the household's file. Try again in a moment.");

    /// <summary>The trouble that made this fail, or null where it was something else.</summary>
    /// <param name="failed">With the store's own exception anywhere within.</param>
    public static StoreTrouble? Behind(Exception failed)
    {
        for (Exception? at = failed; at is not null; at = at.InnerException)
        {
            if (at is SqliteException sqlite)
            {
                return Of(sqlite.SqliteErrorCode);
            }
        }

        return null;
    }

    /// <param name="code">One of SQLite's primary result codes (sqlite.org/rescode.html).</param>
    private static StoreTrouble? Of(int code) => code switch
    {
        5 or 6 => Busy,
        8 => CannotWrite,
        10 or 14 => Unreachable,
        11 or 26 => Damaged,
        13 => Full,
        _ => null,
    };
}
