using System.Collections.Frozen;

namespace AmberSpoon.Core.Food;

/// <summary>One row per cut, in the order they are offered. Masses are common practice.</summary>
public static class CutTable
{
    private const string BesideBone = "push until you touch bone, then draw back a little.";
    private const string FatEnd = "From the fat end along the middle, into the thickest part.";
    private const string FromTheSide = "From the side into the thickest fold, tip in the middle.";

    public static IReadOnlyList<CutFacts> All { get; } =
    [
        new(Cut.BoneInThigh, "bone-in thigh", "bone-in thighs", 165, true, false, $"In the thickest part beside the bone: {BesideBone}"),
        new(Cut.BonelessThigh, "boneless thigh", "boneless thighs", 110, true, false, FromTheSide),
        new(Cut.ThighSkewer, "piece of thigh on a skewer", "pieces of thigh on skewers", 40, true, true, "Into the largest piece from above, clear of the skewer."),
        new(Cut.Drumstick, "drumstick", "drumsticks", 115, true, true, $"In the fat end, beside the bone: {BesideBone}"),
        new(Cut.LegQuarter, "leg quarter", "leg quarters", 330, true, false, $"Where thigh and drumstick meet, beside the bone: {BesideBone}"),
        new(Cut.BonelessBreast, "boneless breast", "boneless breasts", 225, false, false, FatEnd),
        new(Cut.BreastHalf, "half a breast", "halves of breast", 112, false, false, FatEnd),
        new(Cut.BreastThird, "third of a breast", "thirds of breast", 75, false, false, FromTheSide),
        new(Cut.PoundedBreast, "flattened breast", "flattened breasts", 200, false, false, "From the side, lying flat in the middle of the thickest part."),
        new(Cut.StuffedBreast, "stuffed breast", "stuffed breasts", 240, false, false, "From the fat end into the middle of the filling: it must be as hot as the meat."),
        new(Cut.Tender, "tender", "tenders", 50, false, false, "From the fat end along the middle."),
        new(Cut.BoneInBreast, "bone-in breast", "bone-in breasts", 400, false, false, "From the fat end into the thickest part, clear of the rib bones."),
        new(Cut.WholeWing, "whole wing", "whole wings", 90, true, true, "In the fat part of the upper joint, beside the bone."),
        new(Cut.Drumette, "upper wing joint", "upper wing joints", 42, true, true, "In the fat end, beside the bone."),
        new(Cut.WingFlat, "middle wing joint", "middle wing joints", 34, true, true, "Between the two bones, tip in the middle."),
        new(Cut.Diced, "dice", "dice", 17, false, false, "Into the largest piece, tip in the middle."),
    ];

    /// <summary>So many pieces make a supper for four, as packs come (common practice).</summary>
    public static int UsualCount(Cut cut) => cut switch
    {
        Cut.BoneInBreast => 2,
        Cut.LegQuarter or Cut.BonelessBreast or Cut.PoundedBreast or Cut.StuffedBreast => 4,
        Cut.BoneInThigh => 6,
        Cut.BonelessThigh or Cut.Drumstick or Cut.BreastHalf or Cut.WholeWing => 8,
        Cut.BreastThird or Cut.Tender => 12,
        Cut.Drumette or Cut.WingFlat or Cut.ThighSkewer => 16,
        _ => 30,
    };

    private static readonly FrozenDictionary<Cut, CutFacts> ByCut = All.ToFrozenDictionary(facts => facts.Cut);

    /// <summary>There is a bone in its meat for the tip of a thermometer to touch.</summary>
    public static bool HasBone(Cut cut) =>
        cut is Cut.BoneInThigh or Cut.Drumstick or Cut.LegQuarter or Cut.BoneInBreast or Cut.WholeWing or Cut.Drumette or Cut.WingFlat;

    public static CutFacts For(Cut cut) => ByCut[cut];
}
