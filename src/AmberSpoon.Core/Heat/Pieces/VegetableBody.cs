using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat.Materials;
using AmberSpoon.Core.Heat.Meshing;
using AmberSpoon.Core.Heat.Shapes;
using AmberSpoon.Core.Heat.Solving;

namespace AmberSpoon.Core.Heat.Pieces;

/// <summary>One piece of a cut vegetable.</summary>
/// <param name="Kind">Which vegetable.</param>
/// <param name="Cut">How it is cut.</param>
/// <param name="SizeMm">How large, as <see cref="VegetableCuts.SizeMeans"/> says, mm.</param>
public sealed record VegetableBody(Vegetable Kind, VegetableCut Cut, double SizeMm) : FoodBody
{
    private const double StickMm = 60;
    private static readonly Dictionary<Vegetable, ThermalMaterial> Materials = VegetableTable.All.ToDictionary(
        facts => facts.Kind, facts => ThermalMaterial.FromComposition(facts.Made, facts.AirShare));

    private VegetableFacts Facts => VegetableTable.For(Kind);

    internal override CutShape Shape => VegetableShapes.For(Cut, Facts);

    internal override Point Stretch => SizeFactor * (0.001 * SidesMm()).Unstretched(WholeOf(Shape.Solid.Size));

    internal override double ExchangeShare => HeatParameters.LowOnTray.Value;

    /// <summary>Mass of one raw piece, g.</summary>
    public double MassG => At(GridLevel.Quick).VolumeM3 * Materials[Kind].DensityKgPerM3 * 1000;

    public override HeatBody At(GridLevel level)
    {
        (double lowMm, double highMm) = VegetableCuts.Limits(Cut);
        HeatInputException.RequireWithin("sizeMm", SizeMm, lowMm, highMm);
        HeatInputException.RequireWithin("sizeFactor", SizeFactor, 0.3, 3);
        CutMesh mesh = CutMeshes.For(Shape, level);
        return new(
            new ScaledMesh(mesh.Mesh, Stretch), Materials[Kind], null, innerIsFood: false, PieceCoats.Oiled(Facts.Browning), Shape.Middle.Stretched(Stretch));
    }

    /// <summary>Length, width and height of a piece lying on the tray, mm.</summary>
    private Point SidesMm() => Cut switch
    {
        VegetableCut.Cube => new(SizeMm, SizeMm, SizeMm),
        VegetableCut.Stick => new(StickMm, SizeMm, SizeMm),
        VegetableCut.Coin => new(Facts.AcrossMm, Facts.AcrossMm, SizeMm),
        VegetableCut.Half => new(SizeMm * Facts.Slender, SizeMm, SizeMm / 2),
        VegetableCut.Whole => new(SizeMm * Facts.Slender, SizeMm, SizeMm),
        VegetableCut.Floret => new(1.2 * SizeMm, SizeMm, 0.8 * SizeMm),
        _ => Facts.WallMm is { } wallMm ? new(1.2 * SizeMm, SizeMm, wallMm) : new(Facts.AcrossMm, SizeMm, 0.8 * SizeMm),
    };

    /// <summary>The box of a reference shape holds half its width.</summary>
    private static Point WholeOf(Point half) => new(half.X, 2 * half.Y, half.Z);
}
