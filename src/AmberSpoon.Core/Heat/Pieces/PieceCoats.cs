using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat.Solving;

namespace AmberSpoon.Core.Heat.Pieces;

/// <summary>What skin and coating do to heat, water and colour on each side of a piece.</summary>
internal static class PieceCoats
{
    private static readonly Coat Skin = new(
        HeatParameters.SkinResistance.Value, HeatParameters.SkinWetness.Value, 0, HeatParameters.SkinBrowning.Value);

    private static readonly Coat Crumb = new(
        HeatParameters.CrumbResistance.Value, HeatParameters.CrumbWetness.Value, HeatParameters.CrumbWater.Value, HeatParameters.CrumbBrowning.Value);

    /// <summary>Share of the skin that a partly skinned piece keeps (common practice).</summary>
    private const double LeftOn = 0.5;

    private static readonly Coat HollowUnderRibs = new(HeatParameters.RibGap.Value, 1, 0, 1);

    /// <returns>By side: top, rim, under.</returns>
    public static IReadOnlyList<Coat> For(CutFacts facts, bool skinOn, Coating coating, bool partlySkinned = false)
    {
        Coat outer = Of(coating);
        Coat skin = !skinOn ? outer : partlySkinned ? outer.Over(Skin).Mixed(outer, LeftOn) : outer.Over(Skin);
        Coat under = facts.IsSkinAllRound ? skin : outer;
        return [skin, skin, facts.Cut == Cut.BoneInBreast ? under.Over(HollowUnderRibs) : under];
    }

    /// <summary>A vegetable: a film of oil all round.</summary>
    public static IReadOnlyList<Coat> Oiled(double browning)
    {
        var film = new Coat(0, HeatParameters.OilWetness.Value, 0, HeatParameters.VegetableBrowning.Value * browning);
        return [film, film, film];
    }

    private static Coat Of(Coating coating) => coating switch
    {
        Coating.WetMarinade => new(0, 1, HeatParameters.WetMarinadeWater.Value, HeatParameters.MarinadeBrowning.Value),
        Coating.ThickMarinade => new(0, 1, HeatParameters.MarinadeWater.Value, HeatParameters.MarinadeBrowning.Value),
        Coating.Glaze => new(0, 1, HeatParameters.WetMarinadeWater.Value, HeatParameters.GlazeBrowning.Value),
        Coating.DryRub => new(0, HeatParameters.OilWetness.Value, 0, HeatParameters.RubBrowning.Value),
        Coating.CrumbOverEgg => Crumb,
        Coating.CrumbOverMayonnaise => Crumb with { Browning = HeatParameters.FatCrumbBrowning.Value },
        Coating.CrumbOverYogurt => Crumb with { FreeWaterKgPerM2 = Crumb.FreeWaterKgPerM2 + HeatParameters.MarinadeWater.Value },
        Coating.ButterUnderSkin => new(0, HeatParameters.OilWetness.Value, 0, HeatParameters.ButterBrowning.Value),
        _ => new(0, HeatParameters.OilWetness.Value, 0, 1),
    };
}
