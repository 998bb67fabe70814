using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat.Solving;

namespace AmberSpoon.Core.Heat.Pieces;

/// <summary>What skin and coating do to heat, water and colour on each side of a piece.</summary>
internal static class PieceCoats
{
    private static readonly Coat Skin = new(
        HeatParameters.SkinResistance.Value, HeatParameters.SkinWetness.Value, 0, HeatParameters.SkinBrowning.Value);

    private static readonly Coat Crumb = new(
        HeatParameters.CrumbResistance.Value, HeatParameters.CrumbWetness.Value, HeatParameters.CrumbWater.Value, HeatParameters.CrumbBrowning.Value)
    {
        OutsideM2KPerW = HeatParameters.CrumbResistance.Value,
    };

    /// <summary>Share of the skin that a partly skinned piece keeps (common practice).</summary>
    private const double LeftOn = 0.5;

    /// <summary>A slice of onion or pepper lying on it, 5 mm at 0.5 W/(m·K) (from memory): warm, wet, and hardly browning under it.</summary>
    private static readonly Coat UnderFood = new(0.01, 1, 0, 0.2);

    private static readonly Coat HollowUnderRibs = new(HeatParameters.RibGap.Value, 1, 0, 1);

    /// <summary>Share of a wet coat that stays where most of it is scraped off (common practice: what clings in the folds).</summary>
    private const double StaysOn = 1.0 / 3;

    /// <param name="facts">The cut.</param>
    /// <param name="skinOn">Whether the skin is on.</param>
    /// <param name="layers">Its coats, innermost first; none is a film of oil.</param>
    /// <param name="partlySkinned">About half of the skin is gone.</param>
    /// <param name="topCovered">Share of the upper side that lies under other food.</param>
    /// <returns>By side: top, rim, under.</returns>
    public static IReadOnlyList<Coat> For(CutFacts facts, bool skinOn, IReadOnlyList<CoatLayer> layers, bool partlySkinned = false, double topCovered = 0)
    {
        Coat outer = Outer(layers.Where(layer => layer.Kind != Coating.Topping));
        Coat open = OverSkin(Outer(layers));
        Coat top = topCovered > 0 ? UnderFood.Over(open).Mixed(open, topCovered) : open;
        Coat rim = OverSkin(outer);
        Coat under = facts.IsSkinAllRound ? rim : outer;
        return [top, rim, facts.Cut == Cut.BoneInBreast ? under.Over(HollowUnderRibs) : under];

        Coat OverSkin(Coat coat) => !skinOn ? coat : partlySkinned ? coat.Over(Skin).Mixed(coat, LeftOn) : coat.Over(Skin);
    }

    /// <summary>
    /// All coats as one: resistances and water add, the outermost one that shows is what browns. Butter under the skin helps
    /// whatever is over it; a filling, a parcel, herbs under the skin and oil under something else do nothing to the surface.
    /// </summary>
    public static Coat Outer(IEnumerable<CoatLayer> layers)
    {
        Coat all = Of(Coating.Oil);
        bool isCrumbed = false;
        foreach (CoatLayer layer in layers.Where(layer => Shows(layer.Kind)))
        {
            Coat one = Of(layer.Kind);
            isCrumbed |= layer.IsCrumb;
            all = new(
                all.ResistanceM2KPerW + one.ResistanceM2KPerW,
                isCrumbed ? HeatParameters.CrumbWetness.Value : one.Wetness,
                all.FreeWaterKgPerM2 + ((layer.IsScrapedOff ? StaysOn : 1) * one.FreeWaterKgPerM2),
                layer.IsScrapedOff ? all.Browning : one.Browning)
            {
                OutsideM2KPerW = all.OutsideM2KPerW + one.OutsideM2KPerW,
            };
        }

        return layers.Any(layer => layer.Kind == Coating.ButterUnderSkin)
            ? all with { Browning = HeatParameters.ButterBrowning.Value * all.Browning }
            : all;
    }

    /// <summary>What one more coat does when it is brushed or poured on in the oven.</summary>
    /// <param name="on">What is on already, innermost first.</param>
    /// <param name="next">What goes on.</param>
    /// <returns>Water it brings, kg/m², and how many times as fast the surface browns from then on.</returns>
    public static (double WaterKgPerM2, double BrowningTimes) Brushed(IReadOnlyList<CoatLayer> on, Coating next) => (
        next is Coating.Sauce or Coating.JuiceSauce or Coating.ThickMarinade ? HeatParameters.WetMarinadeWater.Value
            : next is Coating.Topping or Coating.Oil or Coating.DryRub ? 0
            : HeatParameters.BasteWater.Value,
        Outer([.. on, next]).Browning / Outer(on).Browning);

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
        Coating.Crumb => Crumb,
        Coating.Sauce or Coating.JuiceSauce => new(0, 1, HeatParameters.WetMarinadeWater.Value, HeatParameters.MarinadeBrowning.Value),
        Coating.Topping => new(0, HeatParameters.OilWetness.Value, 0, HeatParameters.CrumbBrowning.Value),
        _ => new(0, HeatParameters.OilWetness.Value, 0, 1),
    };

    private static bool Shows(Coating kind) => kind is not (Coating.Oil or Coating.Citrus or Coating.ButterUnderSkin or Coating.HerbsUnderSkin or Coating.Stuffed or Coating.Parcel);
}
