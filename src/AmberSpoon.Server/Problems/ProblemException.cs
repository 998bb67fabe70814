namespace AmberSpoon.Server.Problems;

/// <summary>
/// A request that cannot be done, with what to tell the cook. Thrown anywhere below an endpoint and turned into
/// RFC 9457 problem details by <see cref="ProblemHandler"/>; nothing has been stored by then.
/// </summary>
public sealed class ProblemException(
    int status,
    string title,
    IReadOnlyDictionary<string, string> fields,
    IReadOnlyDictionary<string, object?>? extensions = null) : Exception(title)
{
    public int Status { get; } = status;

    /// <summary>One sentence per field, keyed by its JSON path ("mass.value").</summary>
    public IReadOnlyDictionary<string, string> Fields { get; } = fields;

    public IReadOnlyDictionary<string, object?> Extensions { get; } = extensions ?? new Dictionary<string, object?>();

    public static ProblemException InvalidField(string field, string sentence, IReadOnlyDictionary<string, object?>? extensions = null) =>
        new(StatusCodes.Status400BadRequest, sentence, new Dictionary<string, string> { [field] = sentence }, extensions);

    public static ProblemException Conflict(string field, string sentence) =>
        new(StatusCodes.Status409Conflict, sentence, new Dictionary<string, string> { [field] = sentence });

    public static ProblemException NotFound(string sentence) =>
        new(StatusCodes.Status404NotFound, sentence, new Dictionary<string, string>());
}
