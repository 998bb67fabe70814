namespace AmberSpoon.Core.Heat.Climate;

/// <summary>
/// The inside of a household oven as far as it decides what a vessel sees from its shelf: heights, and the views between
/// parallel rectangles (the closed form for two aligned equal rectangles, as heat transfer textbooks have it; from memory).
/// </summary>
public static class OvenGeometry
{
    /// <summary>Floor to roof, mm (common practice: a built-in oven of 60 cm).</summary>
    private const double CavityMm = 330;

    /// <summary>A sheet, and the floor under it, mm.</summary>
    private const double WidthMm = 440;
    private const double DepthMm = 310;

    /// <summary>The grill's element, mm a side.</summary>
    private const double ElementMm = 300;

    /// <summary>Food stands so far above its shelf, mm.</summary>
    private const double FoodMm = 35;

    /// <summary>A vessel alone in the oven.</summary>
    public static ShelfPlace Alone(OvenShelf shelf, OvenMode mode) => new(
        ShadeAbove: 0,
        ShadeBelow: 0,
        FloorView: Parallel(WidthMm, DepthMm, HeightMm(shelf)) / Parallel(WidthMm, DepthMm, HeightMm(OvenShelf.Middle)),
        GrillViewFrom(shelf),
        AirShare: 1,
        Stratified(shelf, mode));

    /// <summary>A vessel with another on a shelf of its own.</summary>
    /// <exception cref="ArgumentException">Both on one shelf.</exception>
    public static ShelfPlace Beside(OvenShelf shelf, OvenShelf other, OvenMode mode)
    {
        if (shelf == other)
        {
            throw new ArgumentException("Two vessels do not fit on one shelf.", nameof(other));
        }

        ShelfPlace alone = Alone(shelf, mode);
        double apartMm = Math.Abs(HeightMm(shelf) - HeightMm(other));
        bool isAbove = HeightMm(shelf) > HeightMm(other);
        return alone with
        {
            // From the food of the lower to the underside of the upper, or back.
            ShadeAbove = isAbove ? 0 : Parallel(WidthMm, DepthMm, apartMm - FoodMm),
            ShadeBelow = isAbove ? Parallel(WidthMm, DepthMm, apartMm - FoodMm) : 0,
            FloorView = isAbove ? alone.FloorView * (1 - Parallel(WidthMm, DepthMm, apartMm - FoodMm)) : alone.FloorView,
            GrillView = isAbove ? alone.GrillView : 0,
            AirShare = (mode == OvenMode.Fan ? HeatParameters.TwoTraysFanAir : HeatParameters.TwoTraysAir).Value,
        };
    }

    /// <summary>Share of the top's view that the element fills from a shelf.</summary>
    internal static double GrillViewFrom(OvenShelf shelf) =>
        HeatParameters.GrillView.Value * ElementView(shelf) / ElementView(OvenShelf.TopThird);

    /// <summary>
    /// Share of what leaves a rectangle that meets an equal one right above it.
    /// </summary>
    /// <param name="widthMm">One side, mm.</param>
    /// <param name="depthMm">The other, mm.</param>
    /// <param name="apartMm">Between them, mm.</param>
    public static double Parallel(double widthMm, double depthMm, double apartMm)
    {
        double x = widthMm / apartMm;
        double y = depthMm / apartMm;
        double x1 = Math.Sqrt(1 + (x * x));
        double y1 = Math.Sqrt(1 + (y * y));
        return 2 / (Math.PI * x * y)
            * (Math.Log(x1 * y1 / Math.Sqrt(1 + (x * x) + (y * y)))
                + (x * y1 * Math.Atan(x / y1))
                + (y * x1 * Math.Atan(y / x1))
                - (x * Math.Atan(x))
                - (y * Math.Atan(y)));
    }

    private static double ElementView(OvenShelf shelf) => Parallel(ElementMm, ElementMm, CavityMm - HeightMm(shelf) - FoodMm);

    private static double HeightMm(OvenShelf shelf) => shelf switch { OvenShelf.TopThird => 210, OvenShelf.Middle => 140, _ => 60 };

    /// <summary>Hot air rises where no fan stirs it.</summary>
    private static double Stratified(OvenShelf shelf, OvenMode mode) => mode == OvenMode.Fan
        ? 0
        : shelf switch { OvenShelf.TopThird => 1, OvenShelf.Middle => 0, _ => -1 } * HeatParameters.Stratification.Value;
}
