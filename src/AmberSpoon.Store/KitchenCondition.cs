namespace AmberSpoon.Store;

/// <summary>Whether the household's file can be used: what was found when it was opened, and whether the last write failed.</summary>
public sealed class KitchenCondition
{
    private volatile StoreTrouble? _refused;

    private volatile StoreTrouble? _failing;

    /// <summary>Why nothing is answered at all; null where the file was opened.</summary>
    public StoreTrouble? Refused => _refused;

    /// <summary>What is the matter now; null where all is well.</summary>
    public StoreTrouble? Trouble => _refused ?? _failing;

    public void Refuse(StoreTrouble trouble) => _refused = trouble;

    public void Failed(StoreTrouble trouble)
    {
        if (trouble.Kind != StoreTroubleKind.Busy)
        {
            _failing = trouble;
        }
    }

    public void Wrote() => _failing = null;
}
