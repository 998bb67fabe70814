using AmberSpoon.Core.Heat;
using AmberSpoon.Store;
using Microsoft.AspNetCore.Diagnostics;
using Microsoft.EntityFrameworkCore;

namespace AmberSpoon.Server.Problems;

/// <summary>Turns every failed request into RFC 9457 problem details that a cook can read.</summary>
internal sealed class ProblemHandler(IProblemDetailsService problems, KitchenCondition condition) : IExceptionHandler
{
    public ValueTask<bool> TryHandleAsync(HttpContext httpContext, Exception exception, CancellationToken cancellationToken)
    {
        ProblemException? known = exception switch
        {
            ProblemException problem => problem,
            BadHttpRequestException unread => UnreadableRequest.Explain(unread),
            _ when StoreTrouble.Behind(exception) is { } trouble => StoreProblem.Of(trouble),
            DbUpdateConcurrencyException => ProblemException.Conflict("version", "This was changed on another screen in the same moment. Look at it, then change it again."),
            _ when UnreadableRequest.IsHalfACharacter(exception) => UnreadableRequest.HalfACharacter(),
            HeatInputException unfit => ProblemException.InvalidField(unfit.Field, unfit.Message),
            _ => null,
        };
        if (known is null)
        {
            return ValueTask.FromResult(false);
        }

        if (StoreTrouble.Behind(exception) is { } failing)
        {
            condition.Failed(failing);
        }

        httpContext.Response.StatusCode = known.Status;
        var details = new HttpValidationProblemDetails(known.Fields.ToDictionary(field => field.Key, field => new[] { field.Value }))
        {
            Status = known.Status,
            Title = known.Message,
            Detail = string.Join(" ", known.Fields.Values.Distinct()),
        };
        foreach ((string key, object? value) in known.Extensions)
        {
            details.Extensions[key] = value;
        }

        return problems.TryWriteAsync(new() { HttpContext = httpContext, ProblemDetails = details, Exception = exception });
    }
}
