using AmberSpoon.Core.Heat.Shapes;

namespace AmberSpoon.Core.Heat.Meshing;

/// <summary>
/// A <see cref="CutCellMesh"/> stretched along its axes to the size of one piece. Volumes, faces, surface and its distances
/// all follow from the mesh's moments; nothing is cut again.
/// </summary>
internal sealed class ScaledMesh
{
    public ScaledMesh(CutCellMesh mesh, Point stretch)
    {
        Mesh = mesh;
        Stretch = stretch;
        double volume = stretch.X * stretch.Y * stretch.Z;
        Point cell = mesh.Grid.CellM.Stretched(stretch);
        VolumeM3 = Times(mesh.VolumeM3, volume);
        double[] reach = [stretch.Y * stretch.Z / cell.X, stretch.X * stretch.Z / cell.Y, stretch.X * stretch.Y / cell.Z];
        LeaningReach = [.. mesh.LeaningFaces.Select(face => face.OpenM2 * reach[face.Axis])];
        ReachX = Times(mesh.OpenX, reach[0]);
        ReachY = Times(mesh.OpenY, reach[1]);
        ReachZ = Times(mesh.OpenZ, reach[2]);
        AreaM2 = new double[mesh.Elements.Count];
        DepthM = new double[mesh.Elements.Count];
        for (int e = 0; e < AreaM2.Length; e++)
        {
            SurfaceElement element = mesh.Elements[e];
            Point square = element.SquareArea;
            double factor = Math.Sqrt(
                ((square.X * Squared(stretch.Y * stretch.Z)) + (square.Y * Squared(stretch.X * stretch.Z)) + (square.Z * Squared(stretch.X * stretch.Y)))
                / element.AreaM2);
            AreaM2[e] = element.AreaM2 * factor;
            DepthM[e] = element.DepthVolumeM3 * volume / AreaM2[e];
        }
    }

    public CutCellMesh Mesh { get; }

    public GridShape Grid => Mesh.Grid;

    /// <summary>Factors along x, y and z.</summary>
    public Point Stretch { get; }

    /// <summary>m³ per cell.</summary>
    public double[] VolumeM3 { get; }

    /// <summary>Open area over distance towards larger x, m. Likewise y and z.</summary>
    public double[] ReachX { get; }

    public double[] ReachY { get; }

    public double[] ReachZ { get; }

    /// <summary>The same for each of <see cref="CutCellMesh.LeaningFaces"/>.</summary>
    public double[] LeaningReach { get; }

    /// <summary>m² per surface element.</summary>
    public double[] AreaM2 { get; }

    /// <summary>From a cell's middle to its surface element, m.</summary>
    public double[] DepthM { get; }

    /// <summary>Of the whole body, m³.</summary>
    public double TotalVolumeM3 => Mesh.Copies * VolumeM3.Sum();

    /// <summary>Of the whole body, m².</summary>
    public double TotalAreaM2 => Mesh.Copies * AreaM2.Sum();

    /// <summary>Middle of a cell, m.</summary>
    public Point CentreOf(int index)
    {
        (int i, int j, int k) = Grid.Place(index);
        return Grid.Centre(i, j, k).Stretched(Stretch);
    }

    private static double[] Times(double[] values, double factor) => Array.ConvertAll(values, value => value * factor);

    private static double Squared(double x) => x * x;
}
