using System.Collections.Immutable;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;

namespace AmberSpoon.Core.Bakes;

/// <summary>
/// Where a lot has been. A lot whose time has come counts as in, as planned, until the cook says otherwise: nothing that was on the
/// tray may leave a verdict because a tap was forgotten. What was told of it is kept here; what follows from its time alone is
/// worked out each time by <see cref="Due"/>, since the tray's moves may be told late.
/// </summary>
/// <param name="Lot">The lot.</param>
/// <param name="PlannedInS">When it is to go in: as planned, or later where the cook said so, s in the bake's time.</param>
/// <param name="Places">Its moves in order; empty while it waits.</param>
/// <param name="IsOff">Taken off the tray, or, where it never went in, left out of this bake.</param>
public sealed record LotState(LotId Lot, double PlannedInS, IReadOnlyList<PlaceChange> Places, bool IsOff)
{
    /// <summary>The cook said when it went in, or it was the first food in.</summary>
    public bool IsTimeTold { get; init; }

    /// <summary>It has gone into the oven.</summary>
    public bool HasGoneIn => Places.Count > 0;

    /// <summary>It was taken off before it ever went in: not part of this bake.</summary>
    public bool IsLeftOut => IsOff && !HasGoneIn;

    /// <summary>When it went in, or is to go in, s in the bake's time.</summary>
    public double InS => HasGoneIn ? Places[0].AtS : PlannedInS;

    public BakePlace? Place => HasGoneIn ? Places[^1].Place : null;

    /// <summary>Pieces that have gone ways of their own, from 1; all others are where the lot is.</summary>
    public ImmutableSortedDictionary<int, PieceWay> Apart { get; init; } = ImmutableSortedDictionary<int, PieceWay>.Empty;

    /// <summary>A piece came off the tray while others of its lot stayed on it.</summary>
    public bool IsOffAlone(int piece) => Apart.GetValueOrDefault(piece) is { IsOff: true };

    /// <summary>Where one of its pieces is; null while the lot waits.</summary>
    public BakePlace? PlaceOf(int piece) => Apart.GetValueOrDefault(piece) is { } way ? way.Places[^1].Place : Place;

    /// <summary>Where it stands, stage by stage in its own time, until a moment; the last place goes on until then.</summary>
    /// <param name="untilS">Seconds since this lot went in.</param>
    public IReadOnlyList<PlaceStage> StagesUntil(double untilS) => StagesUntil(Places, untilS);

    /// <summary>The same of one piece.</summary>
    /// <param name="piece">Which, from 1.</param>
    /// <param name="untilS">Seconds since this lot went in.</param>
    public IReadOnlyList<PlaceStage> StagesUntil(int piece, double untilS) =>
        StagesUntil(Apart.GetValueOrDefault(piece)?.Places ?? Places, untilS);

    private List<PlaceStage> StagesUntil(IReadOnlyList<PlaceChange> places, double untilS)
    {
        if (!HasGoneIn)
        {
            return [new(BakePlace.Oven, untilS)];
        }

        var stages = new List<PlaceStage>();
        for (int i = 0; i < places.Count; i++)
        {
            double fromS = BakeClock.LotS(places[i].AtS, InS);
            double endS = Math.Min(i + 1 < places.Count ? BakeClock.LotS(places[i + 1].AtS, InS) : untilS, untilS);
            stages.Add(new(places[i].Place, Math.Max(0, endS - fromS)));
        }

        return stages;
    }

    /// <summary>In as planned where its time has come and nobody spoke of it: at the first moment from then on at which the tray is in the oven.</summary>
    /// <param name="moves">Where the tray was, in order.</param>
    /// <param name="nowS">s in the bake's time.</param>
    internal LotState Due(IReadOnlyList<PlaceChange> moves, double nowS)
    {
        if (HasGoneIn || IsOff)
        {
            return this;
        }

        for (int i = 0; i < moves.Count; i++)
        {
            double inS = Math.Max(PlannedInS, moves[i].AtS);
            if (moves[i].Place == BakePlace.Oven && inS <= nowS && (i + 1 == moves.Count || inS < moves[i + 1].AtS))
            {
                return this with { Places = OnTray(inS, moves) };
            }
        }

        return this;
    }

