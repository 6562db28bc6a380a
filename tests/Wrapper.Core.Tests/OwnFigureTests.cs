using Wrapper.Core.Judgement;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests;

/// <summary>The maker's own figure: whether it agrees, and which slip explains it.</summary>
public sealed class OwnFigureTests
{
    /// <summary>Cover, number, the figure, and the slip that explains it; empty where it agrees.</summary>
    public static TheoryData<string, string, string, string, string, string> Figures =>
        new()
        {
            { "box-cushion", "width=21_1/4 depth=19 thickness=4", "", "plate.cutWidth", "22 1/4", "" },
            { "box-cushion", "width=21_1/4 depth=19 thickness=4", "", "plate.cutWidth", "22 17/64", "" },
            { "box-cushion", "width=21_1/4 depth=19 thickness=4", "", "plate.cutWidth", "21 3/4", "allowance-counted-once" },
            { "box-cushion", "width=21_1/4 depth=19 thickness=4", "", "plate.cutWidth", "21 1/4", "allowance-forgotten" },
            { "box-cushion", "width=21_1/4 depth=19 thickness=4", "", "plate.cutWidth", "23 1/4", "counted-four-times" },
            { "box-cushion", "width=21_1/4 depth=19 thickness=4", "r.fit.width=-3/8", "plate.cutWidth", "22 1/4", "fit-forgotten" },
            { "box-cushion", "width=21_1/4 depth=19 thickness=4", "", "zip-boxing.cutLength", "5 1/4", "half-counted-whole" },
            {
                "box-cushion",
                "width=26 depth=15 thickness=3_1/2",
                "construction=wrap-notched r.seam=5/8",
                "wrap.cutWidth",
                "29",
                "half-forgotten"
            },
            { "bolster", "diameter=6_1/2 length=24", "r.seam=3/8", "band.cutLength", "24 1/4", "circumference-at-raw-edge" },
            { "bolster", "diameter=6_1/2 length=24", "r.seam=3/8", "band.cutLength", "20 7/16", "turnings-forgotten" },
            { "box-cushion", "width=20 depth=19 thickness=4", "", "P", "39", "second-face-forgotten" },
            { "box-cushion", "width=20 depth=19 thickness=4", "", "P", "85 5/16", "yards-and-metres" },
            { "box-cushion", "width=60 depth=48 thickness=4", "", "P", "6.56 m", "yards-and-metres" },
            { "box-cushion", "width=60 depth=48 thickness=4", "", "P", "6 m", "yards-and-metres" },
            { "bolster", "diameter=6_1/2 length=24", "r.seam=3/8", "band.cutLength", "22 25/32", "raw-edge-without-turnings" },
            { "box-cushion", "width=21_1/4 depth=19 thickness=4", "", "zip-boxing.cutLength", "3", "seam-for-zip-turning" },
            {
                "box-cushion",
                "width=21_1/4 depth=19 thickness=4",
                "construction=wrap-folded r.zip=1",
                "wrap.cutLength",
                "47",
                "seam-for-zip-turning"
            },
            {
                "box-cushion",
                "width=21_1/4 depth=19 thickness=4",
                "o.slidePocket=true",
                "boxing.cutWidth",
                "56 1/4",
                "allowance-counted-once"
            },
            { "box-cushion", "width=21_1/4 depth=19 thickness=4", "", "plate.cutWidth", "20", "swapped" },
            { "box-cushion", "width=21_1/4 depth=19 thickness=4", "construction=wrap-notched", "wrap.cutLength", "51 1/2", "swapped" },
            {
                "changing-pad",
                "shape=contoured length=700mm overallWidth=360mm sideHeight=70mm rim=45mm flatWidth=180mm flatHeight=25mm",
                "",
                "developed",
                "500 mm",
                "slope-taken-straight"
            },
            {
                "changing-pad",
                "shape=contoured length=700mm overallWidth=360mm sideHeight=70mm rim=45mm flatWidth=180mm flatHeight=25mm",
                "",
                "band.cutLength",
                "25 15/16",
                "slope-taken-straight"
            },
            { "fitted-sheet", "width=54 length=75 thickness=10 tuckUnder=4", "", "elastic.length", "259", "ratio-forgotten" },
            { "fitted-sheet", "width=36 length=75 thickness=6", "o.edge=stretched-elastic", "elastic.length", "222", "ratio-forgotten" },
        };

    [Theory]
    [MemberData(nameof(Figures))]
    public void A_figure_agrees_or_its_slip_is_named(string form, string measures, string said, string number, string figure, string slip)
    {
        var draft = Thing.Drafted(Thing.Inches(form, measures, said));
        var judgement = OwnFigure.Judge(draft, number, LengthReader.Read(figure, LengthUnit.Inch).Length!.Value)!;
        Assert.Equal(slip.Length == 0, judgement.Agrees);
        if (slip.Length > 0)
        {
            Assert.Contains(slip, judgement.Slips.Select(found => found.Code));
        }
        else
        {
            Assert.Empty(judgement.Slips);
        }
    }

