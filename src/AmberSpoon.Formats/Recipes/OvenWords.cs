using System.Globalization;
using System.Text.RegularExpressions;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Formats.Recipes;

/// <summary>Finds oven temperatures and baking times in a recipe's steps.</summary>
internal static partial class OvenWords
{
    /// <summary>°C of gas marks 1 to 9 (common practice).</summary>
    private static readonly int[] GasMarkC = [140, 150, 160, 180, 190, 200, 220, 230, 240];

    /// <summary>No pattern needs it; a machine that is busy elsewhere should not make a recipe unreadable.</summary>
    private const int PatienceMs = 2000;

    private const int CoolestC = 100;
    private const int HottestC = 300;

    [GeneratedRegex(@"(?<fan>\bfan(?: oven)?\s+)?(?<![0-9/])(?<value>[0-9]{2,3})\s*(?:°|º|degrees?\s*|deg\.?\s*)?\s*(?<unit>C|F)(?:elsius|ahrenheit|entigrade)?\b(?<after>\s*\(?\s*(?:fan|convection))?", RegexOptions.IgnoreCase, PatienceMs)]
    private static partial Regex Degrees();

    [GeneratedRegex(@"gas(?:\s+mark)?\s*(?<mark>[1-9])\b", RegexOptions.IgnoreCase, PatienceMs)]
    private static partial Regex GasMark();

    [GeneratedRegex(@"(?<low>[0-9]{1,3})(?:\s*(?:-|–|—|to|or)\s*(?<high>[0-9]{1,3}))?\s*(?<unit>min(?:ute)?s?|h(?:ou)?rs?|h)\b", RegexOptions.IgnoreCase, PatienceMs)]
    private static partial Regex Time();

    [GeneratedRegex(@"\b(?:bake|baking|roast|roasting|cook|oven)\b", RegexOptions.IgnoreCase, PatienceMs)]
    private static partial Regex Baking();

    public static IReadOnlyList<OvenMention> Ovens(IEnumerable<string> steps)
    {
        var found = new List<OvenMention>();
        foreach (string step in steps)
        {
            foreach (Match match in Degrees().Matches(step))
            {
                TemperatureUnit unit = match.Groups["unit"].Value.Equals("C", StringComparison.OrdinalIgnoreCase) ? TemperatureUnit.Celsius : TemperatureUnit.Fahrenheit;
                var setting = new EnteredTemperature(double.Parse(match.Groups["value"].ValueSpan, CultureInfo.InvariantCulture), unit);

                // Cooler ones are of the meat.
                if (setting.ToTemperature().Celsius is >= CoolestC and <= HottestC)
                {
                    found.Add(new(setting, match.Groups["fan"].Success || match.Groups["after"].Success));
                }
            }

            if (found.Count == 0 && GasMark().Match(step) is { Success: true } gas)
            {
                found.Add(new(new(GasMarkC[gas.Groups["mark"].ValueSpan[0] - '1'], TemperatureUnit.Celsius), IsFan: false));
            }
        }

        return found;
    }

    /// <summary>The longest time in a step that bakes, min; of a range the upper end.</summary>
    public static int? BakeMinutes(IEnumerable<string> steps)
    {
        int? longest = null;
        foreach (string step in steps.Where(step => Baking().IsMatch(step)))
        {
            foreach (Match match in Time().Matches(step))
            {
                int number = int.Parse((match.Groups["high"].Success ? match.Groups["high"] : match.Groups["low"]).ValueSpan, CultureInfo.InvariantCulture);
                int minutes = match.Groups["unit"].Value.StartsWith('h') || match.Groups["unit"].Value.StartsWith('H') ? 60 * number : number;
                longest = Math.Max(longest ?? 0, minutes);
            }
        }

        return longest is > 0 and <= 600 ? longest : null;
    }
}
