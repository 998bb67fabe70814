using AmberSpoon.Core.Food;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Layout;
using AmberSpoon.Core.Units;
using Xunit;

namespace AmberSpoon.Core.Tests.Trays;

public sealed class LotNamesTests
{
    private static readonly ChickenLot Thighs = Plans.Chicken(1, Cut.BoneInThigh, 2, 165);

    private static string[] Of(params ChickenLot[] lots)
    {
        TrayPlan plan = Plans.Thighs with { Chicken = lots };
        return [.. lots.Select(lot => LotNames.Of(plan, lot))];
    }

    [Fact]
    public void Two_lots_of_one_cut_are_called_by_what_tells_them_apart()
    {
        Assert.Equal(["thighs"], Of(Thighs));
        Assert.Equal(["crumbed thighs", "plain thighs"], Of(Thighs with { Coats = [Coating.CrumbOverEgg] }, Thighs with { Id = 2 }));
        Assert.Equal(["skin-on thighs", "skinless thighs"], Of(Thighs, Thighs with { Id = 2, SkinOn = false }));
        Assert.Equal(["large thighs", "small thighs"], Of(Plans.Chicken(1, Cut.BoneInThigh, 2, 200), Plans.Chicken(2, Cut.BoneInThigh, 2, 150)));
        Assert.Equal(["early thighs", "late thighs"], Of(Thighs, Thighs with { Id = 2, AddAtMinutes = 15 }));
        Assert.Equal(["first thighs", "second thighs", "third thighs"], Of(Thighs, Thighs with { Id = 2 }, Thighs with { Id = 3 }));
        Assert.Equal(["bone-in thighs", "boneless thighs"], Of(Thighs, Plans.Chicken(2, Cut.BonelessThigh, 2, 110)));
    }

    [Fact]
    public void Their_pieces_are_never_called_the_same()
    {
        TrayPlan plan = Plans.Thighs with { Chicken = [Thighs, Thighs with { Id = 2, AddAtMinutes = 15 }] };
        IReadOnlyDictionary<PieceRef, string> names = PieceNames.Of(plan, TrayArranger.Arrange(plan));
        Assert.Equal(4, names.Values.Select(name => name.Split(',')[0]).Distinct().Count());
        Assert.StartsWith("late thigh 1", names[new(new(2), 1)], StringComparison.Ordinal);
    }

    [Fact]
    public void Vegetables_of_one_kind_are_called_by_their_cut_or_size()
    {
        VegetableLot cubes = Plans.Roots(2, Vegetable.Potato, 300);
        string[] Names(params VegetableLot[] lots) => [.. lots.Select(lot => LotNames.Of(Plans.Thighs with { Vegetables = lots }, lot))];
        Assert.Equal(["potatoes"], Names(cubes));
        Assert.Equal(["cubed potatoes", "wedges of potatoes"], Names(cubes, cubes with { Id = 3, Cut = VegetableCut.Wedge }));
        Assert.Equal(["large potatoes", "small potatoes"], Names(cubes with { Size = new(40, LengthUnit.Millimetre) }, cubes with { Id = 3 }));
    }
}
