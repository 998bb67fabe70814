using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat.Materials;
using AmberSpoon.Core.Prep;
using AmberSpoon.Core.Prep.Buying;
using AmberSpoon.Core.Prep.Cutting;
using AmberSpoon.Core.Prep.Judgements;
using AmberSpoon.Core.Prep.Marinating;
using AmberSpoon.Core.Prep.Mixes;
using AmberSpoon.Core.Prep.Order;
using AmberSpoon.Core.Prep.Scaling;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Trays.Layout;
using AmberSpoon.Server.Stations.Tray;
using AmberSpoon.Store.Rows;

namespace AmberSpoon.Server.Stations.Prep;

/// <summary>Puts a tray, what was decided at the counter, and the clock together.</summary>
internal sealed class PrepPlanner(TimeProvider time)
{
    /// <param name="tray">The tray.</param>
    /// <param name="computed">What follows from its plan; null while it is empty.</param>
    /// <param name="choice">What was decided.</param>
    /// <param name="version">How often that was changed.</param>
    /// <param name="measures">What the kitchen measures with.</param>
    /// <param name="mixes">All that can be chosen.</param>
    public PrepView View(TrayRow tray, TrayComputed? computed, PrepChoice choice, int version, KitchenMeasures measures, IReadOnlyList<MixListed> mixes)
    {
        TrayPlan plan = tray.Plan;
        DateTimeOffset now = time.GetUtcNow();
        MeatToCoat meat = MeatToCoat.Of(plan.Chicken);
        TrayLayout? layout = computed?.Layout;
        TrayForecast? forecast = computed?.Forecast;
        IReadOnlyList<CuttingItem> cutting = forecast is null ? [] : CuttingList.Of(plan, forecast, choice.Heads);
        ThawView? thaw = Thaw(plan, choice, meat, now);
        MixListed? chosen = mixes.FirstOrDefault(listed => listed.Id == choice.Mix);
        MixView? mix = chosen is null ? null : Mixed(chosen, choice, plan, meat, measures, layout, forecast);
        return new(
            tray.Id,
            plan.Name,
            choice,
            version,
            measures,
            meat,
            mixes,
            mix,
            mix is null ? null : Marinade(mix, choice, thaw?.ThawedAt ?? now),
            thaw,
            WorkOrder.Of(new(plan, chosen?.Mix, mix?.ServedG ?? 0, choice.MarinateMinutes, choice.Garnish)),
            cutting,
            cutting.Sum(item => item.MlPerHead),
            CuttingList.WantedMlPerHead,
            plan.Chicken.Count == 0 ? null : Portions.Of(plan, forecast, choice.Heads, choice.PortionG, choice.Packs),
            [.. choice.Packs.OrderBy(pack => pack.PricePerEdibleKg)],
            Bird(choice),
            choice.RecipeMeatG is { } recipeG && meat.MassG > 0 ? MeatToCoat.Factor(meat.MassG, recipeG) : null,
            CoatingDiffers(plan, chosen?.Mix),
            PrepReasons.For(choice, meat, chosen?.Mix),
            now);
    }

    /// <summary>The part of it that may be served; nothing of what never is.</summary>
    public static double ServedG(Mix mix, PrepChoice choice) => MixKinds.MayBeServed(mix.Kind) ? choice.ServeG : 0;

    private static MixView Mixed(
        MixListed chosen, PrepChoice choice, TrayPlan plan, MeatToCoat meat, KitchenMeasures measures, TrayLayout? layout, TrayForecast? forecast)
    {
        double serveG = ServedG(chosen.Mix, choice);
        ScaledMix scaled = MixScaler.Scale(chosen.Mix, meat, measures, serveG);
        ChickenLot? first = plan.Chicken.Count == 0 ? null : plan.Chicken[0];
        GlazeBurn? burn = first is null || layout is null || forecast is null || !IsSweet(chosen.Mix, scaled)
            ? null
            : GlazeBurn.Of(plan, layout, forecast.Of(first.Id), first);
        var asked = new MixOnMeat(chosen.Mix, scaled, meat, plan.Chicken.Any(lot => lot.SkinOn), choice.MarinateMinutes, choice.Container, burn);
        return new(chosen.Id, chosen.Mix, scaled, MixKinds.MayBeServed(chosen.Mix.Kind), serveG, MixJudge.Judge(asked), burn);
    }

    private static bool IsSweet(Mix mix, ScaledMix scaled) => mix.Kind == MixKind.Glaze || (mix.Kind != MixKind.JuiceSauce && scaled.SugarShare > 0.1);

    private static MarinadeOutlook? Marinade(MixView mix, PrepChoice choice, DateTimeOffset from)
    {
        bool lies = choice.MarinateMinutes > 0 && (MixKinds.IsMarinade(mix.Mix.Kind) || mix.Mix.Kind == MixKind.DryRub);
        if (!lies)
        {
            return null;
        }

        ContactTime limits = ContactTime.Of(mix.Mix, mix.Scaled);
        return new(MarinadeClock.Times(from, choice.MarinateMinutes, limits, MixKinds.IsMarinade(mix.Mix.Kind)), limits, MarinadeClock.Cautions(choice.MarinateMinutes, choice.Place, limits));
    }

    private static ThawView? Thaw(TrayPlan plan, PrepChoice choice, MeatToCoat meat, DateTimeOffset now)
    {
        if (choice.FrozenMm is not { } thicknessMm || meat.MassG <= 0)
        {
            return null;
        }

        double massG = Math.Clamp(meat.MassG, FridgeThaw.LeastMassG, FridgeThaw.MostMassG);
        FreezingFood food = CutTable.For(plan.Chicken[0].Cut).IsDark ? FreezingFood.DarkMeat : FreezingFood.BreastMeat;
        int minutes = FridgeThaw.Minutes(massG, thicknessMm, food);
        return new(
            minutes,
            now.AddMinutes(minutes),
            FormattableString.Invariant($"A pack of {massG:0} g, {thicknessMm:0} mm thick, from {FridgeThaw.FreezerC:0} °C: about {Math.Ceiling(minutes / 60.0):0} h in a fridge of {FridgeThaw.FridgeC:0} °C, on a plate that catches the drip. Cook it within a day or two of that."));
    }

    private static BirdView? Bird(PrepChoice choice)
    {
        if (choice.Bird is not { } bird)
        {
            return null;
        }

        string price = FormattableString.Invariant($"{bird.EdibleG:0} g of meat at {bird.PricePerEdibleKg:0.00} the kilogram, and {bird.ForStockG:0} g of bones for stock.");
        Pack? cheapest = choice.Packs.MinBy(pack => pack.PricePerEdibleKg);
        return new(bird, cheapest is null || bird.PricePerEdibleKg <= 0
            ? price
            : FormattableString.Invariant($"{price} The cheapest pack, {CutTable.For(cheapest.Cut).Plural}, costs {cheapest.PricePerEdibleKg:0.00}: {(bird.PricePerEdibleKg < cheapest.PricePerEdibleKg ? "cutting up the bird is cheaper" : "the pack is cheaper")}."));
    }

    private static Coating? CoatingDiffers(TrayPlan plan, Mix? mix) =>
        mix is not null && MixKinds.CoatingOf(mix.Kind) is { } coating && plan.Chicken.Any(lot => lot.Coating != coating) ? coating : null;
}
