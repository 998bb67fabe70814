namespace AmberSpoon.Core.Heat.Materials;

/// <summary>Constant + linear × T + square × T², T in °C.</summary>
internal readonly record struct Quadratic(double Constant, double Linear, double Square)
{
    public double At(double celsius) => Constant + (celsius * (Linear + (celsius * Square)));

    /// <summary>The integral from 0 °C.</summary>
    public double Integral(double celsius) =>
        celsius * (Constant + (celsius * ((Linear / 2) + (celsius * Square / 3))));

    /// <summary>The parabola through a function's values at three temperatures, °C.</summary>
    public static Quadratic Through(Func<double, double> value, double a, double b, double c)
    {
        double first = (value(b) - value(a)) / (b - a);
        double second = (((value(c) - value(a)) / (c - a)) - first) / (c - b);
        return new(value(a) - (a * first) + (a * b * second), first - ((a + b) * second), second);
    }
}
