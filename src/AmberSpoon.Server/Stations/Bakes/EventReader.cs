using System.Globalization;
using AmberSpoon.Core.Bakes;
using AmberSpoon.Core.Bakes.Events;
using AmberSpoon.Core.Estimating;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Units;
using AmberSpoon.Server.Problems;
using AmberSpoon.Store;

namespace AmberSpoon.Server.Stations.Bakes;

/// <summary>
/// Turns events as they arrive into what happened, each held against the state that the ones before it have left. Nothing is
/// stored where any of them is refused.
/// </summary>
internal sealed class EventReader
{
    private static readonly Dictionary<string, Func<EventReader, EventRequest, string, double, Happening>> Readers = new(StringComparer.Ordinal)
    {
        ["lotIn"] = (reader, request, at, atS) => reader.InOf(request, at, atS),
        ["lotOut"] = (reader, request, at, _) => reader.OutOf(request, at),
        ["lotNeverIn"] = (reader, request, at, _) => reader.NeverInOf(request, at),
        ["piecesOut"] = (reader, request, at, _) => reader.PiecesOutOf(request, at),
        ["piecesIn"] = (reader, request, at, _) => reader.PiecesInOf(request, at),
        ["look"] = (reader, request, at, atS) => reader.LookOf(request, at, atS),
        ["moved"] = (reader, request, at, _) => new Moved(reader.PlaceOf(request.Place!.Value, at)),
        ["resting"] = (reader, _, at, _) => reader.RestOf(at),
        ["actDone"] = (reader, request, at, _) => new ActDone(reader.ActOf(request, at)),
        ["actSkipped"] = (reader, request, at, _) => new ActSkipped(reader.ActOf(request, at)),
        ["later"] = (reader, request, at, atS) => reader.PostponedOf(request, at, atS),
        ["did"] = (reader, request, at, _) => reader.BesidesOf(request, at),
        ["ovenSet"] = (_, request, _, _) => new OvenSet(request.Setting!.ToEntered()),
        ["reading"] = (reader, request, at, atS) => reader.ReadingOf(request, at, atS),
        ["probe"] = (reader, request, at, _) => reader.ProbeOf(request, at),
        ["answer"] = (reader, request, at, _) => reader.AnswerOf(request, at),
        ["air"] = (reader, request, at, atS) => reader.AirOf(request, at, atS),
        ["note"] = (_, request, _, _) => new Noted(request.Text!.Trim()),
        ["finished"] = (_, _, _, _) => new Finished(),
        ["eaten"] = (_, _, _, _) => new Eaten(),
        ["rated"] = (reader, request, at, _) => reader.RatingOf(request, at),
        ["tasted"] = (reader, request, at, _) => new Tasted(reader.TextOf(request, at)),
        ["nextTime"] = (reader, request, at, _) => new ForNextTime(reader.TextOf(request, at)),
        ["weighed"] = (reader, request, at, _) => reader.WeightOf(request, at),
        ["stock"] = (_, request, _, _) => new StockKept(request.Millilitres!.Value),
        ["counted"] = (_, request, _, _) => new Counted(request.Counts!.Value),
        ["corrected"] = (reader, request, at, _) => new Corrected(reader.CorrectedOf(request, at)),
    };

    /// <summary>Events that may be told; started and said are the kitchen's own.</summary>
    public static IReadOnlyCollection<string> Kinds => Readers.Keys;

    /// <summary>What may still be told of a bake that is finished.</summary>
    private static readonly HashSet<string> AfterItsEnd = new(["eaten", "rated", "tasted", "nextTime", "weighed", "stock", "counted", "note", "corrected"], StringComparer.Ordinal);

    /// <summary>A bake is not a diary.</summary>
    private const int MostSaid = 40;

    /// <summary>A device's clock may be this much ahead of the kitchen's.</summary>
    private static readonly TimeSpan Ahead = TimeSpan.FromMinutes(2);

    /// <summary>Every step that was not planned is followed by every forecast from then on.</summary>
    private const int MostBesides = 40;

    /// <summary>Each is learnt from by every estimate from then on.</summary>
    private const int MostLooks = 60;

    /// <summary>A thermometer that stands in the oven is read a few times.</summary>
    private const int MostAir = 20;

