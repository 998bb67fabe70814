namespace AmberSpoon.Core.Trays.Layout;

/// <summary>Where everything lies, and how full that makes each vessel.</summary>
/// <param name="Vessels">One per vessel of the plan.</param>
/// <param name="Outlines">One per lot: its heaviest piece seen from above.</param>
public sealed record TrayLayout(IReadOnlyList<VesselLayout> Vessels, IReadOnlyList<LotOutline> Outlines)
{
    public IReadOnlyList<Spot> Spots() => [.. Vessels.SelectMany(vessel => vessel.Pieces.Select(piece => piece.Spot))];

    /// <summary>A piece is as heavy as the heaviest for the eye.</summary>
    private const double AlikeScale = 0.985;

    /// <summary>
    /// Of a lot's heaviest pieces the one that lies worst, towards the door and among neighbours: it is done last. Null
    /// where none of the lot could be laid.
    /// </summary>
    public PlacedPiece? Slowest(int lot) => Vessels
        .SelectMany(vessel => vessel.Pieces.Where(piece => piece.Spot.Lot == lot && piece.Scale >= AlikeScale)
            .Select(piece => (Piece: piece, Hindrance: (piece.Spot.YMm / vessel.DepthMm) + piece.Crowding)))
        .OrderByDescending(place => place.Hindrance)
        .Select(place => place.Piece)
        .FirstOrDefault();
}

/// <summary>One vessel from above.</summary>
/// <param name="WidthMm">Its floor from left to right, mm.</param>
/// <param name="DepthMm">Its floor from back to door, mm.</param>
/// <param name="IsRound">A round dish.</param>
/// <param name="Pieces">What lies in it, what is under other things first.</param>
/// <param name="CoverShare">Share of its floor that is covered, 0 and more; above 1 it is heaped.</param>
/// <param name="Fullness">In a word.</param>
/// <param name="LeftOver">Pieces for which there was no room.</param>
/// <param name="TooMuchShare">By how much it holds too little for all, against what it holds; 0 where all lies.</param>
/// <param name="IsOverfull">Chicken is left over, or more vegetables than can be heaped.</param>
/// <param name="IsAfresh">There was only room after laying everything afresh.</param>
public sealed record VesselLayout(
    double WidthMm,
    double DepthMm,
    bool IsRound,
    IReadOnlyList<PlacedPiece> Pieces,
    double CoverShare,
    Fullness Fullness,
    IReadOnlyList<LeftOver> LeftOver,
    double TooMuchShare,
    bool IsOverfull,
    bool IsAfresh);

/// <summary>How full a vessel is.</summary>
public enum Fullness
{
    /// <summary>Heat and air reach every side.</summary>
    Roomy,

    /// <summary>Pieces stand close; some steam.</summary>
    Close,

    /// <summary>Pieces steam more than they roast.</summary>
    Crowded,
}

/// <param name="Spot">Where.</param>
/// <param name="Scale">Its size against the lot's heaviest piece.</param>
/// <param name="Crowding">Share of the space round it that neighbours take, 0 to 1.</param>
public sealed record PlacedPiece(Spot Spot, double Scale, double Crowding);

/// <param name="Lot">The lot.</param>
/// <param name="Outline">x and y in turn, mm from its middle, thick end towards negative x: once round.</param>
/// <param name="Drawn">Pieces of the lot that are laid and drawn; very small ones stand for several.</param>
/// <param name="Pieces">Pieces the lot really has.</param>
public sealed record LotOutline(int Lot, IReadOnlyList<double> Outline, int Drawn, int Pieces);

/// <param name="Lot">The lot.</param>
/// <param name="Pieces">How many of its pieces.</param>
public sealed record LeftOver(int Lot, int Pieces);
