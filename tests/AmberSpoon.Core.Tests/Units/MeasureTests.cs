using AmberSpoon.Core.Units;
using CsCheck;
using Xunit;

namespace AmberSpoon.Core.Tests.Units;

public sealed class MeasureTests
{
    /// <summary>NIST Handbook 44, appendix C, general tables of units (from memory).</summary>
    [Theory]
    [InlineData(MeasureUnit.Teaspoon, 4.928922)]
    [InlineData(MeasureUnit.Tablespoon, 14.786765)]
    [InlineData(MeasureUnit.FluidOunce, 29.573530)]
    [InlineData(MeasureUnit.Cup, 236.588237)]
    [InlineData(MeasureUnit.Pint, 473.176473)]
    [InlineData(MeasureUnit.Quart, 946.352946)]
    public void US_volumes_are_those_of_the_handbook(MeasureUnit unit, double ml) =>
        Assert.Equal(ml, Measures.Millilitres(unit, SpoonSet.UnitedStates), 1e-6);

    /// <summary>NIST Special Publication 811, appendix B: pound and ounce avoirdupois (from memory).</summary>
    [Theory]
    [InlineData(MeasureUnit.Ounce, 28.34952)]
    [InlineData(MeasureUnit.Pound, 453.5924)]
    public void Masses_are_those_of_the_handbook(MeasureUnit unit, double grams) => Assert.Equal(grams, Measures.Grams(unit), 5e-5);

    [Fact]
    public void Spoons_differ_by_country_and_a_pinch_is_an_eighth()
    {
        Assert.Equal(20, Measures.Millilitres(MeasureUnit.Tablespoon, SpoonSet.Australian));
        Assert.Equal(15, Measures.Millilitres(MeasureUnit.Tablespoon, SpoonSet.Metric));
        Assert.Equal(250, Measures.Millilitres(MeasureUnit.Cup, SpoonSet.Metric));
        Assert.Equal(0.625, Measures.Millilitres(MeasureUnit.Pinch, SpoonSet.Metric));
    }

    [Fact]
    public void Converting_there_and_back_gives_what_was_typed()
    {
        MeasureUnit[] volumes = [.. Enum.GetValues<MeasureUnit>().Where(unit => Measures.KindOf(unit) == MeasureKind.Volume)];
        Gen.Select(Gen.Int[0, volumes.Length - 1].Select(i => volumes[i]), Gen.Int[0, volumes.Length - 1].Select(i => volumes[i]), Gen.Enum<SpoonSet>(), Gen.Double[0.001, 1e4]).Sample((from, to, spoons, value) =>
        {
            double there = value * Measures.Millilitres(from, spoons) / Measures.Millilitres(to, spoons);
            double back = there * Measures.Millilitres(to, spoons) / Measures.Millilitres(from, spoons);
            return Math.Abs(back - value) < 1e-9 * value;
        });
    }

    [Theory]
    [InlineData(MeasureUnit.Cup)]
    [InlineData(MeasureUnit.Piece)]
    public void Only_masses_have_grams(MeasureUnit unit) => Assert.Throws<ArgumentOutOfRangeException>(() => Measures.Grams(unit));

    [Theory]
    [InlineData(MeasureUnit.Gram)]
    [InlineData(MeasureUnit.Piece)]
    public void Only_volumes_have_millilitres(MeasureUnit unit) =>
        Assert.Throws<ArgumentOutOfRangeException>(() => Measures.Millilitres(unit, SpoonSet.Metric));
}
