namespace AmberSpoon.Store;

/// <summary>The ways in which a file cannot be read or written.</summary>
public enum StoreTroubleKind
{
    NewerFile,
    Full,
    CannotWrite,
    Damaged,
    Unreachable,
    Busy,
}
