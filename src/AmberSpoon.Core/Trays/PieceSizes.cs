using AmberSpoon.Core.Units;

namespace AmberSpoon.Core.Trays;

/// <summary>How many pieces a lot has and what they weigh.</summary>
/// <param name="Basis">What is known.</param>
/// <param name="Count">How many; with <see cref="SizeBasis.EachPiece"/> as many as <paramref name="Each"/>.</param>
/// <param name="Mass">Of the pack or of one piece; null where the basis needs none.</param>
/// <param name="SpreadPercent">How much heavier than the mean the heaviest of a pack is, %; the lightest is as much lighter.</param>
/// <param name="Each">One mass per piece, or empty.</param>
public sealed record PieceSizes(SizeBasis Basis, int Count, EnteredMass? Mass, double SpreadPercent, IReadOnlyList<EnteredMass> Each)
{
    /// <summary>What was typed, as one mass per piece, g, heaviest first; empty for <see cref="SizeBasis.Height"/>.</summary>
    public IReadOnlyList<double> MassesG() => Basis switch
    {
        SizeBasis.Pack => Spread(Mass!.Grams() / Count),
        SizeBasis.Piece => [.. Enumerable.Repeat(Mass!.Grams(), Count)],
        SizeBasis.EachPiece => [.. Each.Select(mass => mass.Grams()).OrderDescending()],
        _ => [],
    };

    private double[] Spread(double meanG) =>
        [.. Enumerable.Range(0, Count).Select(i => meanG * (1 + (SpreadPercent / 100 * (Count == 1 ? 0 : 1 - (2.0 * i / (Count - 1))))))];
}
