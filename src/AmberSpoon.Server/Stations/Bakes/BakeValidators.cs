using AmberSpoon.Core.Doneness.Safety;
using AmberSpoon.Core.Estimating;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Units;
using AmberSpoon.Server.Stations.Tray;
using FluentValidation;

namespace AmberSpoon.Server.Stations.Bakes;

/// <summary>Checks that a start says which tray is meant.</summary>
internal sealed class StartValidator : AbstractValidator<StartRequest>
{
    public StartValidator()
    {
        RuleFor(start => start.CommandId).Must(id => id is { } given && given != Guid.Empty)
            .OverridePropertyName("commandId").WithMessage("Every start needs an id of its own, made by who sends it.");
        RuleFor(start => start.TrayId).NotNull().OverridePropertyName("trayId").WithMessage("Say which tray is meant: reload the page and try again.");
        RuleFor(start => start.TrayVersion).NotNull().OverridePropertyName("trayVersion").WithMessage("Say which tray is meant: reload the page and try again.");
    }
}

/// <summary>
/// Checks what can be said of events without knowing their bake; <see cref="EventReader"/> holds them against it.
/// </summary>
internal sealed class EventsValidator : AbstractValidator<EventsRequest>
{
    public const int MostEvents = 500;

    public EventsValidator()
    {
        RuleFor(request => request.Events).Cascade(CascadeMode.Stop)
            .NotEmpty().WithMessage("Say what happened.")
            .Must(events => events!.Count <= MostEvents).WithMessage($"Send at most {MostEvents} events at a time.")
            .OverridePropertyName("events");
        RuleForEach(request => request.Events).NotNull().WithMessage("Say what happened.").SetValidator(new EventValidator())
            .When(request => request.Events?.Count <= MostEvents).OverridePropertyName("events");
    }
}

/// <summary>Checks one event: each kind has fields of its own.</summary>
internal sealed class EventValidator : AbstractValidator<EventRequest?>
{
    public const int LongestNote = 500;

    public const int MostStockMl = 5000;

    /// <summary>What is put off by more is another plan, min.</summary>
    public const int MostLaterMinutes = 60;

