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
/// <param name="Mix">The mix it would make; null for none.</param>
/// <param name="LeftOut">Lines that would become neither.</param>
public sealed record RecipeUnderstood(
    RecipeDocument Recipe, IReadOnlyList<string> NotUnderstood, TrayPlan? Plan, Mix? Mix, IReadOnlyList<string> LeftOut);

/// <summary>What was made of a recipe.</summary>
/// <param name="TrayId">The new tray, which is the one being worked on now.</param>
/// <param name="TrayName">Its name.</param>
/// <param name="MixId">The new mix; null for none.</param>
/// <param name="Check">What the recipe's own oven and time would do; null where it names none.</param>
public sealed record RecipeMade(int TrayId, string TrayName, string? MixId, RecipeOutcome? Check);
