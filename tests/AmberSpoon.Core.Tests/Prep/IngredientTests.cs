using AmberSpoon.Core.Prep.Ingredients;
using AmberSpoon.Core.Units;
using Xunit;

namespace AmberSpoon.Core.Tests.Prep;

public sealed class IngredientTests
{
    [Fact]
    public void The_table_is_long_and_each_row_is_believable()
    {
        Assert.True(IngredientTable.All.Count >= 60);
        Assert.Equal(IngredientTable.All.Count, IngredientTable.All.Select(known => known.Key).Distinct().Count());
        Assert.All(IngredientTable.All, known =>
        {
            Assert.InRange(known.GramsPerMl, 0.1, 1.5);
            Assert.InRange(known.Salt + known.Sugar + known.Acid, 0, 1);
        });
    }

    [Fact]
    public void No_name_means_two_things()
    {
        string[] names = [.. IngredientTable.All.SelectMany(known => known.AlsoCalled.Prepend(known.Name))];
        Assert.Equal(names.Length, names.Distinct().Count());
    }

    /// <summary>Household weights of the USDA food composition tables (from memory): g in one US cup or spoon.</summary>
    [Theory]
    [InlineData("sugar", MeasureUnit.Cup, 200)]
    [InlineData("flour", MeasureUnit.Cup, 125)]
    [InlineData("honey", MeasureUnit.Tablespoon, 21)]
    [InlineData("oil", MeasureUnit.Tablespoon, 13.5)]
    [InlineData("fineSalt", MeasureUnit.Teaspoon, 6)]
    [InlineData("paprika", MeasureUnit.Tablespoon, 6.8)]
    [InlineData("butter", MeasureUnit.Cup, 227)]
    [InlineData("mayonnaise", MeasureUnit.Cup, 220)]
    [InlineData("dryCrumb", MeasureUnit.Cup, 108)]
    [InlineData("cornflour", MeasureUnit.Tablespoon, 8)]
    [InlineData("soy", MeasureUnit.Tablespoon, 16)]
    [InlineData("ketchup", MeasureUnit.Tablespoon, 17)]
    [InlineData("milk", MeasureUnit.Cup, 244)]
    public void A_cup_or_spoon_weighs_what_the_tables_say(string key, MeasureUnit unit, double grams) =>
        Assert.Equal(grams, IngredientTable.For(key).Grams(new(1, unit), SpoonSet.UnitedStates), 0.05 * grams);

    [Theory]
    [InlineData("Olive oil", "oil")]
    [InlineData("finely chopped fresh parsley", "parsley")]
    [InlineData("large eggs", "egg")]
    [InlineData("freshly ground black pepper", "blackPepper")]
    [InlineData("garlic cloves", "garlic")]
    public void Ingredients_are_found_by_what_cooks_write(string name, string key) =>
        Assert.Equal(key, IngredientTable.FindByName(name)?.Key);

    [Theory]
    [InlineData("")]
    [InlineData("moon dust")]
    public void What_is_not_there_is_not_found(string name) => Assert.Null(IngredientTable.FindByName(name));

    [Fact]
    public void What_nobody_counts_has_no_mass_by_count() =>
        Assert.Throws<ArgumentException>(() => IngredientTable.For("flour").Grams(new(2, MeasureUnit.Piece), SpoonSet.Metric));
}
