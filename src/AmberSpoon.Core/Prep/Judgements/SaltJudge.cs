using AmberSpoon.Core.Doneness;
using AmberSpoon.Core.Prep.Bowls;
using AmberSpoon.Core.Prep.Mixes;
using AmberSpoon.Core.Prep.Scaling;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Coats;

namespace AmberSpoon.Core.Prep.Judgements;

/// <summary>
/// The salt on one lot: that of all its coats together, each mix counted once however often it is brushed on. Bounds are common
/// practice. What the app does not know is said to be unknown, never taken for nothing.
/// </summary>
public static class SaltJudge
{
    /// <summary>Salt as a share of the meat, %.</summary>
    private const double BlandPercent = 0.7;
    private const double RightFromPercent = 1.0;
    private const double RightToPercent = 1.5;
    private const double TooSaltyPercent = 2.0;

    /// <param name="lot">The lot.</param>
    /// <param name="bowls">Tonight's bowls, each as it is made.</param>
    /// <param name="own">What the kitchen measures with.</param>
    public static LotSalt Of(ChickenLot lot, IReadOnlyList<(Bowl Bowl, ScaledMix Scaled)> bowls, KitchenMeasures own)
    {
        MeatToCoat meat = MeatToCoat.Of([lot]);
        (Mix Mix, double Rounding)[] mixes =
        [
            .. bowls.Where(made => made.Bowl.Uses.Any(use => use.Lot.Id == lot.Id && Seasons(use.Coat)))
                .Select(made => (made.Bowl.Mix, made.Scaled.SaltPercent is { Exact: > 0 } salt ? salt.Rounded / salt.Exact : 1)),
        ];

        // Flat pieces take more of a crumb or a glaze than thick ones, so each lot is reckoned by itself; its bowl was rounded for all.
        (double Exact, double Rounding)[] shares = [.. mixes.Select(mix => (MixScaler.Scale(mix.Mix, meat, own).SaltPercent.Exact, mix.Rounding))];
        string[] unknown =
        [
            .. mixes.SelectMany(mix => mix.Mix.Parts).Where(part => part.Known() is null).Select(part => part.Name).Distinct(),
            .. lot.Coats.Where(coat => MayBeSalty(coat) && bowls.All(made => made.Bowl.Id != coat.Mix)).Select(CoatWords.Called),
        ];
        return Judge(new(shares.Sum(share => share.Exact), shares.Sum(share => share.Exact * share.Rounding)), unknown, lot.Coats.All(coat => !MayBeSalty(coat)));
    }

    /// <param name="salt">Of the meat, %.</param>
    /// <param name="unknown">What may be salty, and nobody can say how much.</param>
    /// <param name="isBare">Nothing seasons it.</param>
    public static LotSalt Judge(RoundedShare salt, IReadOnlyList<string> unknown, bool isBare = false)
    {
        string measured = Math.Abs(salt.Exact - salt.Rounded) >= 0.05
            ? Invariant($"Rounding moves the salt from {salt.Exact:0.0} % to {salt.Rounded:0.0} % of the meat.")
            : Invariant($"Salt is {salt.Rounded:0.0} % of the meat.");
        if (isBare)
        {
            return new(salt, false, new(Topic.Salt, Loudness.Note, "Nothing salts it yet: cooks like 10 to 15 g a kilogram."));
        }

        if (unknown.Count > 0)
        {
            string known = salt.Rounded > 0 ? Invariant($" Without it there is {salt.Rounded:0.0} %; cooks like 1.0 to 1.5 % in all.") : string.Empty;
            return new(salt, true, salt.Rounded > TooSaltyPercent
                ? new(Topic.Salt, Loudness.Warn, Invariant($"{salt.Rounded:0.0} % of salt before {Phrases.Listed(unknown)}, whose salt is not known. Too salty: cooks like 1.0 to 1.5 %."))
                : new(Topic.Salt, Loudness.Note, $"The salt in {Phrases.Listed(unknown)} is not known: taste, and read the label.{known}"));
        }

        return new(salt, false, salt.Rounded switch
        {
            < BlandPercent => new(Topic.Salt, Loudness.Note, $"{measured} That is little: cooks like 1.0 to 1.5 % in all. Salt the meat as well."),
            < RightFromPercent => new(Topic.Salt, Loudness.Note, $"{measured} On the mild side of 1.0 to 1.5 %."),
            <= RightToPercent => new(Topic.Salt, Loudness.Fine, $"{measured} Cooks like 1.0 to 1.5 %."),
            <= TooSaltyPercent => new(Topic.Salt, Loudness.Note, $"{measured} On the salty side of 1.0 to 1.5 %: salt nothing else."),
            _ => new(Topic.Salt, Loudness.Warn, $"{measured} Too salty: cooks like 1.0 to 1.5 %. Take less salt or soy."),
        });
    }

    /// <summary>What is eaten beside it, or made of its own juices, is seasoned by itself.</summary>
    private static bool Seasons(LotCoat coat) => coat.When != CoatTime.AtTable && coat.Kind != Food.Coating.JuiceSauce;

    private static bool MayBeSalty(LotCoat coat) => Seasons(coat) && coat.Kind is not (Food.Coating.Oil or Food.Coating.Parcel or Food.Coating.HerbsUnderSkin or Food.Coating.Citrus);

    private static string Invariant(FormattableString words) => FormattableString.Invariant(words);
}

/// <param name="Percent">Of the meat, %, as far as it is known.</param>
/// <param name="IsUnknown">Something in it may be salty, and nobody can say how much.</param>
/// <param name="Said">In words.</param>
public sealed record LotSalt(RoundedShare Percent, bool IsUnknown, Judgement Said);
