using AmberSpoon.Core.Food;
using Xunit;

namespace AmberSpoon.Core.Tests.Food;

public sealed class ShrinkageTests
{
    [Theory]
    [InlineData(0, 1)]
    [InlineData(0.271, 0.9)]
    [InlineData(0.488, 0.8)]
    [InlineData(1, 0)]
    [InlineData(-0.02, 1)]
    [InlineData(1.1, 0)]
    public void A_piece_is_smaller_by_the_water_that_left(double lossShare, double scale)
    {
        Assert.Equal(scale, Shrinkage.Scale(lossShare), 1e-9);
        Assert.Equal(scale * scale * scale, Shrinkage.VolumeShare(lossShare), 1e-9);
    }
}
