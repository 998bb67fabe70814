using AmberSpoon.Core.Heat;

namespace AmberSpoon.Core.Estimating;

/// <summary>
/// What one kind of piece does in every kitchen: the likeliest run, and how each doubt bends it, straight and squared, fitted
/// through runs at two standard deviations either way. Times are its lot's own.
/// </summary>
internal sealed class PieceCurves
{
    /// <summary>Between kept moments, s.</summary>
    public const double StepS = 30;

    /// <summary>The runs that a doubt is fitted through lie this far off, in standard deviations.</summary>
    public const double DesignZ = 2;

    /// <summary>Beyond this a doubt goes on straight: a parabola would turn round.</summary>
    private const double StraightZ = 3.5;

    private readonly double[] _middle;
    private readonly IReadOnlyList<Sway> _sways;

    /// <param name="middle">The likeliest run on the bent scale, a value each <see cref="StepS"/>.</param>
    /// <param name="sways">How each doubt bends it.</param>
    public PieceCurves(double[] middle, IReadOnlyList<Sway> sways)
    {
        _middle = middle;
        _sways = sways;
    }

    public double EndS => StepS * (_middle.Length - 1);

    /// <summary>The bent value in a kitchen.</summary>
    /// <param name="atS">Seconds since the lot went in; held at the ends.</param>
    /// <param name="z">The kitchen.</param>
    public double At(double atS, in DoubtVector z)
    {
        (int low, double share) = Place(atS);
        double bent = Between(_middle, low, share);
        for (int doubt = 0; doubt < DoubtVector.Count; doubt++)
        {
            bent += _sways[doubt].At(low, share, z[doubt]);
        }

        return bent;
    }

    /// <summary>How the bent value changes with each doubt.</summary>
    public void Slopes(double atS, in DoubtVector z, Span<double> slopes)
    {
        (int low, double share) = Place(atS);
        for (int doubt = 0; doubt < DoubtVector.Count; doubt++)
        {
            slopes[doubt] = _sways[doubt].SlopeAt(low, share, z[doubt]);
        }
    }

    /// <summary>Values of a run at each kept moment.</summary>
    public static double[] Sampled(HeatRun run, double endS, Func<HeatSample, double> read) =>
        [.. Enumerable.Range(0, (int)Math.Round(endS / StepS) + 1).Select(i => read(run.At(i * StepS)))];

    private (int Low, double Share) Place(double atS)
    {
        double at = Math.Clamp(atS / StepS, 0, _middle.Length - 1);
        int low = Math.Min((int)at, Math.Max(0, _middle.Length - 2));
        return (low, at - low);
    }

    private static double Between(double[] values, int low, double share) =>
        values.Length == 1 ? values[0] : values[low] + (share * (values[low + 1] - values[low]));

    /// <summary>One doubt: bent value added = straight·z + squared·z².</summary>
    internal sealed class Sway
    {
        private readonly double[] _straight;
        private readonly double[] _squared;

        private Sway(double[] straight, double[] squared) => (_straight, _squared) = (straight, squared);

        /// <summary>Through the runs at minus and plus <see cref="DesignZ"/> and the one between.</summary>
        public static Sway Through(double[] minus, double[] middle, double[] plus) => new(
            [.. middle.Select((_, i) => (plus[i] - minus[i]) / (2 * DesignZ))],
            [.. middle.Select((at, i) => (plus[i] + minus[i] - (2 * at)) / (2 * DesignZ * DesignZ))]);

        /// <summary>Between two, for a piece between the heaviest and the lightest.</summary>
        public Sway Towards(Sway other, double share) => new(
            [.. _straight.Select((value, i) => value + (share * (other._straight[i] - value)))],
            [.. _squared.Select((value, i) => value + (share * (other._squared[i] - value)))]);

        public double At(int low, double share, double z)
        {
            double inside = Math.Clamp(z, -StraightZ, StraightZ);
            (double straight, double squared) = (Between(_straight, low, share), Between(_squared, low, share));
            return (straight * inside) + (squared * inside * inside) + ((z - inside) * (straight + (2 * squared * inside)));
        }

        public double SlopeAt(int low, double share, double z) =>
            Between(_straight, low, share) + (2 * Between(_squared, low, share) * Math.Clamp(z, -StraightZ, StraightZ));
    }
}
