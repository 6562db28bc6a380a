using CsCheck;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests;

/// <summary>Figures worked out by hand for every form, beside those of the worked examples.</summary>
public sealed class CraftFiguresTests
{
    /// <summary>Form, measures, what is said of it, and the pieces.</summary>
    public static TheoryData<string, string, string, string> Pieces =>
        new()
        {
            {
                "box-cushion",
                "shape=t-shape width=24 depth=20 earWidth=4 earDepth=6 thickness=4",
                "r.zipTurn=2",
                "plate ×2 25 × 21|zip-boxing ×2 21 × 3¼|boxing ×1 69 × 5"
            },
            {
                "box-cushion",
                "width=20 depth=19 thickness=4",
                "r.fit.width=-1/4",
                "plate ×2 20¾ × 20|zip-boxing ×2 26¾ × 3¼|boxing ×1 52¾ × 5"
            },
            { "box-cushion", "width=20 depth=20 thickness=5", "construction=envelope", "panel ×2 27½ × 32¾" },
            { "box-cushion", "width=20 depth=18 thickness=4", "construction=band-ends", "end ×2 19 × 5|band ×1 21 × 45½" },
            {
                "box-cushion",
                "width=20 depth=18 thickness=4",
                "o.closure=hook-and-loop",
                "plate ×2 21 × 19|zip-boxing ×1 27 × 3½|zip-boxing ×1 27 × 4½|boxing ×1 51 × 5"
            },
            { "seat-pad", "width=16 depth=15 thickness=2", "", "face ×2 19 × 18" },
            { "seat-pad", "shape=round diameter=14 thickness=0", "", "face ×2 15 × 15" },
            { "chair-back", "width=18_1/2 thickness=2_1/4 height=21", "r.seam=1/2 r.ease=3/4", "face ×2 22½ × 23⅝" },
            { "chair-back", "width=18_1/2 thickness=2_1/4 height=21", "o.layers=reversible count=6", "face ×24 22½ × 23⅛" },
            {
                "ottoman",
                "width=28 depth=20 height=15 topDrop=1 return=2_1/2",
                "r.hem=1/2",
                "top ×1 31 × 23|wall ×2 29 × 17½|wall ×2 21 × 17½"
            },
            { "pouf", "shape=drum diameter=20 height=15", "o.closure=gap r.seam=1/2", "plate ×2 21 × 21|boxing ×1 63 13⁄16 × 16" },
            {
                "mattress",
                "width=36 length=75 thickness=6",
                "o.zipSides=three-sides",
                "plate ×2 37 × 76|zip-boxing ×2 137 × 4¼|boxing ×1 87 × 7"
            },
            { "pillowcase", "width=20 length=26", "r.seam=1/2", "face ×2 21 × 27¾" },
            { "pillowcase", "shape=flap width=20 length=26 flap=7", "r.seam=1/2", "face ×1 21 × 27¾|face ×1 21 × 34¾" },
            { "pillowcase", "shape=flange width=20 length=26 flange=2", "r.seam=1/2", "face ×1 25 × 31|face ×2 25 × 19¾" },
            { "duvet", "width=78 length=81", "o.closure=overlap", "face ×1 79¼ × 84⅛|face ×1 79¼ × 92⅛" },
            { "duvet", "width=78 length=81", "o.closure=zip", "face ×2 79¼ × 82⅜" },
            { "duvet", "width=78 length=81", "usable=28 o.join=equal-widths", "face ×4 27 1⁄16 × 84⅛|face ×2 27 1⁄16 × 84⅛" },
            { "table", "shape=round diameter=36 drop=10", "construction=flat", "top ×1 58½ × 58½" },
            { "table", "shape=round diameter=36 drop=10", "r.seam=1/2", "top ×1 37 × 37|wall ×1 114⅛ × 11¾" },
            { "table", "width=46 depth=30 drop=6_1/2", "construction=tub-notched r.seam=1/2", "top ×1 61½ × 45½" },
            { "board", "shape=tray width=18 depth=12", "", "top ×1 25 × 19" },
            { "board", "shape=pressing-table width=48 depth=30 drop=3 cornerRadius=2", "r.hem=1", "top ×1 56 × 38" },
            { "board", "shape=ironing length=48 widest=14 noseWidth=6", "", "top ×1 18½ × 52½" },
            {
                "throw-over",
                "seatWidth=60 seatRun=72 armRun=52 armDepth=34 freeTuck=2",
                "",
                "block ×1 66½ × 78½|block ×1 40½ × 56½|block ×1 40½ × 56½"
            },
        };

    [Theory]
    [MemberData(nameof(Pieces))]
    public void Cut_sizes_are_those_worked_out_by_hand(string form, string measures, string said, string pieces) =>
        Assert.Equal(pieces.Split('|'), Thing.Pieces(Thing.Inches(form, measures, said)));

