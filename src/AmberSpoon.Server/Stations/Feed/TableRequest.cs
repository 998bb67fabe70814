using AmberSpoon.Core.Units;

namespace AmberSpoon.Server.Stations.Feed;

/// <param name="Text">The table as it was exported: comma, semicolon or tab between cells.</param>
/// <param name="Time">The header of the column of times; left out, only the columns are answered.</param>
/// <param name="Unit">The unit of all its temperatures.</param>
/// <param name="Columns">Which columns are which probe.</param>
public sealed record TableRequest(string? Text = null, string? Time = null, TemperatureUnit? Unit = null, IReadOnlyList<TableColumn?>? Columns = null);

/// <param name="Header">The column.</param>
/// <param name="Lot">The lot its tip was in.</param>
/// <param name="Piece">Which piece, from 1.</param>
public sealed record TableColumn(string? Header = null, int? Lot = null, int? Piece = null);

/// <param name="Headers">All columns.</param>
/// <param name="Time">The one that looks like times; null where none does.</param>
/// <param name="Values">Those that look like temperatures.</param>
/// <param name="Rows">Rows below the headers.</param>
public sealed record TableView(IReadOnlyList<string> Headers, string? Time, IReadOnlyList<string> Values, int Rows);
