namespace AmberSpoon.Core.Heat;

/// <summary>What a piece on a bare tray meets in the oven and on the worktop.</summary>
public static class OvenClimate
{
    /// <param name="mode">Still or fan.</param>
    /// <param name="ovenC">What the oven really holds, °C.</param>
    /// <param name="skinOn">Skin slows drying.</param>
    /// <param name="exchangeFactor">1 for an ordinary oven; how much better or worse this one gives off its heat.</param>
    public static Surroundings InOven(OvenMode mode, double ovenC, bool skinOn, double exchangeFactor = 1)
    {
        HeatParameter convection = mode == OvenMode.Fan ? HeatParameters.FanConvection : HeatParameters.StillConvection;
        return new(
            ovenC,
            ovenC,
            MeanExchange * exchangeFactor * convection.Value,
            MeanExchange * exchangeFactor * HeatParameters.Emissivity.Value,
            Wetness(skinOn),
            HeatParameters.OvenVapourPressure.Value);
    }

    /// <summary>Resting uncovered on its tray in the kitchen.</summary>
    /// <param name="skinOn">Skin slows drying.</param>
    /// <param name="surfaceFactor">
    /// True surface per volume over that of the one-dimensional body. While resting it is the whole piece that cools,
    /// and the body, matched to the middle's warming, has too little surface for that.
    /// </param>
    public static Surroundings Resting(bool skinOn, double surfaceFactor) => new(
        HeatParameters.RoomAir.Value,
        HeatParameters.RoomAir.Value,
        MeanExchange * surfaceFactor * HeatParameters.RoomConvection.Value,
        MeanExchange * surfaceFactor * HeatParameters.Emissivity.Value,
        Wetness(skinOn),
        HeatParameters.RoomVapourPressure.Value);

    /// <summary>The open side and the tray side, averaged.</summary>
    private static double MeanExchange => (1 + HeatParameters.TraySide.Value) / 2;

    private static double Wetness(bool skinOn) => skinOn ? HeatParameters.SkinWetness.Value : 1;
}
