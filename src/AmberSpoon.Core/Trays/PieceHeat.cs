using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat;

namespace AmberSpoon.Core.Trays;

/// <summary>
/// The one way from a plan to temperatures: follows the thickest piece of the tray through oven and rest.
/// </summary>
public static class PieceHeat
{
    /// <summary>Straight from a household fridge, °C (common practice).</summary>
    private const double FridgeC = 4;

    /// <summary>After half an hour on the counter, °C in the middle (common practice).</summary>
    private const double CounterC = 10;

    /// <param name="plan">A plan within <see cref="TrayPlanLimits"/>, not frozen.</param>
    /// <param name="guess">What is assumed about the kitchen.</param>
    /// <param name="stages">Where the tray stands, in order.</param>
    /// <param name="stopAtColdestC">Ends the run early once the coldest meat is this hot, °C.</param>
    public static HeatRun Follow(
        TrayPlan plan,
        KitchenGuess guess,
        IReadOnlyList<PlaceStage> stages,
        double stopAtColdestC = double.PositiveInfinity)
    {
        CutFacts facts = CutTable.For(plan.Cut);
        PieceGeometry geometry = GeometryOf(plan).Scaled(guess.ThicknessFactor);
        var body = new ConductionBody(
            EquivalentShape.ShortestHalfAxisMm(geometry) / 1000,
            EquivalentShape.ExponentOf(geometry),
            facts.IsDark ? ThermalMaterial.DarkMeat : ThermalMaterial.BreastMeat,
            facts.BoneVolumeFraction);
        double surfaceFactor = geometry.SurfaceCm2 / geometry.VolumeMl * 100 * body.VolumePerAreaM;
        var heatStages = stages.Select(stage => new HeatStage(stage.DurationS, Around(plan, guess, stage.Place, surfaceFactor))).ToList();
        return ConductionSolver.Solve(body, StartC(plan.StartFrom) + guess.StartDifferenceC, heatStages, stopAtColdestC);
    }

    /// <summary>Size of one limb of the thickest piece.</summary>
    public static PieceGeometry GeometryOf(TrayPlan plan) =>
        PieceGeometry.Of(CutTable.For(plan.Cut), plan.PieceMassG(), plan.Height?.Millimetres());

    /// <exception cref="ArgumentOutOfRangeException">Frozen meat: its thawing is not modelled, and it is refused.</exception>
    private static double StartC(StartingPoint start) => start switch
    {
        StartingPoint.Fridge => FridgeC,
        StartingPoint.Counter => CounterC,
        _ => throw new ArgumentOutOfRangeException(nameof(start), start, "Frozen meat cannot be planned."),
    };

    private static Surroundings Around(TrayPlan plan, KitchenGuess guess, BakePlace place, double surfaceFactor)
    {
        double ovenC = plan.OvenSetting.ToTemperature().Celsius + guess.OvenOffsetC;
        Surroundings around = place == BakePlace.Oven
            ? OvenClimate.InOven(plan.OvenMode, ovenC, plan.SkinOn, guess.ExchangeFactor)
            : OvenClimate.Resting(plan.SkinOn, surfaceFactor);
        return around with { EvaporationFactor = around.EvaporationFactor * guess.EvaporationFactor };
    }
}
