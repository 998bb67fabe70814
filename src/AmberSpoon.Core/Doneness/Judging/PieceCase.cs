using AmberSpoon.Core.Doneness.Safety;

namespace AmberSpoon.Core.Doneness.Judging;

/// <summary>What is known of one piece when its lot is judged.</summary>
/// <param name="Piece">Which of its lot's pieces, from 1.</param>
/// <param name="Name">As the cook sees it: "thigh 2, back left".</param>
/// <param name="Believed">Its believed readings that steer, in order of time (see <see cref="PlacementReview"/>).</param>
/// <param name="Doubt">What is doubtful about a later reading of it; null where nothing is.</param>
/// <param name="NeedsAnother">So few kitchens are so far by then that its readings must be borne out by one more.</param>
/// <param name="ExpectedC">What its coldest middle was planned to be by now, °C: the coldest of a lot is the slowest.</param>
/// <param name="LowestC">
/// The lowest its coldest middle can have got to by a moment, in all but a few kitchens, given every believed reading:
/// s in the bake's time → °C. It only ever asks for measurements.
/// </param>
public sealed record PieceCase(
    int Piece,
    string Name,
    IReadOnlyList<TimedReading> Believed,
    ReadingDoubt? Doubt,
    bool NeedsAnother,
    double ExpectedC,
    Func<double, double> LowestC)
{
    /// <summary>All that a hold must be seen through: also what was asked about and not answered.</summary>
    public IReadOnlyList<TimedReading> Seen { get; init; } = Believed;

    /// <summary>Two readings of it differ, and the colder steers until a third decides.</summary>
    public bool IsDisputed { get; init; }

    /// <summary>It came off the tray while others of its lot stayed: nothing that is measured on those speaks for it.</summary>
    public bool IsOffAlone { get; init; }

    public bool IsMeasured => Believed.Count > 0;

    /// <summary>What it is like now, as far as it was measured.</summary>
    public TimedReading Last => Believed[^1];
}

/// <summary>A reading that is not believed as it stands.</summary>
/// <param name="Kind">What is doubtful.</param>
/// <param name="Reading">The reading.</param>
/// <param name="Sentence">The question, as the cook is asked.</param>
public sealed record ReadingDoubt(DoubtKind Kind, TimedReading Reading, string Sentence);

/// <summary>What is doubtful about a reading.</summary>
public enum DoubtKind
{
    /// <summary>It fits far better in the other unit.</summary>
    Unit,

    /// <summary>Hotter than this piece's middle can be: tip in air, in fat, on the tray.</summary>
    TooHot,

    /// <summary>Colder than this piece's middle can be: tip on bone, another piece, a thermometer that had not settled.</summary>
    TooCold,
}
