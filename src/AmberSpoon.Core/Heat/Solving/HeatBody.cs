using AmberSpoon.Core.Heat.Materials;
using AmberSpoon.Core.Heat.Meshing;
using AmberSpoon.Core.Heat.Shapes;

namespace AmberSpoon.Core.Heat.Solving;

/// <summary>
/// A meshed body with its materials: what <see cref="HeatSolver"/> heats. From <see cref="Of"/> for any solid;
/// from <see cref="Pieces.PieceBody"/> for a piece of chicken.
/// </summary>
public sealed class HeatBody
{
    internal HeatBody(ScaledMesh mesh, ThermalMaterial meat, ThermalMaterial? inner, bool innerIsFood, IReadOnlyList<Coat> coats, Point middle)
    {
        Mesh = mesh;
        Meat = meat;
        Inner = inner;
        InnerIsFood = innerIsFood;
        Coats = coats;
        Middle = middle;
    }

    /// <summary>Cells that the box round a bare solid may be cut into.</summary>
    public const int MostCells = 300_000;

    public double VolumeM3 => Mesh.TotalVolumeM3;

    /// <summary>Raw, with bone and filling, kg.</summary>
    public double MassKg => Mesh.Mesh.Copies * Enumerable.Range(0, Mesh.Grid.Length).Sum(cell => Mesh.VolumeM3[cell]
        * ((MeatShare(cell) * Meat.DensityKgPerM3) + ((1 - MeatShare(cell)) * (Inner?.DensityKgPerM3 ?? 0))));

    public double SurfaceM2 => Mesh.TotalAreaM2;

    /// <summary>Cells in which heat is followed.</summary>
    public int Cells => Mesh.Mesh.CellCount;

    internal ScaledMesh Mesh { get; }

    internal ThermalMaterial Meat { get; }

    /// <summary>Bone or filling, or null.</summary>
    internal ThermalMaterial? Inner { get; }

    /// <summary>A filling must be as hot as the meat; a bone need not.</summary>
    internal bool InnerIsFood { get; }

    /// <summary>By <see cref="Side"/>.</summary>
    internal IReadOnlyList<Coat> Coats { get; }

    /// <summary>Where <see cref="HeatSample.CoreC"/> is read; of a bare solid, the origin.</summary>
    internal Point Middle { get; }

    private static Point NearestToOrigin(Solid solid) => new(
        Math.Clamp(0, solid.Low.X, solid.High.X), Math.Clamp(0, solid.Low.Y, solid.High.Y), Math.Clamp(0, solid.Low.Z, solid.High.Z));

    /// <summary>Share of a cell's volume that is bone, 0 to 1.</summary>
    internal double BoneShare(int cell) => InnerIsFood ? 0 : Mesh.Mesh.InnerShare[cell];

    /// <summary>Share of a cell's volume that is neither bone nor filling, 0 to 1.</summary>
    internal double MeatShare(int cell) => Inner is null ? 1 : 1 - Mesh.Mesh.InnerShare[cell];

    /// <summary>Whether a cell is mostly meat or filling.</summary>
    internal bool IsFood(int cell) => Mesh.VolumeM3[cell] > 0 && BoneShare(cell) < 0.5;

    /// <summary>A bare solid of one material, perhaps with something inside.</summary>
    /// <param name="solid">The shape.</param>
    /// <param name="material">What it is made of.</param>
    /// <param name="cellM">Longest side of a cell, m.</param>
    /// <param name="bone">Level function and material of a bone inside, or null.</param>
    /// <exception cref="HeatInputException">More cells than <see cref="MostCells"/>.</exception>
    public static HeatBody Of(
        Solid solid, ThermalMaterial material, double cellM, (Func<Point, double> Level, ThermalMaterial Material)? bone = null)
    {
        bool isBare = bone is null;
        var cell = new Point(
            isBare && solid.Endless.X ? solid.Size.X : cellM, isBare && solid.Endless.Y ? solid.Size.Y : cellM, cellM);
        if (!(solid.Size.X / cell.X * solid.Size.Y / cell.Y * solid.Size.Z / cell.Z <= MostCells))
        {
            throw new HeatInputException("cellMm", "Choose larger cells: this makes more than can be followed.");
        }

        CutCellMesh mesh = CutCellMeshBuilder.Build(solid, bone?.Level, cell);
        return new(
            new(mesh, new(1, 1, 1)), material, bone?.Material, innerIsFood: false, [Coat.Bare, Coat.Bare, Coat.Bare], NearestToOrigin(solid));
    }
}
