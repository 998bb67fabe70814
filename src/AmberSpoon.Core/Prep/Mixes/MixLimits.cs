namespace AmberSpoon.Core.Prep.Mixes;

/// <summary>The bounds of a mix a cook may write.</summary>
public static class MixLimits
{
    public const int LongestName = 60;
    public const int LongestMethod = 600;
    public const int MostParts = 30;

    /// <summary>Less of an ingredient, in whatever unit, is a slip of the finger.</summary>
    public const double LeastOfAPart = 0.001;

    /// <summary>Most of one ingredient, g or ml, per kilogram of meat: as much as the meat itself.</summary>
    public const double MostPerKilogram = 1000;

    /// <summary>A recipe is for this much meat at least and at most, g.</summary>
    public const double LeastForMassG = 50;
    public const double MostForMassG = 10_000;

    /// <summary>Most of one ingredient, g or ml, per dm²: a layer of a centimetre.</summary>
    public const double MostPerSquareDecimetre = 100;
}
