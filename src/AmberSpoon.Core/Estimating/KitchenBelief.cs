using AmberSpoon.Core.Kitchens;
using MathNet.Numerics.LinearAlgebra;

namespace AmberSpoon.Core.Estimating;

/// <summary>
/// What is believed of one kitchen: a normal spread over every doubt, those of the oven shared by all lots, those of a lot by
/// all its pieces, and one for each piece. Every reading narrows it (the iterated extended Kalman update, Bell and Cathey
/// 1993, from memory): as many readings as there are, none carries a weight of its own, and nothing has to be drawn by lot.
/// Immutable; times are the bake's.
/// </summary>
public sealed class KitchenBelief
{
    /// <summary>Of a piece: offset, exchange, evaporation, its lot's size, its lot's start, its own size or, of a vegetable's tenderness, its variety.</summary>
    private const int Felt = 6;
    private const int Shared = 3;
    private const int Iterations = 3;

    /// <summary>Where all doubts together move a value less than this, on the bent scale, it is not theirs to move.</summary>
    private const double LeastFelt = 0.04;

    private readonly KitchenPrior _prior;
    private readonly IReadOnlyDictionary<LotId, LotCourse> _lots;
    private readonly Dictionary<PieceRef, int[]> _placeOf;
    private readonly double[] _mean;
    private readonly double[,] _spread;

    /// <summary>Where the oven was likeliest, in the doubt of its offset: means count from here.</summary>
    private readonly double _centre;

    /// <summary>Before anything was measured.</summary>
    /// <param name="prior">What is doubtful of an oven nobody knows.</param>
    /// <param name="lots">What every lot goes through in the likeliest kitchen and about it.</param>
    /// <param name="oven">What is believed of this oven before; null for an ordinary one.</param>
    public KitchenBelief(KitchenPrior prior, IReadOnlyDictionary<LotId, LotCourse> lots, OvenBelief? oven = null)
    {
        oven ??= OvenBelief.Unknown(0);
        (_prior, _lots, _centre) = (prior, lots, oven.Mean[0]);
        _placeOf = [];
        int next = Shared;
        foreach ((LotId lot, LotCourse course) in lots)
        {
            (int size, int start) = (next, next + 1);
            next += 2;
            for (int piece = 1; piece <= course.Curves.Pieces; piece++)
            {
                _placeOf[new(lot, piece)] = [0, 1, 2, size, start, next++];
            }
        }

        _mean = new double[next];
        _spread = new double[next, next];
        for (int i = 0; i < next; i++)
        {
            _spread[i, i] = 1;
        }

        for (int i = 0; i < Shared * Shared; i++)
        {
            _spread[i / Shared, i % Shared] = oven.Spread[i];
        }
    }

    /// <summary>What is believed of the oven alone: three means, counted from where it was likeliest, and their covariance.</summary>
    internal (Vector<double> Mean, Matrix<double> Spread) Oven() => (
        Vector<double>.Build.Dense(Shared, i => _mean[i]), Matrix<double>.Build.Dense(Shared, Shared, (row, column) => _spread[row, column]));

    private KitchenBelief(KitchenBelief before, double[] mean, double[,] spread)
    {
        (_prior, _lots, _placeOf, _centre) = (before._prior, before._lots, before._placeOf, before._centre);
        (_mean, _spread) = (mean, spread);
    }

    /// <summary>The coldest middle of a piece at a time, °C.</summary>
    /// <param name="piece">Which piece.</param>
    /// <param name="atS">s in the bake's time.</param>
    /// <param name="z">So many standard deviations from the likeliest: −1.28 and 1.28 are the ends of a band of four in five.</param>
    public double MiddleC(PieceRef piece, double atS, double z) => MiddleC(piece, atS, z, _lots[piece.Lot].Curves);

    /// <summary>The likeliest kitchen, as this piece feels it.</summary>
    public Trays.Forecasting.KitchenGuess GuessFor(PieceRef piece) => _lots[piece.Lot].Curves.Prior.At(Of(_placeOf[piece], _mean, OwnOf(piece.Lot, _lots[piece.Lot].Curves.Of(piece.Piece))));

    /// <summary>The same on another course of events.</summary>
    internal double MiddleC(PieceRef piece, double atS, double z, LotCurves curves) =>
        Bent.ToC(At(piece, curves.Of(piece.Piece), BakeClock.LotS(atS, _lots[piece.Lot].InS), z));

    /// <summary>Cook value of a vegetable's middle at a time, min; more of it for a higher z.</summary>
    public double CookMinutes(LotId lot, double atS, double z)
    {
        LotCourse course = _lots[lot];
        return Bent.ToCook(At(new(lot, 1), course.Curves.Softening!, BakeClock.LotS(atS, course.InS), z));
    }

