using System.Numerics;
using AmberSpoon.Core.Heat.Vectors;

namespace AmberSpoon.Core.Trays.Layout;

/// <summary>
/// The cells of a <see cref="TrayGrid"/> that are tried for the middle of a piece: every one, or every other of every other row. Values
/// per place are kept a row at a time, with rows padded to whole vectors.
/// </summary>
/// <param name="Floor">The floor.</param>
/// <param name="Every">From one tried cell to the next.</param>
internal sealed record PlaceLattice(TrayGrid Floor, int Every)
{
    public int Columns { get; } = (Floor.Columns - (Every / 2) + Every - 1) / Every;

    public int Rows { get; } = (Floor.Rows - (Every / 2) + Every - 1) / Every;

    /// <summary>From a row's first value to the next one's.</summary>
    public int Stride => Lanes.Padded(Columns);

    /// <summary>The cell's column or row on the floor.</summary>
    public int CellOf(int place) => (Every / 2) + (Every * place);

    /// <summary>Columns of several places side by side, as a vector.</summary>
    public Vector<double> CellsFrom(int column) => Vector.CreateSequence((double)CellOf(column), Every);
}
