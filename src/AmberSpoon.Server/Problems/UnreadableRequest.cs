using System.Text.Json;

namespace AmberSpoon.Server.Problems;

/// <summary>Says which field of a request could not be read, and what would have been right.</summary>
internal static class UnreadableRequest
{
    /// <summary>Half of a surrogate pair, written as an escape: the reader of JSON has no exception of its own for it.</summary>
    public static bool IsHalfACharacter(Exception failed) =>
        failed is InvalidOperationException { Source: "System.Text.Json" } && failed.Message.Contains("surrogate", StringComparison.OrdinalIgnoreCase);

    public static ProblemException HalfACharacter() =>
        ProblemException.InvalidField("body", "Some of this text holds a character that cannot be read: delete it, or type it again.");

    public static ProblemException Explain(BadHttpRequestException unread)
    {
        if (unread.StatusCode != StatusCodes.Status400BadRequest)
        {
            return new(unread.StatusCode, "The request is too large or of the wrong kind.", new Dictionary<string, string>());
        }

        if (unread.InnerException is JsonException { Path: { Length: > 2 } path } unfit && path.StartsWith("$.", StringComparison.Ordinal))
        {
            return ProblemException.InvalidField(path[2..], SentenceFor($"{unfit.Message} {unfit.InnerException?.Message}"));
        }

        return ProblemException.InvalidField("body", "This could not be read: send the whole form as JSON.");
    }

    /// <summary>A body that was cut off before anything read it gets its sentence here.</summary>
    public static void ExplainSize(ProblemDetailsContext context)
    {
        if (context.ProblemDetails.Status == StatusCodes.Status413PayloadTooLarge)
        {
            context.ProblemDetails.Title = "That is too large to be read. A recipe is 4 MB at most: save the page without pictures, or paste its words.";
        }
    }

    private static string SentenceFor(string message)
    {
        if (message.Contains("Int32", StringComparison.Ordinal))
        {
            return "Write a whole number, such as 6.";
        }

        if (message.Contains("Double", StringComparison.Ordinal) || message.Contains("as a number", StringComparison.Ordinal))
        {
            return "Write a number, such as 900.";
        }

        return message.Contains("DateTimeOffset", StringComparison.Ordinal)
            ? "Write a time, such as 18:30."
            : "That is not one of the choices.";
    }
}
