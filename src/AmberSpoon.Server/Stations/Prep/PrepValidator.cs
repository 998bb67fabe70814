using AmberSpoon.Core.Prep;
using AmberSpoon.Core.Prep.Marinating;
using AmberSpoon.Server.Stations.Tray;
using FluentValidation;

namespace AmberSpoon.Server.Stations.Prep;

/// <summary>Checks what was decided at the counter, field by field.</summary>
internal sealed class PrepValidator : AbstractValidator<PrepRequest>
{
    public PrepValidator()
    {
        RuleFor(prep => prep.ServeG).Must(grams => grams is >= 0 and <= PrepLimits.MostServeG)
            .OverridePropertyName("serveG").WithMessage($"Set up to {TypedUnits.SayInBoth(PrepLimits.MostServeG)} aside for the table, or none.");
        RuleFor(prep => prep.MarinateMinutes).Must(minutes => minutes is 0 or (>= MarinadeClock.LeastMinutes and <= MarinadeClock.MostMinutes))
            .OverridePropertyName("marinateMinutes").WithMessage($"Marinate for {MarinadeClock.LeastMinutes} min to {MarinadeClock.MostMinutes / 60} h, or not at all.");
        RuleFor(prep => prep.MarinateMinutes).LessThanOrEqualTo(MarinadeClock.MostOnCounterMinutes)
            .When(prep => prep.Place == MarinadePlace.Counter).OverridePropertyName("marinateMinutes")
            .WithMessage($"On the counter for {MarinadeClock.MostOnCounterMinutes} min at most. Put it in the fridge.");
        RuleFor(prep => prep.Place).Must(Check.IsChosen).OverridePropertyName("place").WithMessage(Check.Choose);
        RuleFor(prep => prep.Container).Must(Check.IsChosen).OverridePropertyName("container").WithMessage(Check.Choose);
        RuleFor(prep => prep.Garnish).NotNull().OverridePropertyName("garnish").WithMessage(Check.Choose);
        RuleFor(prep => prep.Frozen).Must(frozen => frozen is null
                || (Check.IsPositive(frozen) && frozen.ToEntered().Millimetres() is >= FridgeThaw.ThinnestMm and <= FridgeThaw.ThickestMm))
            .OverridePropertyName("frozen.value").WithMessage(prep => $"Write how thick the frozen pack is, {prep.Frozen.Say(FridgeThaw.ThinnestMm)} to {prep.Frozen.Say(FridgeThaw.ThickestMm)}.");
        RuleFor(prep => prep.Heads).Must(heads => heads is >= 1 and <= PrepLimits.MostHeads)
            .OverridePropertyName("heads").WithMessage($"Cook for 1 to {PrepLimits.MostHeads}.");
        RuleFor(prep => prep.PortionG).Must(grams => grams is >= PrepLimits.LeastPortionG and <= PrepLimits.MostPortionG)
            .OverridePropertyName("portionG").WithMessage($"A portion is {TypedUnits.SayInBoth(PrepLimits.LeastPortionG)} to {TypedUnits.SayInBoth(PrepLimits.MostPortionG)} of cooked meat.");
        RuleFor(prep => prep.Packs).Must(packs => (packs?.Count ?? 0) <= PrepLimits.MostPacks)
            .OverridePropertyName("packs").WithMessage($"Up to {PrepLimits.MostPacks} packs.");
        RuleForEach(prep => prep.Packs).NotNull().OverridePropertyName("packs").WithMessage("Describe this pack.").SetValidator(new PackValidator());
        RuleFor(prep => prep.Bird).Must(bird => bird is null || (Check.IsPositive(bird.Mass) && bird.Mass!.ToEntered().Grams() is >= PrepLimits.LeastBirdG and <= PrepLimits.MostBirdG))
            .OverridePropertyName("bird.mass.value").WithMessage(prep => $"A whole bird weighs {prep.Bird!.Mass.Say(PrepLimits.LeastBirdG)} to {prep.Bird.Mass.Say(PrepLimits.MostBirdG)}.");
        RuleFor(prep => prep.RecipeMeat).Must(meat => meat is null || (Check.IsPositive(meat) && meat.ToEntered().Grams() is >= PrepLimits.LeastPackG and <= PrepLimits.MostPackG))
            .OverridePropertyName("recipeMeat.value").WithMessage(prep => $"Write how much meat the recipe is for, {prep.RecipeMeat.Say(PrepLimits.LeastPackG)} to {prep.RecipeMeat.Say(PrepLimits.MostPackG)}.");
        RuleFor(prep => prep.Bird).Must(bird => bird is null || bird.Price is >= 0 and <= PrepLimits.MostPrice)
            .OverridePropertyName("bird.price").WithMessage("Write what it costs.");
    }

    private sealed class PackValidator : AbstractValidator<PackRequest>
    {
        public PackValidator()
        {
            RuleFor(pack => pack.Cut).Must(Check.IsChosen).OverridePropertyName("cut").WithMessage(Check.Choose);
            RuleFor(pack => pack.Mass).Must(mass => Check.IsPositive(mass) && mass!.ToEntered().Grams() is >= PrepLimits.LeastPackG and <= PrepLimits.MostPackG)
                .OverridePropertyName("mass.value").WithMessage(pack => $"Write what the pack weighs, {pack.Mass.Say(PrepLimits.LeastPackG)} to {pack.Mass.Say(PrepLimits.MostPackG)}.");
            RuleFor(pack => pack.Count).Must(count => count is >= 1 and <= PrepLimits.MostPieces)
                .OverridePropertyName("count").WithMessage($"1 to {PrepLimits.MostPieces} pieces.");
            RuleFor(pack => pack.Price).Must(price => price is >= 0 and <= PrepLimits.MostPrice)
                .OverridePropertyName("price").WithMessage("Write what the pack costs.");
        }
    }
}

internal sealed class TickValidator : AbstractValidator<TickRequest>
{
    private const int LongestKey = 60;

    public TickValidator() => RuleFor(tick => tick.Key).Must(key => key?.Length is > 0 and <= LongestKey)
        .OverridePropertyName("key").WithMessage("Say which step.");
}

internal sealed class MeasuresValidator : AbstractValidator<MeasuresRequest>
{
    public MeasuresValidator()
    {
        RuleFor(measures => measures.Spoons).Must(Check.IsChosen).OverridePropertyName("spoons").WithMessage(Check.Choose);
        RuleFor(measures => measures.Scale).Must(scale => scale is null || Check.IsChosen(scale)).OverridePropertyName("scale").WithMessage(Check.Choose);
    }
}
