using System.Globalization;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Core.Trays.Forecasting;

/// <summary>Answers "why" for a forecast: what it rests on, in words a cook can check.</summary>
public static class ForecastReasons
{
    public static IReadOnlyList<Explanation> For(TrayPlan plan, TrayForecast forecast, KitchenUnits units)
    {
        ChickenLot? lot = plan.Chicken.FirstOrDefault(chicken => chicken.Id == forecast.Lead);
        string piece = lot is null ? VegetableTable.For(plan.Vegetables.First(vegetable => vegetable.Id == forecast.Lead).Kind).Name : CutTable.For(lot.Cut).Name;
        HeatParameter air = plan.OvenMode == OvenMode.Fan ? HeatParameters.FanConvection : HeatParameters.StillConvection;
        string height = units.SayLength(forecast.Piece.HeightMm);
        string mass = units.SayMass(forecast.Of(forecast.Lead).MassG);
        List<Explanation> reasons =
        [
            new(
                "Thickness",
                lot is null ? $"The {piece} stand {height} tall as cut."
                    : lot.Height is null ? $"A {piece} of {mass} is taken as {height} tall; measuring the tallest halves this doubt."
                    : $"{height} tall, as you measured.",
                "Common practice, scaled by the cube root of the mass"),
            new(
                "Heat into the meat",
                $"Air brings {air.Value:0} W per m² and degree, the oven walls radiate, and drying holds the surface back; underneath, {TrayOf(plan, lot?.Vessel ?? 0)} passes on what it takes up.",
                $"{air.Source}; Lewis relation and Stefan–Boltzmann law"),
            new(
                "Heat through the meat",
                "Conduction in three dimensions through meat and bone, cut into a thousand and more small cells; what meat conducts and stores follows its water, protein and fat.",
                "Choi and Okos 1986, in the ASHRAE Handbook (from memory); checked against textbook cases"),
            new(
                "Give or take",
                $"{forecast.ToTarget.LowMinutes:0} to {forecast.ToTarget.HighMinutes:0} min covers four kitchens in five: height, a dial that is off by {units.SayDifference(12)}, air, drying and the start each moved in turn.",
                "Common practice"),
            new(
                "How well we know our own model",
                $"It is taken to be right to {100 * ModelDoubt.Share:0} % of the time in four cases of five, whatever the kitchen; that is in the give or take.",
                "A judgement, with ten windows of practice and five published times (USDA FSIS, from memory) in view"),
            new(
                "After the oven",
                forecast.RestMinutes == 0 || lot is null
                    ? "No rest planned."
                    : $"Resting, the middle peaks at {units.Say(new(forecast.PeakColdestC))}, because the outside is hotter and goes on giving.",
                $"The same computation, carried on in a kitchen at {units.Say(new(21))}"),
            new(
                "Place on the tray",
                $"The back of the oven counts as {units.SayDifference(5)} hotter than its middle and the door as much cooler; neighbours stand in the way of heat. The heaviest piece that lies worst decides.",
                "Common practice; outlines from the shapes that heat is computed in"),
        ];
        if (plan.Oven?.Learnt is { Bakes: > 0 } learnt)
        {
            reasons.Insert(0, new(
                "This oven",
                string.Create(CultureInfo.InvariantCulture, $"Reckoned by what {learnt.Bakes} of your bakes taught: it bakes as an ordinary oven does {units.SayDifference(Math.Abs(learnt.ActsHotterByC))} {(learnt.ActsHotterByC < 0 ? "below" : "above")} its dial (±{units.SayDifference(learnt.ActsWithinC)})."),
                "Your own log"));
        }

        if (plan.Vegetables.Count > 0)
        {
            reasons.Add(new(
                "Vegetables",
                $"Tender is when the middle has had as many minutes at the boil, or as much at other heats, as in its usual time at {units.Say(new(210))}; calibrated once for each.",
                "Cook value, Mansfield 1962 (from memory); usual times are common practice"));
        }

        return reasons;
    }

    private static string TrayOf(TrayPlan plan, int vessel) => plan.Vessels[vessel].Rack ? "hot air under the rack" : plan.Vessels[vessel].Material switch
    {
        TrayMaterial.LightMetal => "a light metal tray",
        TrayMaterial.DarkMetal => "a dark metal tin",
        _ => "a glass or ceramic dish",
    };
}
