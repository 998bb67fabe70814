using AmberSpoon.Store;

namespace AmberSpoon.Server.Problems;

/// <summary>Tells a cook that the household's file cannot be used, and whether trying again may help.</summary>
internal static class StoreProblem
{
    public static ProblemException Of(StoreTrouble trouble) => new(
        trouble.Kind == StoreTroubleKind.Full ? StatusCodes.Status507InsufficientStorage : StatusCodes.Status503ServiceUnavailable,
        trouble.Sentence,
        new Dictionary<string, string> { ["store"] = trouble.Sentence });
}
