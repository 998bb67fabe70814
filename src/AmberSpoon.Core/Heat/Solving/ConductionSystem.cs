using System.Numerics;
using AmberSpoon.Core.Heat.Materials;
using AmberSpoon.Core.Heat.Meshing;
using AmberSpoon.Core.Heat.Vectors;

namespace AmberSpoon.Core.Heat.Solving;

/// <summary>
/// The cells' heat balance as a symmetric, positive definite system of equations. A guess of the answer is carried along,
/// so only its small correction is left to <see cref="GradientSolver"/>. Arrays hold one value per cell.
/// </summary>
internal sealed class ConductionSystem
{
    /// <summary>The error left is this share of a stage's change of temperature, as a mean over the cells.</summary>
    private const double Tolerance = 1e-4;

    /// <summary>No error smaller than this is worth an iteration, °C.</summary>
    private const double LeastC = 1e-6;

    private readonly ScaledMesh _mesh;
    private readonly int[] _blocks;
    private readonly ThermalMaterial _meat;
    private readonly ThermalMaterial? _inner;
    private readonly LeaningFace[] _faces;
    private readonly FacePlace[] _facePlaces;
    private readonly (int Near, int Far)[] _oddPairs;
    private readonly LeaningCell[] _leaning;
    private readonly GradientSolver _solver;
    private readonly double[] _conductX;
    private readonly double[] _conductY;
    private readonly double[] _conductZ;
    private readonly double[] _faceConduct;
    private readonly double[] _oddConduct;
    private readonly double[] _ahead;
    private readonly double[] _leaving;
    private readonly double[] _image;

    public ConductionSystem(ScaledMesh mesh, ThermalMaterial meat, ThermalMaterial? inner, double startC)
    {
        _mesh = mesh;
        _blocks = mesh.Mesh.Blocks;
        _meat = meat;
        _inner = inner;
        _faces = [.. mesh.Mesh.LeaningFaces];
        _leaning = [.. mesh.Mesh.Leaning];
        (_facePlaces, _oddPairs) = PlaceFaces(mesh.Grid, _faces);
        _solver = new(mesh.Mesh, _oddPairs);
        _faceConduct = new double[_faces.Length];
        _oddConduct = new double[_oddPairs.Length];
        _ahead = new double[_leaning.Length];
        int length = mesh.Grid.Length;
        (_conductX, _conductY, _conductZ) = (new double[length], new double[length], new double[length]);
        (_leaving, _image) = (new double[length], new double[length]);
        TemperatureC = new double[length];
        FromC = new double[length];
        CapacityJPerK = new double[length];
        ConductivityWPerMK = new double[length];
        Diagonal = new double[length];
        RightSide = new double[length];
        Array.Fill(TemperatureC, startC);
        Array.Fill(FromC, startC);
        Array.Fill(ConductivityWPerMK, 1);
    }

    /// <summary>
    /// Most leaning faces join cells that are neighbours anyway, and conduct beside the face between those; what other pairs
    /// conduct is kept by pair.
    /// </summary>
    private static (FacePlace[] Places, (int Near, int Far)[] OddPairs) PlaceFaces(GridShape grid, LeaningFace[] faces)
    {
        var places = new FacePlace[faces.Length];
        var odd = new Dictionary<(int Near, int Far), int>();
        for (int f = 0; f < faces.Length; f++)
        {
            (int low, int high) = (Math.Min(faces[f].Near, faces[f].Far), Math.Max(faces[f].Near, faces[f].Far));
            Towards towards = high - low == grid.Layer ? Towards.Z : high - low == grid.Row ? Towards.Y : high - low == 1 ? Towards.X : Towards.Elsewhere;
            if (towards == Towards.Elsewhere)
            {
                odd.TryAdd((low, high), odd.Count);
            }

            places[f] = new(towards, towards == Towards.Elsewhere ? odd[(low, high)] : low);
        }

        return (places, [.. odd.Keys]);
    }

    private enum Towards
    {
        X,
        Y,
        Z,
        Elsewhere,
    }

    /// <summary>Where a leaning face's conductance is booked: with the cell that has the other as its neighbour, or with an odd pair.</summary>
    private readonly record struct FacePlace(Towards Towards, int Index);

    /// <summary>The unknowns; on entry to <see cref="Assemble"/> and <see cref="Solve"/> a guess.</summary>
    public double[] TemperatureC { get; }

    /// <summary>Where a stage starts from, °C.</summary>
    public double[] FromC { get; }

    public double[] CapacityJPerK { get; }

    public double[] ConductivityWPerMK { get; }

    /// <summary>W/K. The surface adds to it between <see cref="Assemble"/> and <see cref="Solve"/>.</summary>
    public double[] Diagonal { get; }

    /// <summary>W.</summary>
    public double[] RightSide { get; }

