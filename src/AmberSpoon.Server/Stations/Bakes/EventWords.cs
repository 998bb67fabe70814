using AmberSpoon.Core.Bakes.Events;
using AmberSpoon.Core.Doneness;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Layout;

namespace AmberSpoon.Server.Stations.Bakes;

/// <summary>Says what happened, for the log.</summary>
internal sealed class EventWords(TrayPlan plan, IReadOnlyDictionary<PieceRef, string> names)
{
    public EventView Of(BakeEvent told) => new(told.Seq, told.CommandId, told.At, told.What.Kind, TextOf(told.What));

    private string TextOf(Happening what) => what switch
    {
        Started => "The tray went in.",
        LotIn lotIn => $"The {LotName(lotIn.Lot)} went in.",
        LotOut lotOut => $"The {LotName(lotOut.Lot)} came off the tray.",
        Moved { Place: BakePlace.Oven } => "The tray went back into the oven.",
        Moved => "The tray came out.",
        Resting => "The tray came out to rest.",
        ActDone done => $"{StepName(done.Act)}: done.",
        ActSkipped skipped => $"{StepName(skipped.Act)}: skipped.",
        OvenSet set => FormattableString.Invariant($"The oven was set to {set.Setting.Value:0.#} {Sign(set.Setting.Unit)}."),
        Measured measured => FormattableString.Invariant($"{Phrases.Capital(names.GetValueOrDefault(measured.Piece, "a piece"))}: {measured.Temperature.Value:0.#} {Sign(measured.Temperature.Unit)}."),
        Answered answered => $"Asked about reading {answered.Reading}: {AnswerName(answered.Answer)}.",
        Noted noted => noted.Text,
        Finished => "Finished.",
        Corrected corrected => $"Event {corrected.Event} was taken back.",
        Said said => said.Reason,
        _ => string.Empty,
    };

    private string LotName(LotId lot) => plan.Chicken.FirstOrDefault(chicken => chicken.LotId == lot) is { } meat
        ? PieceNames.Plural(plan, meat)
        : VegetableTable.For(plan.Vegetables.First(vegetable => vegetable.LotId == lot).Kind).Name;

    private string StepName(int act) => plan.Steps[act].Kind switch
    {
        StepKind.Baste => "Baste",
        StepKind.Turn => "Turn the pieces",
        StepKind.Rotate => "Turn the tray round",
        StepKind.Swap => "Swap the trays",
        StepKind.Cover => "Foil on",
        StepKind.Uncover => "Foil off",
        StepKind.Drain => "Pour the juices off",
        StepKind.Lower => "Set the oven",
        _ => "Grill",
    };

    private static string AnswerName(ReadingAnswer answer) => answer switch
    {
        ReadingAnswer.AsTyped => "the unit is as typed",
        ReadingAnswer.OtherUnit => "it was the other unit",
        ReadingAnswer.InTheMiddle => "the tip was in the middle",
        _ => "the tip was not in the middle",
    };

    private static string Sign(Core.Units.TemperatureUnit unit) => unit == Core.Units.TemperatureUnit.Celsius ? "°C" : "°F";
}
