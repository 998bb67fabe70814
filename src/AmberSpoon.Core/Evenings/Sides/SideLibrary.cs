using AmberSpoon.Core.Food;
using AmberSpoon.Core.Prep.Order;

namespace AmberSpoon.Core.Evenings.Sides;

/// <summary>The sides that the app knows, with the minutes that cooks reckon with (common practice).</summary>
public static class SideLibrary
{
    public static IReadOnlyList<SideFacts> All { get; } =
    [
        new(SideKind.Rice, "rice", SideHeat.Hob, "Rinse the rice, water on", 3, 20, 10, "Fluff the rice", 1, 15, Touches.ToBeCooked),
        new(SideKind.Beans, "beans", SideHeat.Hob, "Trim the beans, salted water on", 8, 8, 0, "Drain the beans", 1, 10, Touches.ToBeCooked),
        new(SideKind.Greens, "greens", SideHeat.Hob, "Wash and cut the greens", 6, 5, 0, "Greens into their bowl", 1, 5, Touches.ToBeCooked),
        new(SideKind.Noodles, "noodles", SideHeat.Hob, "Water on for the noodles", 2, 20, 0, "Drain the noodles", 1, 5, Touches.ToBeCooked),
        new(SideKind.BoiledPotatoes, "boiled potatoes", SideHeat.Hob, "Peel and cut the potatoes, water on", 10, 25, 0, "Drain the potatoes", 1, 15, Touches.ToBeCooked),
        new(SideKind.Gravy, "gravy", SideHeat.Hob, "Measure out for the gravy", 2, 8, 0, "Stir and taste the gravy", 3, 10, Touches.ToBeCooked),
        new(SideKind.Salad, "salad", SideHeat.Cold, "Wash and dress the salad", 8, 0, 0, string.Empty, 0, 30, Touches.ReadyToEat),
        new(SideKind.GreenSauce, "green sauce", SideHeat.Cold, "Chop and stir the green sauce", 8, 0, 0, string.Empty, 0, 24 * 60, Touches.ReadyToEat),
        new(SideKind.WarmBread, "warm bread", SideHeat.Oven, "Bread onto its tray", 1, 6, 0, "Cut the bread", 1, 10, Touches.ReadyToEat),
        new(SideKind.RoastSquash, "roast squash", SideHeat.Oven, "Peel and cut the squash, oil and salt", 10, 0, 0, "Squash into its bowl", 1, 15, Touches.ToBeCooked, Vegetable.Squash),
        new(SideKind.RoastParsnips, "roast parsnips", SideHeat.Oven, "Peel and cut the parsnips, oil and salt", 8, 0, 0, "Parsnips into their bowl", 1, 15, Touches.ToBeCooked, Vegetable.Parsnip),
        new(SideKind.RoastFennel, "roast fennel", SideHeat.Oven, "Trim and cut the fennel, oil and salt", 6, 0, 0, "Fennel into its bowl", 1, 15, Touches.ToBeCooked, Vegetable.Fennel),
        new(SideKind.RoastMushrooms, "roast mushrooms", SideHeat.Oven, "Wipe and halve the mushrooms, oil and salt", 6, 0, 0, "Mushrooms into their bowl", 1, 10, Touches.ToBeCooked, Vegetable.Mushroom),
        new(SideKind.RoastPotatoes, "roast potatoes", SideHeat.Oven, "Peel and cut the potatoes, oil and salt", 10, 0, 0, "Potatoes into their bowl", 1, 15, Touches.ToBeCooked, Vegetable.Potato),
        new(SideKind.RoastSprouts, "sprouts", SideHeat.Oven, "Trim and halve the sprouts, oil and salt", 8, 0, 0, "Sprouts into their bowl", 1, 10, Touches.ToBeCooked, Vegetable.Sprout),
        new(SideKind.RoastCarrots, "roast carrots", SideHeat.Oven, "Peel and cut the carrots, oil and salt", 8, 0, 0, "Carrots into their bowl", 1, 15, Touches.ToBeCooked, Vegetable.Carrot),
    ];

    public static SideFacts For(SideKind kind) => All.First(facts => facts.Kind == kind);
}
