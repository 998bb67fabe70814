using AmberSpoon.Core.Prep.Ingredients;
using AmberSpoon.Core.Prep.Mixes;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Core.Prep.Scaling;

/// <summary>A mix for this meat: exactly, and as it can be measured.</summary>
public static class MixScaler
{
    /// <summary>Everything of a mix, scaled. Linear in the meat until it is rounded.</summary>
    /// <param name="mix">What to make.</param>
    /// <param name="meat">For what; its mass may be 0.</param>
    /// <param name="own">What it is measured with.</param>
    /// <param name="serveG">How much more is made to be set aside clean and served, g; 0 for none.</param>
    public static ScaledMix Scale(Mix mix, MeatToCoat meat, KitchenMeasures own, double serveG = 0)
    {
        double times = mix.Per switch
        {
            MixBasis.KilogramOfMeat => meat.MassG / 1000,
            MixBasis.AsWritten => meat.MassG / mix.ForMassG,
            _ => meat.SurfaceDm2,
        };
        double madeG = times * mix.Parts.Sum(part => GramsOf(part.Amount, part, own.Spoons) ?? 0);
        double factor = times * (madeG > 0 ? (madeG + serveG) / madeG : 1);
        ScaledPart[] parts = [.. mix.Parts.Select(part => Scale(part, factor * (1 + MixKinds.Waste(mix.Kind, part.Role)), own))];
        return new(parts, SharePercent(parts, meat, mix, times, factor, part => part.Salt))
        {
            TotalG = parts.Sum(part => part.RoundedG ?? 0),
            OnMeatShare = factor > 0 ? times / factor : 1,
            SugarShare = Share(parts, known => known.Sugar),
            AcidShare = Share(parts, known => known.Acid),
        };
    }

    /// <summary>Mass of a part's amount, g; null where nobody can say.</summary>
    public static double? GramsOf(Amount amount, MixPart part, SpoonSet spoons) => Measures.KindOf(amount.Unit) switch
    {
        MeasureKind.Mass => amount.Value * Measures.Grams(amount.Unit),
        MeasureKind.Volume => part.Known()?.Grams(amount, spoons) ?? amount.Value * Measures.Millilitres(amount.Unit, spoons),
        _ => part.Known()?.EachG is { } eachG ? amount.Value * eachG : null,
    };

    private static ScaledPart Scale(MixPart part, double factor, KitchenMeasures own)
    {
        Amount exact = part.Amount.Times(factor);
        double? exactG = GramsOf(exact, part, own.Spoons);

        // An egg is counted however it was written: nobody weighs one.
        if (part.Known() is { EachG: { } eachG } counted && (part.Amount.Unit == MeasureUnit.Piece || counted.Shelf == Shelf.RawEgg) && exactG is { } countedG)
        {
            double exactCount = countedG / eachG;
            double count = counted.Shelf == Shelf.RawEgg ? Math.Ceiling(exactCount - 0.1) : SpoonRounder.Count(exactCount);
            return new(part, exact, exactG, [new(count, MeasureUnit.Piece)], count * eachG);
        }

        if (part.Known() is { } known && exactG is { } grams)
        {
            Measured measured = SpoonRounder.Of(grams, known.GramsPerMl, known.Shelf == Shelf.Wet, own);
            return new(part, exact, exactG, measured.Measures, measured.MassG);
        }

        Amount plain = SpoonRounder.Plain(exact);
        return new(part, exact, exactG, [plain], GramsOf(plain, part, own.Spoons));
    }

    private static RoundedShare SharePercent(
        IReadOnlyList<ScaledPart> parts, MeatToCoat meat, Mix mix, double times, double factor, Func<Ingredient, double> of)
    {
        if (meat.MassG <= 0 || factor <= 0)
        {
            return new(0, 0);
        }

        // What is set aside or left in bowl and plate salts nobody’s meat.
        double Kept(ScaledPart part) => times / factor / (1 + MixKinds.Waste(mix.Kind, part.Part.Role)) * (part.Part.Known() is { } known ? of(known) : 0);
        return new(
            100 * parts.Sum(part => Kept(part) * (part.ExactG ?? 0)) / meat.MassG,
            100 * parts.Sum(part => Kept(part) * (part.RoundedG ?? 0)) / meat.MassG);
    }

    private static double Share(IReadOnlyList<ScaledPart> parts, Func<Ingredient, double> of)
    {
        double totalG = parts.Sum(part => part.RoundedG ?? 0);
        return totalG <= 0 ? 0 : parts.Sum(part => (part.RoundedG ?? 0) * (part.Part.Known() is { } known ? of(known) : 0)) / totalG;
    }
}

/// <param name="Parts">Ingredient by ingredient.</param>
/// <param name="SaltPercent">Salt as a share of the meat, %: as the mix wants it, and as it can be measured.</param>
public sealed record ScaledMix(IReadOnlyList<ScaledPart> Parts, RoundedShare SaltPercent)
{
    /// <summary>All of it as measured, g.</summary>
    public required double TotalG { get; init; }

    /// <summary>The part of it that goes to the meat; the rest is set aside.</summary>
    public required double OnMeatShare { get; init; }

    /// <summary>Sugars in the mix, kg per kg.</summary>
    public required double SugarShare { get; init; }

    /// <summary>Free acid in the mix, kg per kg.</summary>
    public required double AcidShare { get; init; }
}

/// <param name="Part">The part of the mix.</param>
/// <param name="Exact">In the unit it was written in, not rounded.</param>
/// <param name="ExactG">The same, g; null where nobody can say what it weighs.</param>
/// <param name="Take">What to measure, the larger measure first.</param>
/// <param name="RoundedG">What that weighs, g.</param>
public sealed record ScaledPart(MixPart Part, Amount Exact, double? ExactG, IReadOnlyList<Amount> Take, double? RoundedG);

/// <param name="Exact">Not rounded.</param>
/// <param name="Rounded">As measured.</param>
public sealed record RoundedShare(double Exact, double Rounded);
