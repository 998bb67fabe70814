namespace AmberSpoon.Core.Food;

/// <summary>A cut of chicken. What is known about each stands in <see cref="CutTable"/>.</summary>
public enum Cut
{
    BonelessBreast,
    BoneInBreast,
    BoneInThigh,
    BonelessThigh,
    Drumstick,
    LegQuarter,
    WholeWing,
    BreastHalf,
    BreastThird,
    PoundedBreast,
    StuffedBreast,
    Tender,
    ThighSkewer,
    Drumette,
    WingFlat,
    Diced,
}
