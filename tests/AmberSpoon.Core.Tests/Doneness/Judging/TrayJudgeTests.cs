using AmberSpoon.Core.Doneness;
using AmberSpoon.Core.Doneness.Judging;
using CsCheck;
using Xunit;

namespace AmberSpoon.Core.Tests.Doneness.Judging;

public sealed class TrayJudgeTests
{
    private static LotVerdict Of(int lot, VerdictKind kind, int? next = null) => new(
        new(lot), kind, "Because it is so.", kind == VerdictKind.Serve ? [] : [new(new(lot), 1, $"piece of {lot}", "why")], next);

    private static TrayVerdict Judged(params LotVerdict[] lots) => TrayJudge.Judge(lots, lot => lot.Lot.Value == 1 ? "legs" : "wings")!;

    [Fact]
    public void Serve_needs_every_lot()
    {
        Gen.Int[0, 4].Select(kind => (VerdictKind)kind).Array[1, 4].Sample(kinds =>
        {
            TrayVerdict verdict = Judged([.. kinds.Select((kind, i) => Of(i + 1, kind, 3))]);
            return (verdict.Kind == VerdictKind.Serve) == kinds.All(kind => kind == VerdictKind.Serve);
        });
        Assert.Null(TrayJudge.Judge([], _ => string.Empty));
    }

    [Fact]
    public void What_is_done_may_be_eaten_while_the_rest_goes_back_in()
    {
        TrayVerdict verdict = Judged(Of(1, VerdictKind.BackIn, 9), Of(2, VerdictKind.Serve));
        Assert.Equal((VerdictKind.BackIn, 9), (verdict.Kind, verdict.NextCheckInMinutes));
        Assert.Equal("Legs: because it is so. The wings may be served.", verdict.Reason);
        Assert.Equal(1, Assert.Single(verdict.MeasureNext).Lot.Value);
    }

    [Theory]
    [InlineData(VerdictKind.CannotTell, 0, VerdictKind.Measure, 0)]
    [InlineData(VerdictKind.Measure, 0, VerdictKind.BackIn, 3)]
    [InlineData(VerdictKind.BackIn, 12, VerdictKind.RestThenCheck, 3)]
    [InlineData(VerdictKind.BackIn, 5, VerdictKind.Measure, 20)]
    [InlineData(VerdictKind.RestThenCheck, 5, VerdictKind.Measure, 1)]
    public void The_more_urgent_decides(VerdictKind first, int firstIn, VerdictKind second, int secondIn)
    {
        foreach (LotVerdict[] lots in new[] { new[] { Of(1, first, firstIn), Of(2, second, secondIn) }, [Of(1, second, secondIn), Of(2, first, firstIn)] })
        {
            TrayVerdict verdict = Judged(lots);
            Assert.Equal(first, verdict.Kind);
            Assert.Equal(Math.Min(firstIn, secondIn), verdict.NextCheckInMinutes);
            Assert.Equal(2, verdict.MeasureNext.Count);
        }
    }

    /// <summary>Of two that are as urgent, the sooner; what cannot say when comes last.</summary>
    [Fact]
    public void Of_the_equally_urgent_the_sooner_decides_and_is_measured_in_order_of_urgency()
    {
        TrayVerdict verdict = Judged(Of(1, VerdictKind.BackIn, 12), Of(2, VerdictKind.BackIn, 7));
        Assert.StartsWith("Wings:", verdict.Reason, StringComparison.Ordinal);
        Assert.StartsWith("Legs:", Judged(Of(1, VerdictKind.BackIn, 12), Of(2, VerdictKind.BackIn)).Reason, StringComparison.Ordinal);
        Assert.StartsWith("Legs:", Judged(Of(2, VerdictKind.BackIn), Of(1, VerdictKind.BackIn, 12)).Reason, StringComparison.Ordinal);
        Assert.DoesNotContain("may be served", verdict.Reason, StringComparison.Ordinal);
        Assert.Equal([2, 1], Judged(Of(1, VerdictKind.RestThenCheck, 1), Of(2, VerdictKind.CannotTell, 0)).MeasureNext.Select(piece => piece.Lot.Value));
        Assert.Equal("Because it is so.", Judged(Of(1, VerdictKind.BackIn, 5)).Reason);
    }

    [Fact]
    public void One_lot_needs_no_name() => Assert.Equal("Because it is so.", Judged(Of(1, VerdictKind.Serve)).Reason);
}
