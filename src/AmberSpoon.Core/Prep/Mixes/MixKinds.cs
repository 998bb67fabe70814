using AmberSpoon.Core.Food;

namespace AmberSpoon.Core.Prep.Mixes;

/// <summary>What follows from a mix's kind.</summary>
public static class MixKinds
{
    /// <summary>The coating it makes; null for a kind that is not known.</summary>
    public static Coating? CoatingOf(MixKind kind) => kind switch
    {
        MixKind.DryRub => Coating.DryRub,
        MixKind.WetMarinade => Coating.WetMarinade,
        MixKind.YogurtMarinade => Coating.ThickMarinade,
        MixKind.Glaze => Coating.Glaze,
        MixKind.UnderSkinButter => Coating.ButterUnderSkin,
        MixKind.CrumbOverEgg => Coating.CrumbOverEgg,
        MixKind.CrumbOverMayonnaise => Coating.CrumbOverMayonnaise,
        MixKind.CrumbOverYogurt => Coating.CrumbOverYogurt,
        MixKind.JuiceSauce => Coating.JuiceSauce,
        MixKind.Sauce => Coating.Sauce,
        _ => null,
    };

    public static bool IsCrumb(MixKind kind) => kind is MixKind.CrumbOverEgg or MixKind.CrumbOverMayonnaise or MixKind.CrumbOverYogurt;

    /// <summary>The meat lies in it for a while.</summary>
    public static bool IsMarinade(MixKind kind) => kind is MixKind.WetMarinade or MixKind.YogurtMarinade or MixKind.CrumbOverYogurt;

    /// <summary>Some of it may be served as a sauce, if that was set aside before raw meat met it.</summary>
    public static bool MayBeServed(MixKind kind) => kind is MixKind.WetMarinade or MixKind.YogurtMarinade or MixKind.Glaze or MixKind.Sauce;

    /// <summary>
    /// How much more is made than stays on the meat: what sticks to bowl, plate and hands (common practice: a fifth of egg
    /// and a quarter of crumb).
    /// </summary>
    public static double Waste(MixKind kind, MixRole role) => (IsCrumb(kind), role) switch
    {
        (true, MixRole.Crumb) => 0.25,
        (true, MixRole.Binder) => 0.20,
        _ => 0,
    };
}
