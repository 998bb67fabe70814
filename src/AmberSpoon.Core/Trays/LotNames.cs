using AmberSpoon.Core.Food;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Trays.Coats;

namespace AmberSpoon.Core.Trays;

/// <summary>
/// Calls each lot as a cook does: "thighs", "bone-in thighs" beside boneless ones, and of two lots of one cut by what tells them
/// apart: "crumbed thighs" and "plain thighs", "large thighs" and "small thighs". For one piece of a lot use <see cref="Layout.PieceNames"/>.
/// </summary>
public static class LotNames
{
    private static readonly string[] KnownAnyway = ["bone-in ", "boneless "];
    private static readonly string[] Ordinals = ["first", "second", "third", "fourth", "fifth", "sixth", "seventh", "eighth", "ninth", "tenth", "eleventh", "twelfth"];

    /// <summary>Pieces that are heavier by this share are seen to be larger.</summary>
    private const double SeenLarger = 1.15;

    /// <summary>"crumbed thighs"</summary>
    /// <param name="plan">All that is on the tray.</param>
    /// <param name="lot">One of its lots.</param>
    /// <exception cref="InvalidOperationException">No such lot.</exception>
    public static string Of(TrayPlan plan, LotId lot) => plan.Chicken.FirstOrDefault(chicken => chicken.LotId == lot) is { } meat
        ? Of(plan, meat)
        : Of(plan, plan.Vegetables.First(vegetable => vegetable.LotId == lot));

    /// <summary>"crumbed thighs"</summary>
    public static string Of(TrayPlan plan, ChickenLot lot) => Called(plan, lot, facts => facts.Plural);

    /// <summary>"crumbed thigh"</summary>
    public static string OneOf(TrayPlan plan, ChickenLot lot) => Called(plan, lot, facts => facts.Name);

    /// <summary>"potato wedges" beside cubes of them, else "potatoes".</summary>
    public static string Of(TrayPlan plan, VegetableLot lot)
    {
        string name = VegetableTable.For(lot.Kind).Name;
        VegetableLot[] twins = [.. plan.Vegetables.Where(other => other.Kind == lot.Kind)];
        return twins.Length < 2 ? name : Apart(lot, twins, name,
            [
                other => other.Cut switch { VegetableCut.Cube => "cubed", VegetableCut.Coin => "sliced", VegetableCut.Half => "halved", VegetableCut.Whole => "whole", VegetableCut.Wedge => "wedges of", VegetableCut.Stick => "sticks of", _ => "florets of" },
                other => Larger(other.Size.Millimetres(), [.. twins.Select(twin => twin.Size.Millimetres())]),
                other => Sooner(other.AddAtMinutes, [.. twins.Select(twin => twin.AddAtMinutes)]),
                other => other.Place switch { VegetablePlace.Under => "underlying", VegetablePlace.OnTop => "scattered", _ => "loose" },
            ]);
    }

    private static string Called(TrayPlan plan, ChickenLot lot, Func<CutFacts, string> word)
    {
        string name = Short(plan, lot, word);
        ChickenLot[] twins = [.. plan.Chicken.Where(other => other.Cut == lot.Cut)];
        return twins.Length < 2 ? name : Apart(lot, twins, name,
            [
                CoatOf,
                other => other.SkinOn ? "skin-on" : "skinless",
                other => Larger(other.MassesG().Average(), [.. twins.Select(twin => twin.MassesG().Average())]),
                other => Sooner(other.AddAtMinutes, [.. twins.Select(twin => twin.AddAtMinutes)]),
                other => other.Vessel == 0 ? "upper" : "lower",
            ]);
    }

    /// <summary>By the first thing that is another for each of them, else by their order.</summary>
    private static string Apart<T>(T lot, T[] twins, string name, IReadOnlyList<Func<T, string?>> features)
        where T : class
    {
        foreach (Func<T, string?> feature in features)
        {
            string?[] words = [.. twins.Select(feature)];
            if (words.All(word => word is not null) && words.Distinct().Count() == twins.Length)
            {
                return $"{feature(lot)} {name}";
            }
        }

        return $"{Ordinals[Math.Min(Array.IndexOf(twins, lot), Ordinals.Length - 1)]} {name}";
    }

    /// <summary>What is seen of it when it goes in.</summary>
    private static string CoatOf(ChickenLot lot) => StackedCoats.Seen(lot.Coats) switch
    {
        Coating.DryRub => "rubbed",
        Coating.WetMarinade or Coating.ThickMarinade => "marinated",
        Coating.Glaze => "glazed",
        Coating.CrumbOverEgg or Coating.CrumbOverMayonnaise or Coating.CrumbOverYogurt or Coating.Crumb => "crumbed",
        Coating.ButterUnderSkin => "buttered",
        Coating.HerbsUnderSkin => "herbed",
        Coating.Stuffed => "stuffed",
        Coating.Parcel => "wrapped",
        Coating.Sauce or Coating.JuiceSauce => "sauced",
        Coating.Topping => "topped",
        _ => "plain",
    };

    private static string? Larger(double own, double[] all) => all.Length != 2 || all.Max() < SeenLarger * all.Min() ? null : own == all.Max() ? "large" : "small";

    private static string? Sooner(int own, int[] all) => all.Length != 2 ? null : own == all.Min() ? "early" : "late";

    /// <summary>"Bone-in" goes without saying where no other lot would be called the same.</summary>
    private static string Short(TrayPlan plan, ChickenLot lot, Func<CutFacts, string> word)
    {
        string own = Bare(word(CutTable.For(lot.Cut)));
        bool isClear = plan.Chicken.All(other => other.Cut == lot.Cut || Bare(word(CutTable.For(other.Cut))) != own);
        return isClear ? own : word(CutTable.For(lot.Cut));
    }

    private static string Bare(string name) =>
        KnownAnyway.FirstOrDefault(prefix => name.StartsWith(prefix, StringComparison.Ordinal)) is { } known ? name[known.Length..] : name;
}
