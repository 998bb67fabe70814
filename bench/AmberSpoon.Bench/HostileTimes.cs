using System.Diagnostics;
using AmberSpoon.Formats.Recipes;

namespace AmberSpoon.Bench;

/// <summary>What texts made to be slow cost. Bar: 1 s and 100 MB for any text up to the limit, or refused.</summary>
internal static class HostileTimes
{
    private const int Most = RecipeReader.LargestBytes - 1000;

    public static void Print()
    {
        foreach ((string name, string piece, string before) in ((string, string, string)[])
        [
            ("tags that reopen each other", "<b id=1><p>", "<html>"),
            ("nested blocks", "<div>", "<html>"),
            ("scripts that do not end", "<script type=application/ld+json>{", "<html>"),
            ("serves and spaces", " ", "Thighs\nserves"),
            ("one line of numbers", "1 ", "Thighs\n"),
            ("empty lines", "\n", "Thighs\n6 thighs"),
            ("short ingredients", "1 egg\n", "Thighs\n"),
            ("nested JSON", "[", "["),
            ("wide JSON", "{\"a\":1},", "["),
        ])
        {
            string text = before + string.Concat(Enumerable.Repeat(piece, (Most - before.Length) / piece.Length));
            long bytes = GC.GetTotalAllocatedBytes(precise: true);
            long at = Stopwatch.GetTimestamp();
            string outcome = "read";
            try
            {
                RecipeReader.Read(text);
            }
            catch (RecipeFormatException)
            {
                outcome = "refused";
            }

            TimeSpan took = Stopwatch.GetElapsedTime(at);
            Console.WriteLine(FormattableString.Invariant($"{name}: {outcome} in {took.TotalMilliseconds:0} ms, {(GC.GetTotalAllocatedBytes(precise: true) - bytes) / 1048576.0:0} MB allocated"));
        }
    }
}
