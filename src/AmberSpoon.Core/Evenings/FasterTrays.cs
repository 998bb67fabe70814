using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Core.Evenings;

/// <summary>The same dinner from a hotter oven, without bones, or cut smaller: each baked by the engine.</summary>
public static class FasterTrays
{
    /// <summary>So much hotter, °C, and never beyond what a tray with vegetables and sugar bears (common practice).</summary>
    private const double HotterC = 20;
    private const double HottestC = 230;

    /// <summary>Cut to so much of the size.</summary>
    private const double Smaller = 0.7;

    /// <summary>Of a piece with its bone this is meat (USDA yields; from memory: thighs about four fifths).</summary>
    private const double WithoutBone = 0.8;

    /// <param name="plan">The tray as planned.</param>
    /// <param name="units">What sentences are written in.</param>
    /// <returns>Those that get done, in no order.</returns>
    public static IReadOnlyList<FasterTray> Of(TrayPlan plan, KitchenUnits units)
    {
        var tried = new List<(GainKind Kind, string Sentence, TrayPlan Plan)>();
        if (Hotter(plan) is { } dial)
        {
            tried.Add((GainKind.HotterOven, $"Bake at {units.SayDial(dial)}", plan with { OvenSetting = dial }));
        }

        if (plan.Chicken.Any(lot => WithoutItsBone(lot.Cut) is not null))
        {
            tried.Add((GainKind.Boneless, "Take boneless pieces", plan with { Chicken = [.. plan.Chicken.Select(Boned)], Spots = [] }));
        }

        if (plan.Vegetables.Count > 0)
        {
            tried.Add((GainKind.SmallerCuts, "Cut the vegetables a third smaller", plan with { Vegetables = [.. plan.Vegetables.Select(lot => CutSmaller(lot))], Spots = [] }));
        }

        var found = new FasterTray?[tried.Count];
        Parallel.For(0, tried.Count, i =>
        {
            try
            {
                found[i] = new(tried[i].Kind, tried[i].Sentence, TrayForecaster.Forecast(tried[i].Plan));
            }
            catch (LotNeverDoneException)
            {
                // Nothing is bought by it.
            }
        });
        return [.. found.OfType<FasterTray>()];
    }

    /// <summary>Nobody cuts finer than can be cut.</summary>
    private static VegetableLot CutSmaller(VegetableLot lot)
    {
        double share = Math.Max(Smaller, Math.Min(1, VegetableCuts.Limits(lot.Cut).LowMm / lot.Size.Millimetres()));
        return lot with { Size = lot.Size with { Value = lot.Size.Value * share } };
    }

    private static EnteredTemperature? Hotter(TrayPlan plan)
    {
        double nowC = plan.OvenSetting.ToTemperature().Celsius;
        double mostC = Math.Min(HottestC, plan.Oven?.Highest?.ToTemperature().Celsius ?? HottestC);
        double typed = 5 * Math.Floor(new Temperature(Math.Min(mostC, nowC + HotterC)).In(plan.OvenSetting.Unit) / 5);
        return plan.OvenMode == OvenMode.Grill || plan.OvenAtStart is not null || typed <= plan.OvenSetting.Value ? null : new(typed, plan.OvenSetting.Unit);
    }

    private static Cut? WithoutItsBone(Cut cut) => cut switch
    {
        Cut.BoneInThigh => Cut.BonelessThigh,
        Cut.BoneInBreast => Cut.BonelessBreast,
        _ => null,
    };

    private static ChickenLot Boned(ChickenLot lot) => WithoutItsBone(lot.Cut) is not { } cut ? lot : lot with
    {
        Cut = cut,
        Height = null,
        // Of a height nothing is left where the bone is out: its mass is.
        Sizes = lot.Sizes.Basis == SizeBasis.Height
            ? new(SizeBasis.Piece, lot.Count, new(lot.MassesG()[0] * WithoutBone, MassUnit.Gram), 0, [])
            : lot.Sizes with
            {
                Mass = lot.Sizes.Mass is { } mass ? mass with { Value = mass.Value * WithoutBone } : null,
                Each = [.. lot.Sizes.Each.Select(each => each with { Value = each.Value * WithoutBone })],
            },
    };
}
