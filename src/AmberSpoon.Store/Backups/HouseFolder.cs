namespace AmberSpoon.Store.Backups;

/// <summary>Where a household keeps its things.</summary>
/// <param name="Root">The data folder.</param>
public sealed record HouseFolder(string Root)
{
    public string Kitchen => Path.Combine(Root, "kitchen.db");

    public string Photos => Path.Combine(Root, "photos");

    public string Backups => Path.Combine(Root, "backups");

    public string PhotoOf(Guid photo) => Path.Combine(Photos, PhotoName(photo));

    /// <summary>Whether anything can be kept there now: a file that opens for reading says nothing of that.</summary>
    public bool CanWrite()
    {
        string probe = Path.Combine(Root, FormattableString.Invariant($".well-{Guid.NewGuid():N}"));
        try
        {
            using FileStream file = new(probe, FileMode.CreateNew, FileAccess.Write, FileShare.None, 1, FileOptions.DeleteOnClose);
            return true;
        }
        catch (Exception refused) when (refused is IOException or UnauthorizedAccessException)
        {
            return false;
        }
    }

    /// <summary>As a photo is called, here and in a backup.</summary>
    public static string PhotoName(Guid photo) => FormattableString.Invariant($"{photo:N}.jpg");
}
