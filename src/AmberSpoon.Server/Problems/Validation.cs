using FluentValidation;
using FluentValidation.Results;

namespace AmberSpoon.Server.Problems;

internal static class Validation
{
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
