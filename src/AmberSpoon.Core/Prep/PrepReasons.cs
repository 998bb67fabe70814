using AmberSpoon.Core.Prep.Marinating;
using AmberSpoon.Core.Prep.Mixes;
using AmberSpoon.Core.Prep.Scaling;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Core.Prep;

/// <summary>Answers "why" for what is said at the counter: what it rests on, in words a cook can check.</summary>
public static class PrepReasons
{
    private const string Practice = "Common practice";
    private const string Household = "Household weights of the USDA food composition tables, from memory";

    /// <param name="choice">What was decided at the counter.</param>
    /// <param name="meat">The meat on the tray.</param>
    /// <param name="mixes">What is made for it.</param>
    /// <param name="units">What it is written in.</param>
    public static IReadOnlyList<Explanation> For(PrepChoice choice, MeatToCoat meat, IReadOnlyList<Mix> mixes, KitchenUnits units)
    {
        var reasons = new List<Explanation>();
        if (mixes.Any(mix => mix.Per == MixBasis.KilogramOfMeat))
        {
            reasons.Add(new("Amounts", $"In proportion to the mass of the lots it goes on, bones included: {units.SayMass(meat.MassG)} on the tray. Then rounded to what you measure with.", Practice));
        }

        if (mixes.Any(mix => mix.Per == MixBasis.SquareDecimetre))
        {
            reasons.Add(new("Amounts by surface", $"In proportion to the surface of the lots it goes on, good to about a tenth: {units.SayArea(meat.SurfaceDm2)} on the tray. Their shapes are those that heat is computed in. Then rounded to what you measure with.", "The heat engine’s shapes, from mass and height"));
        }

        if (mixes.Any(mix => mix.Per == MixBasis.AsWritten))
        {
            reasons.Add(new("Amounts as written", "All of it is for as much meat as was written down with it; for more or less meat, in proportion.", Practice));
        }

        if (mixes.Count > 0)
        {
            reasons.Add(new("Spoons and grams", "Each ingredient has a density as it lies in a spoon. A packed spoon and a sifted one differ by a fifth; level ones are meant.", Household));
            reasons.Add(new("Salt", "All salt in what is measured, soy, mustard and cheese included, over the meat of each lot as weighed, all its coats together. What nobody knows is said to be unknown. What is set aside or left on the plate does not count.", $"{Practice}: 1.0 to 1.5 %"));
            reasons.Add(new("Too short, too long", "By how sharp the mix is: its free acid over its mass. How deep it gets is not computed.", Practice));
            if (mixes.Any(mix => mix.Kind == MixKind.Glaze))
            {
                reasons.Add(new("Burning", "The first lot is followed through tonight’s oven with the glaze on; what is brushed on later browns only from then.", "The heat engine’s browning index, a comparison and no more"));
            }
        }

        if (choice.FrozenMm is not null)
        {
            reasons.Add(new("Thaw", $"A block of this mass and thickness warms from {units.Say(new(FridgeThaw.FreezerC))} in a fridge of {units.Say(new(FridgeThaw.FridgeC))}; melting takes its heat. Give or take a quarter: fridges and packs differ.", "Choi and Okos 1986, ice by Tchigeov 1979, from memory"));
        }

        reasons.Add(new("Portions", "Meat without bones by cut, less the juice the bake costs. Give or take a tenth.", $"{Practice}, and yields from memory"));
        reasons.Add(new("Vegetables", "What is cut, less the water it loses, heaped loosely: pieces fill six tenths of a bowl.", $"{Practice}: about a cup a head"));
        return reasons;
    }
}
