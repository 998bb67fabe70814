using System.Text.Json;
using System.Text.Json.Serialization;
using AmberSpoon.Core.Doneness;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;

namespace AmberSpoon.Devices;

/// <summary>A bake as the kitchen server shows it, as far as a thermometer's surroundings hang on it.</summary>
/// <param name="Id">Which bake.</param>
/// <param name="StartedAt">When the first food went in.</param>
/// <param name="Baked">The plan with everything in its real place in time.</param>
/// <param name="Moves">Where the tray was, in order.</param>
/// <param name="Lots">Every lot.</param>
/// <param name="Verdict">What is said of the whole tray; null where nothing was measured yet.</param>
/// <param name="IsLive">It still runs.</param>
/// <param name="Seq">The last of its events.</param>
internal sealed record BakeSeen(
    Guid Id, DateTimeOffset StartedAt, TrayPlan Baked, IReadOnlyList<BakeSeen.Move> Moves, IReadOnlyList<BakeSeen.Lot> Lots, BakeSeen.Judged? Verdict, bool IsLive, int Seq)
{
    /// <summary>As the server writes it.</summary>
    public static JsonSerializerOptions Json { get; } = new(JsonSerializerDefaults.Web)
    {
        Converters = { new JsonStringEnumConverter(JsonNamingPolicy.CamelCase) },
    };

    /// <summary>The same for as long as nothing was moved or done.</summary>
    public string Key => FormattableString.Invariant($"{JsonSerializer.Serialize(Baked, Json)} {string.Join(',', Moves.Select(move => $"{move.At:O}{move.Place}"))}");

    /// <summary>When a lot went in, s in the bake's time; null where it has not, or is off.</summary>
    public double? InS(LotId lot) => Lots.FirstOrDefault(seen => seen.Number == lot.Value) is { Place: not null, IsOff: false } found
        ? BakeS(found.InAt)
        : null;

    public double BakeS(DateTimeOffset wall) => Math.Max(0, (wall - StartedAt).TotalSeconds);

    /// <summary>Where a lot stands, in its own time.</summary>
    /// <param name="lot">A lot that is in.</param>
    /// <param name="untilS">Seconds since it went in.</param>
    public IReadOnlyList<PlaceStage> Stages(LotId lot, double untilS)
    {
        double inS = InS(lot)!.Value;
        var stages = new List<PlaceStage>();
        for (int i = 0; i < Moves.Count; i++)
        {
            double fromS = Math.Max(0, BakeS(Moves[i].At) - inS);
            double endS = i + 1 < Moves.Count ? Math.Min(untilS, BakeS(Moves[i + 1].At) - inS) : untilS;
            if (endS > fromS)
            {
                stages.Add(new(Moves[i].Place, endS - fromS));
            }
        }

        return stages;
    }

    /// <param name="Kind">What to do.</param>
    /// <param name="MeasureNext">Pieces that are asked for.</param>
    /// <param name="NextCheckAt">When.</param>
    internal sealed record Judged(VerdictKind Kind, IReadOnlyList<Asked> MeasureNext, DateTimeOffset? NextCheckAt);

    /// <param name="Lot">Its lot.</param>
    /// <param name="Piece">From 1.</param>
    internal sealed record Asked(int Lot, int Piece);

    /// <param name="At">Since when.</param>
    /// <param name="Place">Where the tray was.</param>
    internal sealed record Move(DateTimeOffset At, BakePlace Place);

    /// <param name="Number">Its number on the tray.</param>
    /// <param name="InAt">When it went in, or is to go in.</param>
    /// <param name="Place">Where it is; null while it waits.</param>
    /// <param name="IsOff">Taken off.</param>
    internal sealed record Lot([property: JsonPropertyName("lot")] int Number, DateTimeOffset InAt, BakePlace? Place, bool IsOff);
}
