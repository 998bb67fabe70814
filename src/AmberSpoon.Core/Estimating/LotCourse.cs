namespace AmberSpoon.Core.Estimating;

/// <summary>What a lot goes through if nothing else happens to it, in every kitchen.</summary>
/// <param name="InS">When it goes in, s in the bake's time.</param>
/// <param name="Curves">Its pieces, in its own time.</param>
public sealed record LotCourse(double InS, LotCurves Curves);
