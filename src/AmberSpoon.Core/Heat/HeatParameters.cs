namespace AmberSpoon.Core.Heat;

/// <summary>Every parameter of the oven's side of the problem, in one table.</summary>
public static class HeatParameters
{
    public static HeatParameter StillConvection { get; } = new(
        "Heat carried by still oven air", 14, "W/(m²·K)", 8, 14, "Natural convection on a body of this size (from memory)");

    public static HeatParameter FanConvection { get; } = new(
        "Heat carried by fan-driven oven air", 24, "W/(m²·K)", 18, 30, "Forced convection at 1 to 3 m/s (from memory)");

    public static HeatParameter RoomConvection { get; } = new(
        "Heat carried off by room air while resting", 8, "W/(m²·K)", 4, 10, "Natural convection from a warm plate facing up, 1.32 (ΔT/L)^¼ with 80 K and 0.1 m (McAdams 1954, from memory), a sixth more for the lightness of its own steam");

    public static HeatParameter Emissivity { get; } = new(
        "Emissivity of food and oven walls", 0.9, "1", 0.8, 0.95, "Moist and browned surfaces (from memory)");

    public static HeatParameter OvenVapourPressure { get; } = new(
        "Water vapour in a vented household oven", 6000, "Pa", 2000, 15000, "Common practice: food steams, the vent lets it out");

    public static HeatParameter RoomVapourPressure { get; } = new(
        "Water vapour in a kitchen", 1200, "Pa", 700, 2000, "Half-saturated air at 21 °C (from memory)");

    public static HeatParameter RoomAir { get; } = new(
        "Kitchen air", 21, "°C", 18, 26, "Common practice");

    public static HeatParameter DryingScale { get; } = new(
        "Water lost before the surface dries by a factor e", 0.4, "kg/m²", 0.15, 0.6, "Calibrated against the windows of practice");

    public static HeatParameter JuiceMost { get; } = new(
        "Water that fully shrunken meat no longer holds, share of raw mass", 0.27, "1", 0.2, 0.4, "Calibrated on the losses of thighs and breasts");

    public static HeatParameter JuiceMiddle { get; } = new(
        "Temperature at which it holds half of that less", 67, "°C", 58, 72, "Meat science literature (from memory)");

    public static HeatParameter JuiceWidth { get; } = new(
        "Width of that fall", 7, "°C", 3, 10, "Meat science literature (from memory)");

    public static HeatParameter JuiceLag { get; } = new(
        "Time meat takes to let go of it, there", 1500, "s", 200, 3000, "Calibrated on the losses of thighs and breasts");

    public static HeatParameter JuiceQuickening { get; } = new(
        "Warming that makes it e times as prompt", 20, "°C", 8, 40, "Meat science literature (from memory)");

    public static HeatParameter JuiceWetting { get; } = new(
        "Share of that juice that wets the surface before it runs off", 0.4, "1", 0.1, 0.7, "Calibrated against the windows of practice");

    public static HeatParameter BoundWater { get; } = new(
        "Share of its raw water that meat keeps however long it dries", 0.22, "1", 0.1, 0.3, "Dried meat in strips weighs two fifths (common practice)");

    public static HeatParameter FilmMost { get; } = new(
        "Juice that covers a surface, and the most that stays on it", 0.1, "kg/m²", 0.05, 0.25, "A tenth of a millimetre (common practice)");

    public static HeatParameter FilmPressed { get; } = new(
        "Juice left between a piece and what it lies on", 0.02, "kg/m²", 0, 0.05, "Common practice: a thin smear");

    public static HeatParameter CrustResistance { get; } = new(
        "Heat held back by the crust that a kg of drawn water leaves", 0.0045, "m²·K/W per kg/m²", 0.003, 0.012, "1.2 mm at 0.25 W/(m·K) (bread crust, from memory)");

    public static HeatParameter PoreResistance { get; } = new(
        "The same for a kg that boiled off", 0.013, "m²·K/W per kg/m²", 0.006, 0.02, "1.3 mm of pores at 0.1 W/(m·K) (bread crust, from memory)");

    public static HeatParameter SteamingCrust { get; } = new(
        "What a crust holds back of heat that leaves, against heat that enters", 0.1, "1", 0.05, 0.5, "Moist pores near boiling carry heat as steam, several times as well as dry ones (porous media, from memory)");

    public static HeatParameter SkinWetness { get; } = new(
        "Evaporation through skin, against bare meat", 0.66, "1", 0.3, 1, "Common practice: fat renders and slows drying");

    public static HeatParameter BoneConductivity { get; } = new(
        "Conductivity of bone", 0.35, "W/(m·K)", 0.3, 0.45, "Spongy and dense bone averaged (from memory)");