    [Fact]
    public void Where_no_slip_explains_it_the_nearest_is_named_with_what_remains()
    {
        // The way round at the raw edge is π × (8 + 2 × ½) = 28.27, without the band’s own turnings: 28 is ¼ short of it.
        var judgement = OwnFigure.Judge(
            Thing.Drafted(Thing.Inches("bolster", "diameter=8 length=24", "r.zip=1/2")),
            "band.cutLength",
            Length.FromInches(28)
        )!;
        Assert.Empty(judgement.Slips);
        Assert.Equal("raw-edge-without-turnings", judgement.Nearest!.Slip.Code);
        Assert.Equal(-0.274m, Math.Round((decimal)judgement.Nearest.Remaining.Millimetres / 25.4m, 3));
    }

    [Fact]
    public void Nothing_is_near_that_is_farther_off_than_the_number_itself()
    {
        // The width is 21: 21 1/8 is nearer to it than to any slip, the least of which is off by half an inch.
        var judgement = OwnFigure.Judge(
            Thing.Drafted(Thing.Inches("box-cushion", "width=20 depth=19 thickness=4")),
            "plate.cutWidth",
            Length.FromInches(21, 1, 8)
        )!;
        Assert.False(judgement.Agrees);
        Assert.Null(judgement.Nearest);
    }

    [Fact]
    public void Two_slips_that_give_the_same_figure_are_both_named_the_likelier_first()
    {
        // A square of 19: 19 is the seam left out on a width of 19, and the seam swapped for nothing; the half of 38 as well.
        var judgement = OwnFigure.Judge(
            Thing.Drafted(Thing.Inches("box-cushion", "width=20 depth=19 thickness=4")),
            "plate.cutWidth",
            Length.FromInches(20)
        )!;
        Assert.Equal(["swapped", "allowance-forgotten"], judgement.Slips.Select(slip => slip.Code));
    }

    [Fact]
    public void No_slip_is_named_that_is_off_by_more_than_the_step()
    {
        foreach (
            var draft in new[]
            {
                Thing.Drafted(Thing.Inches("box-cushion", "width=21_1/4 depth=19 thickness=4", "o.slidePocket=true")),
                Thing.Drafted(Thing.Inches("bolster", "diameter=6_1/2 length=24")),
            }
        )
        {
            foreach (var number in draft.Numbers())
            {
                for (var sixteenths = 0; sixteenths < 3000; sixteenths += 7)
                {
                    var figure = Length.FromInches(0, sixteenths, 16);
                    var judgement = OwnFigure.Judge(draft, number.For, figure)!;
                    Assert.All(judgement.Slips, slip =>
                        Assert.True(
                            (slip.Value - figure).Abs()
                                <= (
                                    slip.Code == "yards-and-metres" && number.Value.Value > Length.FromMillimetres(2000m)
                                        ? Length.FromMillimetres(5m)
                                        : draft.Format.Step
                                )
                        )
                    );
                    Assert.True(!judgement.Agrees || judgement.Slips.Count == 0);
                }
            }
        }
    }

    [Fact]
    public void A_figure_that_nothing_explains_is_only_said_to_differ()
    {
        var judgement = OwnFigure.Judge(BoxingStripTests.Draft(Cushions.Worked), "plate.cutWidth", Length.FromInches(24, 1, 16))!;
        Assert.False(judgement.Agrees);
        Assert.Empty(judgement.Slips);
        Assert.Equal(Length.FromInches(1, 13, 16), judgement.Difference);
    }

    [Fact]
    public void A_number_the_cover_does_not_have_is_not_judged() =>
        Assert.Null(OwnFigure.Judge(BoxingStripTests.Draft(Cushions.Worked), "wall.cutWidth", Length.Zero));

    [Fact]
    public void The_thickness_moves_every_strip_and_the_width_the_plates_and_strips()
    {
        var measures = Sensitivity.Of(Thing.Inches("box-cushion", "width=21_1/4 depth=19 thickness=4"));
        Assert.Equal(3, measures.Count);
        var width = measures.Single(measure => measure.Measure == "width");
        Assert.Equal(Length.FromInches(0, 1, 4), width.Changes.Single(change => change.For == "plate.cutWidth").Change);
        Assert.Equal(Length.FromInches(0, 1, 4), width.Changes.Single(change => change.For == "Z").Change);
        var depth = measures.Single(measure => measure.Measure == "depth");
        Assert.Equal(Length.FromInches(0, 1, 2), depth.Changes.Single(change => change.For == "boxing.cutWidth").Change);
        Assert.Equal("depth", measures[0].Measure);
        Assert.DoesNotContain(depth.Changes, change => change.For == "zip-boxing.cutWidth");
    }

    [Fact]
    public void A_measure_that_stands_on_the_edge_of_what_can_be_made_is_said_to_break_it()
    {
        var measures = Sensitivity.Of(Thing.Inches("pouf", "size=22 wrap=10_7/8"));
        Assert.True(measures[0] is { Measure: "wrap", Breaks: true });
    }
}
