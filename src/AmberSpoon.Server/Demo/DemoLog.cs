using System.Collections.Immutable;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Learning;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Coats;
using AmberSpoon.Core.Trays.Layout;
using AmberSpoon.Store;

namespace AmberSpoon.Server.Demo;

/// <summary>Four months of evenings of the invented household, in an oven that is colder than its dial says: what is learnt of it is learnt from them.</summary>
internal static class DemoLog
{
    private const int DaysBetween = 5;

    /// <param name="book">The household's book.</param>
    /// <param name="now">The kitchen's clock.</param>
    /// <param name="evenings">How many, the last ones.</param>
    /// <param name="cancel">Ends it.</param>
    public static async Task Write(BakeBook book, DateTimeOffset now, int evenings, CancellationToken cancel)
    {
        List<OvenEvidence> said = [];
        (TrayPlan Plan, string? Note, string? NextTime)[] all = [.. All().TakeLast(evenings)];
        for (int i = 0; i < all.Length; i++)
        {
            OvenBelief belief = OvenLearning.Of(said, 0).Belief;
            DateTimeOffset at = now.AddDays(-2 - (DaysBetween * (all.Length - 1 - i)));
            var evening = new DemoEvening(at, all[i].Plan, all[i].Note, all[i].NextTime, Seed: 100 + i);
            said.Add(await evening.WriteInto(book, new(belief is { Bakes: > 0 } ? belief : null, ImmutableDictionary<Vegetable, TenderWish>.Empty), cancel));
        }
    }

    private static IEnumerable<(TrayPlan Plan, string? Note, string? NextTime)> All()
    {
        yield return Evening("First drumsticks", Cut.Drumstick, 8, 930, 200, null, "Ask for bigger ones");
        yield return Evening("Thighs, plain", Cut.BoneInThigh, 6, 980, 205, "Took longer than we thought", null);
        yield return Evening("Lemon breasts", Cut.BonelessBreast, 3, 640, 200, null, null, skinOn: false);
        yield return Evening("Wings for the match", Cut.WholeWing, 10, 900, 215, "Gone in ten minutes", "Twice as many");
        yield return Evening("Leg quarters and onions", Cut.LegQuarter, 4, 1340, 200, null, null, with: DemoHousehold.Vegetable(2, Vegetable.Onion, VegetableCut.Wedge, 30, 200));
        yield return Evening("Paprika thighs", Cut.BoneInThigh, 6, 1010, 205, null, "A little less salt", coat: Coating.DryRub, with: DemoHousehold.Vegetable(2, Vegetable.Potato, VegetableCut.Cube, 25, 350));
        yield return Evening("Crumbed breasts", Cut.BonelessBreast, 4, 800, 200, "Crumb stayed on", null, skinOn: false, coat: Coating.CrumbOverEgg);
        yield return Evening("Boneless thighs, soy", Cut.BonelessThigh, 6, 720, 210, null, null, skinOn: false, coat: Coating.WetMarinade);
        yield return Evening("Drumsticks and carrots", Cut.Drumstick, 8, 950, 200, null, "Carrots thicker", with: DemoHousehold.Vegetable(2, Vegetable.Carrot, VegetableCut.Coin, 15, 250));
        yield return Evening("Bone-in breasts", Cut.BoneInBreast, 2, 760, 195, null, null);
        yield return Evening("Thighs for the neighbours", Cut.BoneInThigh, 8, 1320, 210, "Everybody stayed till eleven", null, with: DemoHousehold.Vegetable(2, Vegetable.Pepper, VegetableCut.Stick, 20, 250));
        yield return Evening("Drumettes, honey", Cut.Drumette, 12, 620, 210, null, null);
        yield return Evening("Leg quarters, rosemary", Cut.LegQuarter, 3, 1050, 200, null, "Rosemary under the skin", with: DemoHousehold.Vegetable(2, Vegetable.Potato, VegetableCut.Cube, 25, 300));
        yield return Evening("Yoghurt thighs", Cut.BonelessThigh, 7, 860, 215, null, null, skinOn: false, coat: Coating.ThickMarinade);
        yield return Evening("Breasts after work", Cut.BonelessBreast, 2, 420, 210, null, null, skinOn: false);
        yield return Evening("Mustard drumsticks", Cut.Drumstick, 9, 1080, 195, "Skin could be crisper", "The last ten minutes hotter");
        yield return Evening("Thighs over potatoes", Cut.BoneInThigh, 6, 1000, 205, null, null, with: DemoHousehold.Vegetable(2, Vegetable.Potato, VegetableCut.Cube, 25, 300));
        yield return Evening("Birthday legs", Cut.LegQuarter, 4, 1420, 200, "The candles burnt longer", null);
        yield return Evening("Tenders, crumbed", Cut.Tender, 12, 620, 215, null, null, skinOn: false, coat: Coating.CrumbOverEgg);
        yield return Evening("Thighs and peppers", Cut.BoneInThigh, 6, 960, 205, null, null, with: DemoHousehold.Vegetable(2, Vegetable.Pepper, VegetableCut.Stick, 20, 200));
        yield return Evening("Leg quarters over onions", Cut.LegQuarter, 4, 1360, 200, null, null, with: DemoHousehold.Vegetable(2, Vegetable.Onion, VegetableCut.Wedge, 30, 200));
        yield return Evening("Quick lemon breasts", Cut.BonelessBreast, 2, 430, 210, "A little pink by the fat end at first", null, skinOn: false);
        yield return Evening("Sunday leg quarters", Cut.LegQuarter, 4, 1360, 200, null, "Start half an hour sooner");
        yield return Evening("Honey mustard drumsticks", Cut.Drumstick, 8, 940, 190, "Skin dark gold, juices clear", "Honey only in the last ten minutes", with: DemoHousehold.Vegetable(2, Vegetable.Carrot, VegetableCut.Coin, 20, 200));
    }

    private static (TrayPlan Plan, string? Note, string? NextTime) Evening(
        string name, Cut cut, int count, double packG, double ovenC, string? note, string? nextTime, bool skinOn = true, Coating coat = Coating.Oil, VegetableLot? with = null)
    {
        TrayPlan plan = DemoHousehold.Plan(name, cut, count, packG, ovenC, skinOn);
        plan = plan with
        {
            Chicken = [plan.Chicken[0] with { Coats = [(LotCoat)coat] }],
            Vegetables = with is null ? [] : [with],
        };
        return (plan with { Spots = TrayArranger.Arrange(plan).Spots() }, note, nextTime);
    }
}
