namespace AmberSpoon.Core.Heat;

/// <summary>The piece at the end of a run.</summary>
/// <param name="EvaporatedKg">Water that left as vapour through the surface, kg.</param>
/// <param name="BoiledKg">Water that boiled off inside, kg.</param>
/// <param name="CookingLoss">Juice the meat has let go, as a share of its mass (see <see cref="Doneness.Kinetics.CookingLoss"/>).</param>
/// <param name="BrowningTop">Browning of the side laid upwards, in units of <see cref="Doneness.Kinetics.Browning"/>.</param>
/// <param name="BrowningUnder">Browning of the side laid downwards.</param>
/// <param name="EnergyErrorFraction">Heat gained less heat that entered by the surface's law, over all heat moved.</param>
/// <param name="Cells">Cells in which heat was followed.</param>
/// <param name="Steps">Time steps taken.</param>
public sealed record HeatRunEnds(
    double EvaporatedKg,
    double BoiledKg,
    double CookingLoss,
    double BrowningTop,
    double BrowningUnder,
    double EnergyErrorFraction,
    int Cells,
    int Steps);
