using AmberSpoon.Core.Bakes.Events;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Core.Tests.Bakes;

/// <summary>Events of a bake that began at the epoch.</summary>
internal static class Log
{
    public static BakeEvent First { get; } = At(1, 0, new Started());

    public static BakeEvent At(int seq, double minute, Happening what) => new(seq, Guid.NewGuid(), DateTimeOffset.UnixEpoch.AddDays(2).AddMinutes(minute), what);

    /// <summary>A reading of one piece of one lot, °C.</summary>
    public static Measured Reading(int lot, int piece, double celsius) => new(new PieceRef(new LotId(lot), piece), new(celsius, TemperatureUnit.Celsius));
}
