namespace AmberSpoon.Core.Heat;

/// <summary>The piece at the end of a run.</summary>
/// <param name="EvaporatedKg">Water that left as vapour through the surface, kg.</param>
/// <param name="BoiledKg">Water that boiled off inside, kg.</param>
/// <param name="DrippedKg">Juice and coating water that ran off onto the tray, kg.</param>
/// <param name="LossShare">What the piece has lost of its raw mass, all together, 0 to 1.</param>
/// <param name="WaterErrorShare">Water that the books cannot account for, over all that was there.</param>
/// <param name="BrowningTop">Browning of the side laid upwards, in units of <see cref="Doneness.Kinetics.Browning"/>.</param>
/// <param name="BrowningUnder">Browning of the side laid downwards.</param>
/// <param name="EnergyErrorFraction">Heat gained less heat that entered by the surface's law, over all heat moved.</param>
/// <param name="Cells">Cells in which heat was followed.</param>
/// <param name="Steps">Time steps taken.</param>
public sealed record HeatRunEnds(
    double EvaporatedKg,
    double BoiledKg,
    double DrippedKg,
    double LossShare,
    double WaterErrorShare,
    double BrowningTop,
    double BrowningUnder,
    double EnergyErrorFraction,
    int Cells,
    int Steps);
