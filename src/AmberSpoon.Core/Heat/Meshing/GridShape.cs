using AmberSpoon.Core.Heat.Shapes;

namespace AmberSpoon.Core.Heat.Meshing;

/// <summary>
/// The regular grid over a solid's box. Cells are numbered x fastest, then y, then z, after <see cref="Padding"/> places
/// that stand for nothing, so that a cell's six neighbours can be read without asking whether there are any.
/// </summary>
internal sealed class GridShape
{
    public GridShape(Solid solid, Point cellM)
    {
        Low = solid.Low;
        CountX = CellsAlong(solid.Size.X, cellM.X);
        CountY = CellsAlong(solid.Size.Y, cellM.Y);
        CountZ = CellsAlong(solid.Size.Z, cellM.Z);
        CellM = new(solid.Size.X / CountX, solid.Size.Y / CountY, solid.Size.Z / CountZ);
        Padding = Layer + Lanes;
        Length = Padding + (CountX * CountY * CountZ) + Padding;
    }

    /// <summary>Widest vector that a block of cells may fill.</summary>
    public const int Lanes = 8;

    public Point Low { get; }

    public Point CellM { get; }

    public int CountX { get; }

    public int CountY { get; }

    public int CountZ { get; }

    public int Padding { get; }

    /// <summary>Length of an array with one value per cell.</summary>
    public int Length { get; }

    /// <summary>From a cell to the next one along y.</summary>
    public int Row => CountX;

    /// <summary>From a cell to the next one along z.</summary>
    public int Layer => CountX * CountY;

    public int Index(int i, int j, int k) => Padding + i + (CountX * (j + (CountY * k)));

    public (int I, int J, int K) Place(int index)
    {
        int cell = index - Padding;
        return (cell % CountX, cell / CountX % CountY, cell / Layer);
    }

    public bool Has(int i, int j, int k) => i >= 0 && j >= 0 && k >= 0 && i < CountX && j < CountY && k < CountZ;

    public Point Centre(int i, int j, int k) => Low + new Point((i + 0.5) * CellM.X, (j + 0.5) * CellM.Y, (k + 0.5) * CellM.Z);

    private static int CellsAlong(double lengthM, double cellM) => Math.Max(2, (int)Math.Ceiling((lengthM / cellM) - 1e-9));
}
