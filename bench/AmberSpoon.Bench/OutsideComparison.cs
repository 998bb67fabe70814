using System.Diagnostics;
using AmberSpoon.Core.Heat;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Heat.Materials;
using AmberSpoon.Core.Heat.Shapes;
using AmberSpoon.Core.Heat.Solving;

namespace AmberSpoon.Bench;

/// <summary>Our side of bench/outside: the ellipsoid that finite elements solve too, timed warm.</summary>
internal static class OutsideComparison
{
    private const int Runs = 60;

    private static readonly double[] CoreAtS = [600, 1200, 1800, 2400];

    public static void Print()
    {
        foreach (double cellMm in new[] { 4.0, 3.0, 2.5, 2.0 })
        {
            HeatBody body = HeatBody.Of(
                TextbookSolids.Ellipsoid(0.06, 0.042, 0.019), ThermalMaterial.Constant(0.48, 1060, 3500), cellMm / 1000);
            HeatRun run = Solve(body);
            double[] milliseconds = new double[Runs];
            for (int n = 0; n < Runs; n++)
            {
                long began = Stopwatch.GetTimestamp();
                run = Solve(body);
                milliseconds[n] = Stopwatch.GetElapsedTime(began).TotalMilliseconds;
            }

            Array.Sort(milliseconds);
            string cores = string.Concat(CoreAtS.Select(s => FormattableString.Invariant($" {run.At(s).CoreC,6:0.00}")));
            Console.WriteLine(FormattableString.Invariant(
                $"{$"our engine, cells of {cellMm} mm",-46} {body.Cells,6} cells {cores} C {milliseconds[Runs / 2] / 1000,9:0.0000} s"));
        }
    }

    private static HeatRun Solve(HeatBody body) => HeatSolver.Solve(new(
        body, 5, new SteadyStages((2400, FaceClimate.Uniform(180, 25))), StepControl.Normal)
    { SampleAtS = CoreAtS });
}
