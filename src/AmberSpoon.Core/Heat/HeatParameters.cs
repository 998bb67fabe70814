namespace AmberSpoon.Core.Heat;

/// <summary>Every parameter of the oven's side of the problem, in one table.</summary>
public static class HeatParameters
{
    public static HeatParameter StillConvection { get; } = new(
        "Heat carried by still oven air", 12, "W/(m²·K)", 8, 14, "Natural convection on a body of this size (from memory)");

    public static HeatParameter FanConvection { get; } = new(
        "Heat carried by fan-driven oven air", 24, "W/(m²·K)", 18, 30, "Forced convection at 1 to 3 m/s (from memory)");

    public static HeatParameter RoomConvection { get; } = new(
        "Heat carried off by room air while resting", 6, "W/(m²·K)", 4, 10, "Natural convection (from memory)");

    public static HeatParameter Emissivity { get; } = new(
        "Emissivity of food and oven walls", 0.9, "1", 0.8, 0.95, "Moist and browned surfaces (from memory)");

    public static HeatParameter TraySide { get; } = new(
        "Exchange of the underside, against the open side", 0.5, "1", 0.3, 0.8, "Common practice; the tray shields and conducts");

    public static HeatParameter OvenVapourPressure { get; } = new(
        "Water vapour in a vented household oven", 6000, "Pa", 2000, 15000, "Common practice: food steams, the vent lets it out");

    public static HeatParameter RoomVapourPressure { get; } = new(
        "Water vapour in a kitchen", 1200, "Pa", 700, 2000, "Half-saturated air at 21 °C (from memory)");

    public static HeatParameter RoomAir { get; } = new(
        "Kitchen air", 21, "°C", 18, 26, "Common practice");

    public static HeatParameter DryingScale { get; } = new(
        "Water lost before the surface dries by a factor e", 0.25, "kg/m²", 0.15, 0.6, "Calibrated against W1 to W9 together");

    public static HeatParameter SkinWetness { get; } = new(
        "Evaporation through skin, against bare meat", 0.6, "1", 0.3, 1, "Common practice: fat renders and slows drying");

    public static HeatParameter BoneConductivity { get; } = new(
        "Conductivity of bone", 0.35, "W/(m·K)", 0.3, 0.45, "Spongy and dense bone averaged (from memory)");

    public static HeatParameter BoneDensity { get; } = new(
        "Density of bone", 1400, "kg/m³", 1300, 1600, "Spongy and dense bone averaged (from memory)");

    public static HeatParameter BoneSpecificHeat { get; } = new(
        "Specific heat of bone", 2200, "J/(kg·K)", 2000, 2400, "Spongy and dense bone averaged (from memory)");

    public static IReadOnlyList<HeatParameter> All { get; } =
    [
        StillConvection, FanConvection, RoomConvection, Emissivity, TraySide, OvenVapourPressure, RoomVapourPressure,
        RoomAir, DryingScale, SkinWetness, BoneConductivity, BoneDensity, BoneSpecificHeat,
    ];
}
