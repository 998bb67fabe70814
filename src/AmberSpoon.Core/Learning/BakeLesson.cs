using AmberSpoon.Core.Bakes;
using AmberSpoon.Core.Estimating;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;

namespace AmberSpoon.Core.Learning;

/// <summary>What a finished bake says of its oven: by every reading that is believed, and by what was seen.</summary>
public static class BakeLesson
{
    /// <param name="state">A finished bake.</param>
    /// <returns><see cref="OvenEvidence.None"/> where nothing was measured or seen.</returns>
    public static OvenEvidence Of(BakeState state)
    {
        if (state.Readings.Count == 0 && state.Looks.Count == 0 && state.Air.Count == 0)
        {
            return OvenEvidence.None;
        }

        double endS = Math.Clamp(Math.Max(state.FinishedS ?? 0, state.JudgedS), 60, TrayForecaster.LongestBakeS);
        return Of(state.Plan, new(TrayCourses.Until(state, endS, KitchenPrior.Usual), endS));
    }

    /// <param name="plan">As it was started: it says what was believed of the oven before.</param>
    /// <param name="estimate">At its end.</param>
    internal static OvenEvidence Of(TrayPlan plan, BakeEstimate estimate)
    {
        (var mean, var spread) = estimate.BelievedOfOven();
        return OvenEvidence.Between(plan.Oven?.Believed ?? OvenBelief.Unknown(0), mean, spread);
    }
}
