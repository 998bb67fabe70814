using AmberSpoon.Core.Trays;

namespace AmberSpoon.Core.Prep.Scaling;

/// <summary>The meat a mix is scaled to.</summary>
/// <param name="MassG">As weighed, bone included, g.</param>
/// <param name="SurfaceDm2">All sides of all pieces, from the heat engine's shapes, dm².</param>
/// <param name="Pieces">How many.</param>
public sealed record MeatToCoat(double MassG, double SurfaceDm2, int Pieces)
{
    private const double Cm2PerDm2 = 100;

    /// <summary>Some of a tray's chicken.</summary>
    /// <param name="lots">Lots of chicken; perhaps none.</param>
    public static MeatToCoat Of(IEnumerable<ChickenLot> lots)
    {
        double massG = 0;
        double surfaceDm2 = 0;
        int pieces = 0;
        foreach (ChickenLot lot in lots)
        {
            IReadOnlyList<double> masses = lot.MassesG();
            massG += masses.Sum();
            pieces += masses.Count;

            // Pieces of a lot have one shape, so their surfaces go with mass to the two thirds.
            double heaviestDm2 = lot.Piece(masses[0]).Size().SurfaceCm2 / Cm2PerDm2;
            surfaceDm2 += masses.Sum(mass => heaviestDm2 * Math.Pow(mass / masses[0], 2.0 / 3));
        }

        return new(massG, surfaceDm2, pieces);
    }

    /// <summary>How much more meat this is than another: what a recipe for that must be multiplied by.</summary>
    /// <exception cref="ArgumentOutOfRangeException">The other is nothing.</exception>
    public static double Factor(double massG, double recipeMassG)
    {
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(recipeMassG);
        return massG / recipeMassG;
    }
}
