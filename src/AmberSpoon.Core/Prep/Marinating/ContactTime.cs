using AmberSpoon.Core.Prep.Mixes;

namespace AmberSpoon.Core.Prep.Marinating;

/// <summary>From when a mix has done something to the meat, and from when it has done too much (all common practice).</summary>
/// <param name="EnoughMinutes">Shorter than this hardly matters.</param>
/// <param name="TooLongMinutes">Longer than this harms.</param>
/// <param name="Why">What would harm.</param>
public sealed record ContactTime(int EnoughMinutes, int TooLongMinutes, string Why)
{
    private const int Hour = 60;

    /// <summary>Strong acid in the mix from which meat turns mealy within hours, kg per kg.</summary>
    private const double Sharp = 0.012;

    private const double Tart = 0.004;

    /// <summary>Sugar from which a surface weeps overnight, kg per kg.</summary>
    private const double Sweet = 0.15;

    public static ContactTime Of(Mix mix, Scaling.ScaledMix scaled)
    {
        double strong = scaled.Parts.Sum(part => part.Part.Known() is { IsMild: false } known ? known.Acid * (part.RoundedG ?? 0) : 0) / Math.Max(1e-9, scaled.TotalG);
        bool isMild = mix.Parts.Any(part => part.Known() is { IsMild: true });
        return mix.Kind switch
        {
            MixKind.JuiceSauce or MixKind.Sauce => new(0, 0, "It is made afterwards."),
            MixKind.Glaze or MixKind.UnderSkinButter => new(0, 24 * Hour, "The meat keeps no longer than a day in the fridge once it is mixed."),
            MixKind.CrumbOverEgg or MixKind.CrumbOverMayonnaise => new(0, Hour, "Crumb that waits grows soggy."),
            _ when strong >= Sharp => new(Hour / 2, 4 * Hour, "So much acid turns the outside mealy."),
            _ when strong >= Tart => new(Hour / 2, 12 * Hour, "The acid turns the outside mealy."),
            _ when isMild => new(Hour, 24 * Hour, "The meat grows soft, and it should be cooked."),
            _ when scaled.SugarShare >= Sweet => new(Hour / 2, 12 * Hour, "Sugar and salt draw water out, and a wet surface browns late."),
            _ => new(Hour / 2, 24 * Hour, "The meat should be cooked."),
        };
    }
}
