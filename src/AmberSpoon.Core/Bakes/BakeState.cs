using System.Collections.Immutable;
using AmberSpoon.Core.Bakes.Events;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Core.Bakes;

/// <summary>
/// What has happened in a bake so far, and nothing else: estimates and verdicts are derived from it. The same events always
/// fold to the same state.
/// </summary>
/// <param name="Plan">As it was started.</param>
/// <param name="Clock">Its times.</param>
/// <param name="Seq">The last event.</param>
/// <param name="LatestS">When the latest of them happened, s in the bake's time: nothing happens before it.</param>
/// <param name="Moves">Where the tray was, in order; the first is into the oven at 0 s.</param>
/// <param name="Lots">Every lot, chicken first.</param>
/// <param name="Acts">Every planned step, coats that go on in the oven included: <see cref="TrayPlan.HandSteps"/>.</param>
/// <param name="DialTurns">Turns of the dial that nobody had planned, in order.</param>
/// <param name="Readings">In the order they were told.</param>
/// <param name="FinishedS">When it was finished; null while it is live.</param>
/// <param name="LastSaid">What the judge said last.</param>
public sealed record BakeState(
    TrayPlan Plan,
    BakeClock Clock,
    int Seq,
    double LatestS,
    IReadOnlyList<PlaceChange> Moves,
    IReadOnlyList<LotState> Lots,
    IReadOnlyList<ActState> Acts,
    IReadOnlyList<(double AtS, EnteredTemperature Setting)> DialTurns,
    IReadOnlyList<ReadingTaken> Readings,
    double? FinishedS,
    Said? LastSaid)
{
    /// <summary>What was done that nobody had planned, in order.</summary>
    public IReadOnlyList<PlannedStep> Besides { get; init; } = [];

    /// <summary>Probes on a wire, and the piece each is in.</summary>
    public ImmutableSortedDictionary<string, ProbePlace> Probes { get; init; } = ImmutableSortedDictionary.Create<string, ProbePlace>(StringComparer.Ordinal);

    /// <summary>What was seen without a thermometer, in order.</summary>
    public IReadOnlyList<LookTaken> Looks { get; init; } = [];

    /// <summary>What thermometers in the oven's own air showed, in order.</summary>
    public IReadOnlyList<AirTaken> Air { get; init; } = [];

    /// <summary>What it took to get ready for it; null where nobody told.</summary>
    public Readied? Before { get; init; }

    /// <summary>What the cook saw meanwhile, in order.</summary>
    public IReadOnlyList<string> Notes { get; init; } = [];

    /// <summary>What was said of it at table and after.</summary>
    public Afterwards Table { get; init; } = Afterwards.Nothing;

    /// <summary>What was done last; null where nothing was, or all of it was taken back.</summary>
    public BakeEvent? LastDone { get; init; }

    public bool IsLive => FinishedS is null;

    /// <summary>Nothing was told since it went in.</summary>
    public bool IsJustIn => Seq == (Before is null ? 1 : 2);

    /// <summary>Where the tray is.</summary>
    public BakePlace Place => Moves[^1].Place;

    /// <summary>When anything was told last that a verdict rests on, s in the bake's time: it is judged as it stood then.</summary>
    public double JudgedS => Readings.Select(reading => reading.AtS).Append(LatestS).Max();

    public LotState? Find(LotId lot) => Lots.FirstOrDefault(state => state.Lot == lot);

    /// <param name="plan">As it was started.</param>
    /// <param name="events">All of them, in order of <see cref="BakeEvent.Seq"/>; the first is <see cref="Started"/>.</param>
    public static BakeState Fold(TrayPlan plan, IReadOnlyList<BakeEvent> events)
    {
        var takenBack = events.Select(told => told.What).OfType<Corrected>().Select(what => what.Event).ToHashSet();
        BakeState state = Begun(plan, events[0]);
        foreach (BakeEvent told in events.Skip(1))
        {
            state = takenBack.Contains(told.Seq) ? state with { Seq = told.Seq } : state.After(told);
        }

        return state;
    }

    private static BakeState Begun(TrayPlan plan, BakeEvent started)
    {
        IEnumerable<(LotId Lot, int AddAt)> lots = plan.Chicken.Select(lot => (lot.LotId, lot.AddAtMinutes))
            .Concat(plan.Vegetables.Select(lot => (lot.LotId, lot.AddAtMinutes)));
        return new(
            plan,
            new BakeClock(started.At),
            started.Seq,
            0,
            [new(0, BakePlace.Oven)],
            [.. lots.Select(lot => new LotState(lot.Lot, 60.0 * lot.AddAt, lot.AddAt == 0 ? [new(0, BakePlace.Oven)] : [], IsOff: false) { IsTimeTold = lot.AddAt == 0 })],
            [.. plan.HandSteps().Select((step, i) => new ActState(i, step, 60.0 * step.AtMinutes, null, IsSkipped: false))],
            [],
            [],
            null,
            null);
    }

    /// <summary>
    /// The next event. Its time is its own, but the tray is moved, and steps are done, after what was told earlier. When a lot went
    /// in or came off is believed as it is told, however late.
    /// </summary>
    public BakeState After(BakeEvent told)
    {
        double ownS = Clock.BakeS(told.At);
        double atS = Math.Max(LatestS, ownS);
        BakeState next = told.What switch
        {
            Measured measured => With(measured.Piece.Lot, lot => lot.Due(Moves, ownS).WasMeasured(ownS, Moves)) with
            {
                Readings =
                [
                    .. Readings,
                    new(told.Seq, measured.Piece, ownS, measured.Temperature, null, measured.Probe)
                    {
                        PlacedS = measured.Probe is { } probe && Probes.TryGetValue(probe, out ProbePlace place) && place.Piece == measured.Piece ? place.SinceS : null,
                    },
                ],
            },
            Answered answered => this with
            {
                Readings = [.. Readings.Select(reading => reading.Seq == answered.Reading ? reading with { Answer = answered.Answer } : reading)],
            },
            ProbePlaced placed => this with { Probes = placed.Piece is { } piece ? Probes.SetItem(placed.Probe, new(piece, ownS)) : Probes.Remove(placed.Probe) },
            Said said => this with { LastSaid = said },
            Noted noted => this with { Notes = [.. Notes, noted.Text] },
            Moved moved => TrayTo(moved.Place, atS),
            Resting => TrayTo(BakePlace.Worktop, atS),
            LotIn lotIn => With(lotIn.Lot, lot => lot.WentIn(ownS, Moves)),
            LotOut lotOut => With(lotOut.Lot, lot => lot.Due(Moves, ownS).CameOff(ownS)),
            LotNeverIn never when Readings.All(reading => reading.Piece.Lot != never.Lot) => With(never.Lot, lot => lot.NeverWentIn()),
            PiecesOut taken => With(taken.Lot, lot => lot.Due(Moves, atS).WithoutPieces(taken.Pieces, atS)),
            PiecesIn back => With(back.Lot, lot => lot.WithPieces(back.Pieces, atS)),
            Looked looked => this with { Looks = [.. Looks, new(looked.Lot, ownS, looked.Look)] },
            Readied readied => this with { Before = readied },
            AirRead air => this with { Air = [.. Air, new(ownS, air.Temperature.ToTemperature().Celsius)] },
            ActDone done => With(done.Act, act => act with { DoneAtS = atS, IsSkipped = false, Seq = told.Seq }),
            ActSkipped skipped => With(skipped.Act, act => act with { IsSkipped = true, DoneAtS = null, Seq = told.Seq }),
            Postponed { Act: { } later } postponed => With(later, act => act.Later(ownS, postponed.Minutes)),
            Postponed { Lot: { } later } postponed => With(later, lot => lot.Later(ownS, postponed.Minutes)),
            DoneBesides besides => this with { Besides = [.. Besides, new(besides.Step, ToMinutes(atS), null, besides.ForMinutes, besides.Shelf) { Vessel = besides.Vessel ?? 0 }] },
            OvenSet set => this with { DialTurns = [.. DialTurns, (ownS, set.Setting)] },
            Finished => this with { FinishedS = atS },
            _ when Afterwards.IsOf(told.What) => this with { Table = Table.With(told) },
            _ => this,
        };
        return next with
        {
            Seq = told.Seq,
            LatestS = told.What is Readied or Measured or ProbePlaced or Noted or Looked or AirRead or Answered or Said or Postponed || Afterwards.IsOf(told.What) ? LatestS : atS,
            LastDone = told.What is Readied or Measured or ProbePlaced or Noted or Answered or Said or Finished or Corrected || Afterwards.IsOf(told.What) ? LastDone : told,
        };
    }

    /// <summary>Until when the cook wants the tray in, s in the bake's time: as planned, for what is still to be done to it, and for a sauce or a grill that was given its minutes.</summary>
    public double KeptInUntilS => Math.Max(
        60.0 * (Plan.StayUntilMinutes ?? 0),
        Math.Max(
            Math.Max(SaucedUntilS ?? 0, Grills.Select(grill => grill.EndS).DefaultIfEmpty(0).Max()),
            Acts.Where(act => act is { IsOpen: true, Step.Kind: not (StepKind.Drain or StepKind.Look) }).Select(act => act.DueS).DefaultIfEmpty(0).Max()));

    /// <summary>Until when the cook wants a sauce to bake on, s in the bake's time; null where none was given its minutes.</summary>
    public double? SaucedUntilS => Besides.Where(step => step is { Kind: StepKind.Baste, ForMinutes: not null }).Max(step => (double?)(60 * (step.AtMinutes + step.ForMinutes!.Value)));

    /// <summary>Each while under the grill that was told to have begun, planned or not, in order.</summary>
    public IReadOnlyList<GrillSpell> Grills
    {
        get
        {
            (double AtS, int Minutes)[] begun =
            [
                .. Acts.Where(act => act is { DoneAtS: not null, Step.Kind: StepKind.Grill }).Select(act => (act.DoneAtS!.Value, act.Step.ForMinutes ?? 0))
                    .Concat(Besides.Where(step => step.Kind == StepKind.Grill).Select(step => (60.0 * step.AtMinutes, step.ForMinutes ?? 0)))
                    .OrderBy(grill => grill.Item1),
            ];
            return [.. begun.Select((grill, i) => GrillOf(grill.AtS, grill.AtS + (60 * grill.Minutes), begun.Skip(i + 1).Select(next => next.AtS).FirstOrDefault(double.PositiveInfinity)))];
        }
    }

    /// <param name="fromS">Since when.</param>
    /// <param name="untilS">When it was to end.</param>
    /// <param name="nextS">When the next one began: what the dial does after it is not of this one.</param>
    private GrillSpell GrillOf(double fromS, double untilS, double nextS)
    {
        (double AtS, EnteredTemperature Setting)[] dial =
        [
            .. DialTurns.Concat(Acts.Where(act => act is { DoneAtS: not null, Step.Kind: StepKind.Lower }).Select(act => (AtS: act.DoneAtS!.Value, Setting: act.Step.Setting!)))
                .OrderBy(turn => turn.AtS),
        ];
        double? offS = dial.Where(turn => turn.AtS > fromS && turn.AtS <= Math.Min(untilS + GrillSpell.LateS, nextS)).Select(turn => (double?)turn.AtS).FirstOrDefault();
        return new(fromS, untilS, dial.Where(turn => turn.AtS <= fromS).Select(turn => turn.Setting).LastOrDefault(Plan.OvenSetting), offS);
    }

    /// <summary>Plans and their steps count in whole minutes.</summary>
    internal static int ToMinutes(double seconds) => (int)Math.Round(seconds / 60);

    private BakeState TrayTo(BakePlace place, double atS) => this with
    {
        Moves = Place == place ? Moves : [.. Moves, new(atS, place)],
        Lots = [.. Lots.Select(lot => lot is { HasGoneIn: true, IsOff: false } ? lot.MovedTo(place, atS) : lot)],
    };

    /// <summary>With every lot in whose time has come.</summary>
    /// <param name="nowS">s in the bake's time.</param>
    internal BakeState WithDue(double nowS) => this with { Lots = [.. Lots.Select(lot => lot.Due(Moves, nowS))] };

    private BakeState With(LotId which, Func<LotState, LotState> change) =>
        this with { Lots = [.. Lots.Select(lot => lot.Lot == which ? change(lot) : lot)] };

    private BakeState With(int which, Func<ActState, ActState> change) =>
        this with { Acts = [.. Acts.Select(act => act.Act == which ? change(act) : act)] };
}
