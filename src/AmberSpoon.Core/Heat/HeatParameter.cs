namespace AmberSpoon.Core.Heat;

/// <summary>A physical number that the models share, with all that a doubter would ask about it.</summary>
/// <param name="Name">What it is, in words.</param>
/// <param name="Value">In <paramref name="Unit"/>.</param>
/// <param name="Unit">SI unit; "1" for a bare ratio.</param>
/// <param name="Low">Low end of what is plausible.</param>
/// <param name="High">High end of what is plausible.</param>
/// <param name="Source">A published source, "common practice", or what it was calibrated against.</param>
public sealed record HeatParameter(string Name, double Value, string Unit, double Low, double High, string Source);
