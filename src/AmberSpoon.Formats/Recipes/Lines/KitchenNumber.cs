using System.Globalization;

namespace AmberSpoon.Formats.Recipes.Lines;

/// <summary>Numbers as cooks write them: 1.5, 1,5, 1,000, ½, 1½, 1/2, 1 1/2, 1-1/2.</summary>
internal static class KitchenNumber
{
    /// <summary>Larger ones are no amounts.</summary>
    private const double Largest = 1e6;

    /// <summary>Reads a number that starts here, and moves past it.</summary>
    public static bool TryRead(string text, ref int at, out double value)
    {
        int next = at;
        if (TryFraction(text, ref next, out value))
        {
            at = next;
            return true;
        }

        if (!TryPlain(text, ref next, out value))
        {
            return false;
        }

        // A fraction after a whole number belongs to it: "1 1/2", "1½", "1-1/2".
        if (value == Math.Floor(value))
        {
            int part = next < text.Length && text[next] is ' ' or '-' ? next + 1 : next;
            if (TryFraction(text, ref part, out double fraction) && fraction < 1)
            {
                value += fraction;
                next = part;
            }
        }

        value = Math.Min(value, Largest);
        at = next;
        return true;
    }

    private static bool TryFraction(string text, ref int at, out double value)
    {
        value = 0;
        if (at >= text.Length)
        {
            return false;
        }

        if (CharUnicodeInfo.GetUnicodeCategory(text[at]) == UnicodeCategory.OtherNumber && CharUnicodeInfo.GetNumericValue(text[at]) is > 0 and < 1 and double one)
        {
            value = one;
            at++;
            return true;
        }

        int slash = EndOfDigits(text, at);
        if (slash == at || slash >= text.Length || text[slash] != '/')
        {
            return false;
        }

        int end = EndOfDigits(text, slash + 1);
        if (end == slash + 1 || slash - at > 3 || end - slash > 4)
        {
            return false;
        }

        double below = Whole(text, slash + 1, end);
        if (below == 0)
        {
            return false;
        }

        value = Whole(text, at, slash) / below;
        at = end;
        return true;
    }

    private static bool TryPlain(string text, ref int at, out double value)
    {
        int end = EndOfDigits(text, at);
        value = 0;
        if (end == at)
        {
            return false;
        }

        value = Math.Min(Whole(text, at, end), Largest);
        if (end + 1 < text.Length && text[end] is '.' or ',')
        {
            int last = EndOfDigits(text, end + 1);
            int digits = last - end - 1;
            if (digits == 3 && text[end] == ',' && end - at <= 3)
            {
                value = (value * 1000) + Whole(text, end + 1, last);
                end = last;
            }
            else if (digits is > 0 and < 4)
            {
                value = Math.Round(value + (Whole(text, end + 1, last) / Math.Pow(10, digits)), digits);
                end = last;
            }
        }

        at = end;
        return true;
    }

    private static int EndOfDigits(string text, int at)
    {
        while (at < text.Length && char.IsAsciiDigit(text[at]))
        {
            at++;
        }

        return at;
    }

    private static double Whole(string text, int from, int to)
    {
        double value = 0;
        for (int i = from; i < to && value < Largest; i++)
        {
            value = (10 * value) + (text[i] - '0');
        }

        return value;
    }
}
