using System.Text.Json.Serialization;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Core.Kitchens;

/// <summary>
/// One oven that a household has, as its cook knows it. What one bake sets it to stands in the plan; how the heat in it behaves is
/// <see cref="OvenTraits"/>.
/// </summary>
/// <param name="Name">What it is called at home.</param>
/// <param name="Air">How it usually bakes: still or fan.</param>
public sealed record HouseOven(string Name, OvenMode Air)
{
    public const int LongestName = 40;
    public const int MostShelves = 3;

    /// <summary>A known offset beyond this is a broken oven, °C.</summary>
    public const double MostOffsetC = OvenBelief.MostOffsetC;

    /// <summary>Hot after so long at the least and the most, min.</summary>
    public const int ShortestPreheatMinutes = 3;
    public const int LongestPreheatMinutes = 60;

    /// <summary>A household oven is at 200 °C after about this long, min (common practice).</summary>
    public const int UsualPreheatMinutes = 15;

    /// <summary>Inches turned into millimetres must not be too short by their last digit.</summary>
    private const double NoRulerShowsMm = 0.05;

    public static HouseOven Usual { get; } = new("Oven", OvenMode.Still);

    public bool HasGrill { get; init; } = true;

    /// <summary>The lowest its dial goes; null where nobody said.</summary>
    public EnteredTemperature? Lowest { get; init; }

    /// <summary>The highest its dial goes; null where nobody said.</summary>
    public EnteredTemperature? Highest { get; init; }

    /// <summary>On how many shelves trays can stand at once: 1 to <see cref="MostShelves"/>.</summary>
    public int Shelves { get; init; } = MostShelves;

    /// <summary>How much hotter it is than its dial says, by a thermometer inside; below 0 where it runs cool.</summary>
    public EnteredDifference? RunsHotBy { get; init; }

    /// <summary>From cold to 200 °C, min, as its cook says.</summary>
    public int PreheatMinutes { get; init; } = UsualPreheatMinutes;

    /// <summary>A shelf from side to side; null where nobody measured.</summary>
    public EnteredLength? Width { get; init; }

    /// <summary>A shelf from door to back; null where nobody measured.</summary>
    public EnteredLength? Depth { get; init; }

    /// <summary>What its bakes have taught; null where none has. It goes on from what its cook says.</summary>
    public OvenBelief? Learnt { get; init; }

    /// <summary>How long it takes to be hot, by what was told of it; null where nothing was.</summary>
    public PreheatBelief? LearntPreheat { get; init; }

    /// <summary>It is learnt from bakes since then, after a repair or in a new oven of the same name; null for all of them.</summary>
    public DateTimeOffset? LearntSince { get; init; }

    /// <summary>True oven less dial, as its cook says, °C of difference.</summary>
    [JsonIgnore]
    public double KnownOffsetC => RunsHotBy?.DegreesC() is { } degreesC && double.IsFinite(degreesC) ? Math.Clamp(degreesC, -MostOffsetC, MostOffsetC) : 0;

    /// <summary>What is believed of it: by its bakes, or else by what its cook says.</summary>
    [JsonIgnore]
    public OvenBelief Believed => Learnt ?? OvenBelief.Unknown(KnownOffsetC);

    /// <summary>True oven less dial, by all that is known, °C of difference.</summary>
    [JsonIgnore]
    public double OffsetC => Learnt?.OffsetC ?? KnownOffsetC;

    /// <summary>From cold to a setting, whole minutes, at least one: by <see cref="PreheatCurve"/>.</summary>
    /// <param name="oven">The oven; null for an ordinary one.</param>
    /// <param name="celsius">What it is set to, °C.</param>
    public static int PreheatTo(HouseOven? oven, double celsius) =>
        (int)Math.Round(Math.Clamp((oven?.LearntPreheat?.Minutes ?? oven?.PreheatMinutes ?? UsualPreheatMinutes) * PreheatCurve.ShareTo(celsius), 1, 2 * LongestPreheatMinutes));

    /// <summary>Whether a floor of this size stands on a shelf, straight or turned by a quarter; true where nobody measured the oven.</summary>
    /// <param name="widthMm">One side, mm.</param>
    /// <param name="depthMm">The other, mm.</param>
    public bool Takes(double widthMm, double depthMm)
    {
        double acrossMm = (Width?.Millimetres() ?? double.PositiveInfinity) + NoRulerShowsMm;
        double deepMm = (Depth?.Millimetres() ?? double.PositiveInfinity) + NoRulerShowsMm;
        return (widthMm <= acrossMm && depthMm <= deepMm) || (depthMm <= acrossMm && widthMm <= deepMm);
    }
}
