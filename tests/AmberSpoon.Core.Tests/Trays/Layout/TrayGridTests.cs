using System.Numerics;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat.Pieces;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Layout;
using AmberSpoon.Core.Units;
using CsCheck;
using Xunit;

namespace AmberSpoon.Core.Tests.Trays.Layout;

/// <summary>The parts that the arranger stands on.</summary>
public sealed class TrayGridTests
{
    private static readonly Gen<PieceBody> AnyPiece = Plans.AnyCut.Select(Gen.Double[0.6, 1.8], (cut, share) =>
        new PieceBody(cut, CutTable.For(cut).ReferenceMassG * share));

    private static Vessel Custom(double widthMm, double depthMm) => Vessel.HalfSheet with
    {
        Kind = VesselKind.Custom,
        Width = new(widthMm, LengthUnit.Millimetre),
        Depth = new(depthMm, LengthUnit.Millimetre),
    };

    [Fact]
    public void A_floor_has_as_many_cells_as_fit_and_all_are_free()
    {
        var grid = new TrayGrid(Custom(300, 151));
        Assert.Equal(100, grid.Columns);
        Assert.Equal(50, grid.Rows);
        Assert.Equal(5000, grid.FreeCells);
        Assert.True(grid.IsTaken(-1, 0));
        Assert.True(grid.IsTaken(0, 50));
        Assert.False(grid.IsTaken(99, 49));
    }

    [Fact]
    public void A_round_dish_has_the_area_of_its_circle_less_its_rim_of_cells()
    {
        var grid = new TrayGrid(Vessel.HalfSheet with { Kind = VesselKind.RoundDish });
        double freeMm2 = grid.FreeCells * TrayGrid.CellMm * TrayGrid.CellMm;
        double circleMm2 = Math.PI * 140 * 140;
        Assert.InRange(freeMm2, circleMm2 * 0.93, circleMm2);
        Assert.True(grid.IsTaken(0, 0));
        Assert.False(grid.IsTaken(grid.Columns / 2, grid.Rows / 2));
    }

    [Fact]
    public void A_shape_that_was_put_down_no_longer_fits_where_it_lies() => AnyPiece.Sample(piece =>
    {
        var grid = new TrayGrid(Custom(560, 560));
        var shape = TurnedShape.Of(Footprint.Of(piece), 30, 0);
        int before = grid.FreeCells;
        bool fitted = grid.Fits(shape, 93, 93);
        grid.Take(shape, 93, 93);
        int cells = 0;
        foreach (CellRun run in shape.Runs)
        {
            cells += run.Last - run.First + 1;
        }

        return fitted && !grid.Fits(shape, 93, 93) && before - grid.FreeCells == cells;
    });

    [Fact]
    public void A_shape_fits_exactly_where_none_of_its_cells_is_taken() => Gen.Select(
        AnyPiece.Array[1, 6], Gen.Select(Gen.Int[0, 99], Gen.Int[0, 99], Gen.Int[0, 7]).Array[6], Gen.Bool).Sample((pieces, places, isRound) =>
        {
            var grid = new TrayGrid(isRound ? Vessel.HalfSheet with { Kind = VesselKind.RoundDish } : Custom(300, 300));
            for (int n = 0; n < pieces.Length; n++)
            {
                (int column, int row, int angle) = places[n];
                var shape = TurnedShape.Of(Footprint.Of(pieces[n]), 45 * angle, 0);
                bool isFree = true;
                foreach (CellRun run in shape.Runs)
                {
                    isFree &= Enumerable.Range(run.First, run.Last - run.First + 1).All(cell => !grid.IsTaken(column + cell, row + run.Row));
                }

                Assert.Equal(isFree, grid.Fits(shape, column, row));
                if (isFree)
                {
                    grid.Take(shape, column, row);
                }
            }
        });

    [Fact]
    public void A_shape_does_not_fit_over_any_edge()
    {
        var grid = new TrayGrid(Custom(300, 300));
        var shape = TurnedShape.Of(Footprint.Of(new PieceBody(Cut.BoneInThigh, 165)), 0, 0);
        Assert.False(grid.Fits(shape, 0, 50));
        Assert.False(grid.Fits(shape, 99, 50));
        Assert.False(grid.Fits(shape, 50, 0));
        Assert.False(grid.Fits(shape, 50, 99));
        Assert.True(grid.Fits(shape, 50, 50));
    }

