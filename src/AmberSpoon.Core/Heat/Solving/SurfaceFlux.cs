using System.Numerics;
using System.Runtime.CompilerServices;

namespace AmberSpoon.Core.Heat.Solving;

/// <summary>What a <see cref="SurfaceLaw"/> says of a few places, each at its temperature, and its tangent there.</summary>
/// <param name="FluxWPerM2">Heat entering, W/m².</param>
/// <param name="Slope">Its change with surface temperature, W/(m²·K), below 0.</param>
/// <param name="EvaporationKgPerM2S">Water leaving, kg/(m²·s).</param>
internal readonly record struct SurfaceFlux(Vector<double> FluxWPerM2, Vector<double> Slope, Vector<double> EvaporationKgPerM2S)
{
    /// <summary>What the tangent sends through a resistance from a cell that is warmer than the surface was, W/m².</summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public Vector<double> ThroughTangent(Vector<double> cellAboveSurfaceC, Vector<double> resistance) =>
        (FluxWPerM2 + (Slope * cellAboveSurfaceC)) / (Vector<double>.One - (Slope * resistance));
}
