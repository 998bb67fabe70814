using AmberSpoon.Core.Food;

namespace AmberSpoon.Core.Prep.Buying;

/// <summary>How much of a cut is meat one eats (from memory; bone-in thigh, drumstick and wing by common practice).</summary>
public static class EdibleYield
{
    /// <summary>Meat and skin without bone, kg per kg as bought.</summary>
    public static double Of(Cut cut) => cut switch
    {
        Cut.BoneInThigh => 0.725,
        Cut.Drumstick => 0.625,
        Cut.LegQuarter => 0.67,
        Cut.BoneInBreast => 0.80,
        Cut.WholeWing => 0.475,
        Cut.Drumette => 0.50,
        Cut.WingFlat => 0.45,
        _ => 1,
    };
}
