using AmberSpoon.Core.Food;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Tending;
using AmberSpoon.Core.Trays.Together;
using AmberSpoon.Core.Units;
using AmberSpoon.Server.Problems;

namespace AmberSpoon.Server.Stations.Tray;

/// <param name="Version">The tray they are for.</param>
/// <param name="Proposals">Best first; empty where all is done together anyway.</param>
public sealed record TogetherView(int Version, IReadOnlyList<FinishProposal> Proposals);

/// <param name="Ways">Ids of two to four ready ways.</param>
public sealed record CompareRequest(IReadOnlyList<string>? Ways = null);

/// <summary>What the cook holds right about tending.</summary>
public sealed record TendingRequest(HeatSchool? Heat = null, HowOften? Turning = null, HowOften? Basting = null, bool? DrainsJuices = null)
{
    public TendingSchool ToSchool() => new(
        Heat ?? throw Missing("heat"), Turning ?? throw Missing("turning"), Basting ?? throw Missing("basting"), DrainsJuices ?? throw Missing("drainsJuices"));

    private static ProblemException Missing(string field) => ProblemException.InvalidField(field, Check.Choose);
}

/// <summary>A recipe's oven and time.</summary>
public sealed record RecipeRequest(TemperatureRequest? Oven = null, int? Minutes = null)
{
    private const int LongestMinutes = 240;

    public EnteredTemperature RequireOven()
    {
        if (Oven is { Value: { } value, Unit: not null } && double.IsFinite(value)
            && Oven.ToEntered().ToTemperature().Celsius is >= TrayPlanLimits.LowestOvenC and <= TrayPlanLimits.HighestOvenC)
        {
            return Oven.ToEntered();
        }

        TemperatureUnit unit = Oven?.Unit ?? TemperatureUnit.Celsius;
        throw ProblemException.InvalidField(
            "oven.value", $"Write the recipe’s oven, {new Temperature(TrayPlanLimits.LowestOvenC).Say(unit)} to {new Temperature(TrayPlanLimits.HighestOvenC).Say(unit)}.");
    }

    public int RequireMinutes() => Minutes is >= 1 and <= LongestMinutes
        ? Minutes.Value
        : throw ProblemException.InvalidField("minutes", $"Write the recipe’s time, 1 to {LongestMinutes} min.");
}

/// <param name="Trays">All of the household, the one opened last first.</param>
public sealed record TrayList(IReadOnlyList<TrayListed> Trays);

/// <param name="Id">Which tray.</param>
/// <param name="Name">Its name.</param>
/// <param name="Pieces">Pieces of chicken.</param>
/// <param name="Cuts">Its lots of chicken.</param>
/// <param name="Vegetables">Its vegetables.</param>
/// <param name="SavedAt">When it was changed last.</param>
/// <param name="IsArchived">It was put away.</param>
public sealed record TrayListed(
    int Id, string Name, int Pieces, IReadOnlyList<Cut> Cuts, IReadOnlyList<Vegetable> Vegetables, DateTimeOffset SavedAt, bool IsArchived);
