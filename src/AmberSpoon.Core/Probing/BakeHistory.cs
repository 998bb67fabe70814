using AmberSpoon.Core.Trays;

namespace AmberSpoon.Core.Probing;

/// <summary>What has really happened to a tray so far; with the plan, all that an estimate rests on.</summary>
/// <param name="Places">Moves in order of time; the first is into the oven at 0 s.</param>
/// <param name="LastMeasurement">The latest check with a usable reading, or null.</param>
public sealed record BakeHistory(IReadOnlyList<PlaceChange> Places, CoreMeasurement? LastMeasurement)
{
    public BakePlace PlaceNow => Places[^1].Place;

    /// <summary>Where the tray stood, stage by stage, until a time; the last place goes on until then.</summary>
    public IReadOnlyList<PlaceStage> StagesUntil(double untilS)
    {
        var stages = new List<PlaceStage>();
        for (int i = 0; i < Places.Count; i++)
        {
            double endS = Math.Min(i + 1 < Places.Count ? Places[i + 1].AtS : untilS, untilS);
            stages.Add(new(Places[i].Place, Math.Max(0, endS - Places[i].AtS)));
        }

        return stages;
    }
}
