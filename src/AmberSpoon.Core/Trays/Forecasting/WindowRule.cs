using AmberSpoon.Core.Food;

namespace AmberSpoon.Core.Trays.Forecasting;

/// <summary>How far a cut may go, by the temperature of its coldest meat (common practice): lean breast forgives nothing, dark meat a lot.</summary>
/// <param name="BestFromC">As good as it gets from here, °C.</param>
/// <param name="BestUntilC">Until here, °C.</param>
/// <param name="PastC">Past once it has been this hot, °C, …</param>
/// <param name="PastAfterS">… for so long, s.</param>
public sealed record WindowRule(double BestFromC, double BestUntilC, double PastC, double PastAfterS)
{
    /// <summary>Lean meat that has lost more than this share of its mass is dry, whatever its middle says.</summary>
    public const double DryShare = 0.38;

    private static readonly WindowRule Lean = new(74, 76, 82, 0);
    private static readonly WindowRule LeanOnBone = new(74, 80, 88, 0);
    private static readonly WindowRule Dark = new(77, 90, 97, 600);
    private static readonly WindowRule DarkOnBone = new(80, 95, 97, 1050);

    public static WindowRule For(Cut cut) => cut switch
    {
        Cut.BoneInBreast => LeanOnBone,
        Cut.BonelessThigh or Cut.ThighSkewer => Dark,
        _ => CutTable.For(cut).IsDark ? DarkOnBone : Lean,
    };
}
