namespace AmberSpoon.Core.Heat;

/// <summary>One moment of a run.</summary>
/// <param name="TimeS">Seconds since the run began.</param>
/// <param name="ColdestC">The coldest meat or filling, wherever it is, °C.</param>
/// <param name="CoreC">The middle of the thickest part, °C.</param>
/// <param name="TipC">Where the probe's tip is, °C; the middle where none was given.</param>
/// <param name="SurfaceC">The surface, averaged all round, °C.</param>
/// <param name="MeanC">Averaged over all that is not bone, °C.</param>
public readonly record struct HeatSample(
    double TimeS, double ColdestC, double CoreC, double TipC, double SurfaceC, double MeanC)
{
    /// <summary>The state between this moment and another, straight.</summary>
    public HeatSample Towards(HeatSample other, double share) => new(
        TimeS + (share * (other.TimeS - TimeS)),
        ColdestC + (share * (other.ColdestC - ColdestC)),
        CoreC + (share * (other.CoreC - CoreC)),
        TipC + (share * (other.TipC - TipC)),
        SurfaceC + (share * (other.SurfaceC - SurfaceC)),
        MeanC + (share * (other.MeanC - MeanC)));
}
