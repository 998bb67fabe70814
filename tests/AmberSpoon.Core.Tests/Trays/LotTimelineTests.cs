using AmberSpoon.Core.Heat;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using Xunit;

namespace AmberSpoon.Core.Tests.Trays;

public sealed class LotTimelineTests
{
    private static readonly TrayPlan Two = Plans.Supper with { Vessels = [Vessel.HalfSheet with { Shelf = OvenShelf.TopThird }, Vessel.HalfSheet with { Shelf = OvenShelf.Low }], Steps = [] };

    private static LotTimeline Of(TrayPlan plan, int vessel, int addAt, params PlannedStep[] steps) =>
        new(plan with { Steps = steps }, vessel, addAt, 0, Cover.None, chicken: null);

    private static ShelfPlace[] Moves(LotTimeline timeline) => [.. timeline.Steps.OfType<MoveShelf>().Select(move => move.Place)];

    private static PlannedStep Moved(int vessel, OvenShelf shelf) => new(StepKind.Shelf, 10, Shelf: shelf) { Vessel = vessel };

    [Fact]
    public void A_tray_that_is_moved_sees_what_is_seen_from_there()
    {
        TrayPlan one = Two with { Vessels = [Vessel.HalfSheet] };
        Assert.Equal([OvenGeometry.Alone(OvenShelf.Low, one.OvenMode)], Moves(Of(one, 0, 0, Moved(0, OvenShelf.Low))));
        Assert.Equal(600, Of(one, 0, 0, Moved(0, OvenShelf.Low)).Steps.OfType<MoveShelf>().Single().AtS);
        Assert.Equal(OvenGeometry.Alone(OvenShelf.Low, one.OvenMode), Of(one, 0, 20, Moved(0, OvenShelf.Low)).OvenAtFirst.Place);
    }

    [Fact]
    public void A_look_opens_the_door_and_no_more()
    {
        LotTimeline timeline = Of(Two, 0, 0, new PlannedStep(StepKind.Look, 10));
        Assert.Equal(new OpenDoor(600, HeatParameters.LookSeconds.Value), Assert.Single(timeline.Steps));
    }

    [Fact]
    public void Of_two_trays_the_one_that_is_moved_moves_and_the_other_sees_it_elsewhere()
    {
        Assert.Equal([OvenGeometry.Beside(OvenShelf.Middle, OvenShelf.Low, Two.OvenMode)], Moves(Of(Two, 0, 0, Moved(0, OvenShelf.Middle))));
        Assert.Equal([OvenGeometry.Beside(OvenShelf.Low, OvenShelf.Middle, Two.OvenMode)], Moves(Of(Two, 1, 0, Moved(0, OvenShelf.Middle))));
    }

    [Fact]
    public void Onto_the_other_s_shelf_the_two_change_places()
    {
        ShelfPlace low = OvenGeometry.Beside(OvenShelf.Low, OvenShelf.TopThird, Two.OvenMode);
        ShelfPlace top = OvenGeometry.Beside(OvenShelf.TopThird, OvenShelf.Low, Two.OvenMode);
        Assert.Equal([low], Moves(Of(Two, 0, 0, Moved(0, OvenShelf.Low))));
        Assert.Equal([top], Moves(Of(Two, 1, 0, Moved(0, OvenShelf.Low))));
        Assert.Equal([top], Moves(Of(Two, 1, 0, Moved(1, OvenShelf.TopThird))));
        Assert.Equal([low], Moves(Of(Two, 0, 0, new PlannedStep(StepKind.Swap, 10))));
        Assert.Equal(low, Of(Two, 0, 20, new PlannedStep(StepKind.Swap, 10)).OvenAtFirst.Place);

        // One tray has nothing to change places with.
        Assert.Equal([OvenGeometry.Alone(OvenShelf.Middle, Two.OvenMode)], Moves(Of(Two with { Vessels = [Vessel.HalfSheet] }, 0, 0, new PlannedStep(StepKind.Swap, 10))));
    }
}
