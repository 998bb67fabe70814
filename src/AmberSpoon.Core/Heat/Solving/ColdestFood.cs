using AmberSpoon.Core.Heat.Meshing;

namespace AmberSpoon.Core.Heat.Solving;

/// <summary>
/// Finds the coldest food. Inside the meat it is read between cells, by a parabola along each axis; beside a bone, where a
/// line between two cells crosses from meat into bone. Without either, a coarse grid would be off by half a cell.
/// </summary>
internal sealed class ColdestFood
{
    private readonly HeatBody _body;
    private readonly int[] _food;
    private readonly (int Meat, int Bone, double Share)[] _crossings;

    public ColdestFood(HeatBody body, int[] food)
    {
        _body = body;
        _food = food;
        _crossings = [.. Crossings()];
    }

    /// <returns>The cell it is in or next to, and its temperature, °C.</returns>
    public (int Cell, double ColdestC) Find(double[] temperatureC)
    {
        int coldest = _food[0];
        foreach (int cell in _food)
        {
            coldest = temperatureC[cell] < temperatureC[coldest] ? cell : coldest;
        }

        double coldestC = temperatureC[coldest] - Below(coldest, temperatureC);
        foreach ((int meat, int bone, double share) in _crossings)
        {
            double celsius = temperatureC[meat] + (share * (temperatureC[bone] - temperatureC[meat]));
            if (celsius < coldestC)
            {
                (coldest, coldestC) = (meat, celsius);
            }
        }

        return (coldest, coldestC);
    }

    /// <summary>Pairs of neighbours between which the share of bone passes one half, and how far from the meat that is.</summary>
    private IEnumerable<(int Meat, int Bone, double Share)> Crossings()
    {
        GridShape grid = _body.Mesh.Grid;
        foreach (int meat in _food)
        {
            foreach (int stride in new[] { 1, grid.Row, grid.Layer })
            {
                foreach (int bone in new[] { meat - stride, meat + stride })
                {
                    if (_body.Mesh.VolumeM3[bone] > 0 && !_body.IsFood(bone))
                    {
                        double atMeat = _body.BoneShare(meat);
                        yield return (meat, bone, (0.5 - atMeat) / (_body.BoneShare(bone) - atMeat));
                    }
                }
            }
        }
    }

    private double Below(int cell, double[] temperatureC)
    {
        GridShape grid = _body.Mesh.Grid;
        (int i, int j, int k) = grid.Place(cell);
        return Dip(i, grid.CountX, 1) + Dip(j, grid.CountY, grid.Row) + Dip(k, grid.CountZ, grid.Layer);

        // How far the parabola through a cell and its two neighbours dips below the cell; mirror planes mirror.
        double Dip(int place, int count, int stride)
        {
            int below = place == 0 ? cell : cell - stride;
            int above = place == count - 1 ? cell : cell + stride;
            if (!_body.IsFood(below) || !_body.IsFood(above))
            {
                return 0;
            }

            double curve = temperatureC[below] + temperatureC[above] - (2 * temperatureC[cell]);
            double tilt = temperatureC[above] - temperatureC[below];
            return curve > 1e-9 && Math.Abs(tilt) < 2 * curve ? tilt * tilt / (8 * curve) : 0;
        }
    }
}
