using CsCheck;
using Wrapper.Core.Checks;
using Wrapper.Core.Drafting;
using Wrapper.Core.Forms;
using Wrapper.Core.Proof;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests;

/// <summary>The slips of the other forms: each fires on a case of its own, keeps still on a near miss, and its mend removes it.</summary>
public sealed class FormSlipsTests
{
    private static readonly string[] Nasty = ["", "0", "-1", "0.0001 mm", "NaN", "20 m", "1e30", "½½", "1/0", "3 in", "💥", "19999 mm"];

    /// <summary>Code, form, measures; what is said that fires, and what is said that nearly does.</summary>
    public static TheoryData<string, string, string, string, string> Slips =>
        new()
        {
            {
                "corner-radius-too-large",
                "box-cushion",
                "shape=trapezoid frontWidth=15 backWidth=20 depth=8 thickness=2 o.roundedCorners=back r.zipTurn=0",
                "cornerRadius=6_3/16",
                "cornerRadius=6_1/8"
            },
            {
                "corners-need-boxing",
                "box-cushion",
                "width=20 depth=19 thickness=4 construction=wrap-folded",
                "cornerRadius=1",
                "cornerRadius=0"
            },
            {
                "envelope-fitted",
                "box-cushion",
                "thickness=4 construction=envelope",
                "shape=round diameter=20",
                "shape=rectangle width=20 depth=20"
            },
            { "tail-too-short", "box-cushion", "width=20 depth=19 thickness=4 construction=envelope", "r.tail=7_15/16", "r.tail=8" },
            {
                "ear-too-deep",
                "box-cushion",
                "shape=t-shape width=24 depth=20 earWidth=4 thickness=4 r.zipTurn=0",
                "earDepth=20",
                "earDepth=19"
            },
            {
                "ear-too-wide",
                "box-cushion",
                "shape=t-shape width=24 depth=20 earDepth=6 thickness=4 r.zipTurn=0",
                "earWidth=12",
                "earWidth=8"
            },
            {
                "edge-too-short-for-seam",
                "box-cushion",
                "shape=t-shape width=24 depth=20 earWidth=2 earDepth=6 thickness=4",
                "cornerRadius=1_9/16",
                "cornerRadius=1_7/16"
            },
            { "zip-share-out-of-range", "box-cushion", "shape=round diameter=20 thickness=4", "o.zipShare=1", "o.zipShare=0.5" },
            { "zip-run-too-long", "box-cushion", "shape=round diameter=20 thickness=4", "o.zipShare=0.98", "o.zipShare=0.9" },
            { "opening-too-small", "box-cushion", "shape=round diameter=20 thickness=4", "o.zipShare=0.28", "o.zipShare=0.29" },
            { "no-wall", "seat-pad", "width=16 depth=15 construction=boxing-strip", "thickness=0", "thickness=1" },
            { "opening-too-wide", "seat-pad", "width=16 depth=15 thickness=0", "r.gap=16_1/4", "r.gap=16" },
            { "choice-not-for-this", "seat-pad", "width=16 depth=15 thickness=1", "o.closure=buttons", "o.closure=zip" },
            { "opening-too-small", "bolster", "diameter=8 length=14", "r.closedEnd=3_1/2", "r.closedEnd=3_3/8" },
            { "no-opening", "bolster", "diameter=8 length=14", "r.closedEnd=7", "r.closedEnd=1" },
            { "readings-disagree", "bolster", "diameter=7 length=24", "circumference=22_5/8", "circumference=22_3/8" },
            { "tuck-under-too-wide", "ottoman", "width=28 depth=20 height=15", "return=10_1/16", "return=10" },
            { "top-drop-too-deep", "ottoman", "width=28 depth=20 height=15 return=0", "topDrop=15", "topDrop=5" },
            { "top-drop-too-deep", "ottoman", "width=28 depth=20 height=15 return=2", "topDrop=15", "topDrop=14" },
            { "drop-beyond-floor", "table", "width=46 depth=30 drop=20", "floorHeight=19", "floorHeight=20" },
            { "legs-too-long", "ottoman", "width=28 depth=20 height=15", "legs=100", "legs=10" },
            { "wrap-too-deep", "pouf", "size=22", "wrap=11", "wrap=10_3/4" },
            { "no-ease", "chair-back", "width=18 thickness=2 height=21", "r.ease=0", "r.ease=1/8" },
            {
                "corner-radius-too-large",
                "chair-back",
                "shape=rounded width=18 thickness=2 height=21",
                "cornerRadius=10",
                "cornerRadius=9"
            },
            { "posts-too-wide", "chair-back", "shape=posts width=18 thickness=2 height=21", "postWidth=10", "postWidth=2" },
            { "tuck-under-too-wide", "fitted-sheet", "width=22 length=46 thickness=4", "tuckUnder=11_1/16", "tuckUnder=11" },
            { "notch-full-wall", "fitted-sheet", "width=22 length=46 thickness=4", "o.notch=full-wall", "o.notch=seam-counted" },
            { "elastic-too-short", "fitted-sheet", "width=22 length=46 thickness=4", "r.elasticRatio=0.49", "r.elasticRatio=0.5" },
            {
                "elastic-too-short",
                "fitted-sheet",
                "width=22 length=46 thickness=4 o.edge=stretched-elastic",
                "r.stretch=2.1",
                "r.stretch=2"
            },
            { "infant-caution", "fitted-sheet", "length=46 thickness=4", "width=22", "width=36" },
            {
                "contour-too-wide",
                "changing-pad",
                "shape=contoured length=28 overallWidth=14 sideHeight=3 rim=2 flatHeight=1",
                "flatWidth=10_1/4",
                "flatWidth=10"
            },
            {
                "contour-upside-down",
                "changing-pad",
                "shape=contoured length=28 overallWidth=14 sideHeight=3 rim=2 flatWidth=7",
                "flatHeight=3_1/16",
                "flatHeight=2"
            },
            { "bedding-snug", "duvet", "width=78 length=81", "r.fit.width=-1/4", "r.fit.width=1/4" },
            { "face-joined", "duvet", "width=78 length=81", "usable=79", "usable=79_1/4" },
            { "piece-wider-than-cloth", "duvet", "width=78 length=81 o.join=middle-and-sides", "usable=27", "usable=28" },
            { "overlap-too-long", "pillowcase", "shape=flange width=20 length=26", "r.backOverlap=30", "r.backOverlap=29" },
            { "cord-caution", "board", "shape=tray width=18 depth=12", "o.edge=drawstring", "o.edge=casing-elastic" },
            { "wall-too-short", "board", "shape=tray width=18 depth=12", "r.wall=1_1/4", "r.wall=1_3/8" },
            { "nose-too-wide", "board", "shape=ironing length=48 widest=14", "noseWidth=14_1/4", "noseWidth=14" },
            { "taper-out-of-range", "board", "shape=ironing length=48 widest=14 noseWidth=6", "taperLength=48", "taperLength=47" },
            { "medallion-too-large", "table", "width=46 depth=30 drop=6", "o.medallion=31", "o.medallion=30" },
            { "cut-too-large", "mattress", "shape=cut-corner width=30 length=75 cutLength=20 thickness=5", "cutWidth=30", "cutWidth=20" },
            { "wash-before-cutting", "pillowcase", "width=20 length=26", "r.shrinkage.along=5%", "r.shrinkage.along=0" },
            { "slivers", "duvet", "width=56 length=85 o.join=middle-and-sides", "usable=56", "usable=51" },
            { "overlap-too-short", "pillowcase", "shape=flange width=20 length=26", "r.backOverlap=7/8", "r.backOverlap=1" },
            { "fit-too-snug", "box-cushion", "width=20 depth=18 thickness=4", "r.fit.depth=-9_1/16", "r.fit.depth=-9" },
            {
                "zip-in-corner-seams",
                "box-cushion",
                "width=20 depth=18 thickness=4 construction=panels-folded",
                "r.zipClear=0",
                "r.zipClear=1/8"
            },
            { "rule-without-effect", "pillowcase", "width=20 length=26", "r.zip=1", "r.seam=1" },
            { "unlikely-measure", "table", "depth=30 drop=6", "width=4_m", "width=60" },
            { "zones-missing", "slipcover", "", "", "zones=1" },
        };