    /// <summary>The cook says that it went in, and when: then it has gone where the tray went since.</summary>
    internal LotState WentIn(double atS, IReadOnlyList<PlaceChange> moves)
    {
        double inS = Math.Max(0, atS);
        if (IsOff && HasGoneIn)
        {
            return this with { Places = [.. InTurn([.. Places, .. OnTray(Math.Max(Places[^1].AtS, inS), moves)])], IsOff = false };
        }

        return IsTimeTold && HasGoneIn ? this : this with
        {
            Places = OnTray(inS, moves),
            IsOff = false,
            IsTimeTold = true,
            Apart = Apart.ToImmutableSortedDictionary(
                way => way.Key,
                way => way.Value with { Places = [.. InTurn([OnTray(inS, moves)[0], .. way.Value.Places.Skip(1).Where(place => place.AtS > inS)])] }),
        };
    }

    /// <summary>It came off the tray; of one that had not gone in, that it stays away.</summary>
    internal LotState CameOff(double atS)
    {
        double offS = Math.Max(InS, atS);
        return !HasGoneIn ? this with { IsOff = true } : this with
        {
            Places = [.. InTurn([Places[0], .. Places.Skip(1).Where(place => place.AtS < offS), new(offS, BakePlace.Worktop)])],
            Apart = Apart.ToImmutableSortedDictionary(way => way.Key, way => way.Value.IsOff ? way.Value : way.Value.To(BakePlace.Worktop, Math.Max(offS, way.Value.Places[^1].AtS))),
            IsOff = true,
        };
    }

    /// <summary>It was measured, so it had gone in, whatever was or was not told.</summary>
    internal LotState WasMeasured(double atS, IReadOnlyList<PlaceChange> moves) => HasGoneIn ? this : this with
    {
        Places = IsOff ? [.. InTurn([.. OnTray(Math.Clamp(atS, 0, PlannedInS), moves), new(Math.Max(0, atS), BakePlace.Worktop)])] : OnTray(Math.Clamp(atS, 0, PlannedInS), moves),
    };

    /// <summary>It never went in.</summary>
    internal LotState NeverWentIn() => this with { Places = [], Apart = ImmutableSortedDictionary<int, PieceWay>.Empty, IsOff = true, IsTimeTold = false };

    /// <summary>On the tray from a moment on: where the tray was then, and where it went.</summary>
    private static IReadOnlyList<PlaceChange> OnTray(double fromS, IReadOnlyList<PlaceChange> moves) =>
        [new(fromS, moves.LastOrDefault(move => move.AtS <= fromS)?.Place ?? BakePlace.Oven), .. moves.Where(move => move.AtS > fromS)];

    /// <summary>Without moves to where it is already.</summary>
    private static IEnumerable<PlaceChange> InTurn(IEnumerable<PlaceChange> places)
    {
        BakePlace? last = null;
        foreach (PlaceChange place in places)
        {
            if (place.Place != last)
            {
                last = place.Place;
                yield return place;
            }
        }
    }

    /// <summary>To be added later than it stood; counted from now where its time has come.</summary>
    internal LotState Later(double nowS, int minutes) => this with { PlannedInS = Math.Max(PlannedInS, nowS) + (60 * minutes) };

    /// <summary>What lies on the tray goes with it; what came off alone stays where it is.</summary>
    internal LotState MovedTo(BakePlace place, double atS) => Place == place ? this : this with
    {
        Places = [.. Places, new(atS, place)],
        Apart = Apart.ToImmutableSortedDictionary(way => way.Key, way => way.Value.IsOff ? way.Value : way.Value.To(place, atS)),
    };

    /// <summary>Some of its pieces come off the tray, the others stay on it; of what never went in nothing comes off.</summary>
    internal LotState WithoutPieces(IEnumerable<int> pieces, double atS) => !HasGoneIn ? this : this with
    {
        Apart = Apart.SetItems(pieces.Select(piece => KeyValuePair.Create(piece, WayOf(piece).To(BakePlace.Worktop, atS) with { IsOff = true }))),
    };

    /// <summary>Pieces that came off lie on the tray again.</summary>
    internal LotState WithPieces(IEnumerable<int> pieces, double atS) => Place is not { } place ? this : this with
    {
        Apart = Apart.SetItems(pieces.Select(piece => KeyValuePair.Create(piece, WayOf(piece).To(place, atS) with { IsOff = false }))),
    };

    private PieceWay WayOf(int piece) => Apart.GetValueOrDefault(piece) ?? new(Places, IsOff: false);
}
