using AmberSpoon.Core.Evenings;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat.Materials;
using AmberSpoon.Core.Prep;
using AmberSpoon.Core.Prep.Bowls;
using AmberSpoon.Core.Prep.Buying;
using AmberSpoon.Core.Prep.Cutting;
using AmberSpoon.Core.Prep.Judgements;
using AmberSpoon.Core.Prep.Marinating;
using AmberSpoon.Core.Prep.Mixes;
using AmberSpoon.Core.Prep.Order;
using AmberSpoon.Core.Prep.Scaling;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Units;
using AmberSpoon.Server.Stations.Mixes;
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
    /// <param name="units">What its sentences are written in.</param>
    public PrepView View(TrayRow tray, TrayComputed? computed, PrepChoice choice, int version, KitchenMeasures measures, IReadOnlyList<MixListed> mixes, double pace, KitchenUnits units)
    {
        TrayPlan plan = tray.Plan;
        DateTimeOffset now = time.GetUtcNow();
        MeatToCoat meat = MeatToCoat.Of(plan.Chicken);
        TrayForecast? forecast = computed?.Forecast;
        IReadOnlyList<CuttingItem> cutting = forecast is null ? [] : CuttingList.Of(plan, forecast, choice.Heads);
        ThawView? thaw = Thaw(plan, choice, meat, now, units);
        WorkPlan work = Work(plan, choice, mixes, forecast) with { Units = units };
        (Bowl Bowl, ScaledMix Scaled)[] made = [.. work.Bowls.Select(bowl => (bowl, MixScaler.Scale(bowl.Mix, MeatToCoat.Of(bowl.Lots), measures, work.ServeG.GetValueOrDefault(bowl.Id))))];
        BowlView[] bowls = new BowlView[made.Length];
        Parallel.For(0, made.Length, i => bowls[i] = View(made[i].Bowl, made[i].Scaled, work, choice, computed, thaw?.ThawedAt ?? now));
        return new(
            tray.Id,
            plan.Name,
            choice,
            version,
            measures,
            meat,
            mixes,
            bowls,
            [.. plan.Chicken.Select(lot => new LotPrepView(lot.Id, $"{lot.Count} {LotNames.Of(plan, lot)}", lot.SkinOn, lot.Coats, SaltJudge.Of(lot, made, measures).Said))],
            thaw,
            OnTheClock(WorkOrder.Of(work), plan, forecast, pace, now),
            cutting,
            cutting.Sum(item => item.MlPerHead),
            CuttingList.WantedMlPerHead,
            plan.Chicken.Count == 0 ? null : Portions.Of(plan, forecast, choice.Heads, choice.PortionG, choice.Packs),
            [.. choice.Packs.OrderBy(pack => pack.PricePerEdibleKg)],
            Bird(choice, units),
            choice.RecipeMeatG is { } recipeG && meat.MassG > 0 ? MeatToCoat.Factor(meat.MassG, recipeG) : null,
            PrepReasons.For(choice, meat, [.. work.Bowls.Select(bowl => bowl.Mix)], units),
            now);
    }

    /// <summary>What the order of work is made from.</summary>
    public static WorkPlan Work(TrayPlan plan, PrepChoice choice, IReadOnlyList<MixListed> mixes, TrayForecast? forecast) =>
        WorkPlan.Of(plan, choice, id => mixes.FirstOrDefault(listed => listed.Id == id)?.Mix, forecast?.Lots.Sum(lot => lot.JuiceMl) ?? 0);

    private static BowlView View(Bowl bowl, ScaledMix scaled, WorkPlan work, PrepChoice choice, TrayComputed? computed, DateTimeOffset from)
    {
        ChickenLot first = bowl.Lots[0];
        GlazeBurn? burn = computed is null || !bowl.MeetsMeat || !IsSweet(bowl.Mix, scaled)
            ? null
            : GlazeBurn.Of(computed.Plan, computed.Layout, computed.Forecast.Of(first.Id), computed.Plan.Chicken.First(lot => lot.Id == first.Id));
        int soak = bowl.Uses.Max(use => work.SoakOf(use.Coat));
        var asked = new MixOnMeat(
            bowl.Mix, scaled, MeatToCoat.Of(bowl.Lots), bowl.Lots.Any(lot => lot.SkinOn), soak, choice.Container, burn, bowl.MeetsRaw ? null : bowl.FirstMinute)
        {
            Units = work.Units,
        };
        return new(
            bowl.Id,
            bowl.Mix,
            scaled,
            bowl.UsedFor(work.Plan),
            MixKinds.MayBeServed(bowl.Mix.Kind),
            work.ServeG.GetValueOrDefault(bowl.Id),
            bowl.MeetsMeat ? MixJudge.Judge(asked) : [],
            burn,
            soak > 0 ? Marinade(bowl.Mix, scaled, soak, choice.Place, from) : null);
    }

    private static bool IsSweet(Mix mix, ScaledMix scaled) => mix.Kind == MixKind.Glaze || (mix.Kind != MixKind.JuiceSauce && scaled.SugarShare > 0.1);

    private static MarinadeOutlook Marinade(Mix mix, ScaledMix scaled, int minutes, MarinadePlace place, DateTimeOffset from)
    {
        ContactTime limits = ContactTime.Of(mix, scaled);
        return new(MarinadeClock.Times(from, minutes, limits, place, MixKinds.IsMarinade(mix.Kind)), limits, MarinadeClock.Cautions(minutes, place, limits));
    }

    /// <summary>Worked back from the moment the tray goes in; where dinner has no time, from now on.</summary>
    private static WorkStepView[] OnTheClock(IReadOnlyList<WorkStep> steps, TrayPlan plan, TrayForecast? forecast, double pace, DateTimeOffset now)
    {
        IReadOnlyList<double> before = WorkClock.MinutesBefore(steps, plan.PreheatMinutes, pace);
        DateTimeOffset asSoonAsCanBe = now.AddMinutes(before.DefaultIfEmpty(0).Max());
        DateTimeOffset inAt = plan.EatAt is { } eatAt && forecast is not null ? DinnerScheduler.BackFrom(eatAt, forecast).InAt : asSoonAsCanBe;
        return
        [
            .. steps.Select((step, i) => new WorkStepView(step.Key, step.Touches, step.Title, step.Detail, step.Hand, (inAt < now ? asSoonAsCanBe : inAt).AddMinutes(-before[i]))),
        ];
    }

    /// <summary>How long a frozen pack lies in the fridge until its middle is thawed, min; 0 where nothing is frozen.</summary>
    public static int ThawMinutes(TrayPlan plan, PrepChoice choice)
    {
        double massG = MeatToCoat.Of(plan.Chicken).MassG;
        return choice.FrozenMm is { } thicknessMm && massG > 0
            ? FridgeThaw.Minutes(
                Math.Clamp(massG, FridgeThaw.LeastMassG, FridgeThaw.MostMassG), thicknessMm, CutTable.For(plan.Chicken[0].Cut).IsDark ? FreezingFood.DarkMeat : FreezingFood.BreastMeat)
            : 0;
    }

    private static ThawView? Thaw(TrayPlan plan, PrepChoice choice, MeatToCoat meat, DateTimeOffset now, KitchenUnits units)
    {
        if (choice.FrozenMm is not { } thicknessMm || meat.MassG <= 0)
        {
            return null;
        }

        double massG = Math.Clamp(meat.MassG, FridgeThaw.LeastMassG, FridgeThaw.MostMassG);
        int minutes = ThawMinutes(plan, choice);
        return new(
            minutes,
            now.AddMinutes(minutes),
            FormattableString.Invariant($"A pack of {units.SayMass(massG)}, {units.SayLength(thicknessMm)} thick, from {units.Say(new(FridgeThaw.FreezerC))}: about {Math.Ceiling(minutes / 60.0):0} h in a fridge of {units.Say(new(FridgeThaw.FridgeC))}, on a plate that catches the drip. Cook it within a day or two of that."));
    }

    private static BirdView? Bird(PrepChoice choice, KitchenUnits units)
    {
        if (choice.Bird is not { } bird)
        {
            return null;
        }

        string price = FormattableString.Invariant($"{units.SayMass(bird.EdibleG)} of meat at {units.SayPrice(bird.PricePerEdibleKg)}, and {units.SayMass(bird.ForStockG)} of bones for stock.");
        Pack? cheapest = choice.Packs.MinBy(pack => pack.PricePerEdibleKg);
        return new(bird, cheapest is null || bird.PricePerEdibleKg <= 0
            ? price
            : FormattableString.Invariant($"{price} The cheapest pack, {CutTable.For(cheapest.Cut).Plural}, costs {units.SayPrice(cheapest.PricePerEdibleKg)}: {(bird.PricePerEdibleKg < cheapest.PricePerEdibleKg ? "cutting up the bird is cheaper" : "the pack is cheaper")}."));
    }
}