    /// <summary>More wires do not go through an oven's door.</summary>
    public const int MostProbes = 12;

    private readonly DateTimeOffset _now;
    private readonly List<BakeEvent> _told;
    private readonly HashSet<Guid> _known;
    private readonly int _before;

    /// <param name="plan">The plan of the bake.</param>
    /// <param name="told">All its events so far.</param>
    /// <param name="now">The kitchen's clock.</param>
    public EventReader(TrayPlan plan, IReadOnlyList<BakeEvent> told, DateTimeOffset now)
    {
        _told = [.. told];
        _before = told.Count;
        _known = [.. told.Select(known => known.CommandId)];
        _now = now;
        State = BakeState.Fold(plan, told);
    }

    /// <summary>After all that was read.</summary>
    public BakeState State { get; private set; }

    /// <summary>What is new, numbered on.</summary>
    public IReadOnlyList<BakeEvent> New => _told[_before..];

    /// <summary>All of them.</summary>
    public IReadOnlyList<BakeEvent> All => _told;

    /// <param name="request">What <see cref="EventsValidator"/> has passed.</param>
    /// <exception cref="ProblemException">400 with the field, or 409 where it cannot have happened.</exception>
    public void Read(EventsRequest request)
    {
        for (int i = 0; i < request.Events!.Count; i++)
        {
            Read(request.Events[i]!, $"events[{i}]");
        }
    }

    /// <summary>What the kitchen itself adds.</summary>
    public void Add(Happening what) => Add(new BakeEvent(State.Seq + 1, Guid.CreateVersion7(_now), BookTime(_now), what));

    private void Read(EventRequest request, string at)
    {
        Guid commandId = request.CommandId!.Value;
        if (!_known.Add(commandId))
        {
            return;
        }

        if (!State.IsLive && !AfterItsEnd.Contains(request.Kind!))
        {
            throw ProblemException.Conflict(at, "That bake is finished; it stands in the log.");
        }

        DateTimeOffset when = WhenOf(request, at);
        Add(new BakeEvent(State.Seq + 1, commandId, when, Readers[request.Kind!](this, request, at, State.Clock.BakeS(when))));
    }

    private void Add(BakeEvent told)
    {
        _told.Add(told);
        State = told.What is Corrected ? BakeState.Fold(State.Plan, _told) : State.After(told);
    }

    private DateTimeOffset WhenOf(EventRequest request, string at)
    {
        if (request.At is not { } told)
        {
            return BookTime(_now);
        }

        if (told > _now + Ahead)
        {
            throw Invalid($"{at}.at", "That is still to come. Check the clock of this device.");
        }

        return told < State.Clock.StartedAt - Ahead
            ? throw Invalid($"{at}.at", "That was before the tray went in.")
            : BookTime(told < _now ? told : _now);
    }

    private LotState LotOf(EventRequest request, string at) =>
        request.Lot is { } lot && State.Find(new(lot)) is { } found ? found : throw Invalid($"{at}.lot", "That lot is not on this tray.");

    /// <summary>Also of one that counts as in because its time had come: it is believed when it says.</summary>
    private LotIn InOf(EventRequest request, string at, double atS)
    {
        LotState lot = LotOf(request, at);
        if (lot is { HasGoneIn: true, IsOff: false, IsTimeTold: true })
        {
            throw ProblemException.Conflict($"{at}.lot", "That is in already.");
        }

        return !lot.IsOff && State.Readings.Any(reading => reading.Piece.Lot == lot.Lot && reading.AtS < atS)
            ? throw ProblemException.Conflict($"{at}.at", "It was measured before that: so it went in sooner.")
            : new(lot.Lot);
    }

    private LotNeverIn NeverInOf(EventRequest request, string at)
    {
        LotState lot = LotOf(request, at);
        if (State.Readings.Any(reading => reading.Piece.Lot == lot.Lot))
        {
            throw ProblemException.Conflict($"{at}.lot", "It was measured, so it was in. Take the reading back first if it was of something else.");
        }

        if (lot.IsTimeTold && lot.HasGoneIn)
        {
            throw ProblemException.Conflict($"{at}.lot", lot.InS == 0 ? "It was the first in: finish the bake, or take it off the tray." : "You said that it went in. Take that back first.");
        }

        return lot.IsLeftOut ? throw ProblemException.Conflict($"{at}.lot", "That is not part of this bake already.") : new(lot.Lot);
    }

