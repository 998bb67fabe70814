namespace AmberSpoon.Core.Heat.Solving;

/// <summary>Looks at the whole field while a run goes on, at moments of its own.</summary>
internal interface IFieldObserver
{
    /// <summary>When it wants to look next, s; infinite for never again.</summary>
    double NextS { get; }

    /// <param name="sample">What the run says of the moment.</param>
    /// <param name="cellC">Every cell, °C.</param>
    /// <param name="surfaceC">Every surface element, °C.</param>
    /// <param name="coldestCell">The cell whose food is coldest.</param>
    void Record(HeatSample sample, double[] cellC, double[] surfaceC, int coldestCell);
}