    /// <summary>Form, measures, what is said, a number, and what it has to be.</summary>
    public static TheoryData<string, string, string, string, string> Numbers =>
        new()
        {
            { "box-cushion", "shape=t-shape width=24 depth=20 earWidth=4 earDepth=6 thickness=4", "", "P", "88" },
            { "box-cushion", "shape=l-shape width=24 depth=20 earWidth=4 earDepth=6 thickness=4", "r.zipTurn=0", "Z", "20" },
            { "box-cushion", "width=20 depth=20 thickness=4 cornerRadius=4", "", "P", "73⅛" },
            { "box-cushion", "width=20 depth=20 thickness=4 cornerRadius=4", "r.zipTurn=0 o.roundedCorners=back", "Z", "18 5⁄16" },
            { "bolster", "diameter=7 length=24", "", "zip.length", "16" },
            { "bolster", "diameter=7 length=12", "", "zip.length", "8" },
            { "bolster", "diameter=7 length=9", "", "zip.length", "6 5⁄16" },
            { "bolster", "circumference=22 length=24", "", "d", "7" },
            { "ottoman", "width=28 depth=20 height=15", "", "hook-and-loop.length", "96" },
            { "chair-back", "width=18 thickness=2 height=21", "", "opening", "41½" },
            { "duvet", "width=78 length=81", "", "opening", "52" },
            { "duvet", "width=78 length=81", "", "button.length", "7 7⁄16" },
            {
                "board",
                "shape=pressing-table width=48 depth=30 drop=3 cornerRadius=2",
                "r.hem=1 o.edge=stretched-elastic",
                "opening",
                "177 11⁄16"
            },
            { "board", "shape=tray width=18 depth=12", "", "drawstring.length", "78" },
            { "fitted-sheet", "width=36 length=75 thickness=6", "o.edge=stretched-elastic", "elastic.length", "158 9⁄16" },
            { "pouf", "size=22 wrap=2_1/4", "", "gap.length", "13 3⁄16" },
        };

    [Theory]
    [MemberData(nameof(Numbers))]
    public void Numbers_are_those_worked_out_by_hand(string form, string measures, string said, string number, string expected) =>
        Assert.Equal(expected, Thing.Number(Thing.Inches(form, measures, said), number));

    /// <summary>A headboard of 52 × 26 × 3: as a chair back, without ease; the corners are sewn across as long as it is thick.</summary>
    [Fact]
    public void A_headboard_is_a_bag_over_it_without_ease_hemmed_below()
    {
        var board = Thing.Inches("headboard", "width=52 height=26 thickness=3", "r.seam=1/2 r.hem=1");
        Assert.Equal(["face ×2 56 × 29"], Thing.Pieces(board));
        var draft = Thing.Drafted(board);
        Assert.Equal("110", draft.Format.Rounded(draft.Finished.Single(size => size.Key == "opening").Value.Value)); // twice 52 and 3
        Assert.Equal("3", draft.Format.Rounded(draft.Notions.Single(notion => notion.Kind.Word() == "corner-line").Length.Value));
        Assert.True(Proof.FoldUp.Of(draft).Holds);
        Assert.DoesNotContain(draft.Checks, check => check.Code == "no-ease");
    }

    [Fact]
    public void Wadding_wound_round_a_board_adds_to_the_way_it_is_wound_and_to_nothing_across_it()
    {
        var board = Thing.Inches("board", "shape=tray width=12 depth=18") with { Padding = [new(Entry.Typed("1/8"), "wound-width", 3)] };
        var draft = Thing.Drafted(board);
        Assert.Equal("12¾", draft.Format.Rounded(draft.Finished.First(size => size.Key == "W").Value.Value));
        Assert.Equal("18", draft.Format.Rounded(draft.Finished.First(size => size.Key == "D").Value.Value));
        Assert.Equal("4¼", draft.Format.Rounded(draft.Finished.First(size => size.Key == "wall").Value.Value));
        Assert.Contains(draft.Pieces, piece => piece.Id == "layer");
    }

    [Fact]
    public void Every_drop_of_a_joined_duvet_has_its_own_hem_and_seam()
    {
        var draft = Thing.Drafted(Thing.Inches("duvet", "width=78 length=81", "usable=52 o.join=equal-widths"));
        var all = draft.Pieces.Aggregate(Length.Zero, (sum, piece) => sum + (piece.Quantity * piece.CutLength.Value));
        Assert.Equal(Length.FromInches(336, 1, 2), all);
        Assert.Equal(2, draft.Pieces.Single().Mirrored);
    }

    [Fact]
    public void Legs_are_taken_off_the_tape()
    {
        var ottoman = Thing.Inches("ottoman", "width=28 depth=20 height=15") with { Legs = [.. Enumerable.Repeat(Entry.Typed("2"), 8)] };
        Assert.Equal("80", Thing.Number(ottoman, "hook-and-loop.length"));
    }

    [Fact]
    public void A_correction_follows_into_every_size_of_its_axis()
    {
        var cushion = Thing.Inches("box-cushion", "width=20 depth=19 thickness=4") with
        {
            Corrections = [new("left", Entry.Typed("-3/8")), new("front", Entry.Typed("1/4"))],
        };
        Assert.Equal(["plate ×2 20⅝ × 20¼", "zip-boxing ×2 26⅝ × 3¼", "boxing ×1 53⅛ × 5"], Thing.Pieces(cushion));
        var line = Thing.Drafted(cushion).Working().First(line => line.For == "finished width" || line.For == "W");
        Assert.Contains(line.Tokens, token => token.Name == "taken in, left");
    }

