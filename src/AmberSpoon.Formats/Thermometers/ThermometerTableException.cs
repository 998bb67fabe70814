namespace AmberSpoon.Formats.Thermometers;

/// <summary>Says what is wrong with an export, in a sentence.</summary>
public sealed class ThermometerTableException(string message) : Exception(message);