    public static HeatParameter BoneDensity { get; } = new(
        "Density of bone", 1400, "kg/m³", 1300, 1600, "Spongy and dense bone averaged (from memory)");

    public static HeatParameter BoneSpecificHeat { get; } = new(
        "Specific heat of bone", 2200, "J/(kg·K)", 2000, 2400, "Spongy and dense bone averaged (from memory)");

    public static HeatParameter FillingConductivity { get; } = new(
        "Conductivity of a moist filling", 0.42, "W/(m·K)", 0.35, 0.5, "Cheese and cooked greens (from memory)");

    public static HeatParameter FillingDensity { get; } = new(
        "Density of a moist filling", 1020, "kg/m³", 950, 1100, "Cheese and cooked greens (from memory)");

    public static HeatParameter FillingSpecificHeat { get; } = new(
        "Specific heat of a moist filling", 3200, "J/(kg·K)", 2800, 3700, "Cheese and cooked greens (from memory)");

    public static HeatParameter AirLag { get; } = new(
        "Time oven air takes to close in on its thermostat", 60, "s", 20, 200, "Common practice");

    public static HeatParameter WallLag { get; } = new(
        "Time oven walls take to follow the air", 300, "s", 120, 900, "Common practice");

    public static HeatParameter HeatingRate { get; } = new(
        "Fastest warming of oven air", 0.25, "K/s", 0.12, 0.4, "Common practice: 180 K in 12 min");

    public static HeatParameter CoolingRate { get; } = new(
        "Fastest cooling of a closed oven", 0.1, "K/s", 0.03, 0.15, "Common practice: 40 K in 8 min");

    public static HeatParameter DoorAirShare { get; } = new(
        "Share of the air's excess temperature lost in half a minute of open door", 0.4, "1", 0.2, 0.7, "Common practice: tens of degrees");

    public static HeatParameter DoorWallShare { get; } = new(
        "Share of the walls' excess temperature lost with it", 0.03, "1", 0.01, 0.08, "Common practice");

    public static HeatParameter TrayContact { get; } = new(
        "Contact between moist meat and metal", 100, "W/(m²·K)", 40, 200, "Common practice");

    public static HeatParameter ParchmentContact { get; } = new(
        "The same through baking parchment", 55, "W/(m²·K)", 30, 120, "Common practice");

    public static HeatParameter BedContact { get; } = new(
        "Contact with a bed of vegetables", 9, "W/(m²·K)", 8, 40, "Common practice");

    public static HeatParameter LiquidContact { get; } = new(
        "Contact with simmering liquid", 140, "W/(m²·K)", 100, 600, "Natural convection in water (from memory)");

    public static HeatParameter LightTrayCapacity { get; } = new(
        "Thermal mass of a light metal tray", 2000, "J/(m²·K)", 1500, 3000, "0.8 mm of aluminium (from memory)");

    public static HeatParameter DarkTrayCapacity { get; } = new(
        "Thermal mass of a dark metal tray", 3500, "J/(m²·K)", 2500, 6000, "0.9 mm of steel (from memory)");

    public static HeatParameter GlassCapacity { get; } = new(
        "Thermal mass of a glass or ceramic dish", 11000, "J/(m²·K)", 8000, 20000, "6 mm of glass (from memory)");

    public static HeatParameter BedCapacity { get; } = new(
        "Thermal mass of a bed of vegetables", 50000, "J/(m²·K)", 15000, 60000, "The upper 15 mm of 25, half filled (from memory)");

    public static HeatParameter LightTrayEmissivity { get; } = new(
        "Emissivity of light metal", 0.25, "1", 0.1, 0.4, "Used aluminium (from memory)");

    public static HeatParameter DarkTrayEmissivity { get; } = new(
        "Emissivity of dark metal, glass or ceramic", 0.9, "1", 0.8, 0.95, "From memory");

    public static HeatParameter OpenTrayShare { get; } = new(
        "Open tray that feeds a piece's underside, against its own footprint", 0.5, "1", 0.2, 1.2, "Conduction along 0.8 mm of metal (from memory)");

    public static HeatParameter DripsUnder { get; } = new(
        "Share of the juice that runs off that stays under its piece", 0.1, "1", 0, 0.4, "Common practice: drippings run to the rim");

    public static HeatParameter FloorExcess { get; } = new(
        "How much hotter than the air the floor of a still oven is, above its lower element", 30, "°C", 10, 60, "Common practice: low shelves brown from below");

    public static HeatParameter RackShare { get; } = new(
        "Air under a rack against open air", 0.8, "1", 0.6, 1, "Common practice");

