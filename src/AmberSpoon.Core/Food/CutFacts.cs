namespace AmberSpoon.Core.Food;

/// <summary>
/// What the app knows about a cut before the cook says anything. Its shape stands with the heat engine's reference
/// shapes.
/// </summary>
/// <param name="Cut">Which cut this is.</param>
/// <param name="Name">Plain name, lower case, singular.</param>
/// <param name="Plural">Plain name, lower case, plural.</param>
/// <param name="ReferenceMassG">Mass of an ordinary piece with its bone, g.</param>
/// <param name="IsDark">Dark meat eats better at 77 to 82 °C (common practice).</param>
/// <param name="IsSkinAllRound">Whether skin, where left on, also covers the side it lies on.</param>
/// <param name="ProbePlace">One sentence: where the tip goes.</param>
public sealed record CutFacts(
    Cut Cut,
    string Name,
    string Plural,
    double ReferenceMassG,
    bool IsDark,
    bool IsSkinAllRound,
    string ProbePlace);
