using System.Globalization;
using System.Text.RegularExpressions;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Formats.Recipes.ToKitchen;

/// <summary>
/// What hands do at the oven according to a recipe's steps, on one time axis: sentences that bake for so long move it on, the
/// others happen where they stand. "After 30 minutes: brush" says its own minute.
/// </summary>
internal static partial class StepsInRecipe
{
    private const int PatienceMs = 2000;

    [GeneratedRegex(@"[^.!?;]+[.!?;]?", RegexOptions.None, PatienceMs)]
    private static partial Regex Sentence();

    [GeneratedRegex(@"\b(?:bake|baking|roast|roasting|cook|cooking|return|continue)\b", RegexOptions.IgnoreCase, PatienceMs)]
    private static partial Regex Baking();

    [GeneratedRegex(@"\bafter\s+(?<at>[0-9]{1,3})\s*min", RegexOptions.IgnoreCase, PatienceMs)]
    private static partial Regex After();

    [GeneratedRegex(@"\b(?:reduce|lower|turn|increase|raise|drop)\b[^.;]{0,60}?(?<![0-9/])(?<value>[0-9]{2,3})\s*(?:°|º|degrees?\s*)?\s*(?<unit>C|F)\b", RegexOptions.IgnoreCase, PatienceMs)]
    private static partial Regex NewDial();

    [GeneratedRegex(@"\b(?:cover|tent)\b[^.;]{0,40}\bfoil\b|\bfoil\s+(?:on|over)\b", RegexOptions.IgnoreCase, PatienceMs)]
    private static partial Regex FoilOn();

    [GeneratedRegex(@"\buncover|\b(?:remove|take)\b[^.;]{0,20}\bfoil\b", RegexOptions.IgnoreCase, PatienceMs)]
    private static partial Regex FoilOff();

    [GeneratedRegex(@"\b(?:turn|flip)\b[^.;]{0,40}\b(?:over|pieces|chicken|once|half)", RegexOptions.IgnoreCase, PatienceMs)]
    private static partial Regex TurnOver();

    [GeneratedRegex(@"\b(?:half[ -]?way|midway)\b", RegexOptions.IgnoreCase, PatienceMs)]
    private static partial Regex HalfWay();

    [GeneratedRegex(@"\b(?:pour|drain)\b[^.;]{0,30}\b(?:juices|drippings|liquid)\b", RegexOptions.IgnoreCase, PatienceMs)]
    private static partial Regex Pour();

    [GeneratedRegex(@"\bbast(?:e|ing)\b", RegexOptions.IgnoreCase, PatienceMs)]
    private static partial Regex Basting();

    /// <summary>"Brush the glaze on", with the minute at which it is done.</summary>
    [GeneratedRegex(@"\b(?:brush|spoon|dab|spread|glaze)\b", RegexOptions.IgnoreCase, PatienceMs)]
    private static partial Regex Brush();

    /// <param name="steps">A recipe's steps.</param>
    /// <returns>In order of time; and the minute at which something is brushed on, null where that is before the oven.</returns>
    public static (IReadOnlyList<PlannedStep> Steps, int? BrushedAt) Of(IReadOnlyList<string> steps)
    {
        var found = new List<PlannedStep>();
        int? brushed = null;
        int now = 0;
        bool isCovered = false;
        foreach (string sentence in steps.SelectMany(step => Sentence().Matches(step).Select(match => match.Value)).Take(MostSentences))
        {
            int lasts = Baking().IsMatch(sentence) && !After().IsMatch(sentence) ? OvenWords.BakeMinutes(["bake " + sentence]) ?? 0 : 0;
            int at = After().Match(sentence) is { Success: true } after ? int.Parse(after.Groups["at"].ValueSpan, CultureInfo.InvariantCulture) : now;
            if (at > 0 && NewDial().Match(sentence) is { Success: true } dial)
            {
                var setting = new EnteredTemperature(
                    double.Parse(dial.Groups["value"].ValueSpan, CultureInfo.InvariantCulture),
                    dial.Groups["unit"].Value.Equals("C", StringComparison.OrdinalIgnoreCase) ? TemperatureUnit.Celsius : TemperatureUnit.Fahrenheit);
                if (setting.ToTemperature().Celsius is >= TrayPlanLimits.LowestOvenC and <= TrayPlanLimits.HighestOvenC)
                {
                    found.Add(new(StepKind.Lower, at, setting));
                }
            }

            if (isCovered && FoilOff().IsMatch(sentence))
            {
                found.Add(new(StepKind.Uncover, at));
                isCovered = false;
            }
            else if (!isCovered && FoilOn().IsMatch(sentence) && (lasts > 0 || now > 0 || at == 0))
            {
                found.Add(new(StepKind.Cover, at));
                isCovered = true;
            }

            if (!isCovered && TurnOver().IsMatch(sentence) && (at > 0 || lasts > 0))
            {
                found.Add(new(StepKind.Turn, HalfWay().IsMatch(sentence) || at == 0 ? at + (lasts / 2) : at));
            }

            if (at > 0)
            {
                if (Pour().IsMatch(sentence))
                {
                    found.Add(new(StepKind.Drain, at));
                }
                else if (!isCovered && Basting().IsMatch(sentence))
                {
                    found.Add(new(StepKind.Baste, at));
                }

                brushed ??= Brush().IsMatch(sentence) ? at : null;
            }

            now += lasts;
        }

        // Foil that nobody takes off again stays on: then it is resting foil, and no step of the oven.
        if (isCovered)
        {
            found.RemoveAt(found.FindLastIndex(step => step.Kind == StepKind.Cover));
        }

        return ([.. found.Where(step => step.AtMinutes <= TrayPlanLimits.LatestStepMinutes).OrderBy(step => step.AtMinutes).Take(TrayPlanLimits.MostSteps)], brushed);
    }

    private const int MostSentences = 400;
}
