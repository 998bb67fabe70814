namespace AmberSpoon.Core.Heat.Pieces;

/// <summary>How large a piece is.</summary>
/// <param name="LengthMm">Along the piece, mm.</param>
/// <param name="WidthMm">Across, mm.</param>
/// <param name="HeightMm">From the tray, mm.</param>
/// <param name="VolumeMl">ml.</param>
/// <param name="SurfaceCm2">All round, cm².</param>
public sealed record PieceSize(double LengthMm, double WidthMm, double HeightMm, double VolumeMl, double SurfaceCm2);
