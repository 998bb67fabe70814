using AmberSpoon.Core.Heat.Shapes;
using AmberSpoon.Core.Heat.Solving;

namespace AmberSpoon.Core.Heat.Sections;

/// <summary>Keeps the frames of a <see cref="SectionFilm"/> while a run goes on.</summary>
internal sealed class SectionRecorder : IFieldObserver
{
    private const int PointsAlong = 64;

    /// <summary>The surface is hotter than the coldest food by this while heat goes inwards, °C.</summary>
    private const double InwardsC = 5;

    private readonly HeatBody _body;
    private readonly CutShape _shape;
    private readonly IReadOnlyList<double> _frameS;
    private readonly PlanePicture _along;
    private readonly PlanePicture _across;
    private readonly List<SectionFrame> _frames = [];
    private readonly double[] _cellsAtAim;
    private readonly double _aimC;
    private double _hottestColdestC = double.NegativeInfinity;

    /// <param name="body">The piece as meshed.</param>
    /// <param name="shape">Its cut's reference shape.</param>
    /// <param name="frameS">When to keep a frame, s, rising, from 0.</param>
    /// <param name="aimC">The probe is placed for the moment at which the coldest food gets here, °C.</param>
    public SectionRecorder(HeatBody body, CutShape shape, IReadOnlyList<double> frameS, double aimC)
    {
        _body = body;
        _shape = shape;
        _frameS = frameS;
        _aimC = aimC;
        _cellsAtAim = new double[body.Mesh.Grid.Length];
        Point stretch = body.Mesh.Stretch;
        Point low = shape.Solid.Low.Stretched(stretch);
        Point high = shape.Solid.High.Stretched(stretch);
        double pitch = Math.Max(high.X - low.X, 2 * high.Y) / PointsAlong;
        _along = new(body.Mesh, new(low.X, high.X, high.Z, pitch, (x, z) => new(x, 0, z)), Level);
        _across = new(body.Mesh, new(-high.Y, high.Y, high.Z, pitch, (x, z) => new(body.Middle.X, Math.Abs(x), z)), Level);
    }

    /// <summary>When the next frame is due, s.</summary>
    public double NextS => _frames.Count < _frameS.Count ? _frameS[_frames.Count] : double.PositiveInfinity;

    public void Record(HeatSample sample, double[] cellC, double[] surfaceC, int coldestCell)
    {
        Point coldest = _body.Mesh.CentreOf(coldestCell);
        _frames.Add(new(
            sample.TimeS / 60, sample.ColdestC, sample.SurfaceC, new(Math.Round(1000 * coldest.X, 1), Math.Round(1000 * coldest.Z, 1))));
        _along.Read(cellC, surfaceC);
        _across.Read(cellC, surfaceC);
        // Until the aim, or the hottest it gets while heat still goes inwards: at rest the coldest food is soon at the surface.
        bool warmsInwards = _frames.Count == 1 || sample.SurfaceC > sample.ColdestC + InwardsC;
        if (warmsInwards && _hottestColdestC < Math.Min(_aimC, sample.ColdestC))
        {
            cellC.CopyTo(_cellsAtAim, 0);
            _hottestColdestC = sample.ColdestC;
        }
    }

    public SectionFilm Film() => new(
        _along.Plane(Inner), _across.Plane(Inner), Inside, _frames, new ProbeFinder(_body, _shape).Find(_cellsAtAim));

    private InsideKind Inside =>
        _shape.Inner is null ? InsideKind.OnlyMeat : _shape.InnerIsFood ? InsideKind.Filling : InsideKind.Bone;

    private double Level(Point place) => _shape.Solid.Level(place.Unstretched(_body.Mesh.Stretch));

    private double Inner(Point place) => _shape.Inner is { } inner ? Math.Max(inner(place.Unstretched(_body.Mesh.Stretch)), Level(place)) : 1;
}