    /// <summary>What a thermometer would show, °C: the middle, and how far a reading may lie off it.</summary>
    public double ReadingC(PieceRef piece, double atS, double z)
    {
        double likeliestC = MiddleC(piece, atS, 0);
        double awayC = MiddleC(piece, atS, z) - likeliestC;
        double offC = z * _prior.ReadingC;
        return likeliestC + (Math.Sign(z) * Math.Sqrt((awayC * awayC) + (offC * offC)));
    }

    /// <summary>With one more reading.</summary>
    /// <param name="piece">Which piece.</param>
    /// <param name="atS">When, s in the bake's time.</param>
    /// <param name="celsius">What it showed.</param>
    /// <param name="sameBefore">Readings of this piece shortly before: a tip that is off by a little stays so, and they count once together.</param>
    public KitchenBelief Learning(PieceRef piece, double atS, double celsius, int sameBefore)
    {
        int[] place = _placeOf[piece];
        PieceCurves curves = _lots[piece.Lot].Curves.Of(piece.Piece);
        double lotS = BakeClock.LotS(atS, _lots[piece.Lot].InS);
        Own own = OwnOf(piece.Lot, curves);
        double noise = _prior.ReadingC * _prior.ReadingC * (1 + sameBefore);
        double[] mean = [.. _mean];
        double[] along = new double[_mean.Length];
        double spreadC2 = noise;
        Span<double> slope = stackalloc double[Felt];
        for (int i = 0; i < Iterations; i++)
        {
            DoubtVector z = Of(place, mean, own);
            double bent = curves.At(lotS, z);
            SlopesInC(curves, lotS, z, own, bent, slope);
            double unexplainedC = celsius - Bent.ToC(bent);
            for (int k = 0; k < Felt; k++)
            {
                unexplainedC -= slope[k] * (_mean[place[k]] - mean[place[k]]);
            }

            for (int n = 0; n < along.Length; n++)
            {
                along[n] = Along(n, place, slope);
            }

            spreadC2 = noise;
            for (int k = 0; k < Felt; k++)
            {
                spreadC2 += slope[k] * along[place[k]];
            }

            for (int n = 0; n < along.Length; n++)
            {
                mean[n] = _mean[n] + (along[n] / spreadC2 * unexplainedC);
            }
        }

        var spread = new double[along.Length, along.Length];
        for (int row = 0; row < along.Length; row++)
        {
            double gain = along[row] / spreadC2;
            for (int column = 0; column < along.Length; column++)
            {
                spread[row, column] = _spread[row, column] - (gain * along[column]);
            }
        }

        return new(this, mean, spread);
    }

    /// <summary>
    /// With one look: a value that was seen to lie between two bounds, by an eye that sees it so exactly. The spread is that of the
    /// normal with the same mean and variance as what is left of it (moment matching, Minka 2001, from memory).
    /// </summary>
    /// <param name="piece">Which piece.</param>
    /// <param name="curves">Of what was seen.</param>
    /// <param name="atS">When, s in the bake's time.</param>
    /// <param name="seen">The bounds, on the bent scale, and the eye's own standard deviation.</param>
    private KitchenBelief Seeing(PieceRef piece, PieceCurves curves, double atS, SeenBounds seen)
    {
        int[] place = _placeOf[piece];
        Own own = OwnOf(piece.Lot, curves);
        double lotS = BakeClock.LotS(atS, _lots[piece.Lot].InS);
        DoubtVector z = Of(place, _mean, own);
        Span<double> slope = stackalloc double[Felt];
        Slopes(curves, lotS, z, own, slope);
        double[] gain = new double[_mean.Length];
        double variance = seen.EyeSd * seen.EyeSd;
        for (int n = 0; n < gain.Length; n++)
        {
            gain[n] = Along(n, place, slope);
        }

        for (int k = 0; k < Felt; k++)
        {
            variance += slope[k] * gain[place[k]];
        }

        (double moved, double left) = seen.Left(curves.At(lotS, z) + (own.Variety * _mean[place[5]]), Math.Sqrt(variance));
        double[] mean = [.. _mean.Select((value, n) => value + (gain[n] * moved / variance))];
        var spread = new double[gain.Length, gain.Length];
        for (int row = 0; row < gain.Length; row++)
        {
            for (int column = 0; column < gain.Length; column++)
            {
                spread[row, column] = _spread[row, column] - (gain[row] * gain[column] * (1 - left) / variance);
            }
        }

        return new(this, mean, spread);
    }

    /// <summary>With what thermometers in the oven's air said of its dial: of one doubt alone, so that the update is exact.</summary>
    public KitchenBelief Airing(AirCheck air)
    {
        double noise = air.SdC / _prior.OvenOffsetC;
        double total = _spread[0, 0] + (noise * noise);
        double off = (air.OffsetC / _prior.OvenOffsetC) - _centre - _mean[0];
        var spread = new double[_mean.Length, _mean.Length];
        for (int row = 0; row < _mean.Length; row++)
        {
            for (int column = 0; column < _mean.Length; column++)
            {
                spread[row, column] = _spread[row, column] - (_spread[row, 0] * _spread[0, column] / total);
            }
        }

        return new(this, [.. _mean.Select((value, n) => value + (_spread[n, 0] * off / total))], spread);
    }

