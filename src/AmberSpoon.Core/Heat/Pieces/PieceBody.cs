using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat.Materials;
using AmberSpoon.Core.Heat.Shapes;
using AmberSpoon.Core.Heat.Solving;

namespace AmberSpoon.Core.Heat.Pieces;

/// <summary>
/// One piece of chicken of a given mass: its cut's reference shape, stretched. All sides grow as mass^(1/3); a measured
/// height overrides the guess, and length and width rescale together so that the mass holds.
/// </summary>
/// <param name="Cut">Which cut.</param>
/// <param name="MassG">Mass with bone, filling and skin, g.</param>
/// <param name="HeightMm">Height of its thickest place on the tray as measured, mm, or null to guess it.</param>
/// <param name="SkinOn">Whether the skin is on.</param>
/// <param name="Coating">What covers it, or the outermost of several.</param>
public sealed record PieceBody(Cut Cut, double MassG, double? HeightMm = null, bool SkinOn = true, Coating Coating = Coating.Oil) : FoodBody
{
    /// <summary>Height of a piece of this mass with its cut's proportions, mm.</summary>
    public static double GuessHeightMm(Cut cut, double massG)
    {
        CutMesh mesh = CutMeshes.For(CutShapes.For(cut), GridLevel.Quick);
        return mesh.Shape.Solid.Size.Z * 1000 * Math.Cbrt(massG / 1000 / MassKg(cut, mesh));
    }

    /// <summary>Of a slit and filled breast: the filling's share of the mass; null for the usual.</summary>
    public double? FillingShare { get; init; }

    /// <summary>Coats under the outermost one, innermost first.</summary>
    public IReadOnlyList<CoatLayer> Under { get; init; } = [];

    /// <summary>Share of its upper side that lies under other food.</summary>
    public double TopCovered { get; init; }

    /// <summary>Some of the skin is gone.</summary>
    public bool PartlySkinned { get; init; }

    /// <summary>A breast that is slit and filled has the shape of one.</summary>
    internal override CutShape Shape => Coating == Coating.Stuffed || Cut == Cut.StuffedBreast
        ? FillingShare is { } share ? CutShapes.Stuffed(share) : CutShapes.For(Cut.StuffedBreast)
        : CutShapes.For(Cut);

    internal override Point Stretch => At(GridLevel.Quick).Mesh.Stretch;

    /// <summary>Mass of a piece of this height with its cut's proportions, g.</summary>
    public static double GuessMassG(Cut cut, double heightMm)
    {
        CutMesh mesh = CutMeshes.For(CutShapes.For(cut), GridLevel.Quick);
        return 1000 * MassKg(cut, mesh) * Math.Pow(heightMm / 1000 / mesh.Shape.Solid.Size.Z, 3);
    }

    public override HeatBody At(GridLevel level)
    {
        HeatInputException.RequireWithin("massG", MassG, 2, 5000);
        HeatInputException.RequireWithin("heightMm", HeightMm ?? 10, 2, 250);
        HeatInputException.RequireWithin("sizeFactor", SizeFactor, 0.3, 3);
        CutFacts facts = CutTable.For(Cut);
        CutMesh mesh = CutMeshes.For(Shape, level);
        double volumeFactor = MassG / 1000 / MassKg(Cut, mesh);
        double even = Math.Cbrt(volumeFactor);
        double up = HeightMm is { } height ? height / 1000 / mesh.Shape.Solid.Size.Z : even;
        double along = Math.Sqrt(volumeFactor / up);
        Point stretch = SizeFactor * new Point(along, along, up);
        return new(
            new(mesh.Mesh, stretch),
            MeatOf(facts),
            InnerOf(mesh.Shape),
            mesh.Shape.InnerIsFood,
            PieceCoats.For(facts, SkinOn, [.. Under, Coating], PartlySkinned, TopCovered),
            mesh.Shape.Middle.Stretched(stretch));
    }

    private static double MassKg(Cut cut, CutMesh mesh) => mesh.MassKg(MeatOf(CutTable.For(cut)), InnerOf(mesh.Shape));

    private static ThermalMaterial MeatOf(CutFacts facts) => facts.IsDark ? ThermalMaterial.DarkMeat : ThermalMaterial.BreastMeat;

    private static ThermalMaterial? InnerOf(CutShape shape) =>
        shape.Inner is null ? null : shape.InnerIsFood ? ThermalMaterial.Filling : ThermalMaterial.Bone;
}