    [Theory]
    [MemberData(nameof(Slips))]
    public void A_slip_is_caught_a_near_miss_is_not_and_its_mend_removes_it(
        string code,
        string form,
        string measures,
        string slip,
        string nearMiss
    )
    {
        var input = Said(form, measures, slip);
        var caught = Drafter.Draft(input).Checks.Where(check => check.Code == code).ToList();
        Assert.NotEmpty(caught);
        Assert.DoesNotContain(Drafter.Draft(Said(form, measures, nearMiss)).Checks, check => check.Code == code);
        foreach (var mend in caught.SelectMany(check => check.Mends ?? []))
        {
            var after = Drafter.Draft(CheckTests.Mended(input, mend)).Checks;
            Assert.DoesNotContain(after, left => left.Code == code);
            Assert.DoesNotContain(after, left => left.Level == CheckLevel.Error);
        }
    }

    /// <summary>Outlines that cannot be, each with what is said of it.</summary>
    internal static readonly (string Code, string Points)[] Outlines =
    [
        ("outline-too-few-points", "0 0;20 0"),
        ("outline-points-coincide", "0 0;20 0;20 0;0 16"),
        ("outline-crosses-itself", "0 0;20 16;20 0;0 16"),
        ("outline-clockwise", "0 0;0 16;20 16;20 0"),
        ("rise-too-large", "0 0 11;20 0;20 16;0 16"),
        ("inner-curve-too-tight", "0 0;20 0;20 16;10.4 16 -0.4;9.6 16;0 16"),
    ];

