namespace AmberSpoon.Core.Heat.Meshing;

/// <summary>What a solid leaves of one cell.</summary>
internal struct CutCell
{
    public double VolumeM3;
    public double OpenX;
    public double OpenY;
    public double OpenZ;
    public SurfacePatches Surface;
}