    /// <summary>Sets capacities and conductances to what they are at the given temperatures.</summary>
    public void UpdateProperties(double[] atC)
    {
        Quadratic k = _meat.ConductivityWPerMK;
        Quadratic heat = _meat.VolumetricHeatJPerM3K;
        var low = new Vector<double>(ThermalMaterial.LowestC);
        var high = new Vector<double>(ThermalMaterial.HighestC);
        foreach (int block in _blocks)
        {
            for (int i = block; i < block + GridShape.Lanes; i += Vector<double>.Count)
            {
                Vector<double> t = Vector.Min(Vector.Max(Lanes.At(atC, i), low), high);
                Vector<double> conductivity = At(k, t);
                Vector<double> capacity = At(heat, t);
                if (_inner is not null)
                {
                    Vector<double> share = Lanes.At(_mesh.Mesh.InnerShare, i);
                    conductivity += share * (At(_inner.ConductivityWPerMK, t) - conductivity);
                    capacity += share * (At(_inner.VolumetricHeatJPerM3K, t) - capacity);
                }

                Lanes.Put(conductivity, ConductivityWPerMK, i);
                Lanes.Put(capacity * Lanes.At(_mesh.VolumeM3, i), CapacityJPerK, i);
            }
        }

        Conduct(_conductX, _solver.ConductX, _mesh.ReachX, 1);
        Conduct(_conductY, _solver.ConductY, _mesh.ReachY, _mesh.Grid.Row);
        Conduct(_conductZ, _solver.ConductZ, _mesh.ReachZ, _mesh.Grid.Layer);
        ConductLeaning();
        SumLeaving();
    }

    private static Vector<double> At(Quadratic property, Vector<double> t) =>
        new Vector<double>(property.Constant) + (t * (new Vector<double>(property.Linear) + (t * property.Square)));

    /// <summary>Half of each cell in series: the harmonic mean.</summary>
    private void Conduct(double[] conduct, float[] rounded, double[] reach, int stride)
    {
        foreach (int block in _blocks)
        {
            for (int i = block; i < block + GridShape.Lanes; i += Vector<float>.Count)
            {
                Vector<double> low = Series(reach, i, stride);
                Vector<double> high = Series(reach, i + Vector<double>.Count, stride);
                Lanes.Put(low, conduct, i);
                Lanes.Put(high, conduct, i + Vector<double>.Count);
                Lanes.Put(Vector.Narrow(low, high), rounded, i);
            }
        }
    }

    private Vector<double> Series(double[] reach, int i, int stride)
    {
        Vector<double> near = Lanes.At(ConductivityWPerMK, i);
        Vector<double> far = Lanes.At(ConductivityWPerMK, i + stride);
        return 2 * Lanes.At(reach, i) * near * far / (near + far);
    }

    private void ConductLeaning()
    {
        Array.Clear(_oddConduct);
        for (int f = 0; f < _faces.Length; f++)
        {
            double near = ConductivityWPerMK[_faces[f].Near];
            double far = ConductivityWPerMK[_faces[f].Far];
            double conduct = 2 * _mesh.LeaningReach[f] * near * far / (near + far);
            _faceConduct[f] = conduct;
            (Towards towards, int index) = _facePlaces[f];
            switch (towards)
            {
                case Towards.X:
                    Add(conduct, _conductX, _solver.ConductX, index);
                    break;
                case Towards.Y:
                    Add(conduct, _conductY, _solver.ConductY, index);
                    break;
                case Towards.Z:
                    Add(conduct, _conductZ, _solver.ConductZ, index);
                    break;
                default:
                    Add(conduct, _oddConduct, _solver.OddConduct, index);
                    break;
            }
        }
    }

    private static void Add(double more, double[] conduct, float[] rounded, int index)
    {
        conduct[index] += more;
        rounded[index] = (float)conduct[index];
    }

    private void SumLeaving()
    {
        (int row, int layer) = (_mesh.Grid.Row, _mesh.Grid.Layer);
        foreach (int block in _blocks)
        {
            for (int i = block; i < block + GridShape.Lanes; i += Vector<double>.Count)
            {
                Lanes.Put(
                    Lanes.At(_conductX, i) + Lanes.At(_conductX, i - 1) + Lanes.At(_conductY, i)
                    + Lanes.At(_conductY, i - row) + Lanes.At(_conductZ, i) + Lanes.At(_conductZ, i - layer),
                    _leaving,
                    i);
            }
        }

        for (int p = 0; p < _oddPairs.Length; p++)
        {
            _leaving[_oddPairs[p].Near] += _oddConduct[p];
            _leaving[_oddPairs[p].Far] += _oddConduct[p];
        }
    }

