using System.Numerics;
using AmberSpoon.Core.Heat.Meshing;
using AmberSpoon.Core.Heat.Vectors;

namespace AmberSpoon.Core.Heat.Solving;

/// <summary>
/// Conjugate gradients, scaled by the diagonal (Hestenes and Stiefel 1952, from memory), for the correction that takes a
/// guess to the solution. The correction is small, so single precision is plenty and twice as many cells fit into a
/// vector; the balance itself is kept in double precision by <see cref="ConductionSystem"/>.
/// </summary>
internal sealed class GradientSolver
{
    private const int MostIterations = 200;

    private readonly int[] _blocks;
    private readonly int _row;
    private readonly int _layer;
    private readonly (int Near, int Far)[] _oddPairs;
    private readonly float[] _direction;
    private readonly float[] _image;

    /// <param name="mesh">The body's.</param>
    /// <param name="oddPairs">Cells that conduct to each other without being neighbours.</param>
    public GradientSolver(CutCellMesh mesh, (int Near, int Far)[] oddPairs)
    {
        _blocks = mesh.Blocks;
        _row = mesh.Grid.Row;
        _layer = mesh.Grid.Layer;
        _oddPairs = oddPairs;
        int length = mesh.Grid.Length;
        (ConductX, ConductY, ConductZ) = (new float[length], new float[length], new float[length]);
        (Diagonal, Inverse, Residual) = (new float[length], new float[length], new float[length]);
        (_direction, _image, Correction) = (new float[length], new float[length], new float[length]);
        OddConduct = new float[oddPairs.Length];
    }

    /// <summary>W/K towards larger x, per cell; likewise y and z.</summary>
    public float[] ConductX { get; }

    public float[] ConductY { get; }

    public float[] ConductZ { get; }

    /// <summary>W/K per odd pair.</summary>
    public float[] OddConduct { get; }

    /// <summary>W/K per cell.</summary>
    public float[] Diagonal { get; }

    /// <summary>One over the diagonal; 0 where there is nothing.</summary>
    public float[] Inverse { get; }

    /// <summary>What the guess leaves unbalanced, W; used up.</summary>
    public float[] Residual { get; }

    /// <summary>The answer, °C.</summary>
    public float[] Correction { get; }

    /// <summary>Solves until the squared, diagonal-weighted error is below <paramref name="enough"/>, W·K.</summary>
    public void Solve(double enough)
    {
        double energy = Begin();
        for (int iteration = 0; iteration < MostIterations && energy > enough; iteration++)
        {
            double curvature = Multiply();
            double next = Advance((float)(energy / curvature));
            Turn((float)(next / energy));
            energy = next;
        }
    }

    private double Begin()
    {
        Vector<float> energy = Vector<float>.Zero;
        foreach (int block in _blocks)
        {
            for (int i = block; i < block + GridShape.Lanes; i += Vector<float>.Count)
            {
                Vector<float> residual = Lanes.At(Residual, i);
                Vector<float> step = residual * Lanes.At(Inverse, i);
                Lanes.Put(step, _direction, i);
                Lanes.Put(Vector<float>.Zero, Correction, i);
                energy += residual * step;
            }
        }

        return Vector.Sum(energy);
    }

    /// <summary>The matrix times the direction: what each cell keeps, less what its neighbours send.</summary>
    /// <returns>The direction times its image.</returns>
    private double Multiply()
    {
        (float[] x, float[] diagonal, float[] image) = (_direction, Diagonal, _image);
        (float[] conductX, float[] conductY, float[] conductZ) = (ConductX, ConductY, ConductZ);
        (int row, int layer) = (_row, _layer);
        Vector<float> product = Vector<float>.Zero;
        foreach (int block in _blocks)
        {
            for (int i = block; i < block + GridShape.Lanes; i += Vector<float>.Count)
            {
                Vector<float> here = Lanes.At(x, i);
                Vector<float> sum = Lanes.At(diagonal, i) * here;
                sum -= (Lanes.At(conductX, i) * Lanes.At(x, i + 1)) + (Lanes.At(conductX, i - 1) * Lanes.At(x, i - 1));
                sum -= (Lanes.At(conductY, i) * Lanes.At(x, i + row)) + (Lanes.At(conductY, i - row) * Lanes.At(x, i - row));
                sum -= (Lanes.At(conductZ, i) * Lanes.At(x, i + layer)) + (Lanes.At(conductZ, i - layer) * Lanes.At(x, i - layer));
                Lanes.Put(sum, image, i);
                product += here * sum;
            }
        }

        float leaning = 0;
        for (int p = 0; p < _oddPairs.Length; p++)
        {
            (int near, int far) = _oddPairs[p];
            float conduct = OddConduct[p];
            image[near] -= conduct * x[far];
            image[far] -= conduct * x[near];
            leaning += conduct * x[near] * x[far];
        }

        return Vector.Sum(product) - (2 * leaning);
    }

    private double Advance(float length)
    {
        (float[] direction, float[] image, float[] residual, float[] correction) = (_direction, _image, Residual, Correction);
        Vector<float> energy = Vector<float>.Zero;
        foreach (int block in _blocks)
        {
            for (int i = block; i < block + GridShape.Lanes; i += Vector<float>.Count)
            {
                Vector<float> left = Lanes.At(residual, i) - (length * Lanes.At(image, i));
                Lanes.Put(Lanes.At(correction, i) + (length * Lanes.At(direction, i)), correction, i);
                Lanes.Put(left, residual, i);
                energy += left * left * Lanes.At(Inverse, i);
            }
        }

        return Vector.Sum(energy);
    }

    private void Turn(float share)
    {
        foreach (int block in _blocks)
        {
            for (int i = block; i < block + GridShape.Lanes; i += Vector<float>.Count)
            {
                Lanes.Put((Lanes.At(Residual, i) * Lanes.At(Inverse, i)) + (share * Lanes.At(_direction, i)), _direction, i);
            }
        }
    }
}
