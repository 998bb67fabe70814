namespace AmberSpoon.Core.Heat.Solving;

/// <summary>What covers one side of a piece.</summary>
/// <param name="ResistanceM2KPerW">How much it holds heat back, m²·K/W.</param>
/// <param name="Wetness">How freely water leaves through it, against bare meat.</param>
/// <param name="FreeWaterKgPerM2">Water it brings, which leaves before the surface begins to dry, kg/m².</param>
/// <param name="Browning">How much faster than bare meat it browns.</param>
public sealed record Coat(double ResistanceM2KPerW, double Wetness, double FreeWaterKgPerM2, double Browning)
{
    public static Coat Bare { get; } = new(0, 1, 0, 1);

    /// <summary>One over the other: resistances and water add, the rest multiplies.</summary>
    public Coat Over(Coat inner) => new(
        ResistanceM2KPerW + inner.ResistanceM2KPerW,
        Wetness * inner.Wetness,
        FreeWaterKgPerM2 + inner.FreeWaterKgPerM2,
        Browning * inner.Browning);
}