    private LotOut OutOf(EventRequest request, string at)
    {
        LotState lot = LotOf(request, at);
        return lot.IsOff ? throw ProblemException.Conflict($"{at}.lot", "That is off the tray already.") : new(lot.Lot);
    }

    private PiecesOut PiecesOutOf(EventRequest request, string at)
    {
        LotState lot = PiecesLotOf(request, at);
        int[] pieces = PiecesOf(request, lot, at, isOff: false);
        int left = State.Plan.Chicken.First(chicken => chicken.LotId == lot.Lot).Count - lot.Apart.Count(way => way.Value.IsOff) - pieces.Length;
        return left > 0 ? new(lot.Lot, pieces) : throw ProblemException.Conflict($"{at}.pieces", "Those are all that are left: say that the food came off the tray.");
    }

    private PiecesIn PiecesInOf(EventRequest request, string at)
    {
        LotState lot = PiecesLotOf(request, at);
        return new(lot.Lot, PiecesOf(request, lot, at, isOff: true));
    }

    private LotState PiecesLotOf(EventRequest request, string at)
    {
        LotState lot = LotOf(request, at);
        if (State.Plan.Chicken.All(chicken => chicken.LotId != lot.Lot))
        {
            throw Invalid($"{at}.lot", "Only pieces of chicken are followed one by one.");
        }

        LotState due = AsBaked.WithWhatWasDue(State, State.Clock.BakeS(_now)).Find(lot.Lot)!;
        return due is { HasGoneIn: true, IsOff: false } ? due : throw ProblemException.Conflict($"{at}.lot", lot.IsOff ? "That is off the tray." : "That is not in yet.");
    }

    private int[] PiecesOf(EventRequest request, LotState lot, string at, bool isOff)
    {
        int[] pieces = [.. request.Pieces!.Distinct().Order()];
        foreach (int piece in pieces)
        {
            _ = PieceOf(request with { Piece = piece }, at);
        }

        return pieces.All(piece => lot.IsOffAlone(piece) == isOff)
            ? pieces
            : throw ProblemException.Conflict($"{at}.pieces", isOff ? "That is with the others already." : "That came off already.");
    }

    private Looked LookOf(EventRequest request, string at, double atS)
    {
        LotState lot = LotOf(request, at);
        Look look = request.Look!.Value;
        bool isChicken = State.Plan.Chicken.Any(chicken => chicken.LotId == lot.Lot);
        if (isChicken != look is Look.Pale or Look.Browned or Look.Dark)
        {
            throw Invalid($"{at}.look", isChicken ? "Of chicken say what colour it is." : "Of a vegetable say how soft it is.");
        }

        if (lot.IsOff || AsBaked.WithWhatWasDue(State, atS).Find(lot.Lot) is not { HasGoneIn: true } || atS < lot.InS)
        {
            throw ProblemException.Conflict($"{at}.lot", lot.IsOff ? "That is off the tray." : "That is not in yet.");
        }

        return State.Looks.Count < MostLooks ? new(lot.Lot, look) : throw ProblemException.Conflict($"{at}.look", "That is more than one bake can follow. Note it instead.");
    }

    private BakePlace PlaceOf(BakePlace to, string at)
    {
        return State.Place == to
            ? throw ProblemException.Conflict($"{at}.place", to == BakePlace.Oven ? "The tray is in the oven already." : "The tray is out already.")
            : to;
    }

    private Resting RestOf(string at)
    {
        _ = PlaceOf(BakePlace.Worktop, at);
        return new();
    }

    private int ActOf(EventRequest request, string at)
    {
        if (request.Act is not { } act || State.Acts.FirstOrDefault(planned => planned.Act == act) is not { } found)
        {
            throw Invalid($"{at}.act", "The plan has no such step.");
        }

        return found.IsOpen ? act : throw ProblemException.Conflict($"{at}.act", found.IsSkipped ? "That step was skipped already." : "That step was done already.");
    }

