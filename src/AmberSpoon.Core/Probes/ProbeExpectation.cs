namespace AmberSpoon.Core.Probes;

/// <summary>What a tip in the middle of its piece should show, by all that is believed of the kitchen.</summary>
/// <param name="ColdC">Colder in one kitchen of a hundred, °C.</param>
/// <param name="HotC">Hotter in one of a thousand, °C.</param>
/// <param name="RisePerMinuteC">How fast the middle rises, °C a minute.</param>
/// <param name="OvenC">What the dial says, °C; null where the tray is out.</param>
/// <param name="IsBoneIn">There is a bone for the tip to touch.</param>
public sealed record ProbeExpectation(double ColdC, double HotC, double RisePerMinuteC, double? OvenC, bool IsBoneIn);
