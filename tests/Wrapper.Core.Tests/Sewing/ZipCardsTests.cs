using Wrapper.Core.Sewing.Operations;
using Xunit;
using static Wrapper.Core.Tests.Sewing.SewingCardsTests;

namespace Wrapper.Core.Tests.Sewing;

/// <summary>What the card of a zip says: its folds, how far from them it is stitched, and what only a zip off the roll needs.</summary>
public sealed class ZipCardsTests
{
    private const string Box = "width=21.25 depth=19 thickness=4";

    [Theory]
    [InlineData("o.closure=zip construction=boxing-strip", true)]
    [InlineData("o.closure=closed-end-zip construction=boxing-strip", false)]
    public void It_is_stitched_a_quarter_inch_from_each_fold_and_only_a_zip_off_the_roll_is_cut(string how, bool isCut)
    {
        var card = Assert.Single(Cards(Thing.Inches("box-cushion", Box, how)), card => card.Own.Kind == OperationKind.Zip);
        Assert.Equal(new("¼", "in", "from each fold"), card.Figure);
        Assert.Contains(card.Hints, hint => hint.StartsWith("Press ¾ in to the wrong side along both edges", StringComparison.Ordinal));
        Assert.Contains(card.Hints, hint => hint.Contains("Sew both sides from the same end", StringComparison.Ordinal));
        Assert.Equal(isCut, card.Own.Stops.Contains(StopSign.SlideInside));
    }

    [Fact]
    public void In_millimetres_it_is_six_from_each_fold_and_the_turning_is_the_covers_own()
    {
        var thing = Thing.Millimetres("box-cushion", "width=500 depth=480 thickness=100", "construction=boxing-strip r.zip=18");
        var card = Assert.Single(Cards(thing), card => card.Own.Kind == OperationKind.Zip);
        Assert.Equal(new("6", "mm", "from each fold"), card.Figure);
        Assert.Contains(card.Hints, hint => hint.StartsWith("Press 18 mm to the wrong side", StringComparison.Ordinal));
    }

    [Fact]
    public void One_that_does_not_show_has_no_folds()
    {
        var card = Assert.Single(Cards(Thing.Inches("box-cushion", Box, "o.closure=invisible-zip construction=boxing-strip")), card =>
            card.Own.Kind == OperationKind.Zip
        );
        Assert.DoesNotContain(card.Hints, hint => hint.StartsWith("Press", StringComparison.Ordinal));
        Assert.Contains(card.Hints, hint => hint.Contains("roll its coil flat", StringComparison.Ordinal));
        Assert.DoesNotContain(StopSign.SlideInside, card.Own.Stops);
    }
}
