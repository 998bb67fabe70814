namespace AmberSpoon.Core.Evenings;

/// <summary>Something that could be given up so that dinner is sooner.</summary>
/// <param name="Kind">What sort of thing.</param>
/// <param name="Sentence">What to do and what it buys: "Leave the rice out".</param>
/// <param name="Minutes">Dinner is so much sooner, min.</param>
/// <param name="Side">Of a side that is left out: its place in the list.</param>
public sealed record EveningGain(GainKind Kind, string Sentence, int Minutes, int? Side = null);

/// <summary>What can be given up.</summary>
public enum GainKind
{
    ShorterMarinade,
    LeaveSideOut,
    SecondCook,
    HotterOven,
    Boneless,
    SmallerCuts,
}
