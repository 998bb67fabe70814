using AmberSpoon.Core.Bakes.Events;

namespace AmberSpoon.Server.Stations.Bakes;

/// <summary>How food is judged at table, in the words of the table.</summary>
internal static class RatingWords
{
    public static string Subject(RatingOf of) => of switch
    {
        RatingOf.Meat => "the meat",
        RatingOf.Outside => "skin or crumb",
        RatingOf.Vegetable => "the vegetables",
        _ => "dinner",
    };

    public static string Of(RatingOf of, Rating value) => (of, value) switch
    {
        (RatingOf.Meat, Rating.Below) => "not done enough",
        (RatingOf.Meat, Rating.Right) => "juicy",
        (RatingOf.Meat, _) => "dry",
        (RatingOf.Outside, Rating.Below) => "pale and soft",
        (RatingOf.Outside, Rating.Right) => "as it should be",
        (RatingOf.Outside, _) => "too dark",
        (RatingOf.Vegetable, Rating.Below) => "too firm",
        (RatingOf.Vegetable, Rating.Right) => "right",
        (RatingOf.Vegetable, _) => "too soft",
        (_, Rating.Below) => "too early",
        (_, Rating.Right) => "on time",
        _ => "late",
    };
}
