using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat.Pieces;

namespace AmberSpoon.Core.Trays;

/// <summary>The bounds of a plan: wide enough for any household tray, tight enough to catch a slip of the finger.</summary>
public static class TrayPlanLimits
{
    public const int LongestName = 60;
    public const int MostLots = 12;
    public const int MostPieces = 60;
    public const int MostSteps = 30;
    public const int MostVessels = 2;
    public const double MostSpreadPercent = 40;
    public const int LatestStepMinutes = 240;
    public const double MostWaterMl = 2000;

    /// <summary>A custom vessel's floor, mm.</summary>
    public const double SmallestVesselMm = 120;
    public const double LargestVesselMm = 600;

    /// <summary>The least and most of one vegetable, g.</summary>
    public const double LeastVegetableG = 20;
    public const double MostVegetableG = 4000;

    /// <summary>Vegetables may be heaped a little: this much more than lies side by side.</summary>
    public const double HeapedShare = 0.15;

    /// <summary>A deeper heap cooks from the outside in and stews (common practice: two or three deep in a dish).</summary>
    public const int MostLayers = 3;

    /// <summary>A slit breast tears when more than this share of it is filling; about a quarter fits (common practice).</summary>
    public const double MostFillingShare = 0.4;
    public const double UsualMostFillingShare = 0.25;

    /// <summary>Longer in the pan is cooking, not searing, min.</summary>
    public const double LongestSearMinutes = 12;
    public const double ShortestSearMinutes = 1;

    public const int LongestRestMinutes = 30;

    /// <summary>For those who hold breast in a gentle oven.</summary>
    public const double LowestOvenC = 60;

    /// <summary>Below this a filling warms too slowly to be safe, °C (usual caution).</summary>
    public const double LowestStuffedOvenC = 120;

    /// <summary>The oven when the food goes in: a cold kitchen's at least.</summary>
    public const double ColdestStartC = 5;

    /// <summary>Wholly under the grill no longer than this, min.</summary>
    public const int LongestGrillMinutes = 45;

    public const double HighestOvenC = 290;
    public const double LowestTargetC = 60;
    public const double HighestTargetC = 95;

    /// <summary>The longest time a middle may be kept at its goal, s: the longest that a safety rule asks, and as much again.</summary>
    public const int LongestHoldSeconds = 5400;

    /// <summary>Dinner may be planned this far ahead, days.</summary>
    public const int FurthestEatAtDays = 7;

    /// <summary>The lightest and heaviest piece of a cut, g: a fifth to four times the reference piece.</summary>
    public static (double LowG, double HighG) PieceMass(CutFacts facts) =>
        (facts.ReferenceMassG / 5, facts.ReferenceMassG * 4);

    /// <summary>
    /// The flattest and tallest a piece of this mass can lie, mm: pounded flat, or propped on its side.
    /// </summary>
    public static (double LowMm, double HighMm) Height(CutFacts facts, double pieceMassG)
    {
        double guessMm = PieceBody.GuessHeightMm(facts.Cut, pieceMassG);
        return (guessMm / 4, guessMm * 1.8);
    }
}