    [Fact]
    public void Outlines_that_cannot_be_are_told()
    {
        foreach (var (code, points) in Outlines)
        {
            var input = Thing.Inches("box-cushion", "shape=outline thickness=4") with { Points = Thing.Points(points) };
            var check = Assert.Single(Drafter.Draft(input).Checks, check => check.Level == CheckLevel.Error);
            Assert.Equal(code, check.Code);
        }

        Assert.NotNull(
            Drafter
                .Draft(
                    Thing.Inches("box-cushion", "shape=outline thickness=4", "r.zipTurn=0") with
                    {
                        Points = Thing.Points("0 0 1;20 0;20 16 -1;0 16"),
                    }
                )
                .Draft
        );
        var many = Thing.Inches("box-cushion", "shape=outline thickness=4") with
        {
            Points = [.. Enumerable.Repeat(new PointInput(Entry.Number(1), Entry.Number(1)), 10_000)],
        };
        Assert.Contains(Drafter.Draft(many).Checks, check => check.Code == "too-many-points");
    }

    [Theory]
    [InlineData("38", "4", "", false)] // 38 + 4 and twice the rise of 2 is the side's 46
    [InlineData("38 1/8", "4", "", true)]
    [InlineData("4", "4", "", false)]
    [InlineData("3 7/8", "4", "", true)]
    [InlineData("4", "4", "16", false)] // the second begins its curve where the first has ended its own
    [InlineData("4", "4", "15 7/8", true)]
    public void The_hem_needs_room_to_ease_up_on_both_sides_of_an_obstacle(string from, string length, string second, bool tooNear)
    {
        ObstacleInput At(string start) => new("front", Entry.Typed(start), Entry.Typed(length), Entry.Typed("4"));
        var outcome = Drafter.Draft(
            Thing.Inches("table", "width=46 depth=30 drop=6") with
            {
                Obstacles = second.Length == 0 ? [At(from)] : [At(from), At(second)],
            }
        );
        Assert.Equal(tooNear, outcome.Checks.Any(check => check.Code == "obstacle-too-near"));
        Assert.Equal(tooNear, outcome.Draft is null);
    }

