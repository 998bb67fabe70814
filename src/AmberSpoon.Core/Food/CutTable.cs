using System.Collections.Frozen;

namespace AmberSpoon.Core.Food;

/// <summary>
/// One row per cut. Masses, heights and bone shares are common practice measured with a kitchen scale and a
/// ruler; no number here was tuned for one cut alone.
/// </summary>
public static class CutTable
{
    public static IReadOnlyList<CutFacts> All { get; } =
    [
        new(Cut.BoneInThigh, "bone-in thigh", "bone-in thighs", 165, 38, 1.95, 0.06, 1, Composition.DarkMeat, true,
            "In the thickest part beside the bone: push until you touch bone, then draw back a little."),
        new(Cut.BonelessThigh, "boneless thigh", "boneless thighs", 110, 24, 3.1, 0, 1, Composition.DarkMeat, true,
            "From the side into the thickest fold, tip in the middle."),
        new(Cut.Drumstick, "drumstick", "drumsticks", 115, 44, 1.0, 0.08, 1, Composition.DarkMeat, true,
            "In the fat end, beside the bone: push until you touch bone, then draw back a little."),
        new(Cut.LegQuarter, "leg quarter", "leg quarters", 330, 42, 1.95, 0.08, 1, Composition.DarkMeat, true,
            "Where thigh and drumstick meet, beside the bone: touch bone, then draw back a little."),
        new(Cut.BonelessBreast, "boneless breast", "boneless breasts", 225, 38, 1.85, 0, 1, Composition.BreastMeat, false,
            "From the fat end, about 3 cm in along the middle."),
        new(Cut.BoneInBreast, "bone-in breast", "bone-in breasts", 400, 56, 1.55, 0, 1, Composition.BreastMeat, false,
            "From the fat end into the thickest part, clear of the rib bones."),
        new(Cut.WholeWing, "whole wing", "whole wings", 90, 22, 1.2, 0.12, 2, Composition.DarkMeat, true,
            "In the fat part of the drumette, beside the bone."),
    ];

    private static readonly FrozenDictionary<Cut, CutFacts> ByCut = All.ToFrozenDictionary(facts => facts.Cut);

    public static CutFacts For(Cut cut) => ByCut[cut];
}
