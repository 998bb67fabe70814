using System.Text.Json.Nodes;
using AmberSpoon.Formats.Recipes;
using AmberSpoon.Formats.Recipes.Lines;
using Xunit;

namespace AmberSpoon.Formats.Tests.Recipes;

public sealed class RecipeWriterTests
{
    private static readonly IngredientLine Thighs = new(string.Empty, 6, 6, string.Empty, "chicken thighs", "skin on");

    [Fact]
    public void Properties_are_those_of_schema_org_in_the_forms_it_wants()
    {
        var recipe = new RecipeDocument("Supper", [Thighs], ["Bake.", "Rest."]) { Serves = 4, PrepMinutes = 20, CookMinutes = 65, TotalMinutes = 1500, Description = "Plain." };
        JsonObject node = JsonNode.Parse(RecipeWriter.Write(recipe))!.AsObject();
        Assert.Equal("https://schema.org", (string?)node["@context"]);
        Assert.Equal("Recipe", (string?)node["@type"]);
        Assert.Equal(("PT20M", "PT1H5M", "P1DT1H"), ((string?)node["prepTime"], (string?)node["cookTime"], (string?)node["totalTime"]));
        Assert.Equal("4 servings", (string?)node["recipeYield"]);
        Assert.Equal(["HowToStep", "HowToStep"], node["recipeInstructions"]!.AsArray().Select(step => (string?)step!["@type"]));
        Assert.Equal("6 chicken thighs (skin on)", (string?)node["recipeIngredient"]![0]);
    }

    [Fact]
    public void What_is_not_known_is_left_out()
    {
        JsonObject node = JsonNode.Parse(RecipeWriter.Write(new("Supper", [Thighs], [])))!.AsObject();
        Assert.Equal(["@context", "@type", "name", "recipeIngredient", "recipeInstructions"], node.Select(property => property.Key).Order(StringComparer.Ordinal));
    }

    /// <summary>A name may stand inside a page's script element one day: nothing in it can end that element.</summary>
    [Fact]
    public void Signs_that_could_end_a_script_are_escaped()
    {
        string json = RecipeWriter.Write(new("</script><b>", [Thighs], []));
        Assert.DoesNotContain("<", json, StringComparison.Ordinal);
        Assert.Equal("</script><b>", (string?)JsonNode.Parse(json)!["name"]);
    }

    [Theory]
    [InlineData(2.0, 3.0, "tbsp", "honey", "", "2-3 tbsp honey")]
    [InlineData(0.333333, 0.333333, "cup", "oil", "", "0.333 cup oil")]
    [InlineData(1.0, 1.0, "", "lemon", "juice", "1 lemon (juice)")]
    [InlineData(null, null, "", "salt", "to taste", "salt (to taste)")]
    [InlineData(null, null, "sprig", "thyme", "", "thyme")]
    public void Lines_are_written_as_they_are_read(double? low, double? high, string unit, string name, string note, string written) =>
        Assert.Equal(written, RecipeWriter.Line(new(string.Empty, low, high, unit, name, note)));

    [Theory]
    [InlineData("garlic cloves", "garlic", "clove")]
    [InlineData("celery sticks", "celery", "stalk")]
    [InlineData("thyme sprigs", "thyme", "sprig")]
    [InlineData("fennel bulbs", "fennel", "head")]
    [InlineData("cinnamon stick", "cinnamon stick", "")]
    [InlineData("cloves", "cloves", "")]
    public void A_unit_behind_the_name_is_taken_off_it(string words, string name, string unit)
    {
        List<string> split = [.. words.Split(' ')];
        Assert.Equal(unit, IngredientName.UnitWithin(split));
        Assert.Equal(name, string.Join(' ', split));
    }

    [Theory]
    [InlineData("finely chopped fresh dill", "fresh dill", "finely chopped")]
    [InlineData("large red onion", "red onion", "large")]
    [InlineData("toasted sesame oil", "toasted sesame oil", "")]
    [InlineData("crushed garlic", "garlic", "crushed")]
    [InlineData("chopped", "chopped", "")]
    public void How_it_is_cut_goes_to_the_notes(string words, string name, string note)
    {
        List<string> split = [.. words.Split(' ')];
        var notes = new List<string>();
        IngredientName.Tidy(split, notes);
        Assert.Equal(name, string.Join(' ', split));
        Assert.Equal(note, string.Join(' ', notes));
    }
}
