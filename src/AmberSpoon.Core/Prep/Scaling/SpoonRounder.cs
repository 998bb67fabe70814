using AmberSpoon.Core.Units;

namespace AmberSpoon.Core.Prep.Scaling;

/// <summary>
/// Turns an exact amount into what can be measured with what a kitchen owns: level spoons with the fractions they come in,
/// cups with theirs, a jug in steps of 5 ml, a scale in steps of a gram. At most two measures, the larger first.
/// </summary>
public static class SpoonRounder
{
    /// <summary>A second spoon is taken only where one alone would be further off than this.</summary>
    private const double CloseEnough = 0.04;

    /// <summary>Below this a kitchen scale of one gram is worse than a spoon, g.</summary>
    private const double LeastWeighedG = 15;

    /// <summary>Below this a jug is worse than a spoon, ml.</summary>
    private const double LeastInJugMl = 30;

    private const int MostSpoons = 4;

    private static readonly double[] Teaspoons = [1.0 / 8, 1.0 / 4, 1.0 / 2, 3.0 / 4, 1, 1.25, 1.5, 1.75, 2, 2.25, 2.5, 3, 3.5];
    private static readonly double[] Tablespoons = [1, 1.5, 2, 2.5, 3, MostSpoons];
    private static readonly double[] Cups = [1.0 / 4, 1.0 / 3, 1.0 / 2, 2.0 / 3, 3.0 / 4, 1];

    /// <summary>Of something whose density is known.</summary>
    /// <param name="massG">Wanted, g; not negative.</param>
    /// <param name="gramsPerMl">As it lies in a spoon, g/ml.</param>
    /// <param name="isWet">Wet things go by the jug, dry ones by the scale.</param>
    /// <param name="own">What the kitchen owns.</param>
    public static Measured Of(double massG, double gramsPerMl, bool isWet, KitchenMeasures own)
    {
        double ml = massG / gramsPerMl;
        if (isWet && own.HasJug && ml >= LeastInJugMl)
        {
            double steps = Stepped(ml, 5);
            return new([new(steps, MeasureUnit.Millilitre)], steps * gramsPerMl);
        }

        // Where scales show ounces, nobody weighs what runs.
        if (own.Scale is { } scale && massG >= LeastWeighedG && !(isWet && scale == ScaleUnit.Ounce))
        {
            return Weighed(massG, scale);
        }

        IReadOnlyList<Amount> spoons = Spoons(ml, own.Spoons);
        return new(spoons, spoons.Sum(spoon => spoon.Value * Measures.Millilitres(spoon.Unit, own.Spoons)) * gramsPerMl);
    }

    /// <summary>Of something the app does not know: in the unit the cook wrote, rounded as finely as that unit is measured.</summary>
    public static Amount Plain(Amount exact) => exact with
    {
        Value = exact.Unit switch
        {
            MeasureUnit.Gram or MeasureUnit.Millilitre => exact.Value < 20 ? Stepped(exact.Value, 0.5) : Stepped(exact.Value, 5),
            _ => Stepped(exact.Value, 0.25),
        },
    };

    /// <summary>Of what is counted: halves up to three, then whole ones.</summary>
    public static double Count(double exact) => exact <= 0 ? 0 : Math.Max(0.5, exact < 3 ? Stepped(exact, 0.5) : Math.Round(exact));

    private static Measured Weighed(double massG, ScaleUnit scale)
    {
        if (scale == ScaleUnit.Ounce)
        {
            double ounces = Stepped(massG / Measures.GramsPerOunce, massG < 120 ? 0.125 : massG < 450 ? 0.25 : 0.5);
            return new([new(ounces, MeasureUnit.Ounce)], ounces * Measures.GramsPerOunce);
        }

        double grams = Stepped(massG, massG < 50 ? 1 : 5);
        return new([new(grams, MeasureUnit.Gram)], grams);
    }

    private static IReadOnlyList<Amount> Spoons(double ml, SpoonSet spoons)
    {
        if (ml <= 0)
        {
            return [new(0, MeasureUnit.Teaspoon)];
        }

        double cup = Measures.Millilitres(MeasureUnit.Cup, spoons);
        double table = Measures.Millilitres(MeasureUnit.Tablespoon, spoons);
        double tea = Measures.Millilitres(MeasureUnit.Teaspoon, spoons);

        // Whole cups first; what remains is less than one.
        double whole = Math.Floor((ml + (0.02 * cup)) / cup);
        Amount[] firsts =
        [
            .. Cups.Select(part => new Amount(whole + part, MeasureUnit.Cup)),
            .. whole > 0 ? [new Amount(whole, MeasureUnit.Cup)] : Array.Empty<Amount>(),
            .. whole > 0 ? [] : Tablespoons.Select(count => new Amount(count, MeasureUnit.Tablespoon)),
            .. whole > 0 ? [] : Teaspoons.Where(count => count * tea < table).Select(count => new Amount(count, MeasureUnit.Teaspoon)),
        ];
        Amount[] seconds = [.. Tablespoons.Select(count => new Amount(count, MeasureUnit.Tablespoon)), .. Teaspoons.Where(count => count < 3).Select(count => new Amount(count, MeasureUnit.Teaspoon))];

        Amount one = firsts.MinBy(Off)!;
        if (Off(one) <= CloseEnough * ml || ml < tea / 2)
        {
            return [one];
        }

        (Amount first, Amount second) = firsts
            .SelectMany(_ => seconds, (first, second) => (first, second))
            .Where(pair => Ml(pair.second) < Ml(pair.first) && pair.second.Unit != pair.first.Unit)
            .Append((one, new Amount(0, MeasureUnit.Teaspoon)))
            .MinBy(pair => Math.Abs(Ml(pair.Item1) + Ml(pair.Item2) - ml));
        return second.Value > 0 ? [first, second] : [one];

        double Ml(Amount amount) => amount.Value * (amount.Unit switch { MeasureUnit.Cup => cup, MeasureUnit.Tablespoon => table, _ => tea });

        double Off(Amount amount) => Math.Abs(Ml(amount) - ml);
    }

    private static double Stepped(double value, double step) => step * Math.Round(value / step, MidpointRounding.AwayFromZero);
}

/// <param name="Measures">What to take, the larger measure first.</param>
/// <param name="MassG">What that weighs, g.</param>
public sealed record Measured(IReadOnlyList<Amount> Measures, double MassG);
