using MathNet.Numerics;
using MathNet.Numerics.RootFinding;

namespace AmberSpoon.Core.Tests.Heat;

/// <summary>
/// Exact temperature at the middle of a slab, long cylinder or sphere with a convective surface, as a series over the
/// roots of the eigenvalue equation. Source: Incropera and DeWitt, Fundamentals of Heat and Mass Transfer, chapter 5;
/// Bessel functions and root finding from MathNet.Numerics.
/// </summary>
internal sealed record SeriesSolution(int Exponent, double Biot)
{
    private const int Terms = 12;

    /// <summary>(T − surroundings) / (start − surroundings) at the middle, at this Fourier number.</summary>
    public double Middle(double fourier) =>
        Roots().Take(Terms).Sum(root => Coefficient(root) * Math.Exp(-root * root * fourier));

    public double FirstRoot => Roots().First();

    public double FirstCoefficient => Coefficient(FirstRoot);

    private IEnumerable<double> Roots()
    {
        const double step = 0.01;
        double previous = Equation(1e-9);
        for (double x = step; ; x += step)
        {
            double here = Equation(x);
            if (Math.Sign(here) != Math.Sign(previous))
            {
                yield return Brent.FindRoot(Equation, Math.Max(1e-9, x - step), x, 1e-12);
            }

            previous = here;
        }
    }

    /// <summary>Without poles, so that every change of sign is a root.</summary>
    private double Equation(double root) => Exponent switch
    {
        0 => (root * Math.Sin(root)) - (Biot * Math.Cos(root)),
        1 => (root * SpecialFunctions.BesselJ(1, root)) - (Biot * SpecialFunctions.BesselJ(0, root)),
        _ => Math.Sin(root) - (root * Math.Cos(root)) - (Biot * Math.Sin(root)),
    };

    private double Coefficient(double root) => Exponent switch
    {
        0 => 4 * Math.Sin(root) / ((2 * root) + Math.Sin(2 * root)),
        1 => 2 / root * SpecialFunctions.BesselJ(1, root)
            / (Math.Pow(SpecialFunctions.BesselJ(0, root), 2) + Math.Pow(SpecialFunctions.BesselJ(1, root), 2)),
        _ => 4 * (Math.Sin(root) - (root * Math.Cos(root))) / ((2 * root) - Math.Sin(2 * root)),
    };
}
