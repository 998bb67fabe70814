namespace AmberSpoon.Core.Food;

/// <summary>
/// What the app knows about a cut before the cook says anything: a reference piece to scale from, its meat,
/// its bone, and where a probe belongs.
/// </summary>
/// <param name="Cut">Which cut this is.</param>
/// <param name="Name">Plain name, lower case, singular.</param>
/// <param name="Plural">Plain name, lower case, plural.</param>
/// <param name="ReferenceMassG">Mass of the reference piece with its bone, g.</param>
/// <param name="ReferenceHeightMm">Height of the reference piece lying on the tray, at its thickest, mm.</param>
/// <param name="WidthToHeight">Width across the tray over height.</param>
/// <param name="BoneVolumeFraction">Share of the volume that is bone lying in the middle, 0 to 1.</param>
/// <param name="LimbCount">How many separate limbs share the mass; a whole wing lies as two.</param>
/// <param name="Meat">What the meat is made of.</param>
/// <param name="IsDark">Dark meat eats better at 77 to 82 °C (common practice).</param>
/// <param name="ProbePlace">One sentence: where the tip goes.</param>
public sealed record CutFacts(
    Cut Cut,
    string Name,
    string Plural,
    double ReferenceMassG,
    double ReferenceHeightMm,
    double WidthToHeight,
    double BoneVolumeFraction,
    int LimbCount,
    Composition Meat,
    bool IsDark,
    string ProbePlace);
