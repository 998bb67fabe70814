namespace AmberSpoon.Core.Kitchens;

/// <summary>
/// The one place where three times meet: the wall's, the bake's (seconds since its first food went in) and a lot's (seconds
/// since that lot went in). A wall clock may be set back; a bake never is, so nothing happens before its start.
/// </summary>
/// <param name="StartedAt">When the first food went in, by the wall.</param>
public readonly record struct BakeClock(DateTimeOffset StartedAt)
{
    /// <summary>Seconds since the first food went in; 0 for anything before.</summary>
    public double BakeS(DateTimeOffset wall) => Math.Max(0, (wall - StartedAt).TotalSeconds);

    public DateTimeOffset Wall(double bakeS) => StartedAt.AddSeconds(bakeS);

    /// <summary>Seconds since a lot went in; below 0 before it did.</summary>
    /// <param name="bakeS">The bake's time, s.</param>
    /// <param name="inS">When the lot went in, in the bake's time, s.</param>
    public static double LotS(double bakeS, double inS) => bakeS - inS;
}
