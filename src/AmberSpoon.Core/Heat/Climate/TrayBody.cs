namespace AmberSpoon.Core.Heat.Climate;

/// <summary>
/// What a piece lies on, as one temperature with its own thermal mass: a metal tray follows the oven in a minute, glass in
/// five, a bed of vegetables in twenty. While there is liquid it does not get hotter than boiling water.
/// </summary>
internal sealed class TrayBody
{
    private const double BoilingC = Materials.WaterVapour.BoilingC;

    private readonly double _dryJPerM2K;
    private readonly double _dryContactWPerM2K;
    private readonly double _emissivity;
    private readonly double _openTray;
    private readonly bool _staysWet;
    private double _liquidKgPerM2;

    /// <summary>Liquid this deep carries heat as well as it ever does, mm.</summary>
    private const double CarriesFromMm = 2;

    /// <summary>A piece is about so tall, mm.</summary>
    private const double PieceMm = 40;

    private const double WaterJPerKgK = 4186;

    public TrayBody(Placement placement, double startC)
    {
        bool isBed = placement.Support == Support.VegetableBed;
        HeatParameter capacity = isBed ? HeatParameters.BedCapacity : placement.Tray switch
        {
            TrayMaterial.LightMetal => HeatParameters.LightTrayCapacity,
            TrayMaterial.DarkMetal => HeatParameters.DarkTrayCapacity,
            _ => HeatParameters.GlassCapacity,
        };
        _dryJPerM2K = capacity.Value;
        _emissivity = (placement.Tray == TrayMaterial.LightMetal ? HeatParameters.LightTrayEmissivity : HeatParameters.DarkTrayEmissivity).Value;
        _openTray = HeatParameters.OpenTrayShare.Value * (1 - placement.Crowding);
        _staysWet = isBed;
        _liquidKgPerM2 = placement.LiquidMm;
        HeatParameter contact = placement.Support switch
        {
            Support.Parchment => HeatParameters.ParchmentContact,
            Support.VegetableBed => HeatParameters.BedContact,
            _ => HeatParameters.TrayContact,
        };
        _dryContactWPerM2K = contact.Value;
        TemperatureC = startC;
    }

    public double TemperatureC { get; private set; }

    /// <summary>Between the piece's under side and this, W/(m²·K).</summary>
    public double ContactWPerM2K => _dryContactWPerM2K
        + (Math.Min(1, _liquidKgPerM2 / CarriesFromMm) * Math.Max(0, HeatParameters.LiquidContact.Value - _dryContactWPerM2K));

    /// <summary>How far up the sides of a piece liquid stands, as a share of its height; a film of drippings does not.</summary>
    public double WetHeightShare => _liquidKgPerM2 < 1 ? 0 : Math.Min(1, _liquidKgPerM2 / PieceMm);

    public void Drain() => _liquidKgPerM2 = 0;

    /// <summary>What runs off a piece: some of it stays under it, the rest runs to where the tray is open and hot, kg per m² of its under side.</summary>
    public void Pour(double kgPerM2) => _liquidKgPerM2 += HeatParameters.DripsUnder.Value * kgPerM2;

    /// <summary>Its temperature this much later, exactly for air that stays and an under side that changes evenly, °C.</summary>
    public double AfterC(double laterS, in TrayClimate climate) => After(laterS, climate).NextC;

    /// <summary>Moves on; what it would be hotter than boiling water goes into boiling its liquid away.</summary>
    public void Advance(double stepS, in TrayClimate climate)
    {
        (TemperatureC, double boiledKgPerM2) = After(stepS, climate);
        _liquidKgPerM2 = Math.Max(0, _liquidKgPerM2 - boiledKgPerM2 - (stepS * EvaporatingKgPerM2S(climate)));
    }

    /// <summary>
    /// Liquid that meets hot metal takes the metal's heat first; what is left then holds it at boiling until it is gone. Drippings that
    /// sizzle away do not hold a tray at boiling for the whole of a step.
    /// </summary>
    private (double NextC, double BoiledKgPerM2) After(double laterS, in TrayClimate climate)
    {
        double sizzled = Math.Min(_liquidKgPerM2, _dryJPerM2K * Math.Max(0, TemperatureC - BoilingC) / Materials.WaterVapour.LatentHeatJPerKg);
        double fromC = TemperatureC - (sizzled * Materials.WaterVapour.LatentHeatJPerKg / _dryJPerM2K);
        double left = _liquidKgPerM2 - sizzled;
        (double next, double exchange, double restC) = Unlimited(fromC, laterS, climate);
        if (next <= BoilingC || (left <= 0 && !_staysWet))
        {
            return (next, sizzled);
        }

        double boilsS = fromC >= BoilingC ? laterS : laterS * (next - BoilingC) / (next - fromC);
        double kgPerM2S = exchange * Math.Max(0, restC - BoilingC) / Materials.WaterVapour.LatentHeatJPerKg;
        double boiling = kgPerM2S * boilsS;
        return _staysWet || boiling <= left
            ? (BoilingC, sizzled + boiling)
            : (Unlimited(BoilingC, boilsS - (left / kgPerM2S), climate).NextC, _liquidKgPerM2);
    }

    /// <summary>What liquid gives off to the air below boiling, kg/(m²·s); less than a millimetre stays under the pieces.</summary>
    private double EvaporatingKgPerM2S(in TrayClimate climate) => _liquidKgPerM2 <= 1 || !climate.IsOpen ? 0
        : Math.Min(1, _liquidKgPerM2 - 1) * _openTray * climate.ConvectionWPerM2K
            * Math.Max(0, Materials.WaterVapour.FluxPerCoefficient(Math.Min(TemperatureC, 95), Materials.WaterVapour.Drive(HeatParameters.OvenVapourPressure.Value)));

    private (double NextC, double Exchange, double RestC) Unlimited(double fromC, double laterS, in TrayClimate climate)
    {
        double faces = 1 + _openTray;
        double meanK = ((fromC + climate.WallC) / 2) + 273.15;
        double radiation = 4 * _emissivity * FaceClimate.StefanBoltzmannWPerM2K4 * meanK * meanK * meanK;
        double contact = climate.IsTouched ? ContactWPerM2K : 0;
        double exchange = (faces * (climate.ConvectionWPerM2K + radiation)) + contact;
        double restC = ((faces * ((climate.ConvectionWPerM2K * climate.AirC) + (radiation * climate.WallC))) + (contact * climate.UnderC)
            - (Materials.WaterVapour.LatentHeatJPerKg * EvaporatingKgPerM2S(climate))) / exchange;

        // What it tends to moves evenly with the piece's under side, and it follows with its own lag.
        double lagS = (_dryJPerM2K + (WaterJPerKgK * _liquidKgPerM2)) / exchange;
        double restRate = contact * climate.UnderRatePerS / exchange;
        double startsBehindC = fromC - restC + (restRate * lagS);
        double next = restC + (restRate * (laterS - lagS)) + (startsBehindC * Math.Exp(-laterS / lagS));
        return (next, exchange, restC);
    }
}
