using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Trays.Tending;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Core.Trays.Ways;

/// <summary>The schools of practice as ready ways to bake the same food.</summary>
public static class ReadyWays
{
    private static readonly TendingSchool Plain = new(HeatSchool.Steady, HowOften.Never, HowOften.Never, DrainsJuices: false);

    public static IReadOnlyList<ReadyWay> All { get; } =
    [
        new("asPlanned", "As planned", "The tray as it stands.", plan => plan),
        new("hot", "Hot and fast", "One hot oven: 230 °C (445 °F), or 210 °C (410 °F) with a fan.", plan => At(plan, 230)),
        new("moderate", "Moderate", "185 °C (365 °F), or 165 °C (330 °F) with a fan.", plan => At(plan, 185)),
        new("twoStage", "Hot, then lower", "Hot to colour, then lower to finish gently.", plan => SchoolSteps.Adopt(At(plan, 220), Plain with { Heat = HeatSchool.TwoStage })),
        new("covered", "Covered, then open", "Foil for two thirds of the time, then open to crisp.", plan => SchoolSteps.Adopt(plan, Plain with { Heat = HeatSchool.CoveredThenOpen })),
        new("grillFinish", "Grill at the end", "Top heat for the last minutes.", plan => SchoolSteps.Adopt(plan, Plain with { Heat = HeatSchool.GrillFinish })),
        new("turnedOnce", "Turned once", "Turned half-way, so that the under side browns too.", plan => SchoolSteps.Adopt(plan, Plain with { Turning = HowOften.Once })),
        new("bastedOften", "Basted often", "From 30 min on, every 12 min.", plan => SchoolSteps.Adopt(plan, Plain with { Basting = HowOften.Often })),
        new("drained", "Juices drained", "Juices poured off at 30 min.", plan => SchoolSteps.Adopt(plan, Plain with { DrainsJuices = true })),
        new("separate", "Separate trays", "Vegetables on a second tray, on the lower shelf.", plan => plan.Vessels.Count > 1 ? plan : plan.WithVegetablesApart()),
        new("boneless", "Boneless", "The same cuts without bone and skin.", Boneless),
        new("onRack", "On a rack", "Air all round; the under side stays dry.", plan => plan with { Vessels = [.. plan.Vessels.Select(vessel => vessel with { Rack = true })] }),
    ];

    public static ReadyWay? Find(string id) => All.FirstOrDefault(way => way.Id == id);

    private static TrayPlan At(TrayPlan plan, double stillC)
    {
        double celsius = plan.OvenMode == OvenMode.Fan ? stillC - 20 : stillC;
        double typed = 5 * Math.Round(new Temperature(celsius).In(plan.OvenSetting.Unit) / 5);
        return plan with { OvenSetting = new(typed, plan.OvenSetting.Unit), Steps = [] };
    }

    private static TrayPlan Boneless(TrayPlan plan) => plan with
    {
        Chicken = [.. plan.Chicken.Select(lot => lot.Cut switch
        {
            Cut.BoneInThigh => WithoutBone(lot, Cut.BonelessThigh, 0.72),
            Cut.BoneInBreast => WithoutBone(lot, Cut.BonelessBreast, 0.78),
            _ => lot,
        })],
    };

    /// <summary>Meat on a bone-in thigh is about 70 to 75 % (common practice, from memory).</summary>
    private static ChickenLot WithoutBone(ChickenLot lot, Cut cut, double meatShare)
    {
        IReadOnlyList<EnteredMass> each = [.. lot.MassesG().Select(mass => new EnteredMass(meatShare * mass, MassUnit.Gram))];
        return lot with { Cut = cut, SkinOn = false, Height = null, Sizes = new(SizeBasis.EachPiece, lot.Count, null, 0, each) };
    }
}

/// <param name="Id">A word for the wire.</param>
/// <param name="Name">What cooks call it.</param>
/// <param name="Sentence">What it is.</param>
/// <param name="Of">The tray baked this way.</param>
public sealed record ReadyWay(string Id, string Name, string Sentence, Func<TrayPlan, TrayPlan> Of);
