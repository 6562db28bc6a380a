using Wrapper.Core.Catalogue;
using Wrapper.Core.Costing;
using Wrapper.Core.Sewing.Operations;
using Xunit;

namespace Wrapper.Core.Tests.Costing;

/// <summary>What a house ticked says how fast it works.</summary>
public sealed class OwnPaceTests
{
    private static NumberRule Seam => NumberRule.All["minutesPerSeam"];

    [Fact]
    public void From_five_on_the_median_of_the_latest_ten_is_the_pace()
    {
        Assert.Empty(OwnPace.Of(Seams(6, 4, 5, 7)));
        Assert.Equal(5m, OwnPace.Of(Seams(6, 4, 5, 7, 3))[Seam]);
        Assert.Equal(4.5m, OwnPace.Of(Seams(6, 4, 5, 7, 3, 2))[Seam]);
        Assert.Equal(2m, OwnPace.Of(Seams(2, 2, 2, 2, 2, 2, 2, 2, 2, 2, 90, 90, 90, 90, 90, 90, 90, 90, 90, 90, 90, 90))[Seam]);
    }

    [Fact]
    public void It_is_by_the_metre_or_by_the_piece_and_each_kind_for_itself()
    {
        var pace = OwnPace.Of(
            Enumerable
                .Repeat(new TickedWork(OperationKind.Seam, 6, 1.5, 1), 5)
                .Concat(Enumerable.Repeat(new TickedWork(OperationKind.Corner, 9, 0.2, 2), 5))
                .Concat(Enumerable.Repeat(new TickedWork(OperationKind.Mark, 3, 0, 1), 5))
        );
        Assert.Equal((4m, 4.5m, 3m), (pace[Seam], pace[NumberRule.All["minutesPerCorner"]], pace[NumberRule.All["minutesPerPiece"]]));
        Assert.Equal(3, pace.Count);
    }

    [Fact]
    public void What_was_ticked_after_the_fact_and_what_has_no_length_says_nothing()
    {
        Assert.Empty(OwnPace.Of(Seams(0.01, 0.02, 0.01, 0.03, 0.05, 4, 4, 4, 4)));
        Assert.Empty(OwnPace.Of(Enumerable.Repeat(new TickedWork(OperationKind.Seam, 6, 0, 1), 9)));
        Assert.Empty(OwnPace.Of(Enumerable.Repeat(new TickedWork(OperationKind.Turn, 6, 1, 1), 9)));
        Assert.Equal(120m, OwnPace.Of(Seams(500, 500, 500, 500, 500))[Seam]);
    }

    /// <summary>A metre of seam each, the latest first.</summary>
    private static IEnumerable<TickedWork> Seams(params double[] minutes) =>
        minutes.Select(taken => new TickedWork(OperationKind.Seam, taken, 1, 1));
}
