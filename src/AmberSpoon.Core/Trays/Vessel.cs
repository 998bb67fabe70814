using System.Text.Json.Serialization;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Core.Trays;

/// <summary>What the food lies in. Sizes are those of the floor inside, mm.</summary>
/// <param name="Kind">Which kind.</param>
/// <param name="Width">Only of a custom one: from left to right.</param>
/// <param name="Depth">Only of a custom one: from door to back.</param>
/// <param name="Rack">The chicken lies on a rack.</param>
/// <param name="Parchment">Lined with parchment or foil.</param>
/// <param name="WaterMl">Water or stock poured in, ml.</param>
public sealed record Vessel(VesselKind Kind, EnteredLength? Width, EnteredLength? Depth, bool Rack, bool Parchment, double WaterMl)
{
    public static Vessel HalfSheet { get; } = new(VesselKind.HalfSheet, null, null, Rack: false, Parchment: false, WaterMl: 0);

    /// <summary>Inside width and depth, mm (common practice).</summary>
    public (double WidthMm, double DepthMm) Floor() => Kind switch
    {
        VesselKind.HalfSheet => (440, 310),
        VesselKind.QuarterSheet => (310, 220),
        VesselKind.Dish => (330, 230),
        VesselKind.RoundDish => (280, 280),
        VesselKind.RoastingTin => (380, 280),
        _ => (Width!.Millimetres(), Depth!.Millimetres()),
    };

    /// <summary>What it is made of; null for what its kind usually is.</summary>
    public TrayMaterial? MadeOf { get; init; }

    /// <summary>A second pan stands on the shelf below it and catches drips; what it takes from the heat below is not reckoned.</summary>
    public bool PanBeneath { get; init; }

    /// <summary>Where it stands; null for its usual shelf.</summary>
    public OvenShelf? Shelf { get; init; }

    /// <summary>From its floor to its rim, mm (common practice).</summary>
    [JsonIgnore]
    public double RimMm => Kind switch
    {
        VesselKind.HalfSheet or VesselKind.QuarterSheet => 25,
        VesselKind.RoastingTin => 70,
        _ => 50,
    };

    /// <summary>The most that may be poured in so that it can still be carried: 10 mm below the rim, ml.</summary>
    [JsonIgnore]
    public double MostLiquidMl => Math.Min(TrayPlanLimits.MostWaterMl, FloorMm2() * (RimMm - 10) / 1000);

    public bool IsRound => Kind == VesselKind.RoundDish;

    public double FloorMm2()
    {
        (double widthMm, double depthMm) = Floor();
        return widthMm * depthMm * (IsRound ? Math.PI / 4 : 1);
    }

    [JsonIgnore]
    public TrayMaterial Material => MadeOf ?? Kind switch
    {
        VesselKind.Dish or VesselKind.RoundDish => TrayMaterial.GlassOrCeramic,
        VesselKind.RoastingTin => TrayMaterial.DarkMetal,
        _ => TrayMaterial.LightMetal,
    };
}

/// <summary>Kinds of vessel a household owns.</summary>
public enum VesselKind
{
    HalfSheet,
    QuarterSheet,

    /// <summary>33 × 23 cm.</summary>
    Dish,
    RoundDish,

    /// <summary>A roasting tin; comes with a rack.</summary>
    RoastingTin,
    Custom,
}
