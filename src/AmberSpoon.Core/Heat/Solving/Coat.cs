namespace AmberSpoon.Core.Heat.Solving;

/// <summary>What covers one side of a piece.</summary>
/// <param name="ResistanceM2KPerW">How much it holds heat back, m²·K/W.</param>
/// <param name="Wetness">How freely water leaves through it, against bare meat.</param>
/// <param name="FreeWaterKgPerM2">Water it brings, which leaves before the surface begins to dry, kg/m².</param>
/// <param name="Browning">How much faster than bare meat it browns.</param>
public sealed record Coat(double ResistanceM2KPerW, double Wetness, double FreeWaterKgPerM2, double Browning)
{
    public static Coat Bare { get; } = new(0, 1, 0, 1);

    /// <summary>
    /// How much of that resistance lies outside of where water evaporates, m²·K/W: crumb is dry and hot on its face while the meat under
    /// it still steams.
    /// </summary>
    public double OutsideM2KPerW { get; init; }

    /// <summary>One over the other: resistances and water add, the rest multiplies.</summary>
    public Coat Over(Coat inner) => new(
        ResistanceM2KPerW + inner.ResistanceM2KPerW,
        Wetness * inner.Wetness,
        FreeWaterKgPerM2 + inner.FreeWaterKgPerM2,
        Browning * inner.Browning)
    {
        OutsideM2KPerW = OutsideM2KPerW + inner.OutsideM2KPerW,
    };

    /// <summary>This on a share of the side, another on the rest.</summary>
    public Coat Mixed(Coat other, double share) => new(
        (share * ResistanceM2KPerW) + ((1 - share) * other.ResistanceM2KPerW),
        (share * Wetness) + ((1 - share) * other.Wetness),
        (share * FreeWaterKgPerM2) + ((1 - share) * other.FreeWaterKgPerM2),
        (share * Browning) + ((1 - share) * other.Browning))
    {
        OutsideM2KPerW = (share * OutsideM2KPerW) + ((1 - share) * other.OutsideM2KPerW),
    };
}
