using System.Numerics;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Layout;
using AmberSpoon.Core.Units;
using Xunit;

namespace AmberSpoon.Core.Tests.Trays.Layout;

/// <summary>What places are worth, by hand on a floor of 300 × 240 mm; one other piece lies with its middle in cell (51, 41), at 154.5 × 124.5 mm.</summary>
public sealed class PlaceWorthTests
{
    private static readonly Vessel Floor = Vessel.HalfSheet with
    {
        Kind = VesselKind.Custom,
        Width = new(300, LengthUnit.Millimetre),
        Depth = new(240, LengthUnit.Millimetre),
    };

    private readonly PlaceLattice _places = new(new TrayGrid(Floor), Every: 2);
    private readonly PlaceWorth _worths;
    private readonly DistanceField _other;

    public PlaceWorthTests()
    {
        _worths = new(Floor, _places);
        _other = new(_places);
        _other.Add(51, 41);
    }

    /// <summary>Place (4, 6) is cell (9, 13), at 28.5 × 40.5 mm: 28.5 from the edge, and with 42 × 28 cells to the other piece as far as is asked.</summary>
    [Theory]
    [InlineData(0)]
    [InlineData(45)]
    [InlineData(180)]
    public void Chicken_lies_near_an_edge_at_the_back_thin_end_inward_and_apart(int angle)
    {
        _worths.ForChicken(_other, lengthMm: 100, angle);
        (double sin, double cos) = Math.SinCos(angle * Math.PI / 180);
        double inward = ((121.5 * cos) + (79.5 * sin)) / Math.Sqrt((121.5 * 121.5) + (79.5 * 79.5));
        Assert.Equal((25 * inward) - (1.5 * 28.5) - (0.1 * 40.5) + (0.8 * 140), _worths.Row(6)[4], 1e-9);
    }

    [Fact]
    public void In_rows_chicken_is_pushed_together()
    {
        // 8 cells to the left of the other: 24 mm.
        _worths.ForChickenInRows(_other, lengthMm: 100);
        Assert.Equal(-115.5 - (0.3 * 24) - (0.1 * 124.5), _worths.Row(20)[21], 1e-9);
        Assert.Equal(-28.5 - (0.3 * 100) - (0.1 * 40.5), _worths.Row(6)[4], 1e-9);
    }

    [Fact]
    public void A_vegetable_wants_room_and_most_of_all_from_its_like()
    {
        var like = new DistanceField(_places);
        like.Add(1, 41);
        _worths.ForVegetable(_other, like);
        Assert.Equal(24 + (0.5 * 120), _worths.Row(20)[21], 1e-9);
        Assert.Equal(60 + (0.5 * 30), _worths.Row(20)[5], 1e-9);
        _worths.ForVegetable(_other, null);
        Assert.Equal(60 + (0.5 * 120), _worths.Row(20)[5], 1e-9);
    }

    [Fact]
    public void The_most_of_a_row_is_never_less_than_any_of_its_places()
    {
        foreach (Action weigh in (Action[])[() => _worths.ForChicken(_other, 100, 45), () => _worths.ForChickenInRows(_other, 100), () => _worths.ForVegetable(_other, null)])
        {
            weigh();
            for (int row = 0; row < _places.Rows; row++)
            {
                Assert.Equal(_places.Columns, _worths.Row(row).Length);
                foreach (double worth in _worths.Row(row))
                {
                    Assert.True(worth <= _worths.MostIn(row), $"Row {row}, {Vector<double>.Count} at a time.");
                }
            }
        }
    }
}
