using System.Diagnostics;
using AmberSpoon.Formats.Recipes.Lines;

namespace AmberSpoon.Bench;

/// <summary>How long the ingredient parser takes for lines that were cut up, doubled and littered. Bar: none over 5 ms.</summary>
internal static class LineTimes
{
    private const int Lines = 20_000;

    private static readonly string[] Seeds =
    [
        "2 (14.5 oz) cans diced tomatoes, drained", "1 1/2 - 2 lb carrots, peeled and cut into 2 cm chunks", "juice and zest of half a lemon", "6 bone-in, skin-on chicken thighs (about 1 kg)",
        "1 cup plus 2 tablespoons flour, plus extra for dusting", "Salt &amp; pepper to taste", "200g/7oz Greek yogurt", "½ tsp <b>smoked</b> paprika", "a 5 cm piece of ginger, finely grated",
    ];

    private static readonly string[] Litter = ["½", "(", ")", "1/", " of ", "x", "&#", "<", "-", ", ", "fl. oz. ", "plus 3 ", "99999999", "to", "\t"];

    public static void Print()
    {
        var luck = new Random(20_000);
        string[] lines = [.. Enumerable.Range(0, Lines).Select(_ => Harmed(Seeds[luck.Next(Seeds.Length)], luck))];
        foreach (string line in lines.Take(2000))
        {
            IngredientParser.Parse(line);
        }

        // The best of three: a line that the machine itself interrupted is not a slow line.
        double[] milliseconds = [.. lines.Select(line => Enumerable.Range(0, 3).Min(_ => Milliseconds(line))).Order()];
        Console.WriteLine(FormattableString.Invariant(
            $"{Lines} mutated ingredient lines: median {milliseconds[Lines / 2]:0.0000} ms, slowest {milliseconds[^1]:0.000} ms"));
    }

    private static double Milliseconds(string line)
    {
        long from = Stopwatch.GetTimestamp();
        IngredientParser.Parse(line);
        return Stopwatch.GetElapsedTime(from).TotalMilliseconds;
    }

    private static string Harmed(string line, Random luck)
    {
        for (int i = luck.Next(1, 12); i > 0; i--)
        {
            int at = luck.Next(line.Length + 1);
            line = luck.Next(4) switch
            {
                0 => line.Insert(at, Litter[luck.Next(Litter.Length)]),
                1 => line[at..] + line[..at],
                2 => line.Length > 4000 ? line : line + line,
                _ => at < line.Length ? line.Remove(at, 1) : line,
            };
        }

        return line;
    }
}
