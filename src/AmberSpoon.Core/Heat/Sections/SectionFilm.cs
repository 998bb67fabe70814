namespace AmberSpoon.Core.Heat.Sections;

/// <summary>
/// A piece cut open, minute by minute: once along its mirror plane, once across its thickest place. What the section
/// picture shows; a <see cref="HeatRun"/> has the same run as curves.
/// </summary>
/// <param name="Along">The cut from thick end to thin end; across it x counts from the thick end.</param>
/// <param name="Across">The cut through the thickest place; x counts from its middle.</param>
/// <param name="Inside">What the cuts' inner edges go round.</param>
/// <param name="Frames">In order of time.</param>
/// <param name="Probe">Where a probe's tip should go.</param>
public sealed record SectionFilm(
    SectionPlane Along, SectionPlane Across, InsideKind Inside, IReadOnlyList<SectionFrame> Frames, ProbePath Probe);

/// <summary>What a piece has inside.</summary>
public enum InsideKind
{
    OnlyMeat,
    Bone,
    Filling,
}

/// <summary>One cut through a piece.</summary>
/// <param name="LeftMm">Smallest x of the picture, mm.</param>
/// <param name="WidthMm">Width of the picture, mm.</param>
/// <param name="HeightMm">Height of the picture above the tray, mm.</param>
/// <param name="Columns">Points of the picture along x; they lie at the middles of even columns.</param>
/// <param name="Rows">Points of the picture upwards, likewise; the first row lies on the tray.</param>
/// <param name="Outline">The cut's edge, mm.</param>
/// <param name="Inner">Edges of bones or filling, mm.</param>
/// <param name="DeciC">
/// Temperatures in tenths of a °C as little-endian 16-bit integers: frame by frame, row by row, column by column. Points
/// outside the piece repeat the nearest one inside.
/// </param>
public sealed record SectionPlane(
    double LeftMm,
    double WidthMm,
    double HeightMm,
    int Columns,
    int Rows,
    IReadOnlyList<PlanePoint> Outline,
    IReadOnlyList<IReadOnlyList<PlanePoint>> Inner,
    byte[] DeciC);

/// <param name="XMm">Along the cut, mm.</param>
/// <param name="ZMm">Above the tray, mm.</param>
public sealed record PlanePoint(double XMm, double ZMm);

/// <summary>One moment of a film.</summary>
/// <param name="Minutes">Since the tray went in.</param>
/// <param name="ColdestC">The coldest food, °C.</param>
/// <param name="SurfaceC">The surface all round, °C.</param>
/// <param name="Coldest">Where the coldest food is, in the cut along the piece.</param>
public sealed record SectionFrame(double Minutes, double ColdestC, double SurfaceC, PlanePoint Coldest);

/// <summary>A straight way for a probe, in the cut along the piece, that meets no bone.</summary>
/// <param name="Entry">Where it goes through the surface.</param>
/// <param name="Tip">Where its tip belongs: the coldest food it can reach.</param>
/// <param name="DepthMm">From the surface to the tip, mm.</param>
public sealed record ProbePath(PlanePoint Entry, PlanePoint Tip, double DepthMm);
