using AmberSpoon.Core.Doneness.Safety;

namespace AmberSpoon.Core.Doneness.Judging;

/// <summary>
/// Reads the readings of one piece as placements of a tip. A reading that is typed again within a minute, and says the same, is the
/// placement it was; a wire that stays in is one placement, whatever it says. Where two placements differ by more than thermometer
/// and tip explain, the colder steers until a third decides.
/// </summary>
/// <param name="Steering">Readings that steer, in order of time; the last is what the piece is like now.</param>
/// <param name="Seen">All that a hold must be seen through: the steering ones, and what was asked about and not answered.</param>
/// <param name="Doubt">The question that is open where the colder one was asked about; null where none steers.</param>
/// <param name="Agreeing">Placements that are enough and bear each other out.</param>
/// <param name="IsDisputed">Two placements differ, and no third has decided.</param>
public sealed record PlacementReview(
    IReadOnlyList<TimedReading> Steering, IReadOnlyList<TimedReading> Seen, ReadingDoubt? Doubt, int Agreeing, bool IsDisputed)
{
    /// <summary>Thermometer and tip explain so much between two placements, °C.</summary>
    public const double DiffersC = 3;

    /// <summary>And so much of what it rose or fell between them, since that is believed and not measured.</summary>
    private const double DiffersShare = 0.2;

    /// <summary>What is typed sooner than this after the same number is the same placement, s: nobody aims anew so quickly.</summary>
    public const double ApartS = 60;

    /// <param name="readings">Of one piece, in order of time; those that count and those that were asked about for being cold, whatever was answered; without what is hotter than it can be.</param>
    /// <param name="middleC">What is believed of its middle, s in the bake's time → °C: only its rise is used.</param>
    /// <param name="enoughC">From here on a placement may be enough, °C.</param>
    public static PlacementReview Of(IReadOnlyList<PlacedReading> readings, Func<double, double> middleC, double enoughC)
    {
        if (readings.Count == 0)
        {
            return new([], [], null, 0, IsDisputed: false);
        }

        PlacedReading[][] placements = Grouped(readings, middleC);
        double nowS = readings[^1].Reading.AtS;
        double lastC = readings[^1].Reading.CoreC;
        PlacedReading[][] colder = [.. placements.Where(placement => AboveC(placement[^1]) > AllowedC(placement[^1]))];
        PlacedReading[][] alike = [.. placements.Where(placement => Math.Abs(AboveC(placement[^1])) <= AllowedC(placement[^1]))];
        bool isDisputed = colder.Length > 0 && Apart(alike) <= colder.Length;

        // Colder ones are outvoted, or else they alone steer.
        PlacedReading[] steering = [.. readings.Where(reading => colder.Any(placement => placement.Contains(reading)) == isDisputed)];
        return new(
            [.. steering.Where(reading => reading.Doubt is null).Select(reading => reading.Reading)],
            [.. (isDisputed ? steering : readings).Select(reading => reading.Reading)],
            steering[^1].Doubt,
            isDisputed ? 0 : Apart([.. alike.Where(placement => placement[^1].Doubt is null && placement[^1].Reading.CoreC >= enoughC)]),
            isDisputed);

        double AboveC(PlacedReading earlier) => lastC - (earlier.Reading.CoreC + RiseC(earlier));
        double AllowedC(PlacedReading earlier) => DiffersC + (DiffersShare * Math.Abs(RiseC(earlier)));
        double RiseC(PlacedReading earlier) => middleC(nowS) - middleC(earlier.Reading.AtS);
    }

    /// <summary>Placements, the earliest first, each with its readings in order of time.</summary>
    private static PlacedReading[][] Grouped(IReadOnlyList<PlacedReading> readings, Func<double, double> middleC)
    {
        var placements = new List<List<PlacedReading>>();
        foreach (PlacedReading reading in readings)
        {
            List<PlacedReading>? same = placements.Find(placement => placement[0].Wire is { } wire
                ? reading.Wire == wire
                : reading.Wire is null && reading.Reading.AtS - placement[0].Reading.AtS < ApartS
                    && Math.Abs(reading.Reading.CoreC - placement[0].Reading.CoreC - middleC(reading.Reading.AtS) + middleC(placement[0].Reading.AtS)) <= DiffersC);
            if (same is null)
            {
                placements.Add([reading]);
            }
            else
            {
                same.Add(reading);
            }
        }

        return [.. placements.Select(placement => placement.ToArray())];
    }

    /// <summary>How many of them are a minute apart, or in another hand: a wire and a tip that is put in beside it are two.</summary>
    private static int Apart(IReadOnlyList<PlacedReading[]> placements)
    {
        int count = placements.Count(placement => placement[0].Wire is not null);
        double lastS = double.NegativeInfinity;
        foreach (double fromS in placements.Where(placement => placement[0].Wire is null).Select(placement => placement[0].Reading.AtS).Order())
        {
            if (fromS - lastS >= ApartS)
            {
                count++;
                lastS = fromS;
            }
        }

        return count;
    }
}

/// <summary>A reading and the placement of the tip that gave it.</summary>
/// <param name="Reading">What it showed.</param>
/// <param name="Wire">Which standing of which probe on a wire; null where it was put in by hand.</param>
/// <param name="Doubt">What was asked about it and not answered; null where it is believed.</param>
public sealed record PlacedReading(TimedReading Reading, WirePlacement? Wire = null, ReadingDoubt? Doubt = null);

/// <param name="Probe">Which probe.</param>
/// <param name="SinceS">Since when it has stood in its piece, s in the bake's time.</param>
public readonly record struct WirePlacement(string Probe, double SinceS);
