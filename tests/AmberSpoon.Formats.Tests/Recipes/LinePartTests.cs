using AmberSpoon.Core.Units;
using AmberSpoon.Formats.Recipes.Lines;
using CsCheck;
using Xunit;

namespace AmberSpoon.Formats.Tests.Recipes;

/// <summary>The parts a line is read by, each on its own.</summary>
public sealed class LinePartTests
{
    [Theory]
    [InlineData("2", 2, "")]
    [InlineData("2 cups", 2, " cups")]
    [InlineData("0.5l", 0.5, "l")]
    [InlineData("1,5 kg", 1.5, " kg")]
    [InlineData("1,000 g", 1000, " g")]
    [InlineData("12,500 g", 12500, " g")]
    [InlineData("½", 0.5, "")]
    [InlineData("1½ tsp", 1.5, " tsp")]
    [InlineData("1 ½ tsp", 1.5, " tsp")]
    [InlineData("1/2 tsp", 0.5, " tsp")]
    [InlineData("2 1/4 lb", 2.25, " lb")]
    [InlineData("2-1/4 lb", 2.25, " lb")]
    [InlineData("2-3 lb", 2, "-3 lb")]
    [InlineData("3/2", 1.5, "")]
    [InlineData("5. Stir", 5, ". Stir")]
    [InlineData("2.756", 2.756, "")]
    public void Numbers_are_read_as_cooks_write_them(string text, double value, string rest)
    {
        int at = 0;
        Assert.True(KitchenNumber.TryRead(text, ref at, out double read));
        Assert.Equal(value, read);
        Assert.Equal(rest, text[at..]);
    }

    [Theory]
    [InlineData("")]
    [InlineData("cup")]
    [InlineData("/2")]
    [InlineData("-3")]
    public void What_is_no_number_moves_nothing(string text)
    {
        int at = 0;
        Assert.False(KitchenNumber.TryRead(text, ref at, out _));
        Assert.Equal(0, at);
    }

    [Fact]
    public void A_fraction_of_nothing_is_its_upper_number()
    {
        int at = 0;
        Assert.True(KitchenNumber.TryRead("1/0", ref at, out double value));
        Assert.Equal((1, 1), (value, at));
    }

    [Fact]
    public void Any_number_of_three_decimals_is_read_back() => Gen.Int[0, 999_999_999].Sample(thousandths =>
    {
        double value = thousandths / 1000.0;
        int at = 0;
        string text = value.ToString("0.###", System.Globalization.CultureInfo.InvariantCulture);
        return KitchenNumber.TryRead(text, ref at, out double read) && Math.Abs(read - value) < 1e-6 && at == text.Length;
    });

    [Theory]
    [InlineData("  • 2  tbsp \t oil ", "2 tbsp oil")]
    [InlineData("<b>2</b> cups", "2 cups")]
    [InlineData("salt &amp; pepper", "salt & pepper")]
    [InlineData("2 × 400 g", "2 x 400 g")]
    [InlineData("2–3 cups", "2-3 cups")]
    [InlineData("1⁄2 cup", "1/2 cup")]
    [InlineData("bake < 5 min", "bake < 5 min")]
    [InlineData("cook’s knife", "cook's knife")]
    public void Lines_are_cleaned_of_markup_bullets_and_odd_signs(string line, string clean) => Assert.Equal(clean, LineTokens.Clean(line));

    [Fact]
    public void Cleaning_again_changes_nothing() => Gen.String[Gen.Char[' ', '\u2100'], 0, 60].Sample(text =>
    {
        // What is decoded once may decode again ("&amp;amp;"): only lines without ampersands and tags are their own end.
        string clean = LineTokens.Clean(text.Replace("&", "", StringComparison.Ordinal).Replace("<", "", StringComparison.Ordinal));
        return LineTokens.Clean(clean) == clean;
    });

    [Fact]
    public void Long_lines_are_cut() => Assert.Equal(LineTokens.LongestLine, LineTokens.Clean(new string('a', 5000)).Length);

    [Fact]
    public void A_line_falls_into_numbers_words_marks_and_brackets()
    {
        List<LineToken> tokens = LineTokens.Of("2 (14.5 oz) bone-in cans, 5cm [see (note)]");
        Assert.Equal(
            [TokenKind.Number, TokenKind.Bracket, TokenKind.Word, TokenKind.Word, TokenKind.Mark, TokenKind.Number, TokenKind.Word, TokenKind.Bracket],
            tokens.Select(token => token.Kind));
        Assert.Equal("14.5 oz", tokens[1].Text);
        Assert.Equal("bone-in", tokens[2].Text);
        Assert.Equal("see (note)", tokens[7].Text);
        Assert.Equal([false, false, false, false, true, false, true, false], tokens.Select(token => token.IsGlued));
    }

    [Theory]
    [InlineData("tbsp. oil", "tbsp", 2)]
    [InlineData("fl. oz. milk", "fl oz", 4)]
    [InlineData("fluid ounces milk", "fl oz", 2)]
    [InlineData("T oil", "tbsp", 1)]
    [InlineData("t oil", "tsp", 1)]
    [InlineData("Leaves", "leaf", 1)]
    public void Units_are_found_with_their_dots(string text, string unit, int length) =>
        Assert.Equal((unit, length), new LineCursor(LineTokens.Of(text)).UnitAt(0));

    [Theory]
    [InlineData("14-ounce can", "oz")]
    [InlineData("400 g", "g")]
    public void Sizes_of_packs_may_have_a_hyphen(string text, string unit) => Assert.Equal(unit, new LineCursor(LineTokens.Of(text)).SizeAt(1)?.Unit);

    [Theory]
    [InlineData("about 2 cups")]
    [InlineData("2-inch")]
    [InlineData("")]
    public void Brackets_that_hold_no_size_are_no_size(string bracket) => Assert.Null(LineCursor.SizeIn(bracket));

    [Fact]
    public void Every_unit_that_can_be_computed_with_has_a_word_that_finds_it_again() =>
        Assert.All(Enum.GetValues<MeasureUnit>(), unit => Assert.Equal(unit, UnitWords.Measure(unit == MeasureUnit.FluidOunce ? "fl oz" : UnitWords.WordFor(unit))));

    [Theory]
    [InlineData("bunch")]
    [InlineData("can")]
    [InlineData("sprig")]
    public void A_bunch_is_no_measure(string unit) => Assert.Null(UnitWords.Measure(unit));
}
