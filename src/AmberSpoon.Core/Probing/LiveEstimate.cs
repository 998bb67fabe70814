using AmberSpoon.Core.Trays;

namespace AmberSpoon.Core.Probing;

/// <summary>
/// What the coldest meat has done and will do if the tray stays where it is. A prediction: it plans the next move and
/// permits nothing.
/// </summary>
/// <param name="Curve">A point a minute, from its lot going in to <see cref="HorizonMinutes"/>.</param>
/// <param name="TargetMinutes">When the target is reached, min since going in; null while resting, or if never.</param>
/// <param name="HorizonMinutes">How far the curve looks, min since going in.</param>
public sealed record LiveEstimate(IReadOnlyList<CurvePoint> Curve, double? TargetMinutes, double HorizonMinutes)
{
    /// <summary>The state at a time, linear between points and held at the ends.</summary>
    public CurvePoint At(double minutes)
    {
        int below = Math.Clamp((int)Math.Floor(minutes - Curve[0].Minutes), 0, Curve.Count - 1);
        CurvePoint before = Curve[below];
        CurvePoint after = Curve[Math.Min(below + 1, Curve.Count - 1)];
        double share = Math.Clamp(minutes - before.Minutes, 0, 1);
        return new(
            minutes,
            before.ColdestLowC + (share * (after.ColdestLowC - before.ColdestLowC)),
            before.ColdestC + (share * (after.ColdestC - before.ColdestC)),
            before.ColdestHighC + (share * (after.ColdestHighC - before.ColdestHighC)),
            before.SurfaceC + (share * (after.SurfaceC - before.SurfaceC)));
    }
}
