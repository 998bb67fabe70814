using AmberSpoon.Core.Units;

namespace AmberSpoon.Core.Prep.Scaling;

/// <summary>What a kitchen measures with.</summary>
/// <param name="Spoons">Whose spoons and cups.</param>
/// <param name="Scale">The unit its scale shows, or null where there is none: then everything goes by spoon and cup.</param>
/// <param name="HasJug">It has a measuring jug marked in millilitres; otherwise liquids are weighed in grams, or go by spoon and cup.</param>
public sealed record KitchenMeasures(SpoonSet Spoons, ScaleUnit? Scale, bool HasJug)
{
    public static KitchenMeasures Usual { get; } = new(SpoonSet.Metric, ScaleUnit.Gram, HasJug: true);

    private static readonly KitchenMeasures ByTheCup = new(SpoonSet.UnitedStates, ScaleUnit.Ounce, HasJug: false);

    /// <summary>What is assumed of a kitchen until it says what it measures with: one that weighs in ounces goes by the cup.</summary>
    public static KitchenMeasures UsualFor(KitchenUnits units) => units.Mass is MassUnit.Ounce or MassUnit.Pound ? ByTheCup : Usual;
}

/// <summary>What a kitchen scale shows.</summary>
public enum ScaleUnit
{
    Gram,
    Ounce,
}
