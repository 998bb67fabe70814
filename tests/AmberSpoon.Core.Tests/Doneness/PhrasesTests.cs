using AmberSpoon.Core.Doneness;
using Xunit;

namespace AmberSpoon.Core.Tests.Doneness;

public sealed class PhrasesTests
{
    [Theory]
    [InlineData(30, "30 s")]
    [InlineData(99.4, "99 s")]
    [InlineData(100, "1.7 min")]
    [InlineData(120, "2 min")]
    [InlineData(162, "2.7 min")]
    public void A_hold_is_said_in_seconds_while_it_is_short(double seconds, string said) => Assert.Equal(said, Phrases.Hold(seconds));

    [Theory]
    [InlineData("thigh 2", "Thigh 2")]
    [InlineData("thigh 2, back left", "Thigh 2, back left,")]
    public void A_piece_with_a_place_is_set_off_by_a_comma(string name, string said) => Assert.Equal(said, Phrases.Subject(name));
}
