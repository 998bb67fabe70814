using AmberSpoon.Core.Acts;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Layout;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Server.Stations.Bakes;

/// <summary>Says what is to be done in words that are read across the kitchen.</summary>
internal sealed class ActWords(TrayPlan plan, IReadOnlyDictionary<PieceRef, string> names)
{
    public string Of(OvenAct act) => act.Kind switch
    {
        ActKind.Add => $"Add the {LotName(act.Lot!.Value)}",
        ActKind.Tend => Of(act.Step!),
        ActKind.GrillOff => "Grill off",
        ActKind.Measure => $"Measure {names.GetValueOrDefault(act.Piece!.Value, "a piece")}",
        ActKind.TakeFoodOut => $"Take the {LotName(act.Lot!.Value)} out",
        ActKind.TakeOut => "Take it out",
        ActKind.PutBack => "Put it back in",
        _ => "Eat",
    };

    public string Of(PlannedStep step) => step.Kind switch
    {
        StepKind.Baste => "Baste",
        StepKind.Coat => CoatNames.PutOn(plan, step.Coats!),
        StepKind.Turn => "Turn the pieces",
        StepKind.Rotate => "Turn the tray round",
        StepKind.Swap => "Swap the trays",
        StepKind.Shelf => $"{(plan.Vessels.Count > 1 ? $"Tray {step.Vessel + 1}" : "Tray")} {Shelf(step.Shelf!.Value)}",
        StepKind.Look => "Have a look",
        StepKind.Cover => "Foil on",
        StepKind.Uncover => "Foil off",
        StepKind.Drain => "Pour the juices off",
        StepKind.Lower => $"Oven to {Dial(step.Setting!)}",
        _ => step.Setting is { } setting ? $"Grill at {Dial(setting)}, {step.ForMinutes} min" : $"Grill for {step.ForMinutes} min",
    };

    public string LotName(LotId lot) => LotNames.Of(plan, lot);

    private static string Shelf(OvenShelf shelf) => shelf switch
    {
        OvenShelf.TopThird => "to the top shelf",
        OvenShelf.Middle => "to the middle",
        _ => "to the low shelf",
    };

    private static string Dial(EnteredTemperature setting) => setting.ToTemperature().Say(setting.Unit);
}
