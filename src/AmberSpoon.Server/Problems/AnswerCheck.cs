using System.Text.Json;
using Microsoft.AspNetCore.Http.Json;
using Microsoft.Extensions.Options;

namespace AmberSpoon.Server.Problems;

/// <summary>
/// Nothing is stored from which the next answer cannot be sent. Rules keep what cannot be computed out one by one; this is the
/// net below them.
/// </summary>
internal sealed class AnswerCheck(IOptions<JsonOptions> json)
{
    /// <param name="answer">What will be answered from what is to be stored.</param>
    /// <param name="field">What the cook is asked to look at where it cannot be.</param>
    /// <exception cref="ProblemException">400.</exception>
    public T Require<T>(T answer, string field)
    {
        try
        {
            JsonSerializer.Serialize(Stream.Null, answer, json.Value.SerializerOptions);
            return answer;
        }
        catch (Exception unsendable) when (unsendable is ArgumentException or JsonException or NotSupportedException)
        {
            throw ProblemException.InvalidField(field, "These together cannot be computed. Check masses, sizes and temperatures.");
        }
    }
}
