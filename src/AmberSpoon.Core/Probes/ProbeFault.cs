namespace AmberSpoon.Core.Probes;

/// <summary>What is wrong with a probe.</summary>
public enum ProbeFault
{
    /// <summary>Nothing has come from it.</summary>
    Missing,

    /// <summary>It shows what no thermometer can, or jumps to and fro.</summary>
    WetSocket,

    /// <summary>It shows the same number for minutes while its piece must warm.</summary>
    Frozen,

    /// <summary>Hotter than water boils, or rising as no meat does.</summary>
    InAir,

    /// <summary>It fell faster than meat cools: it has slipped, or is in another piece.</summary>
    Slipped,

    /// <summary>It fits in the other unit only.</summary>
    WrongUnit,

    /// <summary>Hotter than the middle can be, in a piece with a bone.</summary>
    OnBone,

    /// <summary>Hotter than the middle can be: too near the surface, or in the thin end.</summary>
    ThinEnd,

    /// <summary>Two probes in one piece show different things.</summary>
    Disagree,

    /// <summary>Its lead may not stand this oven: it goes on counting.</summary>
    LeadTooHot,
}
