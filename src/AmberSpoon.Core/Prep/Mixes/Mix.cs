using AmberSpoon.Core.Prep.Ingredients;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Core.Prep.Mixes;

/// <summary>What goes on the meat: a list of ingredients, each so much per kilogram of meat or per dm² of its surface.</summary>
/// <param name="Name">What the cook calls it.</param>
/// <param name="Kind">What it is for.</param>
/// <param name="Per">What its amounts are counted by.</param>
/// <param name="Parts">Its ingredients.</param>
/// <param name="Method">One or two sentences: how it is made and put on.</param>
public sealed record Mix(string Name, MixKind Kind, MixBasis Per, IReadOnlyList<MixPart> Parts, string Method)
{
    /// <summary>Of <see cref="MixBasis.AsWritten"/>: how much meat its amounts are for, g.</summary>
    public double ForMassG { get; init; } = UsualForMassG;

    /// <summary>A recipe that does not say is for about a kilogram (common practice).</summary>
    public const double UsualForMassG = 1000;

    /// <summary>Whether any of it is raw egg, so that what is left over must go.</summary>
    public bool HasRawEgg() => Parts.Any(part => part.Known()?.Shelf == Shelf.RawEgg);
}

/// <param name="Name">As the cook calls it.</param>
/// <param name="Ingredient">Its key in <see cref="IngredientTable"/>, or null for something the app does not know.</param>
/// <param name="Amount">Per kilogram or per dm², as written.</param>
/// <param name="Role">Which bowl or plate it goes to.</param>
public sealed record MixPart(string Name, string? Ingredient, Amount Amount, MixRole Role = MixRole.Mix)
{
    /// <returns>What the app knows of it; null for nothing.</returns>
    public Ingredient? Known() => Ingredient is null ? null : IngredientTable.Find(Ingredient);
}

/// <summary>What the amounts of a mix are counted by.</summary>
public enum MixBasis
{
    /// <summary>Per kilogram of meat as it is weighed, bone included: for what soaks in.</summary>
    KilogramOfMeat,

    /// <summary>Per square decimetre of its surface: for what sticks to it.</summary>
    SquareDecimetre,

    /// <summary>As it stands in a recipe: all of it is for so much meat.</summary>
    AsWritten,
}

/// <summary>Where in a crumb station a part belongs; everything else is one bowl.</summary>
public enum MixRole
{
    Mix,
    Binder,
    Crumb,
}

public enum MixKind
{
    DryRub,
    WetMarinade,
    YogurtMarinade,
    Glaze,
    UnderSkinButter,
    CrumbOverEgg,
    CrumbOverMayonnaise,
    CrumbOverYogurt,

    /// <summary>Made from the juices of the tray, after the meat is out.</summary>
    JuiceSauce,

    /// <summary>A sauce: poured over, or served beside it.</summary>
    Sauce,
}
