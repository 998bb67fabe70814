using AmberSpoon.Core.Doneness.Kinetics;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Heat.Pieces;

namespace AmberSpoon.Core.Tests.Heat;

/// <summary>What cooks did and found good (common practice), and what an authority prints: the rows the model is held against.</summary>
internal static class KitchenRows
{
    private static readonly Placement OnVegetables = new(Support.VegetableBed);

    public static IReadOnlyList<KitchenWindow> Windows { get; } =
    [
        new("W1", "medium bone-in thighs, still 204 °C", 74, 30, 35, Of(new(Cut.BoneInThigh, 165), Still(204))),
        new("W2", "bone-in thighs, mixed sizes, on vegetables, still 232 °C", 74, 28, 32, Of(new(Cut.BoneInThigh, 165), Still(232), OnVegetables)),
        new("W3", "drumsticks, sticky, never turned, still 177 °C", 80, 40, 50, Of(new(Cut.Drumstick, 115) { Coating = Coating.Glaze }, Still(177))),
        new("W4", "crumbed drumsticks, turned midway, still 180 °C", 80, 50, 60, Of(
            new(Cut.Drumstick, 115, SkinOn: false, Coating: Coating.CrumbOverEgg), Still(180), steps: new Turn(25 * 60))),
        new("W5", "leg quarters with vegetable chunks, still 200 °C", 80, 55, 65, Of(new(Cut.LegQuarter, 330), Still(200), OnVegetables)),
        new("W6", "breast thirds, crumbed, 180 °C, fan", 75, 20, 25, Of(
            new(Cut.BreastThird, 75, SkinOn: false, Coating: Coating.CrumbOverEgg), new(OvenMode.Fan, 180))),
        new("W7", "slit and stuffed boneless breast, still 200 °C", 74, 25, 30, Of(new(Cut.StuffedBreast, 200, SkinOn: false), Still(200))),
        new("W8", "cut-up bird's breast, basted three times, still 191 °C", 71, 60, 65, Of(
            new(Cut.BoneInBreast, 400), Still(191), steps: [new Baste(30 * 60), new Baste(42 * 60), new Baste(54 * 60)])),
        new("W9", "bone-in breast, still 218 °C for 28 min, then 177 °C", 74, 70, 90, Of(
            new(Cut.BoneInBreast, 400), Still(218), steps: new SetOven(28 * 60, 177))),
        new("W10", "drumsticks in stock, foil for 60 min, still 200 °C", 80, 60, 90, Of(
            new(Cut.Drumstick, 115), Still(200), new(LiquidMm: 5, Cover: Cover.Foil), new SetCover(60 * 60, Cover.None))),
    ];

    /// <summary>USDA FSIS, Chicken from Farm to Table, approximate times in a 177 °C oven to 73.9 °C (from memory).</summary>
    public static IReadOnlyList<PublishedTime> Published { get; } =
    [
        new("bone-in breast half 170–225 g", 30, 40, Of(new(Cut.BoneInBreast, 198), Still(177))),
        new("boneless breast half 115 g", 20, 30, Of(new(Cut.BonelessBreast, 115, SkinOn: false), Still(177))),
        new("leg or thigh 115–225 g", 40, 50, Of(new(Cut.BoneInThigh, 170), Still(177))),
        new("drumstick 115 g", 35, 45, Of(new(Cut.Drumstick, 115), Still(177))),
        new("wing 55–85 g", 30, 40, Of(new(Cut.WholeWing, 70), Still(177))),
    ];

    /// <summary>Evaporated and dripped together, share of raw mass (from memory of meat science).</summary>
    public static IReadOnlyList<KnownLoss> Losses { get; } =
    [
        new("breast to 65 °C", 65, 0.12, 0.18, Of(new(Cut.BonelessBreast, 225, SkinOn: false), Still(204))),
        new("breast to 74 °C", 74, 0.19, 0.26, Of(new(Cut.BonelessBreast, 225, SkinOn: false), Still(204))),
        new("breast to 82 °C", 82, 0.28, 0.34, Of(new(Cut.BonelessBreast, 225, SkinOn: false), Still(204))),
        new("bone-in thigh to 77 °C", 77, 0.20, 0.28, Of(new(Cut.BoneInThigh, 165), Still(204))),
        new("bone-in thigh to 90 °C", 90, 0.28, 0.36, Of(new(Cut.BoneInThigh, 165), Still(204))),
    ];

    /// <summary>Common practice.</summary>
    public static IReadOnlyList<KnownColour> Colours { get; } =
    [
        new("thighs 35 min at 204", 35, SurfaceColour.Golden, false, Of(new(Cut.BoneInThigh, 165), Still(204))),
        new("honey-glazed, basted three times, 65 min at 191", 65, SurfaceColour.Deep, false, Of(
            new(Cut.BoneInThigh, 165) { Coating = Coating.Glaze }, Still(191), steps: [new Baste(30 * 60), new Baste(42 * 60), new Baste(54 * 60)])),
        new("drumsticks 47 min at 180", 47, SurfaceColour.Golden, false, Of(new(Cut.Drumstick, 115), Still(180))),
        new("bone-in breast 80 min at 218 then 177", 80, SurfaceColour.Deep, false, Of(new(Cut.BoneInBreast, 400), Still(218), steps: new SetOven(28 * 60, 177))),
        new("crumbed breast 20 min at 204, metal side", 20, SurfaceColour.Golden, true, Of(
            new(Cut.BreastThird, 75, SkinOn: false, Coating: Coating.CrumbOverEgg), Still(204), new(Tray: TrayMaterial.DarkMetal), steps: new Turn(10 * 60))),
        new("thighs 35 min at 204 and 4 min of grill", 39, SurfaceColour.Deep, false, Of(
            new(Cut.BoneInThigh, 165), Still(204), steps: new SwitchMode(35 * 60, OvenMode.Grill))),
        new("thighs 35 min at 204 and 10 min of grill", 45, SurfaceColour.Burnt, false, Of(
            new(Cut.BoneInThigh, 165), Still(204), steps: new SwitchMode(35 * 60, OvenMode.Grill))),
    ];

    public static OvenTraits Still(double setC) => new(OvenMode.Still, setC);

    public static PieceBake Of(PieceBody piece, OvenTraits oven, Placement? placement = null, params IReadOnlyList<OvenStep> steps) =>
        new(piece, StartC: 4, oven, placement ?? new(), steps, EndS: 3 * 3600);
}

internal sealed record KitchenWindow(string Name, string Piece, double CoreC, double LowMinutes, double HighMinutes, PieceBake Bake);

internal sealed record PublishedTime(string Piece, double LowMinutes, double HighMinutes, PieceBake Bake);

internal sealed record KnownLoss(string Piece, double CoreC, double Low, double High, PieceBake Bake);

internal sealed record KnownColour(string Piece, double Minutes, SurfaceColour Colour, bool IsOfUnderside, PieceBake Bake);