    /// <summary>Backward Euler over <paramref name="stageS"/> from <see cref="FromC"/>, still without surface.</summary>
    public void Assemble(double stageS)
    {
        double perSecond = 1 / stageS;
        foreach (int block in _blocks)
        {
            for (int i = block; i < block + GridShape.Lanes; i += Vector<double>.Count)
            {
                Vector<double> kept = perSecond * Lanes.At(CapacityJPerK, i);
                Lanes.Put(kept + Lanes.At(_leaving, i), Diagonal, i);
                Lanes.Put(kept * Lanes.At(FromC, i), RightSide, i);
            }
        }

        CorrectLeaningFaces();
    }

    /// <summary>Leaning cells differ from the cells they lean on, by what the guessed temperatures say.</summary>
    private void CorrectLeaningFaces()
    {
        for (int n = 0; n < _leaning.Length; n++)
        {
            _ahead[n] = TemperatureC[_leaning[n].Root] - TemperatureC[_leaning[n].Behind];
        }

        for (int f = 0; f < _faces.Length; f++)
        {
            LeaningFace face = _faces[f];
            double nearAhead = face.NearLean >= 0 ? _ahead[face.NearLean] : 0;
            double farAhead = face.FarLean >= 0 ? _ahead[face.FarLean] : 0;
            double flow = _faceConduct[f] * (farAhead - nearAhead);
            RightSide[face.Near] += flow;
            RightSide[face.Far] -= flow;
        }
    }

    /// <summary>Finds <see cref="TemperatureC"/>.</summary>
    public void Solve()
    {
        SendAround();
        (double weight, double change) = Prepare();
        _solver.Solve(Math.Max(LeastC * LeastC * weight, Tolerance * Tolerance * change));
        foreach (int block in _blocks)
        {
            for (int i = block; i < block + GridShape.Lanes; i += Vector<float>.Count)
            {
                Vector.Widen(Lanes.At(_solver.Correction, i), out Vector<double> low, out Vector<double> high);
                Lanes.Put(Lanes.At(TemperatureC, i) + low, TemperatureC, i);
                Lanes.Put(Lanes.At(TemperatureC, i + Vector<double>.Count) + high, TemperatureC, i + Vector<double>.Count);
            }
        }
    }

    /// <summary>What the guessed temperatures leave in each cell, into the image, W.</summary>
    private void SendAround()
    {
        (int row, int layer) = (_mesh.Grid.Row, _mesh.Grid.Layer);
        double[] x = TemperatureC;
        foreach (int block in _blocks)
        {
            for (int i = block; i < block + GridShape.Lanes; i += Vector<double>.Count)
            {
                Vector<double> sum = Lanes.At(Diagonal, i) * Lanes.At(x, i);
                sum -= (Lanes.At(_conductX, i) * Lanes.At(x, i + 1)) + (Lanes.At(_conductX, i - 1) * Lanes.At(x, i - 1));
                sum -= (Lanes.At(_conductY, i) * Lanes.At(x, i + row)) + (Lanes.At(_conductY, i - row) * Lanes.At(x, i - row));
                sum -= (Lanes.At(_conductZ, i) * Lanes.At(x, i + layer)) + (Lanes.At(_conductZ, i - layer) * Lanes.At(x, i - layer));
                Lanes.Put(sum, _image, i);
            }
        }

        for (int p = 0; p < _oddPairs.Length; p++)
        {
            (int near, int far) = _oddPairs[p];
            _image[near] -= _oddConduct[p] * x[far];
            _image[far] -= _oddConduct[p] * x[near];
        }
    }

    /// <summary>Hands the unbalanced rest to the solver.</summary>
    /// <returns>Sums over the cells: the diagonal, and the diagonal times the squared change since the stage's start.</returns>
    private (double Weight, double Change) Prepare()
    {
        Vector<double> weight = Vector<double>.Zero;
        Vector<double> change = Vector<double>.Zero;
        foreach (int block in _blocks)
        {
            for (int i = block; i < block + GridShape.Lanes; i += Vector<float>.Count)
            {
                int next = i + Vector<double>.Count;
                Vector<float> diagonal = Vector.Narrow(Lanes.At(Diagonal, i), Lanes.At(Diagonal, next));
                Lanes.Put(diagonal, _solver.Diagonal, i);
                Lanes.Put(
                    Vector.ConditionalSelect(Vector.GreaterThan(diagonal, Vector<float>.Zero), Vector<float>.One / diagonal, Vector<float>.Zero),
                    _solver.Inverse,
                    i);
                Lanes.Put(Vector.Narrow(Rest(i), Rest(next)), _solver.Residual, i);
                weight += Lanes.At(Diagonal, i) + Lanes.At(Diagonal, next);
                change += Changed(i) + Changed(next);
            }
        }

        return (Vector.Sum(weight), Vector.Sum(change));
    }

    private Vector<double> Rest(int i) => Lanes.At(RightSide, i) - Lanes.At(_image, i);

    private Vector<double> Changed(int i)
    {
        Vector<double> change = Lanes.At(TemperatureC, i) - Lanes.At(FromC, i);
        return Lanes.At(Diagonal, i) * change * change;
    }
}
