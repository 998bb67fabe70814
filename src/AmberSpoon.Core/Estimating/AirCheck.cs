using AmberSpoon.Core.Bakes;
using AmberSpoon.Core.Trays;

namespace AmberSpoon.Core.Estimating;

/// <summary>
/// What thermometers in the oven's own air say of its dial, all of a bake together. It is the one thing that tells an oven whose air is
/// off from one that gives off its heat better or worse: to a middle both do nearly the same.
/// </summary>
/// <param name="OffsetC">Air less dial, °C.</param>
/// <param name="SdC">How far that may lie off the true oven less dial, °C, one standard deviation.</param>
/// <param name="Readings">How many of them count.</param>
public readonly record struct AirCheck(double OffsetC, double SdC, int Readings)
{
    /// <summary>The air has come to its thermostat so long after the dial was turned or the oven lit, s (common practice).</summary>
    public const double SettledAfterDialS = 15 * 60;

    /// <summary>And so long after its door was open, s (common practice: tens of degrees are lost, and back in minutes).</summary>
    public const double SettledAfterDoorS = 4 * 60;

    /// <summary>Further off its dial no oven is that still bakes; the thermometer was read wrong, °C (a judgement).</summary>
    public const double MostOffC = 60;

    /// <summary>What a thermometer for ovens shows, °C (common practice).</summary>
    public const double LowestC = 30;
    public const double HighestC = 350;

    /// <summary>The thermometer's own error, and how far the place it stands in is from the middle of the oven, °C (common practice).</summary>
    private const double ThermometerSdC = 4;

    /// <summary>A thermostat lets the air swing by up to 10 °C to either side, °C (common practice).</summary>
    private const double SwingSdC = 5;

    /// <returns>Null where no reading was of settled air.</returns>
    public static AirCheck? Of(BakeState state)
    {
        double[] off = [.. state.Air.Where(taken => Counts(state, taken)).Select(taken => taken.Celsius - DialC(state, taken.AtS))];
        return off.Length == 0 ? null : new(off.Average(), Math.Sqrt((ThermometerSdC * ThermometerSdC) + (SwingSdC * SwingSdC / off.Length)), off.Length);
    }

    /// <summary>What the dial said at a moment, °C.</summary>
    /// <param name="state">What happened.</param>
    /// <param name="atS">When, s in the bake's time.</param>
    public static double DialC(BakeState state, double atS) =>
        Turns(state).Where(turn => turn.AtS <= atS).Select(turn => turn.Setting).DefaultIfEmpty(state.Plan.OvenSetting).Last().ToTemperature().Celsius;

    /// <summary>From when on the air would be settled if nothing more is done, s in the bake's time: in the past where it is.</summary>
    /// <param name="state">What happened.</param>
    /// <param name="atS">As it stands at this moment, s in the bake's time.</param>
    /// <returns>Null where the tray is out: the oven may be off.</returns>
    public static double? SettledFromS(BakeState state, double atS)
    {
        if (state.Moves.Last(move => move.AtS <= Math.Max(0, atS)).Place != BakePlace.Oven)
        {
            return null;
        }

        double litS = state.Plan.OvenAtStart is null ? double.NegativeInfinity : 0;
        return Turns(state).Select(turn => turn.AtS).Where(turnedS => turnedS <= atS).Append(litS).Select(turnedS => turnedS + SettledAfterDialS)
            .Concat(Doors(state).Where(openS => openS <= atS).Select(openS => openS + SettledAfterDoorS))
            .Concat(Glows(state).Where(glow => glow.FromS <= atS).Select(glow => glow.UntilS + SettledAfterDialS))
            .Max();
    }

    private static bool Counts(BakeState state, AirTaken taken) =>
        SettledFromS(state, taken.AtS) <= taken.AtS && Math.Abs(taken.Celsius - DialC(state, taken.AtS)) <= MostOffC;

    private static IEnumerable<(double AtS, Units.EnteredTemperature Setting)> Turns(BakeState state) => AsBaked.PlanOf(state).Steps
        .Where(step => step is { Kind: StepKind.Lower, Setting: not null })
        .Select(step => (60.0 * step.AtMinutes, step.Setting!));

    /// <summary>When the door was opened, or a hand was at the oven: food moved, something was done, the dial was turned, a piece was measured.</summary>
    private static IEnumerable<double> Doors(BakeState state) => state.Moves.Select(move => move.AtS)
        .Concat(state.Acts.Where(act => act.DoneAtS is not null).Select(act => act.DoneAtS!.Value))
        .Concat(state.DialTurns.Select(turn => turn.AtS))
        .Concat(state.Besides.Select(step => 60.0 * step.AtMinutes))
        .Concat(state.Lots.SelectMany(lot => lot.Places.Select(place => place.AtS)))
        .Concat(state.Readings.Where(reading => reading.Probe is null).Select(reading => reading.AtS));

    /// <summary>Under a glowing element a thermometer shows more than the air.</summary>
    private static IEnumerable<(double FromS, double UntilS)> Glows(BakeState state) => AsBaked.PlanOf(state).Steps
        .Where(step => step.Kind == StepKind.Grill)
        .Select(step => (60.0 * step.AtMinutes, 60.0 * (step.AtMinutes + (step.ForMinutes ?? 0))));
}
