using AmberSpoon.Core.Food;

namespace AmberSpoon.Core.Trays.Coats;

/// <summary>
/// One of the coats of a lot, of which it has a stack, innermost first. Tray and counter read the same stack; heat sees only a
/// <see cref="CoatLayer"/> of it.
/// </summary>
/// <param name="Kind">What it is.</param>
/// <param name="When">When it goes on.</param>
/// <param name="Mix">Which mix it is made of: the id of a ready one, or "own-" and a number; null where none is followed.</param>
public sealed record LotCoat(Coating Kind, CoatTime When, string? Mix = null)
{
    /// <summary>What its mix was called when the plan was made; null where none is followed.</summary>
    public string? Name { get; init; }

    /// <summary>Of <see cref="CoatTime.AtMinute"/>: minutes after the first food went in.</summary>
    public int? AtMinutes { get; init; }

    /// <summary>Of <see cref="CoatTime.Before"/>: how long the meat lies in it, min; null for as long as is usual at this counter.</summary>
    public int? SoakMinutes { get; init; }

    /// <summary>Most of it is scraped or shaken off before the next coat.</summary>
    public bool IsScrapedOff { get; init; }

    /// <summary>A kind of coat when it usually goes on.</summary>
    public static implicit operator LotCoat(Coating kind) => new(kind, UsualTime(kind));

    /// <summary>When a kind of coat usually goes on (common practice).</summary>
    public static CoatTime UsualTime(Coating kind) => kind switch
    {
        Coating.WetMarinade or Coating.ThickMarinade => CoatTime.Before,
        Coating.ButterUnderSkin or Coating.HerbsUnderSkin => CoatTime.UnderSkin,
        Coating.JuiceSauce => CoatTime.AfterDraining,
        _ => CoatTime.On,
    };

    /// <summary>It is on when the food goes in.</summary>
    public bool IsOnAtStart() => When is CoatTime.Before or CoatTime.UnderSkin or CoatTime.On;

    /// <summary>It goes on while the food is in the oven.</summary>
    public bool IsPutOnInOven() => When is CoatTime.AtMinute or CoatTime.AfterDraining;
}
