namespace AmberSpoon.Core.Trays.Forecasting;

/// <summary>
/// How well this model is taken to be right, whatever the kitchen: a judgement with ten windows of practice and five published
/// times in view (docs/how-it-works.md), which are too wide and too few for a measured spread. Added to the band of a forecast as an independent doubt; what a kitchen
/// may differ in is <see cref="GuessDesign"/>'s.
/// </summary>
public static class ModelDoubt
{
    /// <summary>Four predictions in five are taken to lie within this share of their time.</summary>
    public const double Share = 0.1;

    /// <summary>The band with it, its middle unmoved.</summary>
    /// <param name="band">Minutes since the lot went in.</param>
    public static TimeBand Added(TimeBand band)
    {
        double ours = Share * band.MedianMinutes;
        return new(
            Math.Max(0, band.MedianMinutes - Both(band.MedianMinutes - band.LowMinutes)),
            band.MedianMinutes,
            band.MedianMinutes + Both(band.HighMinutes - band.MedianMinutes));

        double Both(double kitchens) => Math.Sqrt((kitchens * kitchens) + (ours * ours));
    }
}
