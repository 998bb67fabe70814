namespace AmberSpoon.Core.Tests;

/// <summary>Draws for made-up households.</summary>
internal static class Draws
{
    public static double Normal(Random random) => Math.Sqrt(-2 * Math.Log(1 - random.NextDouble())) * Math.Cos(2 * Math.PI * random.NextDouble());
}
