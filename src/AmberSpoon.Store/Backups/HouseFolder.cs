namespace AmberSpoon.Store.Backups;

/// <summary>Where a household keeps its things.</summary>
/// <param name="Root">The data folder.</param>
public sealed record HouseFolder(string Root)
{
    public string Kitchen => Path.Combine(Root, "kitchen.db");

    public string Photos => Path.Combine(Root, "photos");

    public string Backups => Path.Combine(Root, "backups");

    public string PhotoOf(Guid photo) => Path.Combine(Photos, PhotoName(photo));

    /// <summary>As a photo is called, here and in a backup.</summary>
    public static string PhotoName(Guid photo) => FormattableString.Invariant($"{photo:N}.jpg");
}
