namespace AmberSpoon.Core.Heat;

/// <summary>One moment of a run.</summary>
/// <param name="TimeS">Seconds since the run began.</param>
/// <param name="ColdestC">The coldest meat or filling, wherever it is, °C.</param>
/// <param name="CoreC">The middle of the thickest part, °C.</param>
/// <param name="TipC">Where the probe's tip is, °C; the middle where none was given.</param>
/// <param name="SurfaceC">The surface, averaged all round, °C.</param>
/// <param name="MeanC">Averaged over all that is not bone, °C.</param>
/// <param name="CookMinutes">Cook value of the coldest food so far (see <see cref="Doneness.Kinetics.CookValue"/>), min.</param>
/// <param name="BrowningTop">Browning so far of the side laid upwards, in units of <see cref="Doneness.Kinetics.Browning"/>.</param>
/// <param name="BrowningUnder">Browning so far of the side laid downwards.</param>
/// <param name="LossShare">What it has lost of its raw mass, evaporated, boiled off and dripped together, 0 to 1.</param>
public readonly record struct HeatSample(
    double TimeS,
    double ColdestC,
    double CoreC,
    double TipC,
    double SurfaceC,
    double MeanC,
    double CookMinutes = 0,
    double BrowningTop = 0,
    double BrowningUnder = 0,
    double LossShare = 0)
{
    /// <summary>This state with what lies between two others added.</summary>
    internal HeatSample MovedTo(HeatSample other, HeatSample from) => new(
        other.TimeS,
        ColdestC + other.ColdestC - from.ColdestC,
        CoreC + other.CoreC - from.CoreC,
        TipC + other.TipC - from.TipC,
        SurfaceC + other.SurfaceC - from.SurfaceC,
        MeanC + other.MeanC - from.MeanC,
        CookMinutes + other.CookMinutes - from.CookMinutes,
        BrowningTop + other.BrowningTop - from.BrowningTop,
        BrowningUnder + other.BrowningUnder - from.BrowningUnder,
        LossShare + other.LossShare - from.LossShare);

    /// <summary>The state between this moment and another, straight.</summary>
    public HeatSample Towards(HeatSample other, double share) => new(
        TimeS + (share * (other.TimeS - TimeS)),
        ColdestC + (share * (other.ColdestC - ColdestC)),
        CoreC + (share * (other.CoreC - CoreC)),
        TipC + (share * (other.TipC - TipC)),
        SurfaceC + (share * (other.SurfaceC - SurfaceC)),
        MeanC + (share * (other.MeanC - MeanC)),
        CookMinutes + (share * (other.CookMinutes - CookMinutes)),
        BrowningTop + (share * (other.BrowningTop - BrowningTop)),
        BrowningUnder + (share * (other.BrowningUnder - BrowningUnder)),
        LossShare + (share * (other.LossShare - LossShare)));
}
