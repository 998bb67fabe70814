using AmberSpoon.Core.Heat;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Server.Problems;

namespace AmberSpoon.Server.Stations.Tray;

/// <summary>Why a plan that is stored cannot be worked out, in words for the cook, and what to do.</summary>
internal static class StoredTrouble
{
    /// <param name="failed">What came of it.</param>
    /// <returns>Null where it is no fault of what is stored.</returns>
    public static string? Of(Exception failed) => failed switch
    {
        ProblemException { Status: StatusCodes.Status400BadRequest } known => $"{known.Message} It is kept as it stands: change it on the Tray page, or undo the last change.",
        HeatInputException or LotNeverDoneException or ArgumentException or InvalidOperationException or NullReferenceException or KeyNotFoundException or IndexOutOfRangeException =>
            "This tray cannot be worked out as it is kept. Undo the last change, take off what is odd on it, or begin a new tray.",
        AggregateException several => several.Flatten().InnerExceptions.Select(Of).FirstOrDefault(sentence => sentence is not null),
        _ => null,
    };
}