    private Postponed PostponedOf(EventRequest request, string at, double nowS)
    {
        int minutes = request.Minutes!.Value;
        double dueS;
        Postponed postponed;
        if (request.Lot is not null)
        {
            LotState lot = LotOf(request, at);
            dueS = lot.PlannedInS;
            postponed = lot.HasGoneIn || lot.IsOff ? throw ProblemException.Conflict($"{at}.lot", "That is in already.") : new(null, lot.Lot, minutes);
        }
        else
        {
            int act = ActOf(request, at);
            dueS = State.Acts.First(planned => planned.Act == act).DueS;
            postponed = new(act, null, minutes);
        }

        return Math.Max(dueS, nowS) + (60 * minutes) > 60 * TrayPlanLimits.LatestStepMinutes
            ? throw Invalid($"{at}.minutes", $"That would be more than {TrayPlanLimits.LatestStepMinutes} min after the start: skip it instead.")
            : postponed;
    }

    private DoneBesides BesidesOf(EventRequest request, string at)
    {
        if (request.Step == StepKind.Swap && State.Plan.Vessels.Count < 2)
        {
            throw Invalid($"{at}.step", "There is one tray: nothing to swap it with.");
        }

        if (request.Step == StepKind.Shelf && ((request.Vessel ?? 0) < 0 || (request.Vessel ?? 0) >= State.Plan.Vessels.Count))
        {
            throw Invalid($"{at}.vessel", "There is no such tray.");
        }

        return State.Besides.Count < MostBesides
            ? new(
                request.Step!.Value,
                request.Step is StepKind.Grill or StepKind.Baste ? request.Minutes : null,
                request.Step == StepKind.Shelf ? request.Shelf : null,
                request.Step == StepKind.Shelf ? request.Vessel ?? 0 : null)
            : throw ProblemException.Conflict($"{at}.step", "That is more than one bake can follow. Note it instead.");
    }

    private PieceRef PieceOf(EventRequest request, string at)
    {
        LotState lot = LotOf(request, at);
        if (State.Plan.Chicken.FirstOrDefault(chicken => chicken.LotId == lot.Lot) is not { } chicken)
        {
            throw Invalid($"{at}.lot", "Only chicken is measured.");
        }

        return request.Piece is { } piece && piece >= 1 && piece <= chicken.Count
            ? new(lot.Lot, piece)
            : throw Invalid($"{at}.piece", chicken.Count == 1 ? "There is one piece of these: number 1." : $"Pieces are numbered 1 to {chicken.Count}.");
    }

    /// <summary>Without a lot it was taken out.</summary>
    private ProbePlaced ProbeOf(EventRequest request, string at)
    {
        string probe = request.Probe!;
        if (request.Lot is null && request.Piece is null)
        {
            return State.Probes.ContainsKey(probe) ? new(probe, null) : throw ProblemException.Conflict($"{at}.probe", "That probe is in no piece.");
        }

        PieceRef piece = PieceOf(request, at);
        if (State.Find(piece.Lot)!.IsOff)
        {
            throw ProblemException.Conflict($"{at}.lot", "That is off the tray.");
        }

        return State.Probes.ContainsKey(probe) || State.Probes.Count < MostProbes
            ? new(probe, piece)
            : throw ProblemException.Conflict($"{at}.probe", $"A bake follows {MostProbes} probes at most.");
    }

    private Measured ReadingOf(EventRequest request, string at, double atS)
    {
        PieceRef piece = PieceOf(request, at);
        LotState lot = State.Find(piece.Lot)!;
        if (lot.IsLeftOut || AsBaked.WithWhatWasDue(State, atS).Find(lot.Lot) is not { HasGoneIn: true })
        {
            throw ProblemException.Conflict($"{at}.lot", "That is not in yet: say first that it went in.");
        }

        return atS < lot.InS && lot.HasGoneIn
            ? throw ProblemException.Conflict($"{at}.at", "That was before it went in.")
            : new(piece, new EnteredTemperature(request.Value!.Value, request.Unit!.Value), null, request.Probe);
    }

