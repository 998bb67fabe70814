using AmberSpoon.Core.Doneness.Goals;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Households;
using AmberSpoon.Core.Prep;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Layout;
using AmberSpoon.Core.Units;
using AmberSpoon.Server.Stations.Tray;
using AmberSpoon.Store;
using AmberSpoon.Store.Rows;
using Microsoft.EntityFrameworkCore;

namespace AmberSpoon.Server.Demo;

/// <summary>
/// An invented household to play with: a tray planned for tonight and four months of evenings in the log, each predicted and
/// judged by the same code that serves a real cook.
/// </summary>
internal static class DemoHousehold
{
    /// <param name="db">An empty kitchen; one that is not is left as it is.</param>
    /// <param name="evenings">How many evenings stand in the log.</param>
    /// <param name="time">The kitchen's clock.</param>
    /// <param name="cancel">Ends it.</param>
    public static async Task Seed(KitchenDb db, int evenings, TimeProvider time, CancellationToken cancel)
    {
        if (await db.Trays.AnyAsync(cancel) || await db.Bakes.AnyAsync(cancel))
        {
            return;
        }

        DateTimeOffset now = time.GetUtcNow();
        TrayRow[] trays =
        [
            Tray(Tonight(NextQuarter(now.AddMinutes(110))), now),
            Tray(Plan("Sunday leg quarters", Cut.LegQuarter, 4, 1360, 200), now.AddDays(-6)),
            Tray(Plan("Crumbed breasts, quick", Cut.BonelessBreast, 4, 820, 200, skinOn: false), now.AddDays(-11)),
        ];
        db.Trays.AddRange(trays);
        await db.SaveChangesAsync(cancel);
        db.TrayStates.AddRange(trays.Select(tray => new TrayStateRow { TrayId = tray.Id, State = 0, Plan = tray.Plan }));
        db.Preps.Add(new() { TrayId = trays[0].Id, Choice = Counter });
        db.Households.Add(new() { Id = 1, Household = Kitchen, Version = 1 });
        await db.SaveChangesAsync(cancel);
        await DemoLog.Write(new BakeBook(db, new LogShelf(db), new KnowledgeKept(), time), now, evenings, cancel);
    }

    /// <summary>Tonight's thighs are rubbed; two packs and a bird were looked at in the shop.</summary>
    private static PrepChoice Counter { get; } = PrepChoice.Usual with
    {
        Mix = "harvest-rub",
        MarinateMinutes = 30,
        Garnish = true,
        Packs = [new(Cut.BoneInThigh, 990, 6, 6.85m), new(Cut.Drumstick, 1400, 12, 7.70m)],
        Bird = new(1750, 9.40m),
    };

    /// <summary>An invented kitchen in °C and grams, a sheet and a dish in it.</summary>
    private static Household Kitchen { get; } = Household.Usual with
    {
        Vessels = [.. Household.Usual.Vessels, new("Blue dish", Vessel.HalfSheet with { Kind = VesselKind.Dish })],
        Cooks = ["Mara", "Jo"],
        IsSaid = true,
    };

    internal static TrayPlan Plan(string name, Cut cut, int count, double packG, double ovenC, bool skinOn = true, DateTimeOffset? eatAt = null) => EmptyTray.Of(Household.Usual) with
    {
        Name = name,
        Chicken = [Chicken(1, cut, count, packG, skinOn)],
        OvenSetting = new EnteredTemperature(ovenC, TemperatureUnit.Celsius),
        EatAt = eatAt,
    };

    internal static ChickenLot Chicken(int id, Cut cut, int count, double packG, bool skinOn = true) => new(
        id,
        cut,
        skinOn,
        [Coating.Oil],
        new(SizeBasis.Pack, count, new(packG, MassUnit.Gram), SpreadPercent: 0, Each: []),
        Height: null,
        StartingPoint.Fridge,
        Vessel: 0,
        AddAtMinutes: 0,
        LeavesWhenDone: false,
        SkinDown: false,
        CoreGoal.Usual(cut, TemperatureUnit.Celsius));

    internal static VegetableLot Vegetable(int id, Vegetable kind, VegetableCut cut, double sizeMm, double amountG) => new(
        id, kind, cut, new(sizeMm, LengthUnit.Millimetre), new(amountG, MassUnit.Gram), VegetablePlace.Around, Vessel: 0, AddAtMinutes: 0, LeavesWhenDone: false, Tenderness.Tender);

    private static TrayRow Tray(TrayPlan plan, DateTimeOffset at) =>
        new() { Plan = plan with { Spots = TrayArranger.Arrange(plan).Spots() }, Version = 1, SavedAt = at, OpenedAt = at };

    /// <summary>Thighs of mixed sizes with roots and onions.</summary>
    private static TrayPlan Tonight(DateTimeOffset eatAt)
    {
        TrayPlan plan = Plan("Paprika thighs for the choir", Cut.BoneInThigh, 6, 990, 205, eatAt: eatAt);
        return plan with
        {
            Chicken = [plan.Chicken[0] with { Coats = [Coating.DryRub], Sizes = plan.Chicken[0].Sizes with { SpreadPercent = 15 } }],
            Vegetables =
            [
                Vegetable(2, Core.Food.Vegetable.Potato, VegetableCut.Cube, 25, 300),
                Vegetable(3, Core.Food.Vegetable.Carrot, VegetableCut.Coin, 20, 150),
                Vegetable(4, Core.Food.Vegetable.Onion, VegetableCut.Wedge, 30, 120),
            ],
        };
    }

    private static DateTimeOffset NextQuarter(DateTimeOffset moment)
    {
        long quarter = TimeSpan.FromMinutes(15).Ticks;
        return new((moment.Ticks + quarter - 1) / quarter * quarter, moment.Offset);
    }
}