    public EventValidator()
    {
        RuleFor(told => told!.CommandId).Must(id => id is { } given && given != Guid.Empty)
            .OverridePropertyName("commandId").WithMessage("Every event needs an id of its own, made by who sends it.");
        RuleFor(told => told!.Kind).Must(kind => kind is not null && EventReader.Kinds.Contains(kind))
            .OverridePropertyName("kind").WithMessage("The kitchen does not know this kind of event.");
        When(told => told!.Kind == "moved", () => RuleFor(told => told!.Place).Must(Check.IsChosen)
            .OverridePropertyName("place").WithMessage("Say where the tray is: oven or worktop."));
        When(told => told!.Kind == "later", () => RuleFor(told => told!.Minutes).InclusiveBetween(1, MostLaterMinutes).NotNull()
            .OverridePropertyName("minutes").WithMessage($"Put it off by 1 to {MostLaterMinutes} min."));
        When(told => told!.Kind == "did", () => RuleFor(told => told!.Step).Must(step => Check.IsChosen(step) && step != StepKind.Lower)
            .OverridePropertyName("step").WithMessage("Say what was done; a turn of the dial is told as ovenSet."));
        When(told => told!.Kind == "did" && told.Step == StepKind.Grill, () => RuleFor(told => told!.Minutes).InclusiveBetween(1, TrayPlanLimits.LongestGrillMinutes).NotNull()
            .OverridePropertyName("minutes").WithMessage($"Say for how long: 1 to {TrayPlanLimits.LongestGrillMinutes} min."));
        When(told => told!.Kind == "did" && told.Step == StepKind.Baste, () => RuleFor(told => told!.Minutes).InclusiveBetween(1, MostLaterMinutes)
            .OverridePropertyName("minutes").WithMessage($"With a sauce it bakes on for 1 to {MostLaterMinutes} min."));
        When(told => told!.Kind == "did" && told.Step == StepKind.Shelf, () => RuleFor(told => told!.Shelf).Must(Check.IsChosen)
            .OverridePropertyName("shelf").WithMessage("Say where the tray is now: near the top, in the middle, or low."));
        When(told => told!.Kind == "look", () => RuleFor(told => told!.Look).Must(Check.IsChosen)
            .OverridePropertyName("look").WithMessage("Say what it is like."));
        When(told => told!.Kind is "piecesOut" or "piecesIn", () => RuleFor(told => told!.Pieces).NotEmpty()
            .OverridePropertyName("pieces").WithMessage("Say which pieces."));
        When(told => told!.Kind == "ovenSet", () => RuleFor(told => told!.Setting).Custom((setting, context) => Check.Temperature(
            context, setting, "setting.value", "oven", TrayPlanLimits.LowestOvenC, TrayPlanLimits.HighestOvenC)));
        When(told => told!.Kind == "answer", () => RuleFor(told => told!.Answer).Must(Check.IsChosen)
            .OverridePropertyName("answer").WithMessage("Choose an answer."));
        When(told => told!.Kind == "rated", () => RuleFor(told => told!).Must(told => Check.IsChosen(told.Of) && Check.IsChosen(told.Rating))
            .OverridePropertyName("rating").WithMessage("Say what was how: meat, outside, a vegetable or the time; below, right or beyond."));
        When(told => told!.Kind == "weighed", () => RuleFor(told => told!.Mass).Must(mass => mass is { Value: { } value } && double.IsFinite(value) && Check.IsChosen(mass.Unit))
            .OverridePropertyName("mass.value").WithMessage("Write what it weighs, such as 640 g."));
        When(told => told!.Kind == "stock", () => RuleFor(told => told!.Millilitres).InclusiveBetween(0, MostStockMl).NotNull()
            .OverridePropertyName("millilitres").WithMessage($"0 to {MostStockMl} ml can be kept."));
        When(told => told!.Kind == "counted", () => RuleFor(told => told!.Counts).NotNull()
            .OverridePropertyName("counts").WithMessage("Say whether the oven is to be learnt from this bake."));
        When(told => told!.Kind is "note" or "tasted" or "nextTime", () => RuleFor(told => told!.Text)
            .NotEmpty().WithMessage("Write what you saw.")
            .Must(text => (text?.Trim().Length ?? 0) <= LongestNote).WithMessage($"Keep the note under {LongestNote} letters.")
            .OverridePropertyName("text"));
        When(told => told!.Kind is "probe" or "reading", () => RuleFor(told => told!.Probe)
            .Must((told, probe) => probe is null ? told!.Kind == "reading" : ProbeName.IsGood(probe))
            .OverridePropertyName("probe").WithMessage(ProbeName.Sentence));
        When(told => told!.Kind == "air", () => RuleFor(told => told!).Must(told => told.Value is { } value && double.IsFinite(value) && Check.IsChosen(told.Unit))
            .OverridePropertyName("value").WithMessage("Write what the thermometer in the oven shows, such as 190.")
            .DependentRules(() => RuleFor(told => told!)
                .Must(told => Temperature.From(told.Value!.Value, told.Unit!.Value).Celsius is >= AirCheck.LowestC and <= AirCheck.HighestC)
                .OverridePropertyName("value")
                .WithMessage(told => $"A thermometer for ovens shows {new Temperature(AirCheck.LowestC).Say(told!.Unit!.Value)} to {new Temperature(AirCheck.HighestC).Say(told.Unit!.Value)}. Read it again.")));
        When(told => told!.Kind == "reading", () => RuleFor(told => told!).Must(told => told.Value is { } value && double.IsFinite(value) && Check.IsChosen(told.Unit))
            .OverridePropertyName("value").WithMessage("Write what the thermometer shows, such as 74.")
            .DependentRules(() => RuleFor(told => told!)
                .Must(told => Temperature.From(told.Value!.Value, told.Unit!.Value).Celsius is >= ReadingLimits.LowestC and <= ReadingLimits.HighestC)
                .OverridePropertyName("value")
                .WithMessage(told => $"A kitchen thermometer shows {new Temperature(ReadingLimits.LowestC).Say(told!.Unit!.Value)} to {new Temperature(ReadingLimits.HighestC).Say(told.Unit!.Value)}. Read it again.")));
    }
}
