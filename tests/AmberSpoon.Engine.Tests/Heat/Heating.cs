using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Heat.Pieces;
using AmberSpoon.Core.Heat.Solving;
using Xunit;

namespace AmberSpoon.Core.Tests.Heat;

/// <summary>Runs of the engine, stopped when the test is.</summary>
internal static class Heating
{
    public static HeatRun Solve(HeatQuestion question) => HeatSolver.Solve(question, TestContext.Current.CancellationToken);

    public static HeatRun Run(this PieceBake bake, GridLevel level = GridLevel.Quick) =>
        bake.Follow(level, TestContext.Current.CancellationToken);

    /// <summary>A piece of its cut's ordinary mass, or another, from the fridge in a still oven on a bare tray.</summary>
    public static PieceBake Bake(
        Cut cut, double ovenC = 204, double minutes = 60, double? massG = null, IReadOnlyList<OvenStep>? steps = null) => new(
        new PieceBody(cut, massG ?? CutTable.For(cut).ReferenceMassG),
        StartC: 4,
        new(OvenMode.Still, ovenC),
        new(),
        steps ?? [],
        minutes * 60);

    /// <summary>The chicken that is baked.</summary>
    public static PieceBody Chicken(this PieceBake bake) => (PieceBody)bake.Piece;

    public static double Minutes(this double? seconds) => seconds!.Value / 60;
}
