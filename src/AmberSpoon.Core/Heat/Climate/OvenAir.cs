namespace AmberSpoon.Core.Heat.Climate;

/// <summary>
/// Air and walls of an oven. Air follows the thermostat as fast as the elements allow; walls follow the air. An open door
/// lets hot air out and hardly cools the walls, which soon warm the new air.
/// </summary>
internal sealed class OvenAir
{
    private readonly OvenTraits _traits;
    private double _setC;

    public OvenAir(OvenTraits traits)
    {
        traits.Validate();
        _traits = traits;
        _setC = traits.SetC + traits.OffsetC;
        Mode = traits.Mode;
        AirC = traits.StartC ?? _setC;
        WallC = AirC;
    }

    public OvenMode Mode { get; set; }

    /// <summary>
    /// Share of the time that the grill's element glows: what leaks out of the oven grows as its air is hotter than the kitchen,
    /// and on full it keeps <see cref="HeatParameters.GrillFull"/>.
    /// </summary>
    public double GrillDuty => Math.Clamp((_setC - HeatParameters.RoomAir.Value) / (HeatParameters.GrillFull.Value - HeatParameters.RoomAir.Value), 0, 1);

    public double AirC { get; private set; }

    public double WallC { get; private set; }

    public void Set(double setC) => _setC = setC + _traits.OffsetC;

    public void OpenDoor(double openS)
    {
        double share = Math.Min(1, openS / 30);
        double roomC = HeatParameters.RoomAir.Value;
        AirC -= share * HeatParameters.DoorAirShare.Value * (AirC - roomC);
        WallC -= share * HeatParameters.DoorWallShare.Value * (WallC - roomC);
    }

    /// <summary>Air and wall this much later, nothing else happening.</summary>
    public (double AirC, double WallC) After(double timeS, double laterS)
    {
        double swing = _traits.SwingC * Math.Sin(2 * Math.PI * (timeS + laterS) / _traits.SwingPeriodS);
        double wantedC = _setC + swing;
        double airC = Follow(AirC, wantedC, laterS);
        double warmedByWallsC = Math.Min(wantedC, WallC);
        if (warmedByWallsC > AirC)
        {
            double lagShare = 1 - Math.Exp(-laterS / HeatParameters.AirLag.Value);
            airC = Math.Max(airC, AirC + (lagShare * (warmedByWallsC - AirC)));
        }

        double wallLag = 1 - Math.Exp(-laterS / HeatParameters.WallLag.Value);
        return (airC, WallC + (wallLag * (((AirC + airC) / 2) - WallC)));
    }

    public void Advance(double timeS, double laterS) => (AirC, WallC) = After(timeS, laterS);

    /// <summary>Towards the wanted temperature: as fast as the elements can, then closing in.</summary>
    private static double Follow(double fromC, double wantedC, double laterS)
    {
        double gap = wantedC - fromC;
        double lagS = HeatParameters.AirLag.Value;
        double fastest = gap > 0 ? HeatParameters.HeatingRate.Value : HeatParameters.CoolingRate.Value;
        double nearGap = fastest * lagS;
        if (Math.Abs(gap) > nearGap)
        {
            double straightS = Math.Min(laterS, (Math.Abs(gap) - nearGap) / fastest);
            fromC += Math.Sign(gap) * fastest * straightS;
            laterS -= straightS;
            gap = wantedC - fromC;
        }

        return fromC + (gap * (1 - Math.Exp(-laterS / lagS)));
    }
}
