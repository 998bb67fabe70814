using AmberSpoon.Core.Doneness.Goals;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Prep.Buying;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Units;
using AmberSpoon.Formats.Recipes.Lines;

namespace AmberSpoon.Formats.Recipes.ToKitchen;

/// <summary>Which chicken a recipe's line means.</summary>
internal static class ChickenInRecipe
{
    private const double UsualBirdG = 1800;
    private const int MostPieces = 24;

    private static readonly string[] NotMeat = ["stock", "broth", "bouillon", "cube", "seasoning", "powder", "soup", "gravy", "sausage", "liver"];

    public static bool IsMeat(IngredientLine line)
    {
        string name = line.Name.ToLowerInvariant();
        return name.Contains("chicken", StringComparison.Ordinal) && !NotMeat.Any(word => name.Contains(word, StringComparison.Ordinal));
    }

    /// <param name="line">A line for which <see cref="IsMeat"/> holds.</param>
    /// <param name="nextId">Number of the first lot.</param>
    public static IReadOnlyList<ChickenLot> Lots(IngredientLine line, int nextId)
    {
        string words = $"{line.Name} {line.Note}".ToLowerInvariant();
        bool skinOn = !words.Contains("skinless", StringComparison.Ordinal) && !words.Contains("skin removed", StringComparison.Ordinal) && !words.Contains("skin off", StringComparison.Ordinal);
        if (CutOf(words) is { } cut)
        {
            return [Lot(nextId, cut, skinOn && CutTable.For(cut) is not { Cut: Cut.Tender or Cut.Diced }, line)];
        }

        double birdG = MassG(line) ?? (UsualBirdG * Math.Max(1, line.Middle ?? 1));
        return
        [
            .. new WholeBird(birdG, 0).Parts.Select((part, i) => Pack(
                nextId + i, part.Cut == Cut.BonelessBreast ? Cut.BoneInBreast : part.Cut, skinOn, part.Count * Math.Max(1, (int)Math.Round(birdG / UsualBirdG)), part.MassG)),
        ];
    }

    private static Cut? CutOf(string words)
    {
        bool Has(string word) => words.Contains(word, StringComparison.Ordinal);
        bool isBoneless = Has("boneless") || Has("fillet") || Has("skinless") || Has("bone removed");
        return Has("drumstick") ? Cut.Drumstick
            : Has("thigh") ? (isBoneless && !Has("bone-in") ? Cut.BonelessThigh : Cut.BoneInThigh)
            : Has("wing") ? Cut.WholeWing
            : Has("tender") || Has("goujon") || Has("strip") ? Cut.Tender
            : Has("breast") || Has("supreme") ? (Has("bone-in") || Has("on the bone") ? Cut.BoneInBreast : Has("third") ? Cut.BreastThird : Cut.BonelessBreast)
            : Has("leg") ? Cut.LegQuarter
            : Has("dice") || Has("cube") ? Cut.Diced
            : Has("fillet") ? Cut.BonelessBreast
            : null;
    }

    private static ChickenLot Lot(int id, Cut cut, bool skinOn, IngredientLine line)
    {
        double pieceG = CutTable.For(cut).ReferenceMassG;
        double? massG = MassG(line) ?? MassInNote(line);
        int count = MassG(line) is { } known
            ? PiecesIn(line.Note) ?? Math.Max(1, (int)Math.Round(known / pieceG))
            : Math.Max(1, (int)Math.Round(line.Middle ?? 1));
        return Pack(id, cut, skinOn, Math.Min(MostPieces, count), massG ?? (count * pieceG));
    }

    private static ChickenLot Pack(int id, Cut cut, bool skinOn, int count, double massG) => new(
        id, cut, skinOn, [Coating.Oil], new(SizeBasis.Pack, count, new(Math.Round(massG), MassUnit.Gram), SpreadPercent: 15, Each: []), Height: null, StartingPoint.Fridge,
        Vessel: 0, AddAtMinutes: 0, LeavesWhenDone: false, SkinDown: false, CoreGoal.Usual(cut, TemperatureUnit.Celsius));

    /// <summary>"6 pieces, skin on"</summary>
    private static int? PiecesIn(string note)
    {
        List<LineToken> said = LineTokens.Of(note);
        int at = said.FindIndex(token => token.IsAny("piece", "pieces"));
        return at > 0 && said[at - 1] is { Kind: TokenKind.Number, Value: >= 1 and <= MostPieces } count ? (int)count.Value : null;
    }

    /// <summary>"about 1.3 kg", "150 g each": what the counted pieces weigh together, g.</summary>
    private static double? MassInNote(IngredientLine line)
    {
        List<LineToken> said = LineTokens.Of(line.Note);
        for (int i = 0; i + 1 < said.Count; i++)
        {
            if (said[i].Kind == TokenKind.Number && UnitWords.Find(said[i + 1].Text) is { } word && UnitWords.Measure(word) is { } unit && Measures.KindOf(unit) == MeasureKind.Mass)
            {
                bool isEach = said.Exists(token => token.Is("each"));
                return said[i].Value * Measures.Grams(unit) * (isEach ? Math.Max(1, line.Middle ?? 1) : 1);
            }
        }

        return null;
    }

    private static double? MassG(IngredientLine line) =>
        line.Middle is { } amount && UnitWords.Measure(line.Unit) is { } unit && Measures.KindOf(unit) == MeasureKind.Mass ? amount * Measures.Grams(unit) : null;
}
