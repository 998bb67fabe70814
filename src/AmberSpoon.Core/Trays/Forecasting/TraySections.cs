using AmberSpoon.Core.Heat.Sections;

namespace AmberSpoon.Core.Trays.Forecasting;

/// <summary>The thickest piece of a tray cut open, from going in to the end of its rest.</summary>
public static class TraySections
{
    private const int MostFrames = 60;

    /// <param name="setting">The piece as planned.</param>
    /// <param name="targetC">The probe is placed for the moment at which its coldest food gets here, °C.</param>
    /// <param name="guess">What is assumed about the kitchen.</param>
    /// <param name="stages">Where the tray stands, in order.</param>
    /// <returns>A frame a minute, or fewer for a long evening.</returns>
    public static SectionFilm Film(PieceSetting setting, double targetC, KitchenGuess guess, IReadOnlyList<PlaceStage> stages)
    {
        double endS = stages.Sum(stage => stage.DurationS);
        double everyS = 60 * Math.Max(1, Math.Ceiling(endS / 60 / MostFrames));
        double[] frameS = [.. Enumerable.Range(0, (int)Math.Floor(endS / everyS) + 1).Select(n => n * everyS)];
        return setting.Bake(guess, stages).Film(frameS, targetC);
    }

    /// <summary>A lot as planned: in the oven until it is taken out, then until dinner.</summary>
    public static SectionFilm Film(TrayPlan plan, LotSettings settings, LotForecast lot, int eatMinutes) => Film(
        plan.Chicken.FirstOrDefault(chicken => chicken.Id == lot.Lot) is { } chicken
            ? settings.Of(chicken)
            : settings.Of(plan.Vegetables.First(vegetable => vegetable.Id == lot.Lot)),
        plan.Chicken.FirstOrDefault(chicken => chicken.Id == lot.Lot)?.Goal.CoreC ?? 100,
        KitchenGuess.Nominal,
        [new(BakePlace.Oven, (lot.OutMinutes - lot.InMinutes) * 60), new(BakePlace.Worktop, (eatMinutes - lot.OutMinutes) * 60)]);
}
