using AmberSpoon.Core.Bakes.Events;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Units;
using AmberSpoon.Server.Stations.Tray;

namespace AmberSpoon.Server.Stations.Bakes;

/// <param name="TrayId">The tray that goes in.</param>
/// <param name="TrayVersion">The version of it the cook was looking at.</param>
/// <param name="CommandId">Made by the client: sent again, it starts nothing more.</param>
public sealed record StartRequest(int? TrayId = null, int? TrayVersion = null, Guid? CommandId = null);

/// <param name="Events">In the order they happened; all are taken or none.</param>
public sealed record EventsRequest(IReadOnlyList<EventRequest?>? Events = null);

/// <summary>One event as it arrives; <see cref="EventReader"/> says what is wrong with it.</summary>
/// <param name="CommandId">Made by the client: sent again, it happens once.</param>
/// <param name="Kind">started and said are the kitchen's own; all others may be told.</param>
/// <param name="At">When it happened; left out for now.</param>
/// <param name="Lot">Of lotIn, lotOut, later, probe and reading: which lot.</param>
/// <param name="Piece">Of reading and probe: which of its pieces, from 1, the heaviest first.</param>
/// <param name="Value">Of reading and air: what the thermometer showed.</param>
/// <param name="Unit">Of reading and air: in which unit.</param>
/// <param name="Place">Of moved: where the tray is now.</param>
/// <param name="Act">Of actDone, actSkipped and later: which of the plan's steps, from 0.</param>
/// <param name="Minutes">Of later: by how many minutes. Of a grill that was not planned: for how long. Of a baste: for how long it is to bake on with it; may be left out.</param>
/// <param name="Step">Of did: what was done that nobody had planned.</param>
/// <param name="Setting">Of ovenSet: what the dial says now.</param>
/// <param name="Reading">Of answer: the seq of the reading that was asked about.</param>
/// <param name="Answer">Of answer: what the cook says.</param>
/// <param name="Probe">Of probe: which probe on a wire. Of reading: the one that told it; left out for what was typed.</param>
/// <param name="Text">Of note: what was seen.</param>
/// <param name="Event">Of corrected: the seq of what was told by mistake.</param>
/// <param name="Pieces">Of piecesOut and piecesIn: which pieces of the lot, from 1.</param>
/// <param name="Look">Of look: what the lot was like: chicken pale, browned or dark, a vegetable hard, tender or soft.</param>
/// <param name="Shelf">Of did with shelf: where the tray stands now.</param>
/// <param name="Vessel">Of did with shelf: which tray, from 0; left out for the first.</param>
/// <param name="Of">Of rated: what is judged.</param>
/// <param name="Rating">Of rated: how it was.</param>
/// <param name="Mass">Of weighed: what the lot weighs after baking.</param>
/// <param name="Millilitres">Of stock: how much was kept, ml.</param>
/// <param name="Counts">Of counted: whether the oven is learnt from this bake.</param>
public sealed record EventRequest(
    Guid? CommandId = null,
    string? Kind = null,
    DateTimeOffset? At = null,
    int? Lot = null,
    int? Piece = null,
    double? Value = null,
    TemperatureUnit? Unit = null,
    BakePlace? Place = null,
    int? Act = null,
    int? Minutes = null,
    StepKind? Step = null,
    TemperatureRequest? Setting = null,
    int? Reading = null,
    ReadingAnswer? Answer = null,
    string? Probe = null,
    string? Text = null,
    int? Event = null,
    IReadOnlyList<int>? Pieces = null,
    Look? Look = null,
    OvenShelf? Shelf = null,
    int? Vessel = null,
    RatingOf? Of = null,
    Rating? Rating = null,
    MassRequest? Mass = null,
    int? Millilitres = null,
    bool? Counts = null);
