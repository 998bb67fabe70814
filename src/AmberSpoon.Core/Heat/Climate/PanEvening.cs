using AmberSpoon.Core.Heat.Meshing;

namespace AmberSpoon.Core.Heat.Climate;

/// <summary>A piece in a hot pan, one side and then the other; its rim and the side that is up meet kitchen air.</summary>
internal sealed class PanEvening(PanSear sear) : Surroundings
{
    private double HalfS => 60 * sear.Minutes / 2;

    public override double EndS => 60 * sear.Minutes;

    public override double NextChangeS(double timeS) => timeS < HalfS ? HalfS : EndS;

    public override void Describe(double timeS, Span<FaceClimate> sides)
    {
        var kitchen = FaceClimate.Uniform(
            HeatParameters.RoomAir.Value, HeatParameters.RoomConvection.Value, HeatParameters.Emissivity.Value, wetness: 1, HeatParameters.RoomVapourPressure.Value);
        sides.Fill(kitchen);
        sides[(int)(timeS < HalfS ? Side.Top : Side.Under)] = kitchen with
        {
            ConvectionWPerM2K = 0,
            Emissivity = 0,
            ContactC = sear.PanC,
            ContactWPerM2K = HeatParameters.PanContact.Value,

            // Steam finds its way out from under meat in an open pan: it hisses.
            EscapeWPerM2K = HeatParameters.SteamEscape.Value,
        };
    }
}
