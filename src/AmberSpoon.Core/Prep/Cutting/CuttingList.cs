using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat.Pieces;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;

namespace AmberSpoon.Core.Prep.Cutting;

/// <summary>What to cut, how large, and what it makes.</summary>
public static class CuttingList
{
    /// <summary>Cooked vegetables a head, ml (common practice: one cup).</summary>
    public const double WantedMlPerHead = 240;

    /// <summary>Share of a bowl that loosely heaped pieces fill (spheres poured at random: 0.6, from memory).</summary>
    private const double Heaped = 0.6;

    /// <param name="plan">The tray.</param>
    /// <param name="forecast">What it leads to: how much water the vegetables lose.</param>
    /// <param name="heads">How many eat, 1 or more.</param>
    public static IReadOnlyList<CuttingItem> Of(TrayPlan plan, TrayForecast forecast, int heads) =>
    [
        .. plan.Vegetables.Select(lot =>
        {
            VegetableBody body = lot.Piece();
            PieceSize size = body.Size();
            double cookedMl = lot.Count * size.VolumeMl * Shrinkage.VolumeShare(forecast.Of(lot.Id).LossShare) / Heaped;
            return new CuttingItem(
                lot.Id, lot.Kind, lot.Cut, lot.Size.Millimetres(), VegetableCuts.SizeMeans(lot.Cut), lot.Count, lot.Amount.Grams(), cookedMl / heads, size);
        }),
    ];
}

/// <param name="Lot">Its number on the tray.</param>
/// <param name="Kind">Which vegetable.</param>
/// <param name="Cut">How it is cut.</param>
/// <param name="SizeMm">How large, mm.</param>
/// <param name="SizeMeans">What that measures.</param>
/// <param name="Pieces">How many it makes.</param>
/// <param name="MassG">Trimmed, g.</param>
/// <param name="MlPerHead">Cooked and heaped, ml for each who eats.</param>
/// <param name="Piece">One piece: to be drawn at its true size.</param>
public sealed record CuttingItem(
    int Lot, Vegetable Kind, VegetableCut Cut, double SizeMm, string SizeMeans, int Pieces, double MassG, double MlPerHead, PieceSize Piece);
