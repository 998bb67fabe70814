using System.Globalization;

namespace AmberSpoon.Core.Units;

/// <summary>
/// What a kitchen reads numbers in, and the one place where they are written into sentences for it. Use it for what the app has
/// worked out; what a cook typed is said back in its own unit (<see cref="EnteredMass"/> and its neighbours), and what a mix
/// needs is measured with <see cref="Measures"/>.
/// </summary>
/// <param name="Temperature">°C or °F.</param>
/// <param name="Mass">Grams or ounces; liquids go by the millilitre with the one and by the cup with the other.</param>
/// <param name="Length">Millimetres or inches.</param>
/// <param name="Clock">18:45 or 6:45 pm.</param>
public sealed record KitchenUnits(TemperatureUnit Temperature, MassUnit Mass, LengthUnit Length, ClockFace Clock)
{
    private const double PoundG = 453.59237;
    private const double OunceG = PoundG / 16;
    private const double InchMm = 25.4;

    /// <summary>A cup and a tablespoon as recipes in ounces mean them, ml (21 CFR 101.9: 240 and 15).</summary>
    private const double CupMl = 240;
    private const double SpoonMl = 15;

    public static KitchenUnits Usual { get; } = new(TemperatureUnit.Celsius, MassUnit.Gram, LengthUnit.Millimetre, ClockFace.TwentyFour);

    private bool IsByCup => Mass is MassUnit.Ounce or MassUnit.Pound;

    /// <summary>"74 °C", "165 °F"</summary>
    public string Say(Temperature temperature) => temperature.Say(Temperature);

    /// <summary>What an oven is set to: as it was typed; where that is in the other unit, as a dial is marked, to the five degrees.</summary>
    /// <param name="dial">As typed.</param>
    public string SayDial(EnteredTemperature dial) => dial.Unit == Temperature
        ? Say(dial.ToTemperature())
        : Say(Units.Temperature.From(5 * Math.Round(dial.ToTemperature().In(Temperature) / 5), Temperature));

    /// <summary>"9.7 dm²", "150 in²"</summary>
    /// <param name="dm2">Surface, dm².</param>
    public string SayArea(double dm2) => Length == LengthUnit.Inch ? Invariant($"{dm2 * 1e4 / (InchMm * InchMm):0} in²") : Invariant($"{dm2:0.0} dm²");

    /// <summary>"5 °C", "9 °F": how much hotter one is than another.</summary>
    /// <param name="differenceC">Difference, °C.</param>
    public string SayDifference(double differenceC) =>
        Temperature == TemperatureUnit.Celsius ? Invariant($"{differenceC:0} °C") : Invariant($"{differenceC * 9 / 5:0} °F");

    /// <summary>"8 g", "990 g", "1.65 kg"; "0.3 oz", "12 oz", "2 lb 3 oz".</summary>
    /// <param name="grams">Mass, g; 0 or more.</param>
    public string SayMass(double grams)
    {
        if (!IsByCup)
        {
            return grams < 1 ? Invariant($"{grams:0.#} g") : grams < 999.5 ? Invariant($"{grams:0} g") : Invariant($"{grams / 1000:0.##} kg");
        }

        double ounces = grams / OunceG;
        if (ounces < 9.95)
        {
            return Invariant($"{ounces:0.#} oz");
        }

        // Rounded once, so that never sixteen ounces are left over beside the pounds.
        int whole = (int)Math.Round(ounces, MidpointRounding.AwayFromZero);
        return whole < 16 ? $"{whole} oz" : whole % 16 == 0 ? $"{whole / 16} lb" : $"{whole / 16} lb {whole % 16} oz";
    }

    /// <summary>"38 mm"; "1 ½ in", to the eighth of an inch.</summary>
    /// <param name="millimetres">Length, mm; 0 or more.</param>
    public string SayLength(double millimetres) =>
        Length == LengthUnit.Inch ? $"{Eighths(millimetres / InchMm)} in" : Invariant($"{millimetres:0} mm");

    /// <summary>"240 ml", to the five from 20 on; "1 cup", "2 tbsp".</summary>
    /// <param name="millilitres">Volume, ml; 0 or more.</param>
    public string SayVolume(double millilitres)
    {
        if (!IsByCup)
        {
            return Invariant($"{(millilitres < 20 ? millilitres : 5 * Math.Round(millilitres / 5)):0} ml");
        }

        // Below a quarter of a cup, spoons.
        if (millilitres < CupMl / 4)
        {
            return Invariant($"{Math.Max(0.5, Math.Round(2 * millilitres / SpoonMl, MidpointRounding.AwayFromZero) / 2):0.#} tbsp");
        }

        // An eighth is two tablespoons, and matters in a small pour only.
        double finest = millilitres < CupMl ? 8 : 4;
        double cups = Math.Round(finest * millilitres / CupMl, MidpointRounding.AwayFromZero) / finest;
        return $"{Eighths(cups)} {(cups > 1 ? "cups" : "cup")}";
    }

    /// <summary>"7.20 the kilogram"; "3.27 the pound".</summary>
    /// <param name="perKg">What a kilogram costs.</param>
    public string SayPrice(decimal perKg) => IsByCup ? Invariant($"{perKg * (decimal)PoundG / 1000:0.00} the pound") : Invariant($"{perKg:0.00} the kilogram");

    /// <summary>"18:45"; "6:45 pm".</summary>
    /// <param name="at">A moment, in the offset in which it is read.</param>
    public string SayTime(DateTimeOffset at) => Clock == ClockFace.Twelve
        ? at.ToString("h:mm ", CultureInfo.InvariantCulture) + (at.Hour < 12 ? "am" : "pm")
        : at.ToString("HH:mm", CultureInfo.InvariantCulture);

    /// <summary>"¾", "1 ½", "2": a number as a ruler and a cup show it, never nothing.</summary>
    private static string Eighths(double number)
    {
        int eighths = Math.Max(1, (int)Math.Round(8 * number, MidpointRounding.AwayFromZero));
        string part = (eighths % 8) switch { 1 => "⅛", 2 => "¼", 3 => "⅜", 4 => "½", 5 => "⅝", 6 => "¾", 7 => "⅞", _ => string.Empty };
        int whole = eighths / 8;
        return whole == 0 ? part : part.Length == 0 ? Invariant($"{whole}") : Invariant($"{whole} {part}");
    }

    private static string Invariant(FormattableString text) => FormattableString.Invariant(text);
}
