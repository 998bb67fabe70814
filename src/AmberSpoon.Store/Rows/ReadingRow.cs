using AmberSpoon.Core.Doneness;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Store.Rows;

/// <summary>One reading of a check, as typed.</summary>
public sealed class ReadingRow
{
    public int Id { get; init; }

    public required int Piece { get; init; }

    public required double Value { get; init; }

    public required TemperatureUnit Unit { get; init; }

    public required int HeldSeconds { get; init; }

    public Reading ToReading() => new(Piece, new EnteredTemperature(Value, Unit), HeldSeconds);

    public static ReadingRow From(Reading reading) => new()
    {
        Piece = reading.Piece,
        Value = reading.Temperature.Value,
        Unit = reading.Temperature.Unit,
        HeldSeconds = reading.HeldSeconds,
    };
}
