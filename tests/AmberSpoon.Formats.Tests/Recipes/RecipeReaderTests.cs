using System.Text;
using AmberSpoon.Core.Units;
using AmberSpoon.Formats.Recipes;
using AmberSpoon.Formats.Recipes.Lines;
using CsCheck;
using Xunit;

namespace AmberSpoon.Formats.Tests.Recipes;

public sealed class RecipeReaderTests
{
    private const string Json = """
        { "@context": "https://schema.org", "@graph": [
          { "@type": "WebPage", "name": "A page" },
          { "@type": ["Recipe"], "name": "Thighs &amp; roots", "recipeYield": ["4", "4 servings"],
            "prepTime": "PT20M", "cookTime": "PT1H5M", "totalTime": "soon",
            "recipeIngredient": ["6 bone-in chicken thighs", "500 g potatoes", "2 tbsp olive oil", "mystery"],
            "recipeInstructions": [
              { "@type": "HowToSection", "name": "Oven", "itemListElement": [ { "@type": "HowToStep", "text": "Heat the oven to 425°F (220 °C)." } ] },
              "Bake for 35 to 40 minutes until 165 °F inside."
            ] } ] }
        """;

    [Fact]
    public void A_recipe_is_found_in_a_graph_and_read()
    {
        RecipeReading read = RecipeReader.Read(Json);
        RecipeDocument recipe = read.Recipe;
        Assert.Equal(("Thighs & roots", 4, 20, 65, null), (recipe.Name, recipe.Serves, recipe.PrepMinutes, recipe.CookMinutes, recipe.TotalMinutes));
        Assert.Equal(["6", "500", "2", ""], recipe.Ingredients.Select(line => FormattableString.Invariant($"{line.Low}")));
        Assert.Equal(["Heat the oven to 425°F (220 °C).", "Bake for 35 to 40 minutes until 165 °F inside."], recipe.Steps);
        Assert.Equal([new EnteredTemperature(425, TemperatureUnit.Fahrenheit), new(220, TemperatureUnit.Celsius)], recipe.Ovens.Select(oven => oven.Setting));
        Assert.Equal(40, recipe.BakeMinutes);
        Assert.Equal(["“mystery”: no amount was found.", "“soon” is no time that can be read; it was left out."], read.NotUnderstood.Order());
    }

    [Fact]
    public void A_saved_page_is_read_and_its_scripts_are_not_run()
    {
        string page = $"<!doctype html><html><head><title>x</title><script>throw 1</script><script type=\"application/ld+json\">not json</script><script type=\"application/ld+json\">{Json}</script></head><body><p>Hi</body></html>";
        Assert.Equal("Thighs & roots", RecipeReader.Read(page).Recipe.Name);
    }

    [Fact]
    public void Pasted_words_are_read_with_or_without_headings()
    {
        RecipeDocument headed = RecipeReader.Read("Lemon drumsticks\nServes 3\nIngredients\n9 chicken drumsticks\n1 lemon\nMethod\n1. Oven to gas mark 6.\n2. Roast for 45 min.").Recipe;
        Assert.Equal(("Lemon drumsticks", 3, 2, 45), (headed.Name, headed.Serves, headed.Ingredients.Count, headed.BakeMinutes));
        Assert.Equal(200, headed.Ovens.Single().Setting.Value);

        RecipeDocument bare = RecipeReader.Read("Lemon drumsticks\n9 chicken drumsticks\n2 tbsp oil\nBake at 180C fan for 1 hour.").Recipe;
        Assert.Equal((2, 1, 60, true), (bare.Ingredients.Count, bare.Steps.Count, bare.BakeMinutes, bare.Ovens[0].IsFan));
    }

    [Theory]
    [InlineData("", "nothing in it")]
    [InlineData("{\"@type\":\"Person\"}", "no recipe in it")]
    [InlineData("{ \"@type\": ", "not readable JSON")]
    [InlineData("<html><body>No recipe</body></html>", "no recipe that can be read")]
    [InlineData("Just a title", "No ingredients")]
    [InlineData("PK\u0003\u0004\0\0", "no text")]
    public void What_is_no_recipe_is_refused_in_a_sentence(string text, string part) =>
        Assert.Contains(part, Assert.Throws<RecipeFormatException>(() => RecipeReader.Read(text)).Message, StringComparison.OrdinalIgnoreCase);