    public static HeatParameter LowOnTray { get; } = new(
        "Exchange of the oven with vegetables, low among each other on a tray, against a piece that stands up in its air", 0.75, "1", 0.6, 1, "Calibrated: roots roasted for their usual time are a quarter to two fifths lighter (common practice)");

    public static HeatParameter BedAirShare { get; } = new(
        "Air through a bed of vegetables against open air", 0.52, "1", 0.1, 0.7, "Calibrated against the windows of practice");

    public static HeatParameter BedHumidity { get; } = new(
        "How near to saturation the air in a bed of vegetables is", 0.66, "1", 0.5, 1, "They give off steam faster than it leaves (common practice)");

    public static HeatParameter SteamEscape { get; } = new(
        "What lets steam out from under a piece, as air that would carry as much", 2, "W/(m²·K)", 1, 10, "Common practice: it sizzles at the rim");

    public static HeatParameter NeighbourSurface { get; } = new(
        "Surface of a neighbouring piece", 85, "°C", 70, 100, "The same computation, middle of a bake");

    public static HeatParameter NeighbourSteam { get; } = new(
        "How much nearer to steam the air between touching pieces is", 0.4, "1", 0.1, 0.7, "Common practice: a crowded tray steams");

    public static HeatParameter FoilConvection { get; } = new(
        "Heat carried under foil", 8, "W/(m²·K)", 8, 25, "Natural convection with some condensing steam (from memory)");

    public static HeatParameter FoilExcess { get; } = new(
        "Share of what would be above 100 °C that the air under foil or in a parcel keeps", 0.15, "1", 0.05, 0.4, "Common practice: the rest makes steam");

    public static HeatParameter FoilEmissivity { get; } = new(
        "Emissivity of foil", 0.1, "1", 0.04, 0.2, "Dull side of aluminium (from memory)");

    public static HeatParameter PaperEmissivity { get; } = new(
        "Emissivity of a parcel of paper or foil, averaged", 0.5, "1", 0.1, 0.9, "From memory");

    public static HeatParameter ParcelConvection { get; } = new(
        "Heat carried in a sealed parcel", 30, "W/(m²·K)", 15, 80, "Condensing steam with air (from memory)");

    public static HeatParameter GrillElement { get; } = new(
        "Glowing grill element", 650, "°C", 550, 800, "Dull red (from memory)");

    public static HeatParameter GrillView { get; } = new(
        "Share of a top's view that the element fills, top third of the oven", 0.095, "1", 0.05, 0.3, "Geometry of a household oven");

    public static HeatParameter BasteWater { get; } = new(
        "Water that one basting leaves on", 0.05, "kg/m²", 0.02, 0.1, "Common practice: a tablespoon over 0.3 m²");

    public static HeatParameter TentShare { get; } = new(
        "What a tent of foil lets through, against open", 0.35, "1", 0.2, 0.6, "Common practice");

    public static HeatParameter OilWetness { get; } = new(
        "Evaporation through an oil film", 0.8, "1", 0.5, 1, "Common practice");

    public static HeatParameter MarinadeWater { get; } = new(
        "Water in a thick marinade", 0.35, "kg/m²", 0.2, 0.6, "0.5 mm of yogurt (common practice)");

    public static HeatParameter WetMarinadeWater { get; } = new(
        "Water left by a thin marinade", 0.12, "kg/m²", 0.05, 0.25, "Common practice");

    public static HeatParameter GlazeBrowning { get; } = new(
        "Browning of a sugary glaze, against bare meat", 2, "1", 2, 5, "Common practice");

    public static HeatParameter CrumbResistance { get; } = new(
        "Heat held back by a crumb layer", 0.0122, "m²·K/W", 0.01, 0.04, "2 to 3 mm at 0.1 W/(m·K) (from memory), part of it wet");

    public static HeatParameter CrumbWater { get; } = new(
        "Water a crumb layer soaks up", 0.15, "kg/m²", 0.05, 0.4, "Common practice");

    public static HeatParameter CrumbWetness { get; } = new(
        "Evaporation through a crumb layer", 0.3, "1", 0.3, 1, "Common practice");

    public static HeatParameter SkinResistance { get; } = new(
        "Heat held back by skin and its fat", 0.006, "m²·K/W", 0.002, 0.012, "1 to 2 mm of fat at 0.2 W/(m·K) (from memory)");

    public static HeatParameter RibGap { get; } = new(
        "Heat held back by the hollow under a rib cage", 0.025, "m²·K/W", 0.01, 0.08, "1 mm of still air (from memory)");

    public static HeatParameter SkinBrowning { get; } = new(
        "Browning of skin, against bare meat", 1.3, "1", 1, 2, "Common practice");

