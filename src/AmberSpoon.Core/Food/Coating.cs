namespace AmberSpoon.Core.Food;

/// <summary>
/// What one coat is: what a piece is covered with, filled with or wrapped in. In which order and when they go on is a lot's stack
/// of coats; what one of them does to heat is a <see cref="CoatLayer"/>.
/// </summary>
public enum Coating
{
    /// <summary>Plain, with a film of oil.</summary>
    Oil,

    /// <summary>Spices, salt and perhaps a little sugar over oil.</summary>
    DryRub,

    /// <summary>Oil, acid and aromatics, drained.</summary>
    WetMarinade,

    /// <summary>Yogurt or another marinade that clings.</summary>
    ThickMarinade,

    /// <summary>Sweet and sticky.</summary>
    Glaze,

    /// <summary>Crumb over beaten egg.</summary>
    CrumbOverEgg,

    /// <summary>Crumb over mayonnaise: fatter, browns sooner.</summary>
    CrumbOverMayonnaise,

    /// <summary>Crumb over yogurt that was left on: wetter.</summary>
    CrumbOverYogurt,

    /// <summary>Butter pushed under the skin.</summary>
    ButterUnderSkin,

    /// <summary>Herbs and garlic pushed under the skin.</summary>
    HerbsUnderSkin,

    /// <summary>Slit and filled; only a boneless breast is.</summary>
    Stuffed,

    /// <summary>Sealed in paper or foil.</summary>
    Parcel,

    /// <summary>Crumb alone, over whatever sticky coat is under it.</summary>
    Crumb,

    /// <summary>A sauce, poured or spooned over.</summary>
    Sauce,

    /// <summary>A sauce made of the juices that were poured off the tray.</summary>
    JuiceSauce,

    /// <summary>Cheese, bacon or butter laid on top.</summary>
    Topping,

    /// <summary>Slices of citrus and loose herbs on it and around it: for taste, too little to change its heat.</summary>
    Citrus,
}
