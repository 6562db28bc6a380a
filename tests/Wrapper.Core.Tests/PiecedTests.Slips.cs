using CsCheck;
using Wrapper.Core.Checks;
using Wrapper.Core.Drafting;
using Wrapper.Core.Proof;
using Wrapper.Core.Reading;
using Xunit;

namespace Wrapper.Core.Tests;

public sealed partial class PiecedTests
{
    [Fact]
    public void A_strip_wider_than_its_cloth_is_turned_or_told()
    {
        var bench = Thing.Inches("box-cushion", "width=60 depth=18 thickness=3");
        var turned = Thing.Drafted(Of(bench, [A, B], "top", "across", "a b"));
        Assert.All(turned.Pieces.Where(piece => piece.Id == "part"), piece => Assert.Equal([90, 270], piece.Turns));
        var outcome = Drafter.Draft(Of(bench, [A, B with { OneWay = true }], "top", "across", "a b"));
        var check = Assert.Single(outcome.Checks, check => check.Code == "piece-wider-than-cloth" && check.Level == CheckLevel.Error);
        Assert.Equal("options.pieced.top", check.Measure);
        Assert.Contains("strip 2", check.Text, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("250.5", true)] // no tape tells half a millimetre
    [InlineData("250.6", false)]
    [InlineData("20000", false)]
    public void Given_widths_have_to_fill_the_piece(string second, bool fills)
    {
        var seat = Thing.Millimetres("box-cushion", "width=500 depth=450 thickness=80") with
        {
            Pieced = [new("top", null, [new(null, Entry.Typed("250")), new(null, Entry.Typed(second))])],
        };
        Assert.Equal(
            fills ? [] : ["pieced-widths"],
            Drafter.Draft(seat).Checks.Where(check => check.Level == CheckLevel.Error).Select(check => check.Code)
        );
    }

    [Theory]
    [InlineData("along", "a b", new double[] { 5, 5 }, "pieced-widths", "come to 10 in finished, and it is 21 in")]
    [InlineData("along", "a b a", new double[] { 10, 11, 0 }, "pieced-widths", "nothing is left")]
    [InlineData("along", "a", new double[0], "pieced-count", "one strip")]
    [InlineData("up", "a b", new double[0], "unknown-option", "“up”")]
    [InlineData("along", "a gone", new double[0], "unknown-cloth", "Strip 2 of the top is cut from the cloth “gone”")]
    [InlineData("along", "a b", new double[] { -3, 0 }, "measure-zero", "Strip 1 of the top")]
    [InlineData("along", "a b", new double[] { 90000, 0 }, "measure-huge", "Strip 1 of the top")]
    public void What_cannot_be_pieced_is_told_with_its_role(string run, string cloths, double[] widths, string code, string text)
    {
        var outcome = Drafter.Draft(
            Of(Cushion, [A, B], "top", run, cloths, [.. widths.Select(width => width == 0 ? (double?)null : width)])
        );
        var check = Assert.Single(outcome.Checks, check => check.Code == code);
        Assert.Equal((CheckLevel.Error, "options.pieced.top"), (check.Level, check.Measure));
        Assert.Contains(text, check.Text, StringComparison.Ordinal);
        Assert.Null(outcome.Draft);
    }

    [Theory]
    [InlineData("piping")]
    [InlineData("padding")]
    [InlineData("tpo")]
    public void What_is_not_cut_whole_is_not_pieced(string role) =>
        Assert.Equal(
            $"options.pieced.{role}",
            Assert.Single(Drafter.Draft(Of(Cushion, [A, B], role, "along", "a b")).Checks, check => check.Code == "not-pieced").Measure
        );

    [Fact]
    public void A_role_the_cover_has_not_is_told() =>
        Assert.Equal(
            "options.pieced.skirt",
            Assert
                .Single(Thing.Drafted(Of(Cushion, [A, B], "skirt", "along", "a b")).Checks, check => check.Code == "role-without-piece")
                .Measure
        );

    [Fact]
    public void A_ready_sheet_is_not_pieced()
    {
        var duvet = Of(
            Thing.Inches("duvet", "width=60 length=80", "o.back=ready-sheet"),
            [Thing.Cloth("a", 108), B],
            "face-back",
            "along",
            "a b"
        );
        Assert.Equal(
            "options.pieced.face-back",
            Assert.Single(Drafter.Draft(duvet).Checks, check => check.Code == "sheet-not-pieced").Measure
        );
    }

    [Fact]
    public void A_strip_narrower_than_its_joins_is_told()
    {
        Assert.Contains(Thing.Drafted(Of(Cushion, [A, B], "top", "along", "a b a", null, 0.75, null)).Checks, check =>
            check.Code == "strip-narrow"
        );
        Assert.DoesNotContain(Thing.Drafted(Of(Cushion, [A, B], "top", "along", "a b a", null, 1, null)).Checks, check =>
            check.Code == "strip-narrow"
        );
    }

    [Fact]
    public void The_proof_sees_a_strip_that_is_missing_or_too_narrow()
    {
        var draft = Thing.Drafted(Of(Cushion, [A, B], "top", "along", "a b a"));
        Assert.True(FoldUp.Of(draft).Holds);
        var strip = draft.Pieces.Single(piece => piece.Key == "plate-top-part-2");
        var less = strip with { StitchLine = Geometry.Stretching.Of(strip.StitchLine, 0.9m, 1) };
        Assert.Contains(
            FoldUp.Of(draft with { Pieces = [.. draft.Pieces.Select(piece => piece.Key == strip.Key ? less : piece)] }).Problems,
            problem => problem.Contains("strips of plate-top", StringComparison.Ordinal)
        );
        var top = draft.Pieces.Single(piece => piece.Key == "plate-top");
        var without = top with { JoinedFrom = [.. top.JoinedFrom.Skip(1)] };
        Assert.Contains(
            FoldUp.Of(draft with { Pieces = [.. draft.Pieces.Select(piece => piece.Key == top.Key ? without : piece)] }).Problems,
            problem => problem.Contains("strips of plate-top", StringComparison.Ordinal)
        );
    }
}
