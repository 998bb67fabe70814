namespace AmberSpoon.Core.Food;

/// <summary>
/// The size of one limb of one piece, as the ellipsoid that has its mass: half-axes in mm with
/// <paramref name="HalfHeightMm"/> standing on the tray.
/// </summary>
/// <param name="HalfLengthMm">Half the longest side, mm.</param>
/// <param name="HalfWidthMm">Half the width across, mm.</param>
/// <param name="HalfHeightMm">Half the height from the tray, mm.</param>
public sealed record PieceGeometry(double HalfLengthMm, double HalfWidthMm, double HalfHeightMm)
{
    /// <summary>Raw chicken, kg/m³ (Choi–Okos mixture at 5 °C gives 1050 to 1070).</summary>
    private const double DensityKgPerM3 = 1060;

    public double HeightMm => 2 * HalfHeightMm;

    public double VolumeMl => 4.0 / 3 * Math.PI * HalfLengthMm * HalfWidthMm * HalfHeightMm / 1000;

    /// <summary>The same shape, every side this many times as long.</summary>
    public PieceGeometry Scaled(double factor) =>
        new(HalfLengthMm * factor, HalfWidthMm * factor, HalfHeightMm * factor);

    /// <summary>Surface, cm², by Thomsen's approximation for ellipsoids (within 1.1 %, from memory).</summary>
    public double SurfaceCm2
    {
        get
        {
            const double p = 1.6075;
            double mean = (Math.Pow(HalfLengthMm * HalfWidthMm, p) + Math.Pow(HalfLengthMm * HalfHeightMm, p) + Math.Pow(HalfWidthMm * HalfHeightMm, p)) / 3;
            return 4 * Math.PI * Math.Pow(mean, 1 / p) / 100;
        }
    }

    /// <summary>
    /// Scales the cut's reference piece to this mass. All sides grow as mass^(1/3); a measured height overrides
    /// the guess, and the other two sides rescale together so that the mass holds.
    /// </summary>
    /// <param name="facts">The cut.</param>
    /// <param name="pieceMassG">Mass of one piece, g, more than 0.</param>
    /// <param name="measuredHeightMm">Height of the thickest piece on the tray, mm, or null to guess.</param>
    public static PieceGeometry Of(CutFacts facts, double pieceMassG, double? measuredHeightMm)
    {
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(pieceMassG);
        double guessedHeightMm = GuessHeightMm(facts, pieceMassG);
        double heightMm = measuredHeightMm ?? guessedHeightMm;
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(heightMm, nameof(measuredHeightMm));

        double limbVolumeMm3 = pieceMassG / facts.LimbCount / DensityKgPerM3 * 1e6;
        double planAreaMm2 = limbVolumeMm3 / (4.0 / 3 * Math.PI) / (heightMm / 2);
        double guessedHalfWidthMm = guessedHeightMm * facts.WidthToHeight / 2;
        double guessedPlanAreaMm2 = limbVolumeMm3 / (4.0 / 3 * Math.PI) / (guessedHeightMm / 2);
        double halfWidthMm = guessedHalfWidthMm * Math.Sqrt(planAreaMm2 / guessedPlanAreaMm2);
        return new(planAreaMm2 / halfWidthMm, halfWidthMm, heightMm / 2);
    }

    /// <summary>Height of a piece of this mass with the reference piece's proportions, mm.</summary>
    public static double GuessHeightMm(CutFacts facts, double pieceMassG) =>
        facts.ReferenceHeightMm * Math.Cbrt(pieceMassG / facts.ReferenceMassG);
}
