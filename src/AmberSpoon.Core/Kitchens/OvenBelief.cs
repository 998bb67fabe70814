using System.Text.Json.Serialization;

namespace AmberSpoon.Core.Kitchens;

/// <summary>
/// What the bakes of one oven have taught about it: a normal spread over three doubts, in the order offset, exchange, evaporation,
/// each counted in standard deviations of what is doubtful of an oven nobody knows (<see cref="OffsetSdC"/> and its neighbours). What
/// its cook says of it is <see cref="HouseOven.RunsHotBy"/>.
/// </summary>
/// <param name="Bakes">How many bakes it was learnt from.</param>
/// <param name="Mean">Three: where it likeliest is.</param>
/// <param name="Spread">Nine: the covariance, row by row.</param>
public sealed record OvenBelief(int Bakes, IReadOnlyList<double> Mean, IReadOnlyList<double> Spread)
{
    public const int Doubts = 3;

    /// <summary>An oven that is further off is broken, °C: no bake makes anybody believe it (a judgement).</summary>
    public const double MostOffsetC = 40;

    /// <summary>Exchange and evaporation of household ovens lie within these shares of an ordinary one (a judgement).</summary>
    public const double LeastExchange = 0.6;
    public const double MostExchange = 1.6;
    public const double LeastEvaporation = 0.5;
    public const double MostEvaporation = 2;

    /// <summary>Three: where it likeliest is, within what an oven can be, whatever was learnt, stored or restored.</summary>
    public IReadOnlyList<double> Mean { get; init; } = Within(Mean);

    /// <summary>Nine: the covariance, row by row; that of an oven nobody knows where it is none.</summary>
    public IReadOnlyList<double> Spread { get; init; } = IsSpread(Spread) ? Spread : [1, 0, 0, 0, 1, 0, 0, 0, 1];

    /// <summary>What was learnt is as far as an oven can be off: more likely something else is.</summary>
    [JsonIgnore]
    public bool IsAtLimit => Math.Abs(ActsHotterByC) >= MostOffsetC - 0.5 || Math.Abs(OffsetC) >= MostOffsetC - 0.5 || ExchangeFactor >= MostExchange - 0.01 || ExchangeFactor <= LeastExchange + 0.01;

    private static double[] Within(IReadOnlyList<double>? mean) =>
    [
        Clamped(mean, 0, -MostOffsetC / OffsetSdC, MostOffsetC / OffsetSdC),
        Clamped(mean, 1, Math.Log(LeastExchange) / ExchangeSd, Math.Log(MostExchange) / ExchangeSd),
        Clamped(mean, 2, Math.Log(LeastEvaporation) / EvaporationSd, Math.Log(MostEvaporation) / EvaporationSd),
    ];

    private static double Clamped(IReadOnlyList<double>? mean, int at, double low, double high) =>
        mean?.Count == Doubts && double.IsFinite(mean[at]) ? Math.Clamp(mean[at], low, high) : 0;

    private static bool IsSpread(IReadOnlyList<double>? spread) =>
        spread?.Count == Doubts * Doubts && spread.All(double.IsFinite) && spread[0] > 0 && spread[4] > 0 && spread[8] > 0;

    /// <summary>From the 10 % to the 50 % point of a normal spread, in standard deviations.</summary>
    public const double TenthZ = 1.2816;

    /// <summary>True oven less dial, °C: four unknown ovens in five lie within 12 °C (common practice).</summary>
    public const double OffsetSdC = 12 / TenthZ;

    /// <summary>Of the logarithm of how well it gives off heat, and of how well the model says so.</summary>
    public const double ExchangeSd = 0.18;

    /// <summary>Of the logarithm of how much dries: four in five lie within 30 %.</summary>
    public const double EvaporationSd = 0.30 / TenthZ;

    /// <summary>True oven less dial, °C.</summary>
    [JsonIgnore]
    public double OffsetC => OffsetSdC * Mean[0];

    /// <summary>Four in five lie this close to <see cref="OffsetC"/>, °C.</summary>
    [JsonIgnore]
    public double OffsetWithinC => TenthZ * OffsetSdC * Math.Sqrt(Spread[0]);

    /// <summary>
    /// How much a bake feels each doubt, as a share of what it feels of the first: hotter air, better exchange and less drying do the same
    /// to a middle, and readings hardly tell them apart (by the engine, on 24 trays of many cuts at 190 to 215 °C: 1.1 to 1.45 and −0.3 to −0.65).
    /// </summary>
    private static readonly double[] Felt = [1, 1.27, -0.43];

    /// <summary>It bakes as an ordinary oven would whose air is so much hotter than the dial says, °C: what readings tell well.</summary>
    [JsonIgnore]
    public double ActsHotterByC => Math.Clamp(OffsetSdC * Felt.Zip(Mean, (felt, mean) => felt * mean).Sum(), -MostOffsetC, MostOffsetC);

    /// <summary>Four in five lie this close to <see cref="ActsHotterByC"/>, °C.</summary>
    [JsonIgnore]
    public double ActsWithinC
    {
        get
        {
            double variance = 0;
            for (int i = 0; i < Doubts * Doubts; i++)
            {
                variance += Felt[i / Doubts] * Felt[i % Doubts] * Spread[i];
            }

            return TenthZ * OffsetSdC * Math.Sqrt(variance);
        }
    }

    /// <summary>How well it gives off heat, as a share of an ordinary oven.</summary>
    [JsonIgnore]
    public double ExchangeFactor => Math.Exp(ExchangeSd * Mean[1]);

    /// <summary>How much dries in it, as a share of an ordinary oven.</summary>
    [JsonIgnore]
    public double EvaporationFactor => Math.Exp(EvaporationSd * Mean[2]);

    /// <summary>Two beliefs with the same one say the same.</summary>
    [JsonIgnore]
    public string Key => string.Create(System.Globalization.CultureInfo.InvariantCulture, $"{Bakes}:{Mean[0]:0.####},{Mean[1]:0.####},{Mean[2]:0.####},{Spread[0]:0.####}");

    /// <summary>An oven nobody has baked in.</summary>
    /// <param name="knownOffsetC">What its cook says it is off by, °C.</param>
    public static OvenBelief Unknown(double knownOffsetC) => new(0, [knownOffsetC / OffsetSdC, 0, 0], [1, 0, 0, 0, 1, 0, 0, 0, 1]);
}
