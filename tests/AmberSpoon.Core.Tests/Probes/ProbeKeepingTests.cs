using AmberSpoon.Core.Probes;
using Xunit;

namespace AmberSpoon.Core.Tests.Probes;

public sealed class ProbeKeepingTests
{
    private static bool Keeps(double afterS, double byC, bool wasBelieved = true) =>
        ProbeKeeping.IsWorthKeeping(new(1000 + afterS, 50 + byC), new(1000, 50), wasBelieved);

    [Fact]
    public void The_first_is_kept() => Assert.True(ProbeKeeping.IsWorthKeeping(new(5, 4), null, wasBelieved: false));

    [Theory]
    [InlineData(29.9, 5, false)]
    [InlineData(30, 1, true)]
    [InlineData(30, -1, true)]
    [InlineData(30, 0.9, false)]
    [InlineData(119.9, 0.9, false)]
    [InlineData(120, 0, true)]
    public void Then_what_says_something_new_and_one_now_and_then(double afterS, double byC, bool isKept) =>
        Assert.Equal(isKept, Keeps(afterS, byC));

    [Theory]
    [InlineData(179.9, false)]
    [InlineData(180, true)]
    public void After_a_doubt_it_waits(double afterS, bool isKept) => Assert.Equal(isKept, Keeps(afterS, 10, wasBelieved: false));
}
