using System.Collections.Frozen;

namespace AmberSpoon.Core.Food;

/// <summary>
/// One row per vegetable, in the order they are offered. Usual times are common practice; compositions are from memory of
/// the USDA food composition tables.
/// </summary>
public static class VegetableTable
{
    private static readonly IReadOnlyList<VegetableCut> Roots = [VegetableCut.Cube, VegetableCut.Wedge, VegetableCut.Coin, VegetableCut.Stick, VegetableCut.Half, VegetableCut.Whole];
    private static readonly IReadOnlyList<VegetableCut> Slim = [VegetableCut.Coin, VegetableCut.Stick, VegetableCut.Half, VegetableCut.Whole];
    private static readonly IReadOnlyList<VegetableCut> Small = [VegetableCut.Whole, VegetableCut.Half, VegetableCut.Wedge];
    private static readonly IReadOnlyList<VegetableCut> Bulbs = [VegetableCut.Wedge, VegetableCut.Half, VegetableCut.Whole, VegetableCut.Coin];
    private static readonly IReadOnlyList<VegetableCut> Heads = [VegetableCut.Floret];

    public static IReadOnlyList<VegetableFacts> All { get; } =
    [
        new(Vegetable.Potato, "potatoes", Of(.17, .020, .020), Roots, 65, new(VegetableCut.Cube, 25, 35, 45), 13.8, 7.4),
        new(Vegetable.BabyPotato, "baby potatoes", Of(.16, .020, .020), Small, 35, new(VegetableCut.Whole, 35, 30, 40), 6.8, 7.4),
        new(Vegetable.SweetPotato, "sweet potatoes", Of(.17, .016, .030), Roots, 60, new(VegetableCut.Cube, 25, 30, 35), 9.5, 3.9) { Browning = 1.4, Slender = 2 },
        new(Vegetable.Carrot, "carrots", Of(.070, .009, .028), Slim, 28, new(VegetableCut.Coin, 20, 30, 40), 12.2, 6.6) { Browning = 1.3, Slender = 5 },
        new(Vegetable.Parsnip, "parsnips", Of(.130, .012, .049), Slim, 32, new(VegetableCut.Coin, 20, 30, 40), 11.5, 4) { Browning = 1.5, Slender = 5 },
        new(Vegetable.Squash, "butternut or pumpkin", Of(.097, .010, .020), [VegetableCut.Cube, VegetableCut.Wedge, VegetableCut.Coin], 90, new(VegetableCut.Cube, 25, 30, 40), 10.6, 4.1) { Browning = 1.2 },
        new(Vegetable.Onion, "onions", Of(.076, .011, .017), Bulbs, 70, new(VegetableCut.Wedge, 30, 30, 40), 9.0, 8.4) { Browning = 1.4, Slender = 1 },
        new(Vegetable.Shallot, "shallots", Of(.136, .025, .032), [VegetableCut.Half, VegetableCut.Whole], 35, new(VegetableCut.Half, 35, 25, 35), 9.0, 7) { Browning = 1.4, Slender = 1.4 },
        new(Vegetable.Garlic, "garlic, unpeeled cloves", Of(.310, .064, .021), [VegetableCut.Whole], 18, new(VegetableCut.Whole, 18, 30, 40), 16.6, 5) { Slender = 1.6 },
        new(Vegetable.Pepper, "peppers", Of(.042, .010, .021), [VegetableCut.Wedge], 75, new(VegetableCut.Wedge, 60, 20, 30), 8.7, 5.6) { WallMm = 8, Browning = 1.2 },
        new(Vegetable.Courgette, "courgettes", Of(.021, .012, .010), Slim, 45, new(VegetableCut.Coin, 20, 15, 20), 0.82, 4) { Slender = 4 },
        new(Vegetable.Aubergine, "aubergines", Of(.029, .010, .030), [VegetableCut.Cube, VegetableCut.Coin, VegetableCut.Half], 75, new(VegetableCut.Cube, 25, 25, 35), 6.7, 4.6) { AirShare = .15, Slender = 2.2 },
        new(Vegetable.CherryTomato, "cherry tomatoes", Of(.027, .009, .012), Small, 28, new(VegetableCut.Whole, 28, 15, 20), 1.25, 7.1) { Slender = 1 },
        new(Vegetable.Broccoli, "broccoli", Of(.040, .028, .026), Heads, 40, new(VegetableCut.Floret, 40, 15, 20), 0.57, 4.3) { AirShare = .25, Browning = 1.3 },
        new(Vegetable.Cauliflower, "cauliflower", Of(.030, .019, .020), Heads, 40, new(VegetableCut.Floret, 40, 20, 30), 1.9, 7.5) { AirShare = .25, Browning = 1.3 },
        new(Vegetable.Sprout, "sprouts", Of(.052, .034, .038), [VegetableCut.Half, VegetableCut.Whole], 32, new(VegetableCut.Half, 32, 20, 25), 5.2, 4.4) { AirShare = .1, Browning = 1.3, Slender = 1.1 },
        new(Vegetable.GreenBean, "green beans", Of(.043, .018, .027), [VegetableCut.Whole], 9, new(VegetableCut.Whole, 9, 15, 20), 3.9, 4.9) { Slender = 10 },
        new(Vegetable.Mushroom, "mushrooms", Of(.023, .031, .010), [VegetableCut.Half, VegetableCut.Whole], 40, new(VegetableCut.Half, 40, 15, 20), 1.65, 9.5) { AirShare = .25, Slender = 1 },
        new(Vegetable.Fennel, "fennel", Of(.042, .012, .031), [VegetableCut.Wedge, VegetableCut.Half], 80, new(VegetableCut.Wedge, 30, 25, 35), 4.9, 6.6) { Browning = 1.1 },
        new(Vegetable.Leek, "leeks", Of(.124, .015, .018), [VegetableCut.Coin, VegetableCut.Half], 32, new(VegetableCut.Coin, 30, 20, 30), 2.1, 6.4) { Slender = 5 },
    ];

    private static readonly FrozenDictionary<Vegetable, VegetableFacts> ByKind = All.ToFrozenDictionary(facts => facts.Kind);

    public static VegetableFacts For(Vegetable kind) => ByKind[kind];

    private static Composition Of(double carbohydrate, double protein, double fibre) =>
        new(protein, Fat: 0.002, Ash: 0.008) { Carbohydrate = carbohydrate, Fibre = fibre };
}