    [Fact]
    public void Deep_json_and_large_files_are_refused()
    {
        string deep = new StringBuilder().Insert(0, "[", 5000).Append(']', 5000).ToString();
        Assert.Contains("deeply", Assert.Throws<RecipeFormatException>(() => RecipeReader.Read(deep)).Message, StringComparison.Ordinal);
        Assert.Contains("too large", Assert.Throws<RecipeFormatException>(() => RecipeReader.Read(new string('x', 20_000_000))).Message, StringComparison.Ordinal);
    }

    [Fact]
    public void Script_in_a_title_is_text_and_no_yield_and_negative_amounts_are_said()
    {
        RecipeReading read = RecipeReader.Read("""{ "@type": "Recipe", "name": "<script>alert(1)</script>Wings", "recipeYield": 0, "recipeIngredient": ["-2 kg chicken wings"] }""");
        Assert.Equal("alert(1)Wings", read.Recipe.Name);
        Assert.Null(read.Recipe.Serves);
        Assert.Equal(2, read.Recipe.Ingredients[0].Low);
        Assert.Contains(read.NotUnderstood, said => said.Contains("Serves 0", StringComparison.Ordinal));
        Assert.Contains(read.NotUnderstood, said => said.Contains("less than nothing", StringComparison.Ordinal));
    }

    [Fact]
    public void No_mutated_recipe_throws_anything_but_its_own_refusal()
    {
        Gen.Select(Gen.Bool, Mutation.Any.Array[1, 12]).Sample(
            (inPage, mutations) =>
            {
                string text = mutations.Aggregate(inPage ? $"<html><script type=\"application/ld+json\">{Json}</script></html>" : Json, (all, mutation) => mutation.Of(all));
                try
                {
                    return RecipeReader.Read(text).Recipe.Name.Length > 0;
                }
                catch (RecipeFormatException refused)
                {
                    return refused.Message.Length > 0;
                }
            },
            iter: 3000);
    }

    private static readonly Gen<IngredientLine> AnyLine = Gen.Select(
        Gen.Int[0, 5], Gen.Double[0.125, 2000], Gen.Double[1, 2], Gen.Int[0, Corpus.Score.Count - 1], Gen.Bool).Select((kind, low, times, named, range) =>
        {
            string unit = new[] { "g", "ml", "tbsp", "cup", "sprig", "" }[kind];
            double value = Math.Round(low, 3);
            double high = range ? Math.Round(low * times, 3) : value;
            string name = IngredientParser.Parse(Corpus.Score[named].Name).Name;
            return new IngredientLine(string.Empty, value, high, unit, IsPlain(name) ? name : "salt", string.Empty);
        });

    /// <summary>Its last word is no unit: "2 basil leaves" counts leaves.</summary>
    private static bool IsPlain(string name) => name.Length > 0 && IngredientParser.Parse($"2 {name}") is { Low: 2, Unit: "" };

    [Fact]
    public void What_is_written_is_read_back_with_every_quantity() => Gen.Select(AnyLine.Array[1, 20], Gen.Int[1, 12], Gen.Int[1, 500]).Sample((lines, serves, minutes) =>
    {
        var recipe = new RecipeDocument("Ours", lines, ["Bake at 200 °C for 40 minutes."]) { Serves = serves, PrepMinutes = minutes, CookMinutes = 40, TotalMinutes = minutes + 40 };
        RecipeDocument back = RecipeReader.Read(RecipeWriter.Write(recipe)).Recipe;
        Assert.Equal((recipe.Name, serves, minutes, 40, minutes + 40), (back.Name, back.Serves, back.PrepMinutes, back.CookMinutes, back.TotalMinutes));
        Assert.Equal(recipe.Steps, back.Steps);
        for (int i = 0; i < lines.Length; i++)
        {
            Assert.Equal((lines[i].Low, lines[i].High, lines[i].Unit), (back.Ingredients[i].Low, back.Ingredients[i].High, back.Ingredients[i].Unit));
        }
    });

    [Fact]
    public void Every_line_of_the_corpus_survives_a_round_trip()
    {
        IngredientLine[] lines = [.. Corpus.Build.Concat(Corpus.Score).Select(line => IngredientParser.Parse(line.Text)).Where(line => line.Low is not null)];
        foreach (IngredientLine line in lines)
        {
            IngredientLine back = IngredientParser.Parse(RecipeWriter.Line(line));
            Assert.True(
                Math.Abs(back.Low!.Value - line.Low!.Value) < 0.001 && Math.Abs(back.High!.Value - line.High!.Value) < 0.001 && back.Unit == line.Unit,
                $"“{line.Text}” was written “{RecipeWriter.Line(line)}” and read {back.Low}-{back.High} [{back.Unit}] {back.Name}");
        }
    }
}
