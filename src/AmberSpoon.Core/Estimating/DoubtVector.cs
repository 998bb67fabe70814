namespace AmberSpoon.Core.Estimating;

/// <summary>How far a kitchen lies from the likeliest in each doubt that one piece feels, in standard deviations.</summary>
/// <param name="Offset">Oven, shared by all lots.</param>
/// <param name="Exchange">Oven, shared by all lots.</param>
/// <param name="Evaporation">Oven, shared by all lots.</param>
/// <param name="Size">Of the piece: its lot's doubt and its own together.</param>
/// <param name="Start">Of its lot.</param>
internal readonly record struct DoubtVector(double Offset, double Exchange, double Evaporation, double Size, double Start)
{
    public const int Count = 5;

    public double this[int doubt] => doubt switch { 0 => Offset, 1 => Exchange, 2 => Evaporation, 3 => Size, _ => Start };

    /// <summary>One doubt alone.</summary>
    public static DoubtVector Only(int doubt, double z) => new(
        doubt == 0 ? z : 0, doubt == 1 ? z : 0, doubt == 2 ? z : 0, doubt == 3 ? z : 0, doubt == 4 ? z : 0);
}