    public static HeatParameter MarinadeBrowning { get; } = new(
        "Browning of a marinated surface, against bare meat", 1.2, "1", 1, 2, "Common practice");

    public static HeatParameter CrumbBrowning { get; } = new(
        "Browning of crumb, against bare meat", 1.2, "1", 1, 2.5, "Common practice");

    public static HeatParameter RubBrowning { get; } = new(
        "Browning of a dry rub, against bare meat", 1.4, "1", 1, 2, "Common practice: paprika and a little sugar");

    public static HeatParameter FatCrumbBrowning { get; } = new(
        "Browning of crumb over mayonnaise, against bare meat", 1.5, "1", 1.2, 2.5, "Common practice");

    public static HeatParameter VegetableBrowning { get; } = new(
        "Browning of a plain oiled vegetable, against bare meat", 1, "1", 0.7, 2, "Calibrated: golden edges at its usual time");

    public static HeatParameter ButterBrowning { get; } = new(
        "Browning over butter under the skin, against plain skin", 1.2, "1", 1, 1.5, "Common practice: milk solids");

    public static HeatParameter TwoTraysAir { get; } = new(
        "How freely air moves round two trays in a still oven, against one", 0.95, "1", 0.85, 1, "Common practice: two trays take longer");

    public static HeatParameter TwoTraysFanAir { get; } = new(
        "The same where a fan stirs it", 0.98, "1", 0.9, 1, "Common practice");

    public static HeatParameter Stratification { get; } = new(
        "How much hotter air is near the roof of a still oven than in its middle", 2, "°C", 0, 8, "Common practice");

    public static HeatParameter PanContact { get; } = new(
        "Contact between meat and an oiled pan", 350, "W/(m²·K)", 150, 800, "Frying literature (from memory)");

    public static HeatParameter GrillFull { get; } = new(
        "Air that a grill on full keeps", 290, "°C", 250, 320, "Common practice");

    public static HeatParameter HotSpot { get; } = new(
        "How much hotter the back of an oven is than its middle", 5, "°C", 0, 12, "Common practice: trays are rotated because of it");

    public static HeatParameter BrowningActivation { get; } = new(
        "Activation energy of browning", 80000, "J/mol", 60000, 110000, "Crusts in baking literature (from memory)");

    public static HeatParameter LookSeconds { get; } = new(
        "Door open for a look, or to put the tray back", 20, "s", 5, 40, "Common practice");

    public static HeatParameter CoverSeconds { get; } = new(
        "Door open to put foil on or take it off", 30, "s", 15, 60, "Common practice");

    public static HeatParameter BasteSeconds { get; } = new(
        "Door open to baste", 40, "s", 20, 90, "Common practice");

    public static HeatParameter TurnSeconds { get; } = new(
        "Door open to turn pieces or to drain the tray", 45, "s", 20, 120, "Common practice");

    public static IReadOnlyList<HeatParameter> All { get; } =
    [
        StillConvection, FanConvection, RoomConvection, Emissivity, OvenVapourPressure, RoomVapourPressure, RoomAir,
        DryingScale, JuiceMost, JuiceMiddle, JuiceWidth, JuiceLag, JuiceQuickening, JuiceWetting, BoundWater, FilmMost, FilmPressed, CrustResistance, PoreResistance, SteamingCrust, SkinWetness, BoneConductivity, BoneDensity, BoneSpecificHeat, FillingConductivity,
        FillingDensity, FillingSpecificHeat, AirLag, WallLag, HeatingRate, CoolingRate, DoorAirShare, DoorWallShare,
        TrayContact, ParchmentContact, BedContact, LiquidContact, LightTrayCapacity, DarkTrayCapacity, GlassCapacity,
        BedCapacity, LightTrayEmissivity, DarkTrayEmissivity, OpenTrayShare, DripsUnder, FloorExcess, RackShare, LowOnTray, BedAirShare, BedHumidity, SteamEscape, NeighbourSurface, NeighbourSteam,
        FoilConvection, FoilExcess, FoilEmissivity, PaperEmissivity, ParcelConvection, GrillElement, GrillView, BasteWater, TentShare, OilWetness,
        MarinadeWater, WetMarinadeWater, GlazeBrowning, CrumbResistance, CrumbWater, CrumbWetness, SkinResistance, RibGap, SkinBrowning, MarinadeBrowning, CrumbBrowning,
        RubBrowning, VegetableBrowning, FatCrumbBrowning, ButterBrowning, TwoTraysAir, TwoTraysFanAir, Stratification, GrillFull, PanContact, HotSpot, BrowningActivation, LookSeconds, CoverSeconds, BasteSeconds, TurnSeconds,
    ];
}
