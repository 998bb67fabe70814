using AmberSpoon.Core.Doneness;
using AmberSpoon.Core.Units;
using AmberSpoon.Server.Problems;

namespace AmberSpoon.Server.Stations.Oven;

/// <summary>Turns a check as it arrives into readings, or says which of them cannot be right.</summary>
internal static class CheckReader
{
    public const int LongestNote = 500;

    /// <exception cref="ProblemException">400 with the field; 422 with a question when a unit looks wrong.</exception>
    public static IReadOnlyList<Reading> Read(CheckRequest request, int pieceCount)
    {
        // JSON may hold a null where a reading should be; it counts as one with nothing filled in.
        IReadOnlyList<ReadingRequest> typed = [.. (request.Readings ?? []).Select(reading => reading ?? new())];
        var wrong = new Dictionary<string, string>();
        if (typed.Count == 0 && string.IsNullOrWhiteSpace(request.Note))
        {
            wrong["readings"] = "Enter a reading for at least one piece.";
        }

        if (typed.Count > pieceCount)
        {
            wrong["readings"] = $"There are {pieceCount} pieces on the tray and {typed.Count} readings.";
        }

        if (request.Note?.Length > LongestNote)
        {
            wrong["note"] = $"Keep the note under {LongestNote} letters.";
        }

        for (int i = 0; i < typed.Count && wrong.Count == 0; i++)
        {
            foreach ((string field, string sentence) in Faults(typed[i], pieceCount))
            {
                wrong.TryAdd($"readings[{i}].{field}", sentence);
            }
        }

        if (wrong.Count == 0 && typed.DistinctBy(reading => reading.Piece).Count() < typed.Count)
        {
            wrong["readings"] = "One reading for each piece: two of these are for the same one.";
        }

        if (wrong.Count > 0)
        {
            throw new ProblemException(StatusCodes.Status400BadRequest, "Some of this needs another look.", wrong);
        }

        AskAboutUnits(typed);
        return [.. typed.Select(reading => new Reading(reading.Piece!.Value, Entered(reading), reading.HeldSeconds ?? 0))];
    }

    private static IEnumerable<(string Field, string Sentence)> Faults(ReadingRequest reading, int pieceCount)
    {
        if (reading.Piece is not { } piece || piece < 1 || piece > pieceCount)
        {
            yield return ("piece", $"Pieces are numbered 1 to {pieceCount}.");
        }

        if (reading.Value is not { } value || !double.IsFinite(value) || reading.Unit is not { } unit || !Enum.IsDefined(unit))
        {
            yield return ("value", "Write what the thermometer shows, such as 74.");
        }
        else if (Temperature.From(value, unit).Celsius is < ReadingLimits.LowestC or > ReadingLimits.HighestC)
        {
            yield return ("value",
                $"A kitchen thermometer shows {new Temperature(ReadingLimits.LowestC).Say(unit)} to {new Temperature(ReadingLimits.HighestC).Say(unit)}. Read it again.");
        }

        if (reading.HeldSeconds is < 0 or > ReadingLimits.LongestHoldSeconds)
        {
            yield return ("heldSeconds", "Between 0 seconds and an hour.");
        }
    }

    private static void AskAboutUnits(IReadOnlyList<ReadingRequest> typed)
    {
        var questions = new Dictionary<string, string>();
        for (int i = 0; i < typed.Count; i++)
        {
            if (typed[i].UnitConfirmed != true && UnitQuestion.For(Entered(typed[i])) is { } question)
            {
                questions[$"readings[{i}].value"] = $"Did you mean {Say(question.AsTyped)} or {Say(question.Otherwise)}?";
            }
        }

        if (questions.Count > 0)
        {
            throw new ProblemException(
                StatusCodes.Status422UnprocessableEntity,
                "Which unit was that?",
                questions,
                new Dictionary<string, object?> { ["asks"] = "unit" });
        }
    }

    private static EnteredTemperature Entered(ReadingRequest reading) => new(reading.Value!.Value, reading.Unit!.Value);

    private static string Say(EnteredTemperature entered) => $"{entered.Value:0.#} {(entered.Unit == TemperatureUnit.Celsius ? "°C" : "°F")}";
}
