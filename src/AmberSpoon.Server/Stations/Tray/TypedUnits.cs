using AmberSpoon.Core.Units;

namespace AmberSpoon.Server.Stations.Tray;

/// <summary>What a field may hold, said in the unit that was typed into it; in grams and millimetres where none was.</summary>
internal static class TypedUnits
{
    /// <summary>No kitchen holds as much, g: its number would not be read to its end.</summary>
    private const double FarTooMuchG = 1e9;

    public static string Say(this MassRequest? typed, double grams) =>
        grams < FarTooMuchG ? (KitchenUnits.Usual with { Mass = Check.IsChosen(typed?.Unit) ? typed!.Unit!.Value : MassUnit.Gram }).SayMass(grams) : "far too much";

    /// <summary>In both units, where the question has none of its own: "400 g (14 oz)".</summary>
    public static string SayInBoth(double grams) =>
        $"{KitchenUnits.Usual.SayMass(grams)} ({(KitchenUnits.Usual with { Mass = MassUnit.Ounce }).SayMass(grams)})";

    public static string Say(this LengthRequest? typed, double millimetres) =>
        (KitchenUnits.Usual with { Length = Check.IsChosen(typed?.Unit) ? typed!.Unit!.Value : LengthUnit.Millimetre }).SayLength(millimetres);
}
