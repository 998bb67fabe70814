using System.Text;
using System.Text.Json;
using AmberSpoon.Formats.Recipes;
using Xunit;

namespace AmberSpoon.Formats.Tests;

/// <summary>
/// Texts made to be slow, large or unwritable. How long they take stands in the benchmarks; here each is read or refused, and
/// a reader that goes over them again and again would not end in this suite's lifetime.
/// </summary>
public sealed class HostileRecipeTests
{
    private const string Recipe = """{"@type":"Recipe","name":"Thighs","recipeIngredient":["6 chicken thighs"],"recipeInstructions":"Bake at 200 °C for 40 min.","recipeYield":"4"}""";

    private static string Page(string body) => $"<!doctype html><html><body>{body}</body></html>";

    private static string Linked(string type = "\"application/ld+json\"") => $"<script type={type}>{Recipe}</script>";

    [Fact]
    public void A_page_nested_to_be_slow_is_read_like_any_other()
    {
        string tangled = string.Concat(Enumerable.Range(0, 250_000).Select(n => $"<b id={n}><p>"));
        Assert.Throws<RecipeFormatException>(() => RecipeReader.Read(Page(tangled)));
        string deep = string.Concat(Enumerable.Repeat("<div>", 600_000));
        Assert.Equal("Thighs", RecipeReader.Read(Page(deep + Linked())).Recipe.Name);
        string opening = string.Concat(Enumerable.Repeat("<script ", 400_000));
        Assert.Throws<RecipeFormatException>(() => RecipeReader.Read(Page(opening)));
        string comments = string.Concat(Enumerable.Repeat("<!--", 900_000));
        Assert.Throws<RecipeFormatException>(() => RecipeReader.Read(Page(comments)));
        string ends = string.Concat(Enumerable.Repeat("<script type=application/ld+json>{", 100_000));
        Assert.Throws<RecipeFormatException>(() => RecipeReader.Read(Page(ends)));
    }

    [Theory]
    [InlineData("serves ")]
    [InlineData("1 ")]
    [InlineData("(")]
    [InlineData("½")]
    [InlineData("gas mark ")]
    [InlineData("fan fan ")]
    [InlineData("\n")]
    [InlineData("200 °")]
    public void A_line_of_four_megabytes_is_read_or_refused(string piece)
    {
        string line = string.Concat(Enumerable.Repeat(piece, (RecipeReader.LargestBytes - 400) / piece.Length));
        foreach (string text in (string[])[$"Thighs\n{line}", $"Thighs\n6 thighs\n{line}\nBake it.", $"Thighs\nserves{new string(' ', 3_900_000)}", JsonSerializer.Serialize(new Dictionary<string, object> { ["@type"] = "Recipe", ["recipeYield"] = line, ["recipeInstructions"] = line, ["name"] = line })])
        {
            try
            {
                Assert.NotNull(RecipeReader.Read(text).Recipe);
            }
            catch (RecipeFormatException refused)
            {
                Assert.NotEmpty(refused.Message);
            }
        }
    }

    [Fact]
    public void Many_ingredients_steps_and_nestings_are_cut_off()
    {
        string many = JsonSerializer.Serialize(new Dictionary<string, object>
        {
            ["@type"] = "Recipe",
            ["recipeIngredient"] = Enumerable.Repeat("1 egg", 200_000),
            ["recipeInstructions"] = Enumerable.Repeat("Bake at 200 °C for 40 min.", 60_000),
        });
        RecipeReading read = RecipeReader.Read(many);
        Assert.Equal(100, read.Recipe.Ingredients.Count);
        Assert.Equal(100, read.Recipe.Steps.Count);
        Assert.Contains(read.NotUnderstood, sentence => sentence.Contains("first 100", StringComparison.Ordinal));
        Assert.Throws<RecipeFormatException>(() => RecipeReader.Read($"{new string('[', 2_000_000)}{new string(']', 2_000_000)}"));
    }

