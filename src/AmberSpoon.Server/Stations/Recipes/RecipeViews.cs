using AmberSpoon.Core.Prep.Mixes;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Ways;
using AmberSpoon.Formats.Recipes;

namespace AmberSpoon.Server.Stations.Recipes;

/// <summary>A recipe's text: a JSON-LD file, a saved page, or pasted words.</summary>
public sealed record RecipeText(string? Text = null);

/// <summary>What was understood, before anything is stored.</summary>
/// <param name="Recipe">As read.</param>
/// <param name="NotUnderstood">What was not, in sentences.</param>
/// <param name="Plan">The tray it would make; null where it has no chicken.</param>
/// <param name="Mixes">The mixes it would make.</param>
/// <param name="LeftOut">Lines that would become neither.</param>
public sealed record RecipeUnderstood(
    RecipeDocument Recipe, IReadOnlyList<string> NotUnderstood, TrayPlan? Plan, IReadOnlyList<Mix> Mixes, IReadOnlyList<string> LeftOut);

/// <summary>What was made of a recipe.</summary>
/// <param name="TrayId">The new tray, which is the one being worked on now.</param>
/// <param name="TrayName">Its name.</param>
/// <param name="MixIds">The new mixes.</param>
/// <param name="Check">What the recipe's own oven and time would do; null where it names none.</param>
public sealed record RecipeMade(int TrayId, string TrayName, IReadOnlyList<string> MixIds, RecipeOutcome? Check);
