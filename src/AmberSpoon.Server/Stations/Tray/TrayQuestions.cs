using AmberSpoon.Core.Trays.Ways;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Trays.Tending;
using AmberSpoon.Core.Trays.Together;

namespace AmberSpoon.Server.Stations.Tray;

/// <param name="Version">The tray they are for.</param>
/// <param name="Proposals">Best first; empty where all is done together anyway.</param>
public sealed record TogetherView(int Version, IReadOnlyList<FinishProposal> Proposals);

/// <param name="Ways">Ids of two to four ready ways.</param>
public sealed record CompareRequest(IReadOnlyList<string>? Ways = null);

/// <summary>What the cook holds right about tending.</summary>
public sealed record TendingRequest(HeatSchool? Heat = null, HowOften? Turning = null, HowOften? Basting = null, bool? DrainsJuices = null)
{
    /// <summary>Of a request that <see cref="TendingValidator"/> has passed.</summary>
    public TendingSchool ToSchool() => new(Heat!.Value, Turning!.Value, Basting!.Value, DrainsJuices!.Value);
}

/// <summary>A recipe's oven and time.</summary>
/// <param name="Oven">At first.</param>
/// <param name="Minutes">In all.</param>
/// <param name="Then">Where it turns the dial on the way; may be left out.</param>
public sealed record RecipeRequest(TemperatureRequest? Oven = null, int? Minutes = null, IReadOnlyList<RecipeStageRequest>? Then = null);

/// <param name="AfterMinutes">Minutes after the food went in.</param>
/// <param name="Oven">What the dial is turned to.</param>
public sealed record RecipeStageRequest(int? AfterMinutes = null, TemperatureRequest? Oven = null)
{
    public RecipeStage ToStage() => new(AfterMinutes!.Value, Oven!.ToEntered());
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