    [Theory]
    [InlineData("Serves ４")]
    [InlineData("Serves ٣")]
    public void Digits_of_other_scripts_are_no_numbers_here(string serves)
    {
        RecipeReading read = RecipeReader.Read($"Thighs\n{serves}\n6 chicken thighs\nMethod\nBake at ٢٠٠ °C for ٣٠ min.");
        Assert.Null(read.Recipe.Serves);
        Assert.Null(read.Recipe.BakeMinutes);
        Assert.Empty(read.Recipe.Ovens);
    }

    /// <summary>Half of a surrogate pair cannot be written as UTF-8: what is read must always be writable.</summary>
    [Theory]
    [InlineData("Thighs \ud83c\n6 chicken thighs \udf57\nMethod\nBake it \ud83c for 40 min.")]
    [InlineData("{\"@type\":\"Recipe\",\"name\":\"A \\ud83c\",\"recipeIngredient\":[\"6 thighs \\udf57\",\"1 egg\"],\"recipeInstructions\":[\"\\ud83c\",\"Bake it.\"]}")]
    public void Half_a_character_does_not_get_through(string text)
    {
        RecipeReading read = RecipeReader.Read(text);
        Assert.NotEmpty(JsonSerializer.Serialize(read));
        Assert.NotEmpty(read.Recipe.Ingredients);
    }

    [Fact]
    public void A_name_is_not_cut_through_a_character()
    {
        string name = new string('a', 119) + "🍗🍗";
        Assert.Equal(new string('a', 119), RecipeReader.Read($"{name}\n6 thighs").Recipe.Name);
        string line = new string('a', 399) + "🍗🍗";
        Assert.Equal(line[..399], RecipeReader.Read($"Thighs\nIngredients\n{line}\n1 egg").Recipe.Ingredients[0].Text);
    }

    [Theory]
    [InlineData("'application/ld+json'")]
    [InlineData("application/ld+json")]
    [InlineData("\"application/ld+json; charset=utf-8\" data-x='a > b'")]
    public void Linked_data_is_found_however_its_type_is_written(string type) =>
        Assert.Equal("Thighs", RecipeReader.Read(Page(Linked(type))).Recipe.Name);

    [Fact]
    public void Only_scripts_of_that_type_count_and_the_first_recipe_is_taken()
    {
        string other = "<script>var x = '<script type=\"application/ld+json\">{}';</script><SCRIPT type=\"application/ld+json\">not json</SCRIPT >";
        Assert.Equal("Thighs", RecipeReader.Read(Page($"<!-- {Linked().Replace("Thighs", "Hidden", StringComparison.Ordinal)} -->{other}{Linked()}{Linked().Replace("Thighs", "Second", StringComparison.Ordinal)}")).Recipe.Name);
        Assert.Throws<RecipeFormatException>(() => RecipeReader.Read(Page(Linked("text/javascript"))));
        Assert.Throws<RecipeFormatException>(() => RecipeReader.Read(Page($"<scripts type=\"application/ld+json\">{Recipe}</scripts>")));
        Assert.Equal("Thighs", RecipeReader.Read(Page($"<script type=\"application/ld+json\">{Recipe}")[..^14]).Recipe.Name);
    }

    [Fact]
    public void What_is_too_large_is_refused_unread()
    {
        Assert.Throws<RecipeFormatException>(() => RecipeReader.Read(new StringBuilder().Append('a', RecipeReader.LargestBytes + 1).ToString()));
    }

    /// <summary>Whoever asked has gone: nothing more is read, whichever way the text comes in.</summary>
    [Theory]
    [InlineData("Lemon thighs\nIngredients\n6 thighs\nMethod\nBake at 200 °C for 40 minutes.")]
    [InlineData("""{ "@type": "Recipe", "name": "Lemon thighs", "recipeIngredient": ["6 thighs"] }""")]
    [InlineData("""<script type="application/ld+json">{ "@type": "Recipe", "name": "Lemon thighs", "recipeIngredient": ["6 thighs"] }</script>""")]
    public void Reading_stops_when_the_asker_has_gone(string text)
    {
        Assert.NotEmpty(RecipeReader.Read(text).Recipe.Ingredients);
        Assert.Throws<OperationCanceledException>(() => RecipeReader.Read(text, new CancellationToken(canceled: true)));
    }
}
