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

    /// <summary>"…, then reduce the oven" within a sentence: what follows happens after what went before.</summary>
    [GeneratedRegex(@",\s*(?:and\s+)?(?=then\b|(?:reduce|lower|drop|raise|increase)\b|turn\s+(?:the\s+)?(?:oven|heat|dial)\b)|(?<!\s)\s+(?:and\s+)?(?=then\b)", RegexOptions.IgnoreCase, PatienceMs)]
    private static partial Regex BeforeNext();

    [GeneratedRegex(@"^\s*then\b", RegexOptions.IgnoreCase, PatienceMs)]
    private static partial Regex Next();

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
    public static OvenSteps Of(IReadOnlyList<string> steps)
    {
        var found = new List<PlannedStep>();
        int? brushed = null;
        int now = 0;
        bool isCovered = false;
        IEnumerable<string> sentences = steps.SelectMany(step => Sentence().Matches(step).Select(match => match.Value)).Take(MostSentences);
        foreach (string sentence in sentences.SelectMany(whole => After().IsMatch(whole) ? [whole] : BeforeNext().Split(whole)).Take(MostSentences))
        {
            // "Then 25 minutes at 180 °C" needs no word for baking.
            EnteredTemperature? next = Next().IsMatch(sentence) && OvenWords.Ovens([sentence]) is [var mention, ..] ? mention.Setting : null;
            bool isBaking = next is not null || Baking().IsMatch(sentence);
            int lasts = isBaking && !After().IsMatch(sentence) ? OvenWords.BakeMinutes(["bake " + sentence]) ?? 0 : 0;
            int at = After().Match(sentence) is { Success: true } after ? int.Parse(after.Groups["at"].ValueSpan, CultureInfo.InvariantCulture) : now;
            if (at > 0 && (NewDialIn(sentence) ?? next) is { } setting && setting.ToTemperature().Celsius is >= TrayPlanLimits.LowestOvenC and <= TrayPlanLimits.HighestOvenC)
            {
                found.Add(new(StepKind.Lower, at, setting));
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

        return new([.. found.Where(step => step.AtMinutes <= TrayPlanLimits.LatestStepMinutes).OrderBy(step => step.AtMinutes).Take(TrayPlanLimits.MostSteps)], brushed, now);
    }

    private static EnteredTemperature? NewDialIn(string sentence) => NewDial().Match(sentence) is { Success: true } dial
        ? new(
            double.Parse(dial.Groups["value"].ValueSpan, CultureInfo.InvariantCulture),
            dial.Groups["unit"].Value.Equals("C", StringComparison.OrdinalIgnoreCase) ? TemperatureUnit.Celsius : TemperatureUnit.Fahrenheit)
        : null;

    private const int MostSentences = 400;
}

/// <summary>What a recipe does at the oven.</summary>
/// <param name="Steps">In order of time.</param>
/// <param name="BrushedAt">The minute at which something is brushed on; null where that is before the oven.</param>
/// <param name="EndMinutes">When all that bakes one after the other is over, min.</param>
internal sealed record OvenSteps(IReadOnlyList<PlannedStep> Steps, int? BrushedAt, int EndMinutes);
