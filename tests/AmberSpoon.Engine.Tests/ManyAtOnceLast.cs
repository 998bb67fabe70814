using AmberSpoon.Core.Tests;
using AmberSpoon.Core.Tests.Estimating;
using AmberSpoon.Core.Tests.Learning;
using Xunit;
using Xunit.Sdk;
using Xunit.v3;

[assembly: TestCollectionOrderer(typeof(ManyAtOnceLast))]

namespace AmberSpoon.Core.Tests;

/// <summary>Tests that keep every core busy themselves come last: a long one on one core, at the end, leaves the others idle.</summary>
public sealed class ManyAtOnceLast : ITestCollectionOrderer
{
    private static readonly string[] Last = [nameof(HouseholdsTests), nameof(NeverOverRawMeatTests)];

    public IReadOnlyCollection<TTestCollection> OrderTestCollections<TTestCollection>(IReadOnlyCollection<TTestCollection> testCollections)
        where TTestCollection : ITestCollection =>
        [.. testCollections.OrderBy(tests => Array.FindIndex(Last, name => tests.TestCollectionDisplayName.Contains(name, StringComparison.Ordinal)))];
}
