using System.Numerics;
using System.Runtime.CompilerServices;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Heat.Materials;

namespace AmberSpoon.Core.Heat.Solving;

/// <summary>
/// What a surface of a given temperature receives: convection + radiation + contact − evaporation. Made once per side and
/// stage, asked for a few places at once.
/// </summary>
internal readonly struct SurfaceLaw(in FaceClimate climate, Coat coat)
{
    private readonly Vector<double> _airC = new(climate.AirC);
    private readonly Vector<double> _convection = new(climate.ConvectionWPerM2K);
    private readonly Vector<double> _contactC = new(climate.ContactC);
    private readonly Vector<double> _contact = new(climate.ContactWPerM2K);
    private readonly Vector<double> _incoming = new(climate.Emissivity * climate.IncomingRadiationWPerM2);
    private readonly Vector<double> _radiating = new(climate.Emissivity * FaceClimate.StefanBoltzmannWPerM2K4);
    private readonly Vector<double> _againstPa = new(WaterVapour.Drive(climate.VapourPressurePa));
    private readonly double _massTransfer = (climate.ConvectionWPerM2K + climate.EscapeWPerM2K) * climate.Wetness * coat.Wetness;

    /// <param name="surfaceC">°C.</param>
    /// <param name="wetness">1 while wet, towards 0 as it dries.</param>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public SurfaceFlux At(Vector<double> surfaceC, Vector<double> wetness)
    {
        Vector<double> kelvin = surfaceC + new Vector<double>(273.15);
        Vector<double> cube = kelvin * kelvin * kelvin;
        Vector<double> flux = (_convection * (_airC - surfaceC)) + (_contact * (_contactC - surfaceC)) + _incoming - (_radiating * cube * kelvin);
        Vector<double> slope = -_convection - _contact - (4 * _radiating * cube);
        Vector<double> evaporation = Vector<double>.Zero;
        if (_massTransfer > 0)
        {
            (Vector<double> perCoefficient, Vector<double> perCoefficientSlope) = WaterVapour.Flux(surfaceC, _againstPa);
            Vector<double> transfer = _massTransfer * wetness;
            evaporation = transfer * perCoefficient;
            flux -= WaterVapour.LatentHeatJPerKg * evaporation;
            slope -= WaterVapour.LatentHeatJPerKg * transfer * perCoefficientSlope;
        }

        return new(flux, Vector.Min(slope, new Vector<double>(-1e-9)), evaporation);
    }
}
