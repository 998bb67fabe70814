using AmberSpoon.Core.Doneness.Kinetics;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat;
using AmberSpoon.Core.Tests.Heat;
using Xunit;

namespace AmberSpoon.Core.Tests.Doneness;

public sealed class LethalityOfBakesTests
{
    [Fact]
    public void A_thigh_taken_out_at_74_has_long_been_reduced_by_seven_powers_of_ten()
    {
        HeatRun run = (Heating.Bake(Cut.BoneInThigh) with { StopAtColdestC = 74 }).Run();
        Assert.True(Lethality.Log10Reduction(run.Samples) > 7);
        HeatRun early = (Heating.Bake(Cut.BoneInThigh) with { StopAtColdestC = 55 }).Run();
        Assert.True(Lethality.Log10Reduction(early.Samples) < 1);
    }
}
