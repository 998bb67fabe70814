using AmberSpoon.Core.Kitchens;
using MathNet.Numerics.LinearAlgebra;

namespace AmberSpoon.Core.Learning;

/// <summary>
/// What the bakes of one oven teach together, in the order in which they were baked: a Kalman filter over the three doubts of
/// <see cref="OvenBelief"/>. Between bakes an oven wears a little, so that old bakes slowly count for less; where bakes say
/// something else than all before them, the oven has changed, and is learnt anew from those.
/// </summary>
/// <param name="Belief">By all of them.</param>
/// <param name="After">What was believed after each, in their order.</param>
/// <param name="ChangedAt">The last bake, from 0, from which on the oven was another; null where it never changed.</param>
public sealed record OvenLearning(OvenBelief Belief, IReadOnlyList<OvenBelief> After, int? ChangedAt)
{
    /// <summary>By so much it wanders from bake to bake, in the doubts' own standard deviations (0.75 °C; a judgement).</summary>
    private const double WanderSd = 0.08;

    /// <summary>Bakes that together show a change.</summary>
    private const int MostToShow = 3;

    /// <summary>
    /// How far what one, two and three bakes in a row say together must lie from what was believed before them, in standard deviations
    /// (chosen on 120 simulated households, checked on others: HouseholdsTests). An oven that did not change does so in one bake of a
    /// hundred, and is then only learnt anew from its last bakes.
    /// </summary>
    private static readonly double[] ShowsChange = [3.0, 2.7, 2.3];

    /// <param name="bakes">What each says, the earliest first.</param>
    /// <param name="knownOffsetC">What its cook says it is off by, °C.</param>
    public static OvenLearning Of(IReadOnlyList<OvenEvidence> bakes, double knownOffsetC)
    {
        var unknown = OvenBelief.Unknown(knownOffsetC);
        (Vector<double> mean, Matrix<double> spread) = Start(unknown);
        var after = new List<OvenBelief>(bakes.Count);
        var before = new List<(OvenEvidence Bake, Vector<double> Mean, Matrix<double> Spread)>(MostToShow);
        int? changedAt = null;
        int from = 0;
        for (int i = 0; i < bakes.Count; i++)
        {
            if (!bakes[i].IsNothing)
            {
                spread += WanderSd * WanderSd * Matrix<double>.Build.DenseIdentity(OvenBelief.Doubts);
                before.Add((bakes[i], mean, spread));
                (mean, spread) = With(bakes[i], mean, spread);
                if (Shown(before) is { } back)
                {
                    // The bakes that showed it are the first of the oven as it is now.
                    int first = Back(bakes, i, back);
                    (changedAt, from) = (first, first);
                    (mean, spread) = Start(unknown);
                    before.Clear();
                    for (int again = first; again <= i; again++)
                    {
                        (mean, spread) = With(bakes[again], mean, spread);
                    }
                }
            }

            after.Add(new(Learnt(bakes, from, i), [.. mean], [.. spread.ToRowMajorArray()]));
        }

        return new(after.Count == 0 ? unknown : after[^1], after, changedAt);
    }

    private static (Vector<double> Mean, Matrix<double> Spread) Start(OvenBelief belief) =>
        (Vector<double>.Build.DenseOfEnumerable(belief.Mean), OvenEvidence.MatrixOf(belief.Spread));

    private static (Vector<double> Mean, Matrix<double> Spread) With(OvenEvidence bake, Vector<double> mean, Matrix<double> spread)
    {
        Matrix<double> earlier = spread.Inverse();
        Matrix<double> later = (earlier + OvenEvidence.MatrixOf(bake.Information)).Inverse();
        Matrix<double> even = (later + later.Transpose()) / 2;
        return (even * ((earlier * mean) + Vector<double>.Build.DenseOfEnumerable(bake.Weighted)), even);
    }

    /// <summary>How far some bakes together lie from what was believed before them, along what they say most about, in standard deviations.</summary>
    private static double Surprise(IReadOnlyList<OvenEvidence> bakes, Vector<double> mean, Matrix<double> spread)
    {
        Matrix<double> information = OvenEvidence.MatrixOf(bakes[0].Information);
        Vector<double> weighted = Vector<double>.Build.DenseOfEnumerable(bakes[0].Weighted);
        foreach (OvenEvidence bake in bakes.Skip(1))
        {
            information += OvenEvidence.MatrixOf(bake.Information);
            weighted += Vector<double>.Build.DenseOfEnumerable(bake.Weighted);
        }

        var parts = information.Evd(Symmetricity.Symmetric);
        Vector<double> along = parts.EigenVectors.Column(OvenBelief.Doubts - 1);
        double weight = parts.EigenValues[OvenBelief.Doubts - 1].Real;
        double off = along.DotProduct(weighted - (information * mean));
        return Math.Abs(off) / Math.Sqrt(weight + (weight * weight * along.DotProduct(spread * along)));
    }

    /// <returns>How many of the last bakes show a change together; null where none do.</returns>
    private static int? Shown(List<(OvenEvidence Bake, Vector<double> Mean, Matrix<double> Spread)> before)
    {
        for (int back = 1; back <= Math.Min(MostToShow, before.Count); back++)
        {
            (_, Vector<double> mean, Matrix<double> spread) = before[^back];
            if (Surprise([.. before.TakeLast(back).Select(bake => bake.Bake)], mean, spread) > ShowsChange[back - 1])
            {
                return back;
            }
        }

        return null;
    }

    /// <summary>So many bakes back, counting only those that say something.</summary>
    private static int Back(IReadOnlyList<OvenEvidence> bakes, int last, int count)
    {
        int at = last;
        for (int left = count - 1; left > 0;)
        {
            at--;
            left -= bakes[at].IsNothing ? 0 : 1;
        }

        return at;
    }

    private static int Learnt(IReadOnlyList<OvenEvidence> bakes, int from, int to)
    {
        int count = 0;
        for (int i = from; i <= to; i++)
        {
            count += bakes[i].IsNothing ? 0 : 1;
        }

        return count;
    }
}
