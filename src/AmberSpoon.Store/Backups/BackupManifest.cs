namespace AmberSpoon.Store.Backups;

/// <summary>What stands first in a backup: what it holds, and by what each part is known to be whole.</summary>
/// <param name="Format">Always <see cref="Name"/>.</param>
/// <param name="Version">Of the format.</param>
/// <param name="CreatedAt">When it was made.</param>
/// <param name="Entries">Every other part.</param>
public sealed record BackupManifest(string Format, int Version, DateTimeOffset CreatedAt, IReadOnlyList<BackupEntry> Entries)
{
    public const string Name = "amber-spoon-house";
    public const int Newest = 1;
}

/// <param name="Name">As it is called in the file.</param>
/// <param name="Bytes">Its size unpacked.</param>
/// <param name="Sha256">Of its bytes, in hexadecimal digits.</param>
public sealed record BackupEntry(string Name, long Bytes, string Sha256);
