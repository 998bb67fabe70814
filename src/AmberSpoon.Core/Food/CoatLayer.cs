namespace AmberSpoon.Core.Food;

/// <summary>One coat as heat meets it: nothing about when it went on, or what it is mixed of.</summary>
/// <param name="Kind">What it is.</param>
/// <param name="IsScrapedOff">Most of it was wiped off again before the next coat.</param>
public readonly record struct CoatLayer(Coating Kind, bool IsScrapedOff = false)
{
    public bool IsCrumb => Kind is Coating.Crumb or Coating.CrumbOverEgg or Coating.CrumbOverMayonnaise or Coating.CrumbOverYogurt;

    public static implicit operator CoatLayer(Coating kind) => new(kind);
}
