using AmberSpoon.Core.Food;
using Xunit;

namespace AmberSpoon.Core.Tests.Food;

public sealed class UsualCountTests
{
    /// <summary>Four people eat 125 g of boneless meat to 350 g of a joint with its bone each (common practice).</summary>
    [Fact]
    public void A_cut_comes_with_as_many_pieces_as_feed_four() => Assert.All(
        CutTable.All, facts => Assert.InRange(CutTable.UsualCount(facts.Cut) * facts.ReferenceMassG, 4 * 125, 4 * 350));
}