    /// <summary>With what a cook saw of a vegetable with a fork.</summary>
    /// <param name="lot">The lot.</param>
    /// <param name="atS">When, s in the bake's time.</param>
    /// <param name="seen">Bounds of its cook value, on the bent scale.</param>
    public KitchenBelief FeelingSoftness(LotId lot, double atS, SeenBounds seen) => Seeing(new(lot, 1), _lots[lot].Curves.Softening!, atS, seen);

    /// <summary>With what a cook saw of the colour of chicken.</summary>
    /// <param name="lot">The lot.</param>
    /// <param name="atS">When, s in the bake's time.</param>
    /// <param name="isUnder">The side that lay down at first looks up now.</param>
    /// <param name="seen">Bounds of its browning, on the bent scale.</param>
    public KitchenBelief SeeingColour(LotId lot, double atS, bool isUnder, SeenBounds seen) =>
        Seeing(new(lot, _lots[lot].Curves.Slowest), _lots[lot].Curves.Browned(isUnder), atS, seen);

    /// <summary>
    /// So many standard deviations off along the way in which this value changes fastest: what a one-in-a-thousand kitchen
    /// does, without drawing a thousand (the first-order reliability method, from memory).
    /// </summary>
    private double At(PieceRef piece, PieceCurves curves, double lotS, double z)
    {
        int[] place = _placeOf[piece];
        Own own = OwnOf(piece.Lot, curves);
        DoubtVector likeliest = Of(place, _mean, own);
        double middle = curves.At(lotS, likeliest) + (own.Variety * _mean[place[5]]);
        if (z == 0)
        {
            return middle;
        }

        Span<double> slope = stackalloc double[Felt];
        Span<double> way = stackalloc double[Felt];
        DoubtVector far = likeliest;
        double farOwn = 0;
        for (int i = 0; i < 2; i++)
        {
            Slopes(curves, lotS, far, own, slope);
            double length2 = 0;
            for (int row = 0; row < Felt; row++)
            {
                way[row] = 0;
                for (int column = 0; column < Felt; column++)
                {
                    way[row] += _spread[place[row], place[column]] * slope[column];
                }

                length2 += slope[row] * way[row];
            }

            // Where a middle boils, no doubt moves it: the way there would be endlessly long.
            double felt = Math.Sqrt(slope[0] * slope[0] + slope[1] * slope[1] + slope[2] * slope[2] + slope[3] * slope[3] + slope[4] * slope[4] + own.Variety * own.Variety);
            double scale = length2 > 1e-18 ? z * Math.Min(1, felt / LeastFelt) / Math.Sqrt(length2) : 0;
            far = new(
                likeliest.Offset + (scale * way[0]),
                likeliest.Exchange + (scale * way[1]),
                likeliest.Evaporation + (scale * way[2]),
                likeliest.Size + (scale * (way[3] + (own.Size * way[5]))),
                likeliest.Start + (scale * way[4]));
            farOwn = _mean[place[5]] + (scale * way[5]);
        }

        // On the plateau of boiling the way bends back; a faster kitchen is never colder there.
        double end = curves.At(lotS, far) + (own.Variety * farOwn);
        return z > 0 ? Math.Max(middle, end) : Math.Min(middle, end);
    }

    /// <summary>How a piece's own doubt acts.</summary>
    /// <param name="Size">On its size, in units of its lot's doubt.</param>
    /// <param name="Variety">On the value itself, on the bent scale: of a vegetable's tenderness.</param>
    private readonly record struct Own(double Size, double Variety);

    private Own OwnOf(LotId lot, PieceCurves curves)
    {
        LotCurves all = _lots[lot].Curves;
        return curves == all.Softening ? new(0, all.Prior.Variety) : new(all.Prior.PieceSize / all.Prior.LotSize, 0);
    }

    private static DoubtVector Of(int[] place, double[] mean, Own own) => new(
        mean[place[0]], mean[place[1]], mean[place[2]], mean[place[3]] + (own.Size * mean[place[5]]), mean[place[4]]);

    private static void Slopes(PieceCurves curves, double lotS, in DoubtVector z, Own own, Span<double> slope)
    {
        curves.Slopes(lotS, z, slope);
        slope[5] = (own.Size * slope[3]) + own.Variety;
    }

    private static void SlopesInC(PieceCurves curves, double lotS, in DoubtVector z, Own own, double bent, Span<double> slope)
    {
        Slopes(curves, lotS, z, own, slope);
        double perBent = Bent.SlopeC(bent);
        for (int k = 0; k < Felt; k++)
        {
            slope[k] *= perBent;
        }
    }

    private double Along(int n, int[] place, ReadOnlySpan<double> slope)
    {
        double sum = 0;
        for (int k = 0; k < Felt; k++)
        {
            sum += _spread[n, place[k]] * slope[k];
        }

        return sum;
    }
}
