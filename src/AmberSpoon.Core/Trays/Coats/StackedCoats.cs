using AmberSpoon.Core.Food;

namespace AmberSpoon.Core.Trays.Coats;

/// <summary>What follows from a lot's coats as they lie over each other.</summary>
public static class StackedCoats
{
    /// <summary>More than these on one piece is a list, not a dinner.</summary>
    public const int MostCoats = 8;

    /// <summary>What heat meets when the food goes in, innermost first. What is pushed under the skin is not on the surface.</summary>
    public static IReadOnlyList<CoatLayer> LayersAtStart(IReadOnlyList<LotCoat> coats) =>
    [
        .. coats.Where(coat => coat.IsOnAtStart() && (coat.When != CoatTime.UnderSkin || coat.Kind is Coating.ButterUnderSkin or Coating.HerbsUnderSkin))
            .Select(coat => new CoatLayer(coat.Kind, coat.IsScrapedOff)),
    ];

    /// <summary>What is seen of a piece that goes in: its outermost coat that is not oil.</summary>
    public static Coating Seen(IReadOnlyList<LotCoat> coats) => LayersAtStart(coats).LastOrDefault(layer => layer.Kind is not (Coating.Oil or Coating.Citrus)).Kind;

    public static bool IsCrumb(Coating kind) => new CoatLayer(kind).IsCrumb;

    /// <summary>Crumb sticks to it.</summary>
    public static bool IsSticky(Coating kind) => kind is Coating.ThickMarinade or Coating.Glaze or Coating.Sauce or Coating.WetMarinade or Coating.ButterUnderSkin;

    /// <summary>It is wet, and what is left of it in the bowl has met raw meat once the meat has.</summary>
    public static bool IsWet(Coating kind) => kind is Coating.WetMarinade or Coating.ThickMarinade or Coating.Glaze or Coating.Sauce;
}
