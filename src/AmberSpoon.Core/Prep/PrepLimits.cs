namespace AmberSpoon.Core.Prep;

/// <summary>The bounds of what a cook may decide at the counter.</summary>
public static class PrepLimits
{
    public const double MostServeG = 500;
    public const int MostHeads = 30;
    public const double LeastPortionG = 30;
    public const double MostPortionG = 600;
    public const int MostPacks = 12;
    public const double LeastPackG = 20;
    public const double MostPackG = 10_000;
    public const int MostPieces = 60;
    public const decimal MostPrice = 10_000;
    public const double LeastBirdG = 600;
    public const double MostBirdG = 4000;
    public const int MostTicks = 100;
}
