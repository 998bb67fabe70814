namespace AmberSpoon.Core.Heat.Shapes;

/// <summary>
/// A rounded, tapering body along x, lying on the tray at z = 0: an ellipsoid whose thickest place is pushed along its
/// length, whose height falls off towards the thin end, and which is flattened where it lies.
/// </summary>
/// <param name="StartM">Where along x it begins, m.</param>
/// <param name="LengthM">From end to end, m.</param>
/// <param name="WidthM">Across, at the thickest place, m.</param>
/// <param name="HeightM">From the tray, at the thickest place, m.</param>
public sealed record Loft(double StartM, double LengthM, double WidthM, double HeightM)
{
    /// <summary>Place of the greatest girth along the length, 0 to 1.</summary>
    public double Peak { get; init; } = 0.5;

    /// <summary>How much lower it is towards the thin end than its round ends alone make it, 0 to 1.</summary>
    public double Taper { get; init; }

    /// <summary>How high the widest place lies, as a share of the height.</summary>
    public double Waist { get; init; } = 0.42;

    /// <summary>How far the tray has flattened the under side: 0 is cut in half, 1 only touches.</summary>
    public double Roundness { get; init; } = 0.85;

    /// <summary>Where along x its greatest girth lies, m.</summary>
    public double PeakM => StartM + (Peak * LengthM);

    /// <summary>Below 0 inside; to first order the distance to the surface, m.</summary>
    public double Level(Point p)
    {
        // A Möbius map puts the middle of the ellipsoid at the peak and keeps both ends.
        double along = (p.X - StartM) / LengthM;
        double push = (1 - (2 * Peak)) / Peak;
        double within = Math.Clamp(along, -0.2, 1.2);
        double stretch = 1 + (push * within);
        double u = (2 * within * (1 + push) / stretch) - 1;
        double slopeU = 2 * (1 + push) / (stretch * stretch) / LengthM;

        double towardsThinEnd = Math.Max(0, (within - Peak) / (1 - Peak));
        double height = HeightM * (1 - (Taper * Math.Min(1, towardsThinEnd * towardsThinEnd)));
        double waist = Waist * height;
        double half = p.Z >= waist ? height - waist : waist / Roundness;
        double across = p.Y / (WidthM / 2);
        double up = (p.Z - waist) / half;
        double radius = Math.Sqrt((u * u) + (across * across) + (up * up));
        double gradient = new Point(u * slopeU, across / (WidthM / 2), up / half).Length / Math.Max(radius, 1e-9);
        double smallest = Math.Min(WidthM, HeightM) / 2;
        double level = gradient < 1e-9 ? -smallest : Math.Max(-smallest, (radius - 1) / gradient);
        double beyond = Math.Max(0, Math.Abs(along - within) * LengthM);
        return Math.Max(level + beyond, -p.Z);
    }
}
