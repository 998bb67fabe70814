namespace AmberSpoon.Core.Heat.Meshing;

/// <summary>
/// A solid on a regular grid: each cell that heat is followed in has a volume, open faces towards its neighbours, and the
/// true surface that lies in it. A cell whose middle lies outside is not followed on its own: its volume and surface
/// go to the neighbour it leans on, so no cell is small and every surface lies outwards of its cell's middle.
/// Built once per shape by <see cref="CutCellMeshBuilder"/>; <see cref="ScaledMesh"/> stretches it to a piece.
/// </summary>
internal sealed class CutCellMesh(GridShape grid, int copies)
{
    public GridShape Grid { get; } = grid;

    /// <summary>How many such meshes make the whole body.</summary>
    public int Copies { get; } = copies;

    /// <summary>m³ per cell; 0 where no heat is followed.</summary>
    public required double[] VolumeM3 { get; init; }

    /// <summary>Open area towards the neighbour at larger x, m²; 0 where there is none. Likewise y and z.</summary>
    public required double[] OpenX { get; init; }

    public required double[] OpenY { get; init; }

    public required double[] OpenZ { get; init; }

    /// <summary>Share of each cell's volume that is bone or filling, 0 to 1.</summary>
    public double[] InnerShare { get; } = new double[grid.Length];

    /// <summary>The cell that speaks for a place; −1 where there is none nearby.</summary>
    public required int[] Root { get; init; }

    /// <summary>Bits of surface, ordered by side.</summary>
    public required IReadOnlyList<SurfaceElement> Elements { get; init; }

    /// <summary>Cells that lean on a followed one.</summary>
    public required IReadOnlyList<LeaningCell> Leaning { get; init; }

    /// <summary>Their open faces, beside those in <see cref="OpenX"/>, <see cref="OpenY"/> and <see cref="OpenZ"/>.</summary>
    public required IReadOnlyList<LeaningFace> LeaningFaces { get; init; }

    /// <summary>Starts of runs of <see cref="GridShape.Lanes"/> cells that hold anything.</summary>
    public required int[] Blocks { get; init; }

    public int CellCount => VolumeM3.Count(volume => volume > 0);
}
