namespace AmberSpoon.Core.Heat;

/// <summary>Something that was asked of the heat engine cannot be; says which field and why, in a cook's words.</summary>
/// <param name="field">Path of the field, such as "shape.semiAxesMm".</param>
/// <param name="message">One sentence.</param>
public sealed class HeatInputException(string field, string message) : ArgumentException(message)
{
    public string Field { get; } = field;

    /// <exception cref="HeatInputException">Outside the range, or not a number.</exception>
    public static void RequireWithin(string field, double value, double low, double high)
    {
        if (!(value >= low && value <= high))
        {
            throw new HeatInputException(field, FormattableString.Invariant($"Choose a number from {low:0.####} to {high:0.####}."));
        }
    }
}
