using AmberSpoon.Core.Heat.Meshing;
using AmberSpoon.Core.Heat.Shapes;

namespace AmberSpoon.Core.Heat.Solving;

/// <summary>
/// Reads the temperature at one place: a parabola along each axis through the cell that holds it and its neighbours,
/// even about mirror planes, straight where a neighbour is missing.
/// </summary>
internal sealed class FieldPoint
{
    private readonly int[] _cell = new int[7];
    private readonly double[] _weight = new double[7];

    /// <exception cref="HeatInputException">The place lies outside the body.</exception>
    public FieldPoint(ScaledMesh mesh, Point place)
    {
        GridShape grid = mesh.Grid;
        Point cellM = grid.CellM.Stretched(mesh.Stretch);
        Point inGrid = place - grid.Low.Stretched(mesh.Stretch);
        int cell = grid.Index(
            Within(inGrid.X / cellM.X, grid.CountX), Within(inGrid.Y / cellM.Y, grid.CountY), Within(inGrid.Z / cellM.Z, grid.CountZ));
        int root = mesh.Mesh.Root[cell];
        if (root < 0)
        {
            throw new HeatInputException("tip", "That place is not inside the piece.");
        }

        Point offset = place - mesh.CentreOf(root);
        (int i, int j, int k) = grid.Place(root);
        Array.Fill(_cell, root);
        _weight[0] = 1;
        Along(mesh, 1, root, i, grid.CountX, 1, Clamp(offset.X / cellM.X));
        Along(mesh, 3, root, j, grid.CountY, grid.Row, Clamp(offset.Y / cellM.Y));
        Along(mesh, 5, root, k, grid.CountZ, grid.Layer, Clamp(offset.Z / cellM.Z));
    }

    public double Read(double[] temperatureC)
    {
        double sum = 0;
        for (int n = 0; n < _cell.Length; n++)
        {
            sum += _weight[n] * temperatureC[_cell[n]];
        }

        return sum;
    }

    private static int Within(double place, int count) => Math.Clamp((int)Math.Floor(place), 0, count - 1);

    private static double Clamp(double offset) => Math.Clamp(offset, -1, 1);

    private void Along(ScaledMesh mesh, int slot, int root, int place, int count, int stride, double offset)
    {
        // A cell at the end of the box is its own mirror image.
        int below = place == 0 ? root : root - stride;
        int above = place == count - 1 ? root : root + stride;
        bool hasBelow = mesh.VolumeM3[below] > 0;
        bool hasAbove = mesh.VolumeM3[above] > 0;
        double square = offset * offset / 2;
        if (hasBelow && hasAbove)
        {
            (_cell[slot], _cell[slot + 1]) = (below, above);
            (_weight[slot], _weight[slot + 1]) = (square - (offset / 2), square + (offset / 2));
            _weight[0] -= 2 * square;
        }
        else if (hasBelow || hasAbove)
        {
            _cell[slot] = hasBelow ? below : above;
            _weight[slot] = hasBelow ? -offset : offset;
            _weight[0] -= _weight[slot];
        }
    }
}
