using FluentValidation;
using FluentValidation.Results;

namespace AmberSpoon.Server.Problems;

internal static class Validation
{
    /// <summary>Checks the body of an endpoint before anything is looked up for it.</summary>
    public static RouteHandlerBuilder Checked<T>(this RouteHandlerBuilder endpoint) => endpoint.AddEndpointFilter((call, next) =>
    {
        call.HttpContext.RequestServices.GetRequiredService<IValidator<T>>().Require(call.Arguments.OfType<T>().Single());
        return next(call);
    });

    /// <summary>Throws a 400 with one sentence per field, the first that was found for each.</summary>
    public static void Require<T>(this IValidator<T> validator, T request)
    {
        ValidationResult result = validator.Validate(request);
        if (!result.IsValid)
        {
            var fields = result.Errors.DistinctBy(error => error.PropertyName).ToDictionary(error => error.PropertyName, error => error.ErrorMessage);
            throw new ProblemException(StatusCodes.Status400BadRequest, "Some of this needs another look.", fields);
        }
    }
}
