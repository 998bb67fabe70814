using AmberSpoon.Core.Evenings;
using AmberSpoon.Server.Stations.Tray;
using FluentValidation;

namespace AmberSpoon.Server.Stations.Evening;

/// <summary>Checks what was decided for an evening, field by field.</summary>
internal sealed class EveningValidator : AbstractValidator<EveningRequest>
{
    public const int LongestKey = 60;
    private const int MostPrepareMinutes = 60;
    private const int MostCookMinutes = 240;
    private const int MostKeepsMinutes = 24 * 60;

    public EveningValidator()
    {
        RuleFor(evening => evening.Sides).Must(sides => (sides?.Count ?? 0) <= EveningChoice.MostSides)
            .OverridePropertyName("sides").WithMessage($"Up to {EveningChoice.MostSides} sides go with one tray.");
        RuleFor(evening => evening.Cooks).Must(cooks => cooks is >= 1 and <= EveningChoice.MostCooks)
            .OverridePropertyName("cooks").WithMessage($"1 or {EveningChoice.MostCooks} cooks.");
        RuleFor(evening => evening.Rings).Must(rings => rings is >= 1 and <= EveningChoice.MostRings)
            .OverridePropertyName("rings").WithMessage($"A hob has 1 to {EveningChoice.MostRings} free rings.");
        RuleFor(evening => evening.Pace).Must(pace => pace is null or (>= EveningChoice.QuickestPace and <= EveningChoice.SlowestPace))
            .OverridePropertyName("pace").WithMessage("Choose how quick your hands are.");
        RuleForEach(evening => evening.Sides).NotNull().OverridePropertyName("sides").WithMessage("Choose a side.").SetValidator(new SideValidator());
    }

    private sealed class SideValidator : AbstractValidator<SideRequest>
    {
        public SideValidator()
        {
            RuleFor(side => side.Kind).Must(Check.IsChosen).OverridePropertyName("kind").WithMessage(Check.Choose);
            RuleFor(side => side.PrepareMinutes).Must(minutes => minutes is null or (>= 1 and <= MostPrepareMinutes))
                .OverridePropertyName("prepareMinutes").WithMessage($"Hands take 1 to {MostPrepareMinutes} min.");
            RuleFor(side => side.CookMinutes).Must(minutes => minutes is null or (>= 1 and <= MostCookMinutes))
                .OverridePropertyName("cookMinutes").WithMessage($"It cooks for 1 to {MostCookMinutes} min.");
            RuleFor(side => side.KeepsMinutes).Must(minutes => minutes is null or (>= 0 and <= MostKeepsMinutes))
                .OverridePropertyName("keepsMinutes").WithMessage("It keeps for 0 min to a day.");
        }
    }
}
