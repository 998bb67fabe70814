using AmberSpoon.Core.Heat.Sections;

namespace AmberSpoon.Core.Trays;

/// <summary>The thickest piece of a tray cut open, from going in to the end of its rest.</summary>
public static class TraySections
{
    private const int MostFrames = 60;

    /// <param name="plan">What was planned.</param>
    /// <param name="guess">What is assumed about the kitchen.</param>
    /// <param name="stages">Where the tray stands, in order.</param>
    /// <returns>A frame a minute, or fewer for a long evening.</returns>
    public static SectionFilm Film(TrayPlan plan, KitchenGuess guess, IReadOnlyList<PlaceStage> stages)
    {
        double endS = stages.Sum(stage => stage.DurationS);
        double everyS = 60 * Math.Max(1, Math.Ceiling(endS / 60 / MostFrames));
        double[] frameS = [.. Enumerable.Range(0, (int)Math.Floor(endS / everyS) + 1).Select(n => n * everyS)];
        return PieceHeat.BakeOf(plan, guess, stages).Film(frameS, plan.TargetCore.ToTemperature().Celsius);
    }

    /// <summary>As planned: in the oven until it is taken out, then the rest.</summary>
    public static SectionFilm Film(TrayPlan plan, TrayForecast forecast) => Film(
        plan,
        KitchenGuess.Nominal,
        [new(BakePlace.Oven, forecast.PullMinutes * 60), new(BakePlace.Worktop, forecast.RestMinutes * 60)]);
}
