using AmberSpoon.Core.Heat.Shapes;

namespace AmberSpoon.Core.Heat.Meshing;

/// <summary>
/// Moments of some surface, enough to know its area and its distance from any point, also after the body is stretched.
/// </summary>
internal struct SurfaceSum
{
    public double AreaM2;

    /// <summary>Sum of area × normal, m².</summary>
    public Point NormalArea;

    /// <summary>Sum of area × each component of the normal squared, m².</summary>
    public Point SquareArea;

    /// <summary>Sum of area × normal · place, m³.</summary>
    public double Moment;

    public void Add(double areaM2, Point normalArea, Point place)
    {
        AreaM2 += areaM2;
        NormalArea += normalArea;
        SquareArea += (1 / areaM2) * normalArea.Stretched(normalArea);
        Moment += normalArea.Dot(place);
    }

    public void Add(in SurfaceSum other)
    {
        AreaM2 += other.AreaM2;
        NormalArea += other.NormalArea;
        SquareArea += other.SquareArea;
        Moment += other.Moment;
    }
}
