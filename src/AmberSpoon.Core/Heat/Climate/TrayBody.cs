namespace AmberSpoon.Core.Heat.Climate;

/// <summary>
/// What a piece lies on, as one temperature with its own thermal mass: a metal tray follows the oven in a minute, glass in
/// five, a bed of vegetables in twenty. While there is liquid it does not get hotter than boiling water.
/// </summary>
internal sealed class TrayBody
{
    private const double BoilingC = Materials.WaterVapour.BoilingC;

    private readonly double _capacityJPerM2K;
    private readonly double _emissivity;
    private readonly double _openTray;
    private readonly bool _staysWet;
    private double _liquidKgPerM2;

    public TrayBody(Placement placement, double startC)
    {
        bool isBed = placement.Support == Support.VegetableBed;
        HeatParameter capacity = isBed ? HeatParameters.BedCapacity : placement.Tray switch
        {
            TrayMaterial.LightMetal => HeatParameters.LightTrayCapacity,
            TrayMaterial.DarkMetal => HeatParameters.DarkTrayCapacity,
            _ => HeatParameters.GlassCapacity,
        };
        _capacityJPerM2K = capacity.Value;
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
        ContactWPerM2K = _liquidKgPerM2 > 0 ? HeatParameters.LiquidContact.Value : contact.Value;
        DryContactWPerM2K = contact.Value;
        TemperatureC = startC;
    }

    public double TemperatureC { get; private set; }

    /// <summary>Between the piece's under side and this, W/(m²·K).</summary>
    public double ContactWPerM2K { get; private set; }

    private double DryContactWPerM2K { get; }

    public void Drain()
    {
        _liquidKgPerM2 = 0;
        ContactWPerM2K = DryContactWPerM2K;
    }

    /// <summary>Its temperature this much later, exactly for air that stays and an under side that changes evenly, °C.</summary>
    public double AfterC(double laterS, in TrayClimate climate) => Math.Min(CeilingC, Unlimited(laterS, climate).NextC);

    /// <summary>Moves on; what it would be hotter than boiling water goes into boiling its liquid away.</summary>
    public void Advance(double stepS, in TrayClimate climate)
    {
        (double next, double exchange, double restC) = Unlimited(stepS, climate);
        if (next > CeilingC && _liquidKgPerM2 > 0)
        {
            _liquidKgPerM2 -= exchange * Math.Max(0, restC - BoilingC) * stepS / Materials.WaterVapour.LatentHeatJPerKg;
            if (_liquidKgPerM2 <= 0)
            {
                Drain();
            }
        }

        TemperatureC = Math.Min(CeilingC, next);
    }

    private double CeilingC => _liquidKgPerM2 > 0 || _staysWet ? BoilingC : double.PositiveInfinity;

    private (double NextC, double Exchange, double RestC) Unlimited(double laterS, in TrayClimate climate)
    {
        double faces = 1 + _openTray;
        double meanK = ((TemperatureC + climate.WallC) / 2) + 273.15;
        double radiation = 4 * _emissivity * FaceClimate.StefanBoltzmannWPerM2K4 * meanK * meanK * meanK;
        double contact = climate.IsTouched ? ContactWPerM2K : 0;
        double exchange = (faces * (climate.ConvectionWPerM2K + radiation)) + contact;
        double restC = ((faces * ((climate.ConvectionWPerM2K * climate.AirC) + (radiation * climate.WallC))) + (contact * climate.UnderC)) / exchange;

        // What it tends to moves evenly with the piece's under side, and it follows with its own lag.
        double lagS = _capacityJPerM2K / exchange;
        double restRate = contact * climate.UnderRatePerS / exchange;
        double startsBehindC = TemperatureC - restC + (restRate * lagS);
        double next = restC + (restRate * (laterS - lagS)) + (startsBehindC * Math.Exp(-laterS / lagS));
        return (next, exchange, restC);
    }
}
