namespace AmberSpoon.Core.Trays.Forecasting;

/// <summary>One thing a computed figure rests on.</summary>
/// <param name="Title">Two or three words.</param>
/// <param name="Sentence">What was assumed or computed.</param>
/// <param name="Source">Where that comes from.</param>
public sealed record Explanation(string Title, string Sentence, string Source);
