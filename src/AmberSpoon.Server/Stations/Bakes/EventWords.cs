using AmberSpoon.Core.Bakes.Events;
using AmberSpoon.Core.Doneness;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Server.Stations.Bakes;

/// <summary>Says what happened, for the log.</summary>
internal sealed class EventWords(TrayPlan plan, IReadOnlyDictionary<PieceRef, string> names, KitchenUnits units)
{
    private readonly ActWords _acts = new(plan, names);
    private readonly IReadOnlyList<PlannedStep> _steps = plan.HandSteps();

    public EventView Of(BakeEvent told) => new(told.Seq, told.CommandId, told.At, told.What.Kind, TextOf(told.What));

    private string TextOf(Happening what) => what switch
    {
        Started => "The tray went in.",
        Readied readied => Ready(readied),
        LotIn lotIn => $"The {_acts.LotName(lotIn.Lot)} went in.",
        LotNeverIn never => $"The {_acts.LotName(never.Lot)} never went in.",
        LotOut lotOut => $"The {_acts.LotName(lotOut.Lot)} came off the tray.",
        PiecesOut taken => $"{Pieces(taken.Lot, taken.Pieces)} came off the tray.",
        PiecesIn back => $"{Pieces(back.Lot, back.Pieces)} went back to the others.",
        Moved { Place: BakePlace.Oven } => "The tray went back into the oven.",
        Moved => "The tray came out.",
        Resting => "The tray came out to rest.",
        ActDone done => $"{_acts.Of(_steps[done.Act])}: done.",
        ActSkipped skipped => $"{_acts.Of(_steps[skipped.Act])}: skipped.",
        Postponed { Act: { } later } postponed => $"{_acts.Of(_steps[later])}: {postponed.Minutes} min later.",
        Postponed { Lot: { } later } postponed => $"The {_acts.LotName(later)}: {postponed.Minutes} min later.",
        DoneBesides { Step: StepKind.Baste, ForMinutes: { } minutes } => $"Sauce over, for {minutes} min more.",
        DoneBesides { Step: StepKind.Look } => "The door was open.",
        DoneBesides besides => $"{_acts.Of(new PlannedStep(besides.Step, 0, null, besides.ForMinutes, besides.Shelf) { Vessel = besides.Vessel ?? 0 })}, not planned.",
        OvenSet set => FormattableString.Invariant($"The oven was set to {set.Setting.Value:0.#} {Sign(set.Setting.Unit)}."),
        Measured measured => FormattableString.Invariant($"{Phrases.Capital(names.GetValueOrDefault(measured.Piece, "a piece"))}: {measured.Temperature.Value:0.#} {Sign(measured.Temperature.Unit)}."),
        ProbePlaced { Piece: { } piece } placed => $"Probe {placed.Probe} went into {names.GetValueOrDefault(piece, "a piece")}.",
        ProbePlaced placed => $"Probe {placed.Probe} was taken out.",
        Answered answered => $"Asked about reading {answered.Reading}: {AnswerName(answered.Answer)}.",
        Looked looked => $"The {_acts.LotName(looked.Lot)}: {LookName(looked.Look)}.",
        AirRead air => FormattableString.Invariant($"The oven’s air: {air.Temperature.Value:0.#} {Sign(air.Temperature.Unit)}."),
        Noted noted => noted.Text,
        Finished => "Finished.",
        Eaten => "Eaten.",
        Rated rated => Phrases.Capital($"{(rated.Lot is { } lot ? $"the {_acts.LotName(lot)}" : RatingWords.Subject(rated.Of))}: {RatingWords.Of(rated.Of, rated.Value)}."),
        Tasted tasted => tasted.Text,
        ForNextTime next => next.Text,
        Weighed weighed => $"The {_acts.LotName(weighed.Lot)} weighed {units.SayMass(weighed.Mass.Grams())}.",
        StockKept stock => $"{units.SayVolume(stock.Millilitres)} of juices kept.",
        Pictured => "A photo.",
        Counted { Counts: true } => "Counts for what is learnt again.",
        Counted => "Left out of what is learnt.",
        Corrected corrected => $"Event {corrected.Event} was taken back.",
        Said said => said.Reason,
        _ => string.Empty,
    };

    private string Ready(Readied readied)
    {
        string work = readied.Work is { } at ? FormattableString.Invariant($"At the counter: {at.TookMinutes:0} min for what usually takes {at.UsualMinutes:0}.") : string.Empty;
        string oven = readied.Oven is { } heated ? FormattableString.Invariant($"The oven was at {units.Say(new Temperature(heated.ToC))} after {heated.Minutes:0} min.") : string.Empty;
        return $"{work} {oven}".Trim();
    }

    private string Pieces(LotId lot, IReadOnlyList<int> pieces) =>
        Phrases.Capital(string.Join(" and ", pieces.Select(piece => names.GetValueOrDefault(new(lot, piece), "a piece"))));

    private static string LookName(Look look) => look switch
    {
        Look.Pale => "still pale",
        Look.Browned => "browned well",
        Look.Dark => "dark already",
        Look.Hard => "still hard",
        Look.Tender => "tender",
        _ => "soft already",
    };

    private static string AnswerName(ReadingAnswer answer) => answer switch
    {
        ReadingAnswer.AsTyped => "the unit is as typed",
        ReadingAnswer.OtherUnit => "it was the other unit",
        ReadingAnswer.InTheMiddle => "the tip was in the middle",
        _ => "the tip was not in the middle",
    };

    private static string Sign(TemperatureUnit unit) => unit == TemperatureUnit.Celsius ? "°C" : "°F";
}
