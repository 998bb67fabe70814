namespace AmberSpoon.Core.Heat.Climate;

/// <summary>
/// What a vessel sees and breathes on its shelf. The geometry is that of a household oven; see <see cref="OvenGeometry"/>.
/// <see cref="Usual"/> is one tray alone in the middle, with the grill as it is where food is put under it.
/// </summary>
/// <param name="ShadeAbove">Share of the view upward that another vessel takes.</param>
/// <param name="ShadeBelow">Share of the view downward that another vessel takes.</param>
/// <param name="FloorView">How much of the oven's floor the underside sees, against the middle shelf.</param>
/// <param name="GrillView">Share of the top's view that the grill's element fills.</param>
/// <param name="AirShare">How freely air moves, against one vessel alone.</param>
/// <param name="AirC">Air there, less air in the middle, °C of difference.</param>
public sealed record ShelfPlace(double ShadeAbove, double ShadeBelow, double FloorView, double GrillView, double AirShare, double AirC)
{
    public static ShelfPlace Usual { get; } = OvenGeometry.Alone(OvenShelf.Middle, OvenMode.Still) with { GrillView = OvenGeometry.GrillViewFrom(OvenShelf.TopThird) };
}
