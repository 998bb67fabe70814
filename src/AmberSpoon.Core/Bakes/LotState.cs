using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;

namespace AmberSpoon.Core.Bakes;

/// <summary>Where a lot has been. A lot that nobody has spoken of yet goes in when the plan says.</summary>
/// <param name="Lot">The lot.</param>
/// <param name="PlannedInS">When it is to go in: as planned, or later where the cook said so, s in the bake's time.</param>
/// <param name="Places">Its moves in order; empty while it waits.</param>
/// <param name="IsOff">Taken off the tray, or, where it never went in, left out of this bake.</param>
public sealed record LotState(LotId Lot, double PlannedInS, IReadOnlyList<PlaceChange> Places, bool IsOff)
{
    /// <summary>It has gone into the oven.</summary>
    public bool HasGoneIn => Places.Count > 0;

    /// <summary>It was taken off before it ever went in: not part of this bake.</summary>
    public bool IsLeftOut => IsOff && !HasGoneIn;

    /// <summary>When it went in, or is to go in, s in the bake's time.</summary>
    public double InS => HasGoneIn ? Places[0].AtS : PlannedInS;

    public BakePlace? Place => HasGoneIn ? Places[^1].Place : null;

    /// <summary>Where it stands, stage by stage in its own time, until a moment; the last place goes on until then.</summary>
    /// <param name="untilS">Seconds since this lot went in.</param>
    public IReadOnlyList<PlaceStage> StagesUntil(double untilS)
    {
        if (!HasGoneIn)
        {
            return [new(BakePlace.Oven, untilS)];
        }

        var stages = new List<PlaceStage>();
        for (int i = 0; i < Places.Count; i++)
        {
            double fromS = BakeClock.LotS(Places[i].AtS, InS);
            double endS = Math.Min(i + 1 < Places.Count ? BakeClock.LotS(Places[i + 1].AtS, InS) : untilS, untilS);
            stages.Add(new(Places[i].Place, Math.Max(0, endS - fromS)));
        }

        return stages;
    }

    /// <summary>To be added later than it stood; counted from now where its time has come.</summary>
    internal LotState Later(double nowS, int minutes) => this with { PlannedInS = Math.Max(PlannedInS, nowS) + (60 * minutes) };

    internal LotState MovedTo(BakePlace place, double atS) => Place == place ? this : this with { Places = [.. Places, new(atS, place)] };
}
