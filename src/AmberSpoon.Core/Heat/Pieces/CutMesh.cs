using AmberSpoon.Core.Heat.Materials;
using AmberSpoon.Core.Heat.Meshing;
using AmberSpoon.Core.Heat.Shapes;

namespace AmberSpoon.Core.Heat.Pieces;

/// <summary>A reference shape with its mesh.</summary>
/// <param name="Shape">Proportions.</param>
/// <param name="Mesh">Its cells.</param>
/// <param name="MeatM3">Volume of meat, m³.</param>
/// <param name="InnerM3">Volume of bone or filling, m³.</param>
internal sealed record CutMesh(CutShape Shape, CutCellMesh Mesh, double MeatM3, double InnerM3)
{
    /// <summary>Mass of the reference piece, kg, of this meat and what is inside it.</summary>
    public double MassKg(ThermalMaterial meat, ThermalMaterial? inner) =>
        (MeatM3 * meat.DensityKgPerM3) + (InnerM3 * (inner?.DensityKgPerM3 ?? 0));
}
