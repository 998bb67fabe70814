using AmberSpoon.Core.Households;
using AmberSpoon.Core.Trays;
using AmberSpoon.Server.Stations.Tray;
using AmberSpoon.Store.Rows;
using Xunit;

namespace AmberSpoon.Server.Tests;

public sealed class TrayAnswersTests
{
    /// <summary>However many were kept before it, the last one is there: it was computed a second time once sixty-four were.</summary>
    [Fact]
    public void What_was_just_computed_is_never_computed_again()
    {
        using var answers = new TrayAnswers();
        TrayPlan plan = EmptyTray.Of(Household.Usual);
        for (int version = 1; version <= 300; version++)
        {
            var row = new TrayRow { Plan = plan, Version = version };
            var computed = new TrayComputed(plan, null!, null!, new(() => null!));
            answers.Keep(row, computed);
            Assert.Same(computed, answers.Of(row));
            Assert.NotNull(answers.PlanOf(row.Id, Math.Max(1, version - 10)));
        }

        Assert.Null(answers.PlanOf(0, 1));
    }
}
