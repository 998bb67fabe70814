namespace AmberSpoon.Core.Prep.Marinating;

/// <summary>What the meat lies in.</summary>
public enum Container
{
    GlassOrChina,
    Bag,
    Plastic,
    StainlessSteel,

    /// <summary>Uncoated: acid and salt eat it.</summary>
    BareAluminium,
}
