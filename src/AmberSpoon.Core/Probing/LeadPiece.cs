using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Layout;

namespace AmberSpoon.Core.Probing;

/// <summary>The piece that decides when a tray is done. Its times count from when its lot goes in.</summary>
/// <param name="Setting">As planned.</param>
/// <param name="TargetC">Where its coldest meat should get to, °C.</param>
/// <param name="InAtS">When its lot goes in, s since the first food.</param>
public sealed record LeadPiece(PieceSetting Setting, double TargetC, double InAtS)
{
    /// <summary>Of a plan with chicken.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="lead">The lot that decides; where it is unknown, the first.</param>
    public static LeadPiece Of(TrayPlan plan, int lead)
    {
        ChickenLot lot = plan.Chicken.FirstOrDefault(chicken => chicken.Id == lead) ?? plan.Chicken[0];
        return new(
            new LotSettings(plan, TrayArranger.Arrange(plan)).Of(lot), plan.TargetCore.ToTemperature().Celsius, 60 * lot.AddAtMinutes);
    }
}
