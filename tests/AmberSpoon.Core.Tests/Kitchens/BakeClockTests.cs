using System.Text.Json;
using AmberSpoon.Core.Kitchens;
using Xunit;

namespace AmberSpoon.Core.Tests.Kitchens;

public sealed class BakeClockTests
{
    [Fact]
    public void Nothing_happens_before_the_start_and_times_turn_into_each_other()
    {
        var clock = new BakeClock(new DateTimeOffset(2026, 11, 26, 18, 0, 0, TimeSpan.Zero));
        Assert.Equal(0, clock.BakeS(clock.StartedAt.AddHours(-2)));
        Assert.Equal(90, clock.BakeS(clock.StartedAt.AddSeconds(90)));
        Assert.Equal(clock.StartedAt.AddMinutes(21), clock.Wall(21 * 60));
        Assert.Equal(-60, BakeClock.LotS(1200, 1260));
    }

    [Fact]
    public void A_lot_is_a_bare_number_in_json()
    {
        Assert.Equal("""{"Lot":3,"Piece":2}""", JsonSerializer.Serialize(new PieceRef(new(3), 2)));
        Assert.Equal(new PieceRef(new(3), 2), JsonSerializer.Deserialize<PieceRef>("""{"Lot":3,"Piece":2}"""));
    }
}
