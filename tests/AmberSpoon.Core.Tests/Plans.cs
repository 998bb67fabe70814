using AmberSpoon.Core.Doneness.Goals;
using AmberSpoon.Core.Doneness.Safety;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Trays.Layout;
using AmberSpoon.Core.Units;
using CsCheck;

namespace AmberSpoon.Core.Tests;

/// <summary>Plans to start a test from, in °C and grams per piece.</summary>
internal static class Plans
{
    /// <summary>Six alike pieces on a half sheet.</summary>
    public static TrayPlan Of(
        Cut cut,
        double pieceG,
        double ovenC,
        OvenMode mode = OvenMode.Still,
        double targetC = 74,
        bool skinOn = true,
        double? heightMm = null,
        int restMinutes = 5) => new(
        "test",
        [Chicken(1, cut, 6, pieceG, targetC: targetC) with { SkinOn = skinOn, Height = heightMm is { } mm ? new(mm, LengthUnit.Millimetre) : null }],
        Vegetables: [],
        [Vessel.HalfSheet],
        mode,
        new EnteredTemperature(ovenC, TemperatureUnit.Celsius),
        Steps: [],
        ProfileId.UnitedStates,
        restMinutes,
        EatAt: null,
        Spots: []);

    public static TrayPlan Thighs { get; } = Of(Cut.BoneInThigh, 165, 204);

    /// <summary>Mixed thighs with potatoes and carrots.</summary>
    public static TrayPlan Supper { get; } = Thighs with
    {
        Chicken = [Chicken(1, Cut.BoneInThigh, 4, 165, spreadPercent: 15)],
        Vegetables = [Roots(2, Vegetable.Potato, 300), Roots(3, Vegetable.Carrot, 200)],
    };

    /// <summary>The same with another goal for all its chicken.</summary>
    public static TrayPlan Aiming(this TrayPlan plan, double targetC) => plan with
    {
        Chicken = [.. plan.Chicken.Select(lot => lot with { Goal = new(new EnteredTemperature(targetC, TemperatureUnit.Celsius)) })],
    };

    /// <summary>The first lot's heaviest piece as the plan bakes it.</summary>
    public static PieceSetting FirstSetting(this TrayPlan plan) => new LotSettings(plan, TrayArranger.Arrange(plan)).Of(plan.Chicken[0]);

    public static ChickenLot Chicken(int id, Cut cut, int count, double pieceG, double spreadPercent = 0, double targetC = 74) => new(
        id,
        cut,
        SkinOn: true,
        [Coating.Oil],
        new(SizeBasis.Pack, count, new(count * pieceG, MassUnit.Gram), spreadPercent, Each: []),
        Height: null,
        StartingPoint.Fridge,
        Vessel: 0,
        AddAtMinutes: 0,
        LeavesWhenDone: false,
        SkinDown: false,
        new CoreGoal(new EnteredTemperature(targetC, TemperatureUnit.Celsius)));

    /// <summary>A vegetable as it is usually cut.</summary>
    public static VegetableLot Roots(int id, Vegetable kind, double amountG)
    {
        UsualRoast usual = VegetableTable.For(kind).Usual;
        return new(
            id, kind, usual.Cut, new(usual.SizeMm, LengthUnit.Millimetre), new(amountG, MassUnit.Gram), VegetablePlace.Around, Vessel: 0, AddAtMinutes: 0, LeavesWhenDone: false, Tenderness.Tender);
    }

    public static Gen<Cut> AnyCut { get; } = Gen.Int[0, CutTable.All.Count - 1].Select(i => CutTable.All[i].Cut);

    public static Gen<Vegetable> AnyVegetable { get; } = Gen.Int[0, VegetableTable.All.Count - 1].Select(i => VegetableTable.All[i].Kind);
}