    [Fact]
    public void Obstacles_ease_the_edge_or_are_told()
    {
        CoverInput Table(string from, string length, string drop) =>
            Thing.Inches("table", "width=46 depth=30 drop=6") with
            {
                Obstacles = [new("front", Entry.Typed(from), Entry.Typed(length), Entry.Typed(drop))],
            };
        var draft = Thing.Drafted(Table("15", "12", "4"));
        Assert.Contains(draft.Pieces, piece => piece.Key == "wall-front" && piece.PerCover == 1);
        Assert.True(draft.Numbers().First(number => number.For == "opening").Value.Value > Units.Length.FromInches(152));
        Assert.True(FoldUp.Of(draft).Holds);
        Assert.Contains(draft.Notions, notion => notion.Kind.Word() == "strap");
        Assert.Contains(Drafter.Draft(Table("1", "12", "4")).Checks, check => check.Code == "obstacle-too-near");
        Assert.Contains(Drafter.Draft(Table("15", "12", "7")).Checks, check => check.Code == "obstacle-clear");
    }

    [Fact]
    public void Whatever_is_measured_of_any_form_comes_out_as_a_draft_or_as_checks() =>
        Gen.Select(
                Choice.Of([
                    .. FormCatalogue.All.SelectMany(form =>
                        form.Shapes.SelectMany(shape => shape.Constructions.Select(construction => (form, shape, construction)))
                    ),
                ]),
                Choice.Of(Nasty).Array[12],
                Gen.Double[0.001, 20_000].Array[12],
                Gen.Bool.Array[12]
            )
            .ForMany(
                (thing, texts, numbers, typed) =>
                {
                    var i = 0;
                    Entry Next() => typed[++i % 12] ? Entry.Typed(texts[i % 12]) : Entry.Number((decimal)numbers[i % 12]);
                    var outcome = Drafter.Draft(
                        new()
                        {
                            Unit = typed[0] ? "in" : "mm",
                            Form = thing.form.Id,
                            Shape = thing.shape.Id,
                            Construction = thing.construction,
                            Measures = thing.shape.Measures.ToDictionary(measure => measure.Name, _ => Next()),
                            Points = [new(Next(), Next(), Next()), new(Next(), Next()), new(Next(), Next(), Next()), new(Next(), Next())],
                            Stations = [new(Entry.Number(0), Next()), new(Next(), Next()), new(Next(), Next())],
                            Zones =
                            [
                                new()
                                {
                                    Width = Next(),
                                    Height = Next(),
                                    Tucks = ["left"],
                                    FreeTuck = Next(),
                                    Pair = typed[3],
                                    Strip = typed[4],
                                    Piped = ["top"],
                                },
                            ],
                            Obstacles = typed[5] ? [new("front", Next(), Next(), Next())] : [],
                            Legs = typed[6] ? [Next()] : [],
                            Corrections = typed[7] ? [new("left", Next())] : [],
                            UsableWidth = typed[8] ? Entry.Number((decimal)(100 + (numbers[0] / 8))) : null,
                        }
                    );
                    Assert.True(outcome.Draft is not null || outcome.Checks.Any(check => check.Level == CheckLevel.Error));
                    Assert.All(outcome.Draft?.Ledger ?? [], entry => Assert.True(entry.Meets, entry.Seam.Id));
                },
                iter: 6000
            );

    internal static CoverInput Said(string form, string measures, string said)
    {
        var input = Thing.Inches(
            form,
            measures,
            said.Contains('=') && !said.StartsWith("legs", StringComparison.Ordinal) && !said.StartsWith("zones", StringComparison.Ordinal)
                ? said
                : ""
        );
        return said.StartsWith("legs=", StringComparison.Ordinal) ? input with { Legs = [Entry.Typed(said[5..])] }
            : said.StartsWith("zones=", StringComparison.Ordinal)
                ? input with
                {
                    Zones = [new() { Width = Entry.Typed("20"), Height = Entry.Typed("20") }],
                }
            : input;
    }
}
