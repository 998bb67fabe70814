using AmberSpoon.Core.Food;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Together;
using AmberSpoon.Core.Units;
using Xunit;

namespace AmberSpoon.Core.Tests.Trays.Together;

/// <summary>Each difference in its sentence, and nothing said of what stays.</summary>
public sealed class PlanChangesTests
{
    private static readonly TrayPlan Before = Plans.Thighs with
    {
        OvenSetting = new(200, TemperatureUnit.Celsius),
        Chicken = [Plans.Chicken(1, Cut.BoneInThigh, 2, 165), Plans.Chicken(4, Cut.Drumstick, 2, 115)],
        Vegetables = [Plans.Roots(2, Vegetable.Potato, 100), Plans.Roots(3, Vegetable.Onion, 100) with { AddAtMinutes = 10 }],
    };

    private static void Says(TrayPlan after, params string[] sentences) => Assert.Equal(sentences, PlanChanges.Between(Before, after));

    [Fact]
    public void Nothing_is_said_of_what_stays() => Says(Before with { Name = "another" });

    [Fact]
    public void A_second_tray() => Says(Before.WithVegetablesApart(), "Put the vegetables on a tray of their own, on the lower shelf.");

    [Fact]
    public void Another_dial_in_the_unit_of_each()
    {
        Says(Before with { OvenSetting = new(220, TemperatureUnit.Celsius) }, "Set the oven to 220 °C instead of 200 °C.");
        Says(Before with { OvenSetting = new(425, TemperatureUnit.Fahrenheit) }, "Set the oven to 425 °F instead of 200 °C.");
    }

    [Fact]
    public void Another_size_in_the_unit_it_was_written_in()
    {
        TrayPlan inches = Before with { Vegetables = [Before.Vegetables[0] with { Size = new(1, LengthUnit.Inch) }, Before.Vegetables[1]] };
        Says(Before with { Vegetables = [Before.Vegetables[0] with { Size = new(20, LengthUnit.Millimetre) }, Before.Vegetables[1]] }, "Cut the potatoes to 20 mm instead of 25 mm.");
        Assert.Equal(
            ["Cut the potatoes to 0.8 in instead of 1.0 in."],
            PlanChanges.Between(inches, inches with { Vegetables = [inches.Vegetables[0] with { Size = new(20, LengthUnit.Millimetre) }, inches.Vegetables[1]] }));
    }

    [Fact]
    public void What_is_added_at_one_moment_is_one_sentence_and_earlier_moments_come_first() => Says(
        Before with
        {
            Chicken = [Before.Chicken[0] with { AddAtMinutes = 15 }, Before.Chicken[1] with { AddAtMinutes = 15 }],
            Vegetables = [Before.Vegetables[0] with { AddAtMinutes = 15 }, Before.Vegetables[1] with { AddAtMinutes = 0 }],
        },
        "Put the onions in at the start.",
        "Add the potatoes, bone-in thighs and drumsticks after 15 min.");

    [Fact]
    public void Steps_that_are_new() => Says(
        Before with { Steps = [new(StepKind.Cover, 20), new(StepKind.Turn, 25)] }, "Lay foil over it after 20 min, before it burns.", "Turn after 25 min.");
}
