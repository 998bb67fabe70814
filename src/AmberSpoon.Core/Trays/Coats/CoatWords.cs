using AmberSpoon.Core.Food;

namespace AmberSpoon.Core.Trays.Coats;

/// <summary>A coat in the words of the counter.</summary>
public static class CoatWords
{
    /// <summary>“Apricot glaze”, or what it is where no mix is followed: "the glaze".</summary>
    public static string Called(LotCoat coat) => coat.Name is { } name ? $"“{name}”" : coat.Kind switch
    {
        Coating.Oil => "oil and salt",
        Coating.DryRub => "the rub",
        Coating.WetMarinade or Coating.ThickMarinade => "the marinade",
        Coating.Glaze => "the glaze",
        Coating.Crumb or Coating.CrumbOverEgg or Coating.CrumbOverMayonnaise or Coating.CrumbOverYogurt => "the crumb",
        Coating.ButterUnderSkin => "the butter",
        Coating.HerbsUnderSkin => "the herbs",
        Coating.Stuffed => "the filling",
        Coating.Parcel => "the parcel",
        Coating.Sauce => "the sauce",
        Coating.JuiceSauce => "the sauce from the juices",
        Coating.Citrus => "citrus and herbs",
        _ => "what goes on top",
    };

    /// <summary>What hands do with it at the oven: "Brush “Apricot glaze” on the thighs".</summary>
    public static string PutOn(LotCoat coat, string lots) => coat.Kind switch
    {
        Coating.Sauce or Coating.JuiceSauce => $"Spoon {Called(coat)} over the {lots}",
        Coating.Topping or Coating.Citrus => $"Lay {Called(coat)} on the {lots}",
        Coating.DryRub => $"Sprinkle {Called(coat)} on the {lots}",
        _ => $"Brush {Called(coat)} on the {lots}",
    };
}
