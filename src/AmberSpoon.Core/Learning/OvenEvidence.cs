using AmberSpoon.Core.Kitchens;
using MathNet.Numerics.LinearAlgebra;

namespace AmberSpoon.Core.Learning;

/// <summary>
/// What one bake says of its oven by itself, whatever was believed before: the information it adds to a normal spread over the
/// doubts of <see cref="OvenBelief"/>, so that bakes add up in any order and each can be left out. What several say together is
/// <see cref="OvenLearning"/>'s.
/// </summary>
/// <param name="Information">Nine: what it adds to the inverse covariance, row by row; none below 0 in any direction.</param>
/// <param name="Weighted">Three: what it adds to the inverse covariance times the mean.</param>
public sealed record OvenEvidence(IReadOnlyList<double> Information, IReadOnlyList<double> Weighted)
{
    /// <summary>A bake in which nothing was measured.</summary>
    public static OvenEvidence None { get; } = new(new double[OvenBelief.Doubts * OvenBelief.Doubts], new double[OvenBelief.Doubts]);

    /// <summary>Whether anything was learnt.</summary>
    public bool IsNothing => Information[0] + Information[4] + Information[8] < 1e-9;

    /// <param name="before">Believed before the bake.</param>
    /// <param name="mean">Believed after it: three means, counted from the middle of <paramref name="before"/>.</param>
    /// <param name="spread">Believed after it: the covariance.</param>
    internal static OvenEvidence Between(OvenBelief before, Vector<double> mean, Matrix<double> spread)
    {
        Matrix<double> earlier = MatrixOf(before.Spread).Inverse();
        Vector<double> centre = Vector<double>.Build.DenseOfEnumerable(before.Mean);
        Matrix<double> later = spread.Inverse();
        Matrix<double> added = NoneBelowNought(later - earlier);

        // What was added says its own mean: where the information is, it has moved the earlier one to the later.
        Vector<double> weighted = (later * (centre + mean)) - (earlier * centre);
        var evidence = new OvenEvidence([.. added.ToRowMajorArray()], [.. weighted]);
        return evidence.Information.Concat(evidence.Weighted).All(double.IsFinite) ? evidence : None;
    }

    internal static Matrix<double> MatrixOf(IReadOnlyList<double> rows) =>
        Matrix<double>.Build.Dense(OvenBelief.Doubts, OvenBelief.Doubts, (row, column) => rows[(row * OvenBelief.Doubts) + column]);

    /// <summary>Rounding must not make a bake take knowledge away.</summary>
    private static Matrix<double> NoneBelowNought(Matrix<double> symmetric)
    {
        var parts = ((symmetric + symmetric.Transpose()) / 2).Evd(Symmetricity.Symmetric);
        Vector<double> kept = parts.EigenValues.Real().PointwiseMaximum(0);
        return parts.EigenVectors * Matrix<double>.Build.DenseOfDiagonalVector(kept) * parts.EigenVectors.Transpose();
    }
}
