using AmberSpoon.Core.Evenings.Scheduling;
using AmberSpoon.Core.Trays.Forecasting;
using MathNet.Numerics.Distributions;

namespace AmberSpoon.Core.Evenings;

/// <summary>
/// How likely dinner is on time. Two things are not known: how fast this oven is, which the forecast's band says, and how long
/// hands take before the tray goes in. Rest can give some of its minutes; free minutes before the tray goes in take up what hands
/// are slower by.
/// </summary>
public static class EveningChance
{
    /// <summary>Work at a counter takes so much more or less than cooks reckon, as a share of it, in one evening of three (our estimate).</summary>
    private const double HandsDoubt = 0.2;

    /// <summary>A rest may be cut to this, min (common practice).</summary>
    private const int LeastRestMinutes = 5;

    /// <summary>A band reaches from one kitchen in ten to nine in ten: so many standard deviations.</summary>
    private const double BandDeviations = 2 * 1.2816;

    /// <summary>Quantiles of how hands were slower, each as likely.</summary>
    private static readonly double[] Quantiles = [.. Enumerable.Range(0, 10).Select(i => Normal.InvCDF(0, 1, (i + 0.5) / 10))];

    /// <param name="forecast">What the tray leads to.</param>
    /// <param name="handsMinutes">Hands are busy for so long before the tray goes in, min.</param>
    /// <param name="freeMinutes">And free for so long in between, or before they must begin, min.</param>
    /// <param name="moreRestMinutes">The tray goes in so much sooner than planned, min.</param>
    public static double Of(TrayForecast forecast, double handsMinutes, double freeMinutes, int moreRestMinutes = 0)
    {
        LotForecast[] last = [.. forecast.Lots.Where(lot => lot.OutMinutes == forecast.Lots.Max(other => other.OutMinutes))];
        int outMinutes = last.Select(lot => lot.OutMinutes).DefaultIfEmpty(forecast.PullMinutes).Max();
        double spare = Math.Max(0, forecast.EatMinutes - outMinutes - LeastRestMinutes) + moreRestMinutes;
        double sdHands = HandsDoubt * handsMinutes;
        return Quantiles.Average(z =>
        {
            double slower = Math.Max(0, (z * sdHands) - freeMinutes);
            return last.Select(lot =>
            {
                double sd = Math.Max(0.5, (lot.Ready.HighMinutes - lot.Ready.LowMinutes) / BandDeviations);
                return Normal.CDF(lot.Ready.MedianMinutes, sd, outMinutes + spare - slower);
            }).DefaultIfEmpty(1).Min();
        });
    }

    /// <summary>Minutes of hands before the tray goes in, and minutes between them in which nobody has anything to do.</summary>
    internal static (double Hands, double Free) Before(IEnumerable<PlacedJob> jobs, int inBefore, int? startBefore)
    {
        PlacedJob[] before = [.. jobs.Where(placed => placed.EndsBefore >= inBefore && placed.Job.Needs.Any(need => need.Resource == Resource.Hands))];
        if (before.Length == 0)
        {
            return (0, 0);
        }

        double hands = before.Sum(placed => placed.Job.Needs.Where(need => need.Resource == Resource.Hands).Sum(need => need.UntilMinutes - need.FromMinutes));
        int begins = Math.Max(startBefore ?? 0, before.Max(placed => placed.BeginsBefore));
        return (hands, Math.Max(0, begins - inBefore - hands));
    }
}
