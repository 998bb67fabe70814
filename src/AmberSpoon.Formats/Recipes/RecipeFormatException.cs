namespace AmberSpoon.Formats.Recipes;

/// <summary>What was given is no recipe; the message says what to do, in a sentence a cook understands.</summary>
public sealed class RecipeFormatException(string message) : Exception(message);
