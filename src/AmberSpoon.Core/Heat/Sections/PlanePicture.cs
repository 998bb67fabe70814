using AmberSpoon.Core.Heat.Meshing;
using AmberSpoon.Core.Heat.Shapes;

namespace AmberSpoon.Core.Heat.Sections;

/// <summary>The picture of one plane in the making: frame after frame of evenly spaced points.</summary>
internal sealed class PlanePicture
{
    private readonly PictureFrame _frame;
    private readonly Func<Point, double> _level;
    private readonly int _columns;
    private readonly int _rows;
    private readonly PlaneRaster _raster;
    private readonly List<byte> _deciC = [];

    public PlanePicture(ScaledMesh mesh, PictureFrame frame, Func<Point, double> level)
    {
        _frame = frame;
        _level = level;
        _columns = Math.Max(8, (int)Math.Ceiling(frame.WidthM / frame.PitchM));
        _rows = Math.Max(6, (int)Math.Ceiling(frame.HeightM / frame.PitchM));
        var points = new List<Point>();
        for (int row = 0; row < _rows; row++)
        {
            for (int column = 0; column < _columns; column++)
            {
                double across = (column + 0.5) / _columns;
                points.Add(frame.Place(frame.LeftM + (frame.WidthM * across), frame.HeightM * (row + 0.5) / _rows));
            }
        }

        _raster = new(mesh, points, point => level(point) < 0);
    }

    public void Read(double[] cellC, double[] surfaceC) => _raster.Read(cellC, surfaceC, _deciC);

    /// <param name="inner">Level function of bones or filling, no further than the piece itself.</param>
    public SectionPlane Plane(Func<Point, double> inner) => new(
        1000 * _frame.LeftM,
        1000 * _frame.WidthM,
        1000 * _frame.HeightM,
        _columns,
        _rows,
        Edges(_level)[0],
        Edges(inner),
        [.. _deciC]);

    private IReadOnlyList<IReadOnlyList<PlanePoint>> Edges(Func<Point, double> level) =>
        PlaneOutline.Of(_frame.LeftM, _frame.RightM, _frame.HeightM, (x, z) => level(_frame.Place(x, z)));
}

/// <summary>Which part of which plane is pictured.</summary>
/// <param name="LeftM">Smallest x on the plane, m.</param>
/// <param name="RightM">Largest x on the plane, m.</param>
/// <param name="HeightM">Above the tray, m.</param>
/// <param name="PitchM">Wanted distance of points, m.</param>
/// <param name="Place">Where in the piece a place on the plane is, from x and z, m.</param>
internal sealed record PictureFrame(double LeftM, double RightM, double HeightM, double PitchM, Func<double, double, Point> Place)
{
    public double WidthM => RightM - LeftM;
}
