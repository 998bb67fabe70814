using AmberSpoon.Core.Units;

namespace AmberSpoon.Formats.Recipes;

/// <param name="Setting">As the recipe writes it; of a gas mark, its temperature.</param>
/// <param name="IsFan">It says fan or convection.</param>
public sealed record OvenMention(EnteredTemperature Setting, bool IsFan);
