using System.Collections.Concurrent;
using AmberSpoon.Core.Heat.Meshing;
using AmberSpoon.Core.Heat.Shapes;

namespace AmberSpoon.Core.Heat.Pieces;

/// <summary>Meshes of the reference shapes, each made when first asked for and kept: pieces only stretch them.</summary>
internal static class CutMeshes
{
    private static readonly ConcurrentDictionary<(CutShape, GridLevel), Lazy<CutMesh>> Made = new();

    /// <summary>Heat goes mostly up and down, so cells may be wider than high.</summary>
    private const double WiderThanHigh = 1.5;

    /// <summary>Half a piece's width needs fewer cells than its length.</summary>
    private const double SlenderShare = 2.5;

    public static CutMesh For(CutShape shape, GridLevel level) =>
        Made.GetOrAdd((shape, level), key => new(() => Make(key.Item1, key.Item2))).Value;

    private static CutMesh Make(CutShape shape, GridLevel level)
    {
        Point size = shape.Solid.Size;
        (double layers, double most) = level switch
        {
            GridLevel.Rough => (5, 11),
            GridLevel.Quick => (7, 16),
            GridLevel.Normal => (13, 28),
            _ => (26.0, 56.0),
        };
        double upM = size.Z / layers;
        var cellM = new Point(
            Math.Max(WiderThanHigh * upM, size.X / most), Math.Max(WiderThanHigh * upM, size.Y / most * SlenderShare), upM);
        CutCellMesh mesh = CutCellMeshBuilder.Build(shape.Solid, shape.Inner, cellM);
        double inner = mesh.Copies * mesh.VolumeM3.Zip(mesh.InnerShare, (volume, share) => volume * share).Sum();
        return new(shape, mesh, mesh.Copies * mesh.VolumeM3.Sum() - inner, inner);
    }
}
