using AmberSpoon.Core.Heat.Textbook;

namespace AmberSpoon.Server.Stations.Why;

/// <summary>Cases with a published answer, ready to be sent to the bare solver.</summary>
public sealed record TextbookView(IReadOnlyList<TextbookCase> Cases)
{
    private const double ConductivityWPerMK = 0.48;
    private const double DensityKgPerM3 = 1060;
    private const double SpecificHeatJPerKgK = 3500;
    private const double RadiusMm = 20;
    private const double StartC = 5;
    private const double AirC = 180;
    private const string TableSource = "Incropera and DeWitt, Fundamentals of Heat and Mass Transfer, table 5.1 (from memory)";

    /// <summary>Fourier number 1, min.</summary>
    private static readonly double MinutesPerFourier =
        Math.Pow(RadiusMm / 1000, 2) * DensityKgPerM3 * SpecificHeatJPerKgK / ConductivityWPerMK / 60;

    public static TextbookView All { get; } = new([.. OneTermSolution.Table.Select(OneTerm), Brick(1), Ellipsoid()]);

    private static TextbookCase OneTerm(OneTermSolution solution)
    {
        ShapeRequest shape = solution.Shape switch
        {
            TextbookShape.Slab => new(SolidKind.Slab, ThicknessMm: 2 * RadiusMm),
            TextbookShape.Cylinder => new(SolidKind.Cylinder, RadiusMm: RadiusMm),
            _ => new(SolidKind.Sphere, RadiusMm: RadiusMm),
        };
        string name = solution.Shape switch
        {
            TextbookShape.Slab => "Slab, 40 mm thick",
            TextbookShape.Cylinder => "Rod, 40 mm across",
            _ => "Ball, 40 mm across",
        };
        return Make(name, shape, solution.Biot, solution.Left, TableSource);
    }

    /// <summary>Three slabs crossed: their remaining differences multiply.</summary>
    private static TextbookCase Brick(double biot)
    {
        OneTermSolution slab = OneTermSolution.Table.Single(row => row.Shape == TextbookShape.Slab && row.Biot == biot);
        return Make(
            "Cube, 40 mm each way",
            new(SolidKind.Brick, SidesMm: [2 * RadiusMm, 2 * RadiusMm, 2 * RadiusMm]),
            biot,
            fourier => Math.Pow(slab.Left(fourier), 3),
            $"{TableSource}, product solution");
    }

    private static TextbookCase Make(string name, ShapeRequest shape, double biot, Func<double, double> left, string source)
    {
        // Late enough for one term of the series to be all that counts, early enough for the middle to be still warming.
        double slower = biot < 1 ? 4 : 1;
        double[] minutes = [.. FourierNumbers(shape.Kind).Select(fourier => Math.Round(fourier * slower * MinutesPerFourier, 2))];
        return new(
            name,
            $"Bi {biot:0.#}",
            Request(shape, biot * ConductivityWPerMK / (RadiusMm / 1000), minutes),
            [.. minutes.Select(minute => Math.Round(AirC + ((StartC - AirC) * left(minute / MinutesPerFourier)), 2))],
            0.3,
            source);
    }

    private static double[] FourierNumbers(SolidKind? kind) => kind switch
    {
        SolidKind.Slab or SolidKind.Brick => [0.6, 0.9, 1.3],
        SolidKind.Cylinder => [0.4, 0.6, 0.9],
        _ => [0.35, 0.5, 0.7],
    };

    private static TextbookCase Ellipsoid() => new(
        "Ellipsoid, 120 × 84 × 38 mm",
        "25 W/m²K",
        Request(new(SolidKind.Ellipsoid, SemiAxesMm: [60, 42, 19]), 25, [10, 20, 30, 40]),
        [17.4, 47.2, 75.7, 99.7],
        0.5,
        "FreeFEM 4.11, linear tetrahedra, 11 600 nodes, 10 s steps; itself good to 0.4 °C");

    private static SolveRequest Request(ShapeRequest shape, double convection, IReadOnlyList<double> minutes) => new(
        shape,
        Bone: null,
        new(ConductivityWPerMK, DensityKgPerM3, SpecificHeatJPerKgK),
        StartC,
        [new(minutes[^1], AirC, Math.Round(convection, 3), 0, 0)],
        CellMm: null,
        [.. minutes.Select(minute => (double?)minute)]);
}

/// <param name="Name">The body.</param>
/// <param name="Setting">How strongly it is heated.</param>
/// <param name="Request">What to ask the bare solver.</param>
/// <param name="PublishedCoreC">The published middle at each time asked for, °C.</param>
/// <param name="ToleranceC">How close we promise to come, °C.</param>
/// <param name="Source">Who published it.</param>
public sealed record TextbookCase(
    string Name,
    string Setting,
    SolveRequest Request,
    IReadOnlyList<double> PublishedCoreC,
    double ToleranceC,
    string Source);