    [Fact]
    public void A_job_rule_stands_before_the_house_and_after_the_cover()
    {
        CoverInput With(string cover, string job, string house) =>
            Thing.Inches("box-cushion", "width=20 depth=19 thickness=4") with
            {
                Rules = cover.Length == 0 ? new Dictionary<string, Entry>() : Cushions.Typed(("seam", cover)),
                JobRules = job.Length == 0 ? new Dictionary<string, Entry>() : Cushions.Typed(("seam", job)),
                HouseRules = house.Length == 0 ? new Dictionary<string, Entry>() : Cushions.Typed(("seam", house)),
            };
        Assert.StartsWith("plate ×2 20½", Thing.Pieces(With("1/4", "3/8", "5/8"))[0], StringComparison.Ordinal);
        Assert.StartsWith("plate ×2 20¾", Thing.Pieces(With("", "3/8", "5/8"))[0], StringComparison.Ordinal);
        Assert.StartsWith("plate ×2 21¼", Thing.Pieces(With("", "", "5/8"))[0], StringComparison.Ordinal);
    }

    [Fact]
    public void A_zone_gets_its_pin_and_what_the_gap_gives_and_pairs_are_left_and_right()
    {
        var chair = new CoverInput
        {
            Unit = "in",
            Form = "slipcover",
            Zones =
            [
                new()
                {
                    Name = "Inside back",
                    Width = Entry.Typed("24"),
                    Height = Entry.Typed("26"),
                    Tucks = ["left", "right", "bottom"],
                    FreeTuck = Entry.Typed("2"),
                },
                new()
                {
                    Name = "Inside arm",
                    Width = Entry.Typed("22"),
                    Height = Entry.Typed("14"),
                    Tucks = ["left", "bottom"],
                    Count = 2,
                    Pair = true,
                },
                new()
                {
                    Name = "Arm front",
                    Width = Entry.Typed("30"),
                    Height = Entry.Typed("4"),
                    Strip = true,
                },
            ],
        };
        Assert.Equal(["block ×1 31 × 31", "block ×1 28 × 20", "block ×1 28 × 20", "block ×1 33 × 6"], Thing.Pieces(chair));
        Assert.Equal(
            ["Inside back", "Inside arm, left", "Inside arm, right", "Arm front"],
            Thing.Drafted(chair).Pieces.Select(piece => piece.Name)
        );
    }

    [Fact]
    public void An_outline_of_an_old_cover_is_drafted_as_large_as_it_was()
    {
        PointInput At(string x, string y) => new(Entry.Typed(x), Entry.Typed(y));
        var cushion = Thing.Inches(
            "box-cushion",
            "shape=outline thickness=4 from=old-cover",
            "r.shrinkage.across=5% r.shrinkage.along=10%"
        ) with
        {
            Points = [At("0", "0"), At("19", "0"), At("19", "18"), At("0", "18")],
        };
        Assert.Equal("plate ×2 21 × 21", Thing.Pieces(cushion)[0]);
    }

    [Fact]
    public void An_outline_grows_by_half_the_fit_on_every_side()
    {
        PointInput At(string x, string y) => new(Entry.Typed(x), Entry.Typed(y));
        var cushion = Thing.Inches("box-cushion", "shape=outline thickness=4", "r.fit.width=1/2") with
        {
            Points = [At("0", "0"), At("20", "0"), At("20", "16"), At("0", "16")],
        };
        Assert.Equal("plate ×2 21½ × 17½", Thing.Pieces(cushion)[0]);
    }

    [Fact]
    public void An_oval_is_as_wide_and_as_deep_as_said_and_never_a_hundredth_of_a_millimetre_off_its_ellipse() =>
        Gen.Select(Gen.Int[200, 3400], Gen.Double[0.12, 1])
            .ForMany(
                (width, flat) =>
                {
                    var depth = Math.Max(60, Math.Round(width * flat));
                    var outline = Thing
                        .Drafted(
                            Thing.Millimetres("table", FormattableString.Invariant($"shape=oval width={width} depth={depth} drop=100"))
                        )
                        .Pieces[0]
                        .StitchLine;
                    Assert.Equal((width, depth), (outline.Bounds.Width.Millimetres, outline.Bounds.Height.Millimetres));
                    var (a, b) = (width / 2.0, depth / 2.0);
                    foreach (var edge in outline.Edges)
                    {
                        for (var share = 0.1; share < 1; share += 0.1)
                        {
                            var point = Geometry.Partition.PointAlong(edge, edge.Length.Times(share));
                            var (x, y) = (point.X.Millimetres - a, point.Y.Millimetres - b);
                            var away =
                                ((x * x / (a * a)) + (y * y / (b * b)) - 1)
                                / (2 * Math.Sqrt((x * x / (a * a * a * a)) + (y * y / (b * b * b * b))));
                            Assert.True(Math.Abs(away) < 0.01, $"{width} × {depth}: {away} mm");
                        }
                    }
                }
            );
}
