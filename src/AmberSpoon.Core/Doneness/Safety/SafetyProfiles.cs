using System.Collections.Frozen;

namespace AmberSpoon.Core.Doneness.Safety;

/// <summary>
/// The profiles, each from its authority's published advice (from memory). They plan and judge; they do not replace
/// local advice, and the screens say so.
/// </summary>
public static class SafetyProfiles
{
    public static IReadOnlyList<SafetyProfile> All { get; } =
    [
        new(ProfileId.UnitedStates, "United States", "USDA and FDA Food Code 3-401.11", new(73.9, 165), [], true, 73.9,
            "165 °F (73.9 °C) in the coldest middle, at once."),

        // 80 °C is printed with 6 s, less than a thermometer takes to settle: a settled reading has shown them.
        new(ProfileId.UnitedKingdom, "United Kingdom", "Food Standards Agency", new(80, 176),
            [new(new(75, 167), 30), new(new(70, 158), 120), new(new(65, 149), 600), new(new(60, 140), 2700)], true, 75,
            "70 °C held for 2 minutes, or as much: 60 °C for 45 minutes, 65 °C for 10 minutes, 75 °C for 30 seconds, 80 °C at once."),
        new(ProfileId.Canada, "Canada", "Health Canada", new(74, 165), [], true, 74,
            "74 °C (165 °F) in the coldest middle of each piece, at once."),
        new(ProfileId.Australia, "Australia", "Food Standards Australia New Zealand", new(75, 167), [], true, 75,
            "75 °C in the coldest middle, at once."),
        new(ProfileId.TimeAndTemperature, "Time and temperature", "USDA FSIS, Appendix A, chicken", new(73.9, 165),
            [new(new(71.1, 160), 14), new(new(68.3, 155), 45), new(new(65.6, 150), 162), new(new(62.8, 145), 504), new(new(60, 140), 1512)], false, 73.9,
            "165 °F (73.9 °C) at once, or measured all the while: 160 °F for 14 seconds, 155 °F for 45 seconds, 150 °F for 2.7 minutes, 145 °F for 8.4 minutes, 140 °F for 25.2 minutes.",
            "This table is for those who measure all the while. Home authorities ask for 165 °F (74 °C). Do not use it for the very young, old, pregnant or ill, nor for stuffed meat."),
    ];

    private static readonly FrozenDictionary<ProfileId, SafetyProfile> ById = All.ToFrozenDictionary(profile => profile.Id);

    public static SafetyProfile For(ProfileId id) => ById[id];
}
