using System.Collections.Frozen;

namespace AmberSpoon.Core.Doneness;

/// <summary>
/// The profiles, each from its authority's published advice (from memory). They plan and judge; they do not replace
/// local advice, and the screens say so.
/// </summary>
public static class SafetyProfiles
{
    public static IReadOnlyList<SafetyProfile> All { get; } =
    [
        new(ProfileId.UnitedStates, "United States", "USDA and FDA Food Code 3-401.11", new(73.9, 165), [], 73.9,
            "165 °F (73.9 °C) in the coldest middle, at once."),
        new(ProfileId.UnitedKingdom, "United Kingdom", "Food Standards Agency", new(80, 176),
            [new(new(75, 167), 30), new(new(70, 158), 120)], 75,
            "70 °C held for 2 minutes, or 75 °C for 30 seconds, or 80 °C at once."),
        new(ProfileId.Canada, "Canada", "Health Canada", new(74, 165), [], 74,
            "74 °C (165 °F) in the coldest middle of each piece, at once."),
        new(ProfileId.Australia, "Australia", "Food Standards Australia New Zealand", new(75, 167), [], 75,
            "75 °C in the coldest middle, at once."),
    ];

    private static readonly FrozenDictionary<ProfileId, SafetyProfile> ById = All.ToFrozenDictionary(profile => profile.Id);

    public static SafetyProfile For(ProfileId id) => ById[id];
}
