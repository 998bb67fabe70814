using AmberSpoon.Core.Bakes.Events;
using AmberSpoon.Core.Food;

namespace AmberSpoon.Core.Learning;

/// <summary>What a household calls tender, of each vegetable that it judged at table.</summary>
public static class HouseholdWishes
{
    /// <param name="bakes">What is remembered, the earliest first.</param>
    public static IReadOnlyDictionary<Vegetable, TenderWish> Of(IEnumerable<BakeFacts> bakes)
    {
        var wishes = new Dictionary<Vegetable, TenderWish>();
        foreach (BakeFacts bake in bakes)
        {
            foreach (Rated rated in bake.Ratings.Where(rated => rated.Of == RatingOf.Vegetable))
            {
                if (bake.Got.FirstOrDefault(lot => lot.Lot == rated.Lot?.Value) is { } got)
                {
                    wishes[got.Kind] = wishes.GetValueOrDefault(got.Kind, TenderWish.Usual).After(rated.Value, got.Share);
                }
            }
        }

        return wishes;
    }
}
