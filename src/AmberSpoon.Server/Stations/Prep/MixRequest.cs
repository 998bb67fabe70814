using AmberSpoon.Core.Prep.Ingredients;
using AmberSpoon.Core.Prep.Mixes;
using AmberSpoon.Core.Units;
using AmberSpoon.Server.Stations.Tray;
using FluentValidation;

namespace AmberSpoon.Server.Stations.Prep;

/// <summary>A mix as a cook writes it.</summary>
public sealed record MixRequest(
    string? Name = null, MixKind? Kind = null, MixBasis? Per = null, IReadOnlyList<MixPartRequest>? Parts = null, string? Method = null, MassRequest? ForMeat = null)
{
    public Mix ToMix() => new(Name!.Trim(), Kind!.Value, Per!.Value, [.. Parts!.Select(part => part.ToPart(Kind.Value))], Method?.Trim() ?? string.Empty)
    {
        ForMassG = Per == MixBasis.AsWritten ? ForMeat?.ToEntered().Grams() ?? Mix.UsualForMassG : Mix.UsualForMassG,
    };
}

/// <summary>One of its ingredients; the app looks it up by its name.</summary>
public sealed record MixPartRequest(string? Name = null, double? Value = null, MeasureUnit? Unit = null)
{
    /// <summary>Wet things and eggs bind a crumb; dry ones are the crumb.</summary>
    public MixPart ToPart(MixKind kind)
    {
        Ingredient? known = IngredientTable.FindByName(Name!);
        MixRole role = !MixKinds.IsCrumb(kind) ? MixRole.Mix : known is { Shelf: Shelf.Wet or Shelf.RawEgg } ? MixRole.Binder : MixRole.Crumb;
        return new(Name!.Trim(), known?.Key, new(Value!.Value, Unit!.Value), role);
    }
}

internal sealed class MixValidator : AbstractValidator<MixRequest>
{
    public MixValidator()
    {
        RuleFor(mix => mix.Name).Must(IsName).OverridePropertyName("name").WithMessage($"Give it a name of up to {MixLimits.LongestName} letters.");
        RuleFor(mix => mix.Kind).Must(Check.IsChosen).OverridePropertyName("kind").WithMessage(Check.Choose);
        RuleFor(mix => mix.Per).Must(Check.IsChosen).OverridePropertyName("per").WithMessage(Check.Choose);
        RuleFor(mix => mix.Method).Must(method => (method?.Length ?? 0) <= MixLimits.LongestMethod)
            .OverridePropertyName("method").WithMessage($"Up to {MixLimits.LongestMethod} letters.");
        RuleFor(mix => mix.Parts).Must(parts => parts?.Count is >= 1 and <= MixLimits.MostParts)
            .OverridePropertyName("parts").WithMessage($"Write 1 to {MixLimits.MostParts} ingredients.");
        RuleForEach(mix => mix.Parts).NotNull().OverridePropertyName("parts").WithMessage("Name the ingredient.").ChildRules(part =>
        {
            part.RuleFor(one => one.Name).Must(IsName).OverridePropertyName("name").WithMessage("Name the ingredient.");
            part.RuleFor(one => one.Unit).Must(Check.IsChosen).OverridePropertyName("unit").WithMessage(Check.Choose);
            part.RuleFor(one => one.Value).Must(value => value is >= MixLimits.LeastOfAPart && double.IsFinite(value.Value)).OverridePropertyName("value").WithMessage("Write how much, more than 0.");
        });
        RuleFor(mix => mix).Custom((mix, context) =>
        {
            bool isForMeat = mix.ForMeat is null || (Check.IsPositive(mix.ForMeat) && mix.ForMeat.ToEntered().Grams() is >= MixLimits.LeastForMassG and <= MixLimits.MostForMassG);
            if (mix.Per == MixBasis.AsWritten && !isForMeat)
            {
                context.AddFailure("forMeat.value", $"Write how much meat it is for, {mix.ForMeat.Say(MixLimits.LeastForMassG)} to {mix.ForMeat.Say(MixLimits.MostForMassG)}.");
                return;
            }

            (double most, string per) = mix.Per switch
            {
                MixBasis.KilogramOfMeat => (MixLimits.MostPerKilogram, "to a kilogram of meat"),
                MixBasis.AsWritten => (MixLimits.MostPerKilogram * (mix.ForMeat?.ToEntered().Grams() ?? Mix.UsualForMassG) / 1000, "for that much meat"),
                _ => (MixLimits.MostPerSquareDecimetre, "to a dm² of surface"),
            };
            for (int i = 0; i < (mix.Parts?.Count ?? 0); i++)
            {
                if (mix.Parts![i] is { Value: > 0, Unit: { } unit } part && Enum.IsDefined(unit) && Size(part.Value.Value, unit) > most)
                {
                    context.AddFailure($"parts[{i}].value", $"That is more than {most:0} g or ml {per}.");
                }
            }
        });
    }

    private static bool IsName(string? name) => name?.Trim().Length is > 0 and <= MixLimits.LongestName;

    /// <summary>Roughly, in g or ml: only to catch a slip of the finger.</summary>
    private static double Size(double value, MeasureUnit unit) => value * (Measures.KindOf(unit) switch
    {
        MeasureKind.Mass => Measures.Grams(unit),
        MeasureKind.Volume => Measures.Millilitres(unit, SpoonSet.Metric),
        _ => 10,
    });
}
