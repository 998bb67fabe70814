using AmberSpoon.Core.Doneness.Kinetics;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Trays.Layout;
using AmberSpoon.Core.Trays.Together;

namespace AmberSpoon.Core.Tests.Trays.Together;

/// <summary>
/// An oven that is a line of arithmetic, so that a planner's rules can be worked out by hand: chicken takes what it is told to,
/// a vegetable so many minutes for each millimetre, both stay good for a while.
/// </summary>
internal sealed class ArithmeticOven : IForecasts
{
    /// <summary>Minutes a lot of chicken takes, whichever oven: 40 where nothing is said.</summary>
    public Func<TrayPlan, ChickenLot, double> ChickenMinutes { get; init; } = (_, _) => 40;

    /// <summary>Minutes a vegetable takes for each millimetre of its size.</summary>
    public Func<TrayPlan, VegetableLot, double> MinutesPerMm { get; init; } = (_, _) => 2;

    public double ChickenStaysGood { get; init; }

    public double VegetableStaysGood { get; init; }

    /// <summary>How long before the heaviest piece of chicken the lightest is done, min.</summary>
    public double LightestSooner { get; init; }

    public Func<TrayPlan, double> Browning { get; init; } = _ => 1;

    /// <summary>No vegetable of a smaller size than this is ever tender, mm.</summary>
    public double NeverBelowMm { get; init; }

    public int Asked { get; private set; }

    public TrayForecast Of(TrayPlan plan, TrayLayout layout)
    {
        Asked++;
        LotForecast[] lots = [.. plan.Chicken.Select(lot => Chicken(plan, lot)), .. plan.Vegetables.Select(lot => Vegetable(plan, lot))];
        LotForecast lead = lots.Where(lot => lot.IsChicken == (plan.Chicken.Count > 0)).MaxBy(lot => lot.Ready.MedianMinutes)!;
        double apart = Math.Round(lots.Max(lot => lot.Ready.MedianMinutes) - lots.Min(lot => lot.Good!.BestUntilMinutes!.Value), 1);
        int pull = (int)Math.Ceiling(apart < 1 ? lots.Max(lot => lot.Ready.MedianMinutes) : lead.Ready.MedianMinutes);
        lots = [.. lots.Select(lot => lot with { OutMinutes = Math.Max(pull, (int)Math.Ceiling(lot.Ready.MedianMinutes)) })];
        lots = [.. lots.Select(lot => lot with { Curve = [new(lot.OutMinutes, 0, 0, 0, 0) { Browning = Browning(plan) }, new(lot.OutMinutes + 5, 0, 0, 0, 0) { Browning = 99 }] })];
        return new(
            lead.Lot, lead.Piece, lead.Ready, pull, 1, plan.RestMinutes, 80, pull, Math.Max(pull + plan.RestMinutes, lots.Max(lot => lot.OutMinutes)),
            FinishSpread.Of([.. lots.Select(lot => (lot.Lot, lot.Ready.MedianMinutes, lot.LightestReady))]), [], lots)
        {
            ApartMinutes = apart < 1 ? 0 : apart,
            Together = GoodWindow.Together([.. lots.Select(lot => lot.Good!)]),
        };
    }

    public LotForecast? Alone(TrayPlan plan, TrayLayout layout, VegetableLot lot) => lot.Size.Value < NeverBelowMm ? null : Vegetable(plan, lot);

    private LotForecast Chicken(TrayPlan plan, ChickenLot lot)
    {
        double ready = lot.AddAtMinutes + ChickenMinutes(plan, lot);
        return Made(plan, lot.Id, isChicken: true, ready, ChickenStaysGood) with { LightestReady = ready - LightestSooner };
    }

    private LotForecast Vegetable(TrayPlan plan, VegetableLot lot) =>
        Made(plan, lot.Id, isChicken: false, lot.AddAtMinutes + (lot.Size.Value * MinutesPerMm(plan, lot)), VegetableStaysGood);

    private LotForecast Made(TrayPlan plan, int lot, bool isChicken, double ready, double staysGood) => new(
        lot, isChicken, 0, new(1, 1, 1, 1, 1), 100, 1, new(ready, ready, ready), ready, [], 0, (int)Math.Ceiling(ready), MiddleState.AtTarget,
        SurfaceColours.Of(Browning(plan)), SurfaceColour.Pale, 0, 0, [])
    {
        Good = new(ready, ready, ready + staysGood, ready + staysGood + 10),
    };
}