    private AirRead AirOf(EventRequest request, string at, double atS)
    {
        if (State.Air.Count >= MostAir)
        {
            throw ProblemException.Conflict($"{at}.value", "That is more of the oven’s air than one bake can follow. Note it instead.");
        }

        // What would count for nothing is not kept: its cook looks again.
        if (AirCheck.SettledFromS(State, atS) is not { } settledS)
        {
            throw ProblemException.Conflict($"{at}.value", "The tray is out: tell the oven’s air while the tray is in it.");
        }

        if (settledS > atS)
        {
            throw ProblemException.Conflict($"{at}.value", string.Create(CultureInfo.InvariantCulture, $"The air comes and goes after the door, the dial or the grill: look again in {Math.Ceiling((settledS - atS) / 60):0} min."));
        }

        var read = new AirRead(new EnteredTemperature(request.Value!.Value, request.Unit!.Value));
        double offC = read.Temperature.ToTemperature().Celsius - AirCheck.DialC(State, atS);
        return Math.Abs(offC) <= AirCheck.MostOffC
            ? read
            : throw Invalid($"{at}.value", $"That is {(KitchenUnits.Usual with { Temperature = read.Temperature.Unit }).SayDifference(Math.Abs(offC))} off the dial. Is the unit right, has the oven come up, and is it a thermometer that stands in the oven?");
    }

    private Answered AnswerOf(EventRequest request, string at)
    {
        if (request.Reading is not { } reading || State.Readings.All(taken => taken.Seq != reading))
        {
            throw Invalid($"{at}.reading", "There is no such reading to answer for.");
        }

        return new(reading, request.Answer!.Value);
    }

    private Rated RatingOf(EventRequest request, string at)
    {
        RatingOf of = request.Of!.Value;
        if (of != Core.Bakes.Events.RatingOf.Vegetable)
        {
            return new(of, request.Rating!.Value);
        }

        LotState lot = LotOf(request, at);
        return State.Plan.Vegetables.Any(vegetable => vegetable.LotId == lot.Lot)
            ? new(of, request.Rating!.Value, lot.Lot)
            : throw Invalid($"{at}.lot", "That is no vegetable.");
    }

    private string TextOf(EventRequest request, string at) => State.Table.Tasting.Count + State.Table.NextTime.Count < MostSaid
        ? request.Text!.Trim()
        : throw ProblemException.Conflict($"{at}.text", "That is more than one bake can keep. Take an older note back first.");

    private Weighed WeightOf(EventRequest request, string at)
    {
        LotState lot = LotOf(request, at);
        EnteredMass mass = request.Mass!.ToEntered();
        double rawG = State.Plan.Chicken.FirstOrDefault(chicken => chicken.LotId == lot.Lot)?.MassesG().Sum()
            ?? State.Plan.Vegetables.First(vegetable => vegetable.LotId == lot.Lot).Amount.Grams();
        return mass.Grams() > 0 && mass.Grams() <= HeavierThanRaw * rawG
            ? new(lot.Lot, mass)
            : throw Invalid($"{at}.mass.value", "Baked food weighs less than it did raw, a coat or a sauce aside: weigh it again.");
    }

    /// <summary>With a coat and a sauce on it.</summary>
    private const double HeavierThanRaw = 1.3;

    private int CorrectedOf(EventRequest request, string at)
    {
        BakeEvent? meant = _told.FirstOrDefault(told => told.Seq == request.Event);
        if (meant is null || meant.What is Started or Corrected or Said)
        {
            throw Invalid($"{at}.event", "There is nothing there that could be taken back.");
        }

        if (meant.What is Pictured)
        {
            throw ProblemException.Conflict($"{at}.event", "A photo is taken away where it is shown, and its file with it.");
        }

        if (!State.IsLive && !Afterwards.IsOf(meant.What) && meant.What is not (Noted or Measured or Looked or Answered))
        {
            throw ProblemException.Conflict($"{at}.event", "Where the food was stands as it was told once a bake is finished: what was measured, seen or said can be taken back.");
        }

        return _told.Any(told => told.What is Corrected before && before.Event == meant.Seq)
            ? throw ProblemException.Conflict($"{at}.event", "That was taken back already.")
            : meant.Seq;
    }

    private static DateTimeOffset BookTime(DateTimeOffset moment) => BakeBook.WholeMilliseconds(moment);

    private static ProblemException Invalid(string field, string sentence) => ProblemException.InvalidField(field, sentence);
}