    [Fact]
    public void A_turned_shape_covers_every_place_of_its_outline_and_a_gap_makes_it_larger() =>
        Gen.Select(AnyPiece, Gen.Int[0, 359], Gen.Double[0, 12]).Sample((piece, angle, gapMm) =>
        {
            var footprint = Footprint.Of(piece);
            var shape = TurnedShape.Of(footprint, angle, 0);
            (double sin, double cos) = Math.SinCos(angle * Math.PI / 180);
            bool coversAll = footprint.Outline().All(place => Covers(
                shape, (place.XMm * cos) - (place.YMm * sin), (place.XMm * sin) + (place.YMm * cos)));
            return coversAll && Cells(TurnedShape.Of(footprint, angle, gapMm)) >= Cells(shape);
        });

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    public void Distances_are_to_the_nearest_of_several_middles(int every)
    {
        var places = new PlaceLattice(new TrayGrid(Custom(300, 300)), every);
        var field = new DistanceField(places);
        Assert.Equal(double.PositiveInfinity, Mm(11, 11));
        field.Add(11, 11);
        Assert.Equal(0, Mm(11, 11));
        Assert.Equal(10 * TrayGrid.CellMm, Mm(17, 19), 1e-4);
        field.Add(17, 21);
        Assert.Equal(2 * TrayGrid.CellMm, Mm(17, 19), 1e-4);
        Assert.Equal(0, Mm(11, 11));
        Assert.Equal(Math.Sqrt((82 * 82) + (78 * 78)) * TrayGrid.CellMm, Mm(99, 99), 1e-4);

        double Mm(int column, int row)
        {
            int place = ((row - (every / 2)) / every * places.Stride) + ((column - (every / 2)) / every);
            Assert.Equal((column, row), (places.CellOf(place % places.Stride), places.CellOf(place / places.Stride)));
            return field.Mm(place - (place % Vector<double>.Count))[place % Vector<double>.Count];
        }
    }

    [Theory]
    [InlineData(1, 100, 50)]
    [InlineData(2, 50, 25)]
    public void A_lattice_tries_every_cell_or_every_other(int every, int columns, int rows)
    {
        var places = new PlaceLattice(new TrayGrid(Custom(300, 151)), every);
        Assert.Equal((columns, rows), (places.Columns, places.Rows));
        Assert.True(places.Stride >= columns);
        Assert.Equal((every / 2, 99), (places.CellOf(0), places.CellOf(columns - 1)));
    }

    [Fact]
    public void An_odd_row_of_cells_ends_before_the_edge()
    {
        var places = new PlaceLattice(new TrayGrid(Custom(303, 153)), 2);
        Assert.Equal((50, 25), (places.Columns, places.Rows));
        Assert.Equal((99, 49), (places.CellOf(49), places.CellOf(24)));
    }

    [Fact]
    public void A_footprint_is_as_long_and_wide_as_its_piece_and_smaller_than_its_box() => AnyPiece.Sample(piece =>
    {
        var footprint = Footprint.Of(piece);
        PieceSize size = piece.Size();
        double box = size.LengthMm * size.WidthMm;
        return Math.Abs(footprint.LengthMm - size.LengthMm) < 0.5
            && footprint.HalfWidthsMm.Max() * 2 <= size.WidthMm + 0.5
            && footprint.HalfWidthsMm.Max() * 2 > 0.9 * size.WidthMm
            && footprint.AreaMm2() < box * 1.001
            && footprint.AreaMm2() > box * 0.4;
    });

    [Fact]
    public void A_drumstick_is_thick_at_its_thick_end()
    {
        IReadOnlyList<double> halves = Footprint.Of(new PieceBody(Cut.Drumstick, 115)).HalfWidthsMm;
        Assert.True(halves.Take(halves.Count / 2).Average() > 1.5 * halves.Skip(halves.Count / 2).Average());
    }

    [Theory]
    [InlineData(VesselKind.HalfSheet, 440 * 310)]
    [InlineData(VesselKind.QuarterSheet, 310 * 220)]
    [InlineData(VesselKind.Dish, 330 * 230)]
    [InlineData(VesselKind.RoastingTin, 380 * 280)]
    public void Vessels_have_their_floor(VesselKind kind, double floorMm2) =>
        Assert.Equal(floorMm2, (Vessel.HalfSheet with { Kind = kind }).FloorMm2(), 1e-6);

    [Fact]
    public void An_inch_is_an_inch_in_a_custom_vessel()
    {
        Vessel inches = Vessel.HalfSheet with { Kind = VesselKind.Custom, Width = new(13, LengthUnit.Inch), Depth = new(9, LengthUnit.Inch) };
        Assert.Equal((330.2, 228.6), (Math.Round(inches.Floor().WidthMm, 1), Math.Round(inches.Floor().DepthMm, 1)));
    }

    private static bool Covers(TurnedShape shape, double xMm, double yMm)
    {
        // The piece's middle lies in the middle of its cell.
        int column = (int)Math.Floor((xMm / TrayGrid.CellMm) + 0.5);
        int row = (int)Math.Floor((yMm / TrayGrid.CellMm) + 0.5);
        foreach (CellRun run in shape.Runs)
        {
            if (run.Row == row && run.First <= column && column <= run.Last)
            {
                return true;
            }
        }

        return false;
    }

    private static int Cells(TurnedShape shape)
    {
        int cells = 0;
        foreach (CellRun run in shape.Runs)
        {
            cells += run.Last - run.First + 1;
        }

        return cells;
    }
}
