using System.Text.Json;
using AmberSpoon.Core.Doneness.Safety;
using AmberSpoon.Core.Units;
using AmberSpoon.Server.Stations.Bakes;

namespace AmberSpoon.Server.Stations.Feed;

/// <summary>One line of a thermometer's stream that could be read.</summary>
/// <param name="Number">Its place in what was sent, from 1.</param>
/// <param name="Probe">As the probe calls itself.</param>
/// <param name="At">When; null for now.</param>
/// <param name="Temperature">What it showed.</param>
/// <param name="Lot">The lot whose piece it is in, where the device knows.</param>
/// <param name="Piece">Which of its pieces, from 1.</param>
internal sealed record FeedLine(int Number, string Probe, DateTimeOffset? At, EnteredTemperature Temperature, int? Lot, int? Piece)
{
    /// <summary>Far beyond what a thermometer shows it is still heard, as a sign of a wet socket; but only as far as that.</summary>
    public static FeedLine Of(int number, string probe, DateTimeOffset? at, EnteredTemperature shown, int? lot, int? piece)
    {
        double celsius = Math.Clamp(shown.ToTemperature().Celsius, ReadingLimits.LowestC - 1, ReadingLimits.HighestC + 1);
        return new(number, probe, at, celsius is < ReadingLimits.LowestC or > ReadingLimits.HighestC ? new(celsius, TemperatureUnit.Celsius) : shown, lot, piece);
    }

    /// <param name="number">Its place, from 1.</param>
    /// <param name="text">A JSON object.</param>
    /// <returns>The line, or what is wrong with it.</returns>
    public static (FeedLine? Line, FeedRefusal? Refusal) Read(int number, string text)
    {
        try
        {
            using var document = JsonDocument.Parse(text, new() { MaxDepth = 4 });
            return Read(number, document.RootElement);
        }
        catch (JsonException)
        {
            return (null, new(number, "line", "This is no line of JSON: each is one object, such as {\"probe\":\"A\",\"value\":61.2,\"unit\":\"celsius\"}."));
        }
    }

    private static (FeedLine? Line, FeedRefusal? Refusal) Read(int number, JsonElement line)
    {
        if (line.ValueKind != JsonValueKind.Object)
        {
            return Refused("line", "Each line is one object.");
        }

        if (Text(line, "probe") is not { } probe || !ProbeName.IsGood(probe))
        {
            return Refused("probe", ProbeName.Sentence);
        }

        if (!line.TryGetProperty("value", out JsonElement shown) || shown.ValueKind != JsonValueKind.Number || !shown.TryGetDouble(out double value) || !double.IsFinite(value))
        {
            return Refused("value", "Say what it shows, as a number.");
        }

        if (UnitOf(Text(line, "unit")) is not { } unit)
        {
            return Refused("unit", "Say in which unit: celsius or fahrenheit.");
        }

        DateTimeOffset? at = null;
        if (line.TryGetProperty("at", out JsonElement when) && when.ValueKind != JsonValueKind.Null)
        {
            if (Text(line, "at") is null || !when.TryGetDateTimeOffset(out DateTimeOffset told))
            {
                return Refused("at", "Say when, as 2026-11-26T18:04:10+01:00; or leave it out for now.");
            }

            at = told;
        }

        if (!Whole(line, "lot", out int? lot) || !Whole(line, "piece", out int? piece) || lot is null != piece is null)
        {
            return Refused(lot is null ? "lot" : "piece", "Say lot and piece both, as whole numbers from 1, or neither.");
        }

        return (Of(number, probe, at, new(value, unit), lot, piece), null);

        (FeedLine? Line, FeedRefusal? Refusal) Refused(string field, string sentence) => (null, new(number, field, sentence));
    }

    private static string? Text(JsonElement line, string name)
    {
        try
        {
            return line.TryGetProperty(name, out JsonElement value) && value.ValueKind == JsonValueKind.String ? value.GetString() : null;
        }
        catch (InvalidOperationException)
        {
            // Half of a surrogate pair is no text.
            return null;
        }
    }

    private static bool Whole(JsonElement line, string name, out int? number)
    {
        number = null;
        if (!line.TryGetProperty(name, out JsonElement value) || value.ValueKind == JsonValueKind.Null)
        {
            return true;
        }

        if (value.ValueKind != JsonValueKind.Number || !value.TryGetInt32(out int whole))
        {
            return false;
        }

        number = whole;
        return true;
    }

    private static TemperatureUnit? UnitOf(string? name) => name switch
    {
        "celsius" or "C" or "°C" => TemperatureUnit.Celsius,
        "fahrenheit" or "F" or "°F" => TemperatureUnit.Fahrenheit,
        _ => null,
    };
}
