namespace AmberSpoon.Core.Food;

/// <summary>Water that leaves makes a piece smaller by as much, alike in all directions.</summary>
public static class Shrinkage
{
    /// <summary>Length, width or height of a piece that has lost water, against the raw one.</summary>
    /// <param name="lossShare">What it has lost of its raw mass, 0 to 1.</param>
    public static double Scale(double lossShare) => Math.Cbrt(VolumeShare(lossShare));

    /// <summary>Its volume against the raw one.</summary>
    /// <inheritdoc cref="Scale"/>
    public static double VolumeShare(double lossShare) => 1 - Math.Clamp(lossShare, 0, 1);
}
