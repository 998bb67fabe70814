using System.Runtime.CompilerServices;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Heat.Materials;

namespace AmberSpoon.Core.Heat.Solving;

/// <summary>
/// What a surface of a given temperature receives: convection + radiation + contact − evaporation. Made once per side and
/// stage, asked once per element.
/// </summary>
internal readonly struct SurfaceLaw(in FaceClimate climate, Coat coat)
{
    private readonly double _airC = climate.AirC;
    private readonly double _convection = climate.ConvectionWPerM2K;
    private readonly double _contactC = climate.ContactC;
    private readonly double _contact = climate.ContactWPerM2K;
    private readonly double _incoming = climate.Emissivity * climate.IncomingRadiationWPerM2;
    private readonly double _radiating = climate.Emissivity * FaceClimate.StefanBoltzmannWPerM2K4;
    private readonly double _massTransfer = (climate.ConvectionWPerM2K + climate.EscapeWPerM2K) * climate.Wetness * coat.Wetness;
    private readonly double _againstPa = WaterVapour.Drive(climate.VapourPressurePa);

    /// <param name="surfaceC">°C.</param>
    /// <param name="wetness">1 while wet, towards 0 as it dries.</param>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public SurfaceFlux At(double surfaceC, double wetness)
    {
        double kelvin = surfaceC + 273.15;
        double cube = kelvin * kelvin * kelvin;
        double flux = (_convection * (_airC - surfaceC)) + (_contact * (_contactC - surfaceC)) + _incoming - (_radiating * cube * kelvin);
        double slope = -_convection - _contact - (4 * _radiating * cube);
        double evaporation = 0;
        if (_massTransfer > 0)
        {
            (double perCoefficient, double perCoefficientSlope) = WaterVapour.Flux(surfaceC, _againstPa);
            double transfer = _massTransfer * wetness;
            evaporation = transfer * perCoefficient;
            flux -= WaterVapour.LatentHeatJPerKg * evaporation;
            slope -= WaterVapour.LatentHeatJPerKg * transfer * perCoefficientSlope;
        }

        return new(flux, Math.Min(slope, -1e-9), evaporation);
    }
}
