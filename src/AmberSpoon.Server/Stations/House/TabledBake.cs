using AmberSpoon.Core.Bakes.Events;
using AmberSpoon.Core.Doneness.Goals;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Households;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Units;
using AmberSpoon.Formats.Bakes;
using AmberSpoon.Server.Stations.Tray;

namespace AmberSpoon.Server.Stations.House;

/// <summary>Makes a bake of a line of a table: what the line does not say is what is usual in this kitchen.</summary>
internal static class TabledBake
{
    private const int LongestName = 60;

    /// <returns>Its plan, and all that happened.</returns>
    public static (TrayPlan Plan, IReadOnlyList<BakeEvent> Events) Of(TableBake line, Household household)
    {
        string name = line.Name.Length is > 0 and <= LongestName ? line.Name : "From a table";
        HouseOven oven = household.Ovens.FirstOrDefault(own => string.Equals(own.Name, line.Oven, StringComparison.OrdinalIgnoreCase))
            ?? (line.Oven.Length is > 0 and <= HouseOven.LongestName ? HouseOven.Usual with { Name = line.Oven } : household.Ovens[0]);
        TrayPlan plan = EmptyTray.Of(household) with
        {
            Name = name,
            OvenSetting = new(line.OvenC, TemperatureUnit.Celsius),
            OvenMode = oven.Air,
            Oven = oven,
            Chicken = [.. line.Chicken.Select((lot, i) => Chicken(i + 1, lot))],
            Vegetables = [.. line.Vegetables.Select((lot, i) => Vegetable(line.Chicken.Count + i + 1, lot))],
        };
        List<BakeEvent> events = [];
        Tell(0, new Started());
        if (line.CoreC is { } coreC)
        {
            Tell(line.CoreMin ?? line.Minutes, new Measured(new(plan.Chicken[0].LotId, 1), new(coreC, TemperatureUnit.Celsius)));
        }

        foreach (string note in line.Notes)
        {
            Tell(line.Minutes, new Noted(note));
        }

        Tell(line.Minutes, new Resting());
        Tell(line.Minutes, new Finished());
        return (plan, events);

        void Tell(double minutes, Happening what)
        {
            DateTimeOffset at = DateTimeOffset.FromUnixTimeMilliseconds(line.StartedAt.AddMinutes(minutes).ToUnixTimeMilliseconds());
            events.Add(new(events.Count + 1, Guid.CreateVersion7(at), at, what));
        }
    }

    private static ChickenLot Chicken(int id, TableChicken lot) => new(
        id,
        lot.Cut,
        SkinOn: CutTable.HasBone(lot.Cut),
        Coats: [],
        new(SizeBasis.Pack, lot.Count, new(lot.Grams, MassUnit.Gram), SpreadPercent: 0, Each: []),
        Height: null,
        StartingPoint.Fridge,
        Vessel: 0,
        AddAtMinutes: 0,
        LeavesWhenDone: false,
        SkinDown: false,
        CoreGoal.Usual(lot.Cut, TemperatureUnit.Celsius));

    private static VegetableLot Vegetable(int id, TableVegetable lot)
    {
        VegetableFacts facts = VegetableTable.For(lot.Kind);
        return new(
            id, lot.Kind, facts.Usual.Cut, new(facts.UsualSizeMm(facts.Usual.Cut), LengthUnit.Millimetre), new(lot.Grams, MassUnit.Gram), VegetablePlace.Around, Vessel: 0, AddAtMinutes: 0, LeavesWhenDone: false, Tenderness.Tender);
    }
}

/// <summary>What a table that was brought holds, and what came of it.</summary>
/// <param name="IsRehearsal">Nothing was kept.</param>
/// <param name="Lines">Bakes in it.</param>
/// <param name="New">Of them not here before.</param>
/// <param name="Known">Here already: those stay as they are.</param>
/// <param name="From">The first of them.</param>
/// <param name="To">The last of them.</param>
public sealed record TableReport(bool IsRehearsal, int Lines, int New, int Known, DateTimeOffset From, DateTimeOffset To);

/// <param name="Text">A log as a table, UTF-8.</param>
/// <param name="Rehearsal">Only say what would be done; it is one unless told otherwise.</param>
public sealed record LogTableRequest(string? Text = null, bool? Rehearsal = null);
