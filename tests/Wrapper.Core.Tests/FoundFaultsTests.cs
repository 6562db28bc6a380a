using Wrapper.Core.Checks;
using Wrapper.Core.Constructions;
using Wrapper.Core.Drafting;
using Wrapper.Core.Proof;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests;

/// <summary>Faults that were found in drafts that looked right, each held down by the figure it should have had.</summary>
public sealed partial class FoundFaultsTests
{
    /// <summary>Form, measures, what is said of it, and the pieces.</summary>
    public static TheoryData<string, string, string, string> Pieces =>
        new()
        {
            { "box-cushion", "width=24 depth=22 thickness=5", "construction=envelope r.sideSeam=1", "panel ×2 31 × 34½" },
            { "box-cushion", "width=24 depth=22 thickness=5", "construction=envelope r.seam=1/2", "panel ×2 31½ × 34¾" },
            { "box-cushion", "width=24 depth=22 thickness=5", "construction=envelope r.tail=0", "panel ×2 31½ × 34¾" },
            {
                "box-cushion",
                "width=20 depth=24 thickness=4",
                "construction=panels-folded o.zipSides=three-sides r.zip=1",
                "panel ×2 26 × 29½"
            },
            {
                "mattress",
                "width=36 length=75 thickness=6",
                "construction=panels-folded o.zipSides=three-sides r.zip=1",
                "panel ×2 44 × 82½"
            },
            {
                "box-cushion",
                "width=20 depth=24 thickness=4",
                "construction=panels-folded o.closure=hook-and-loop",
                "panel ×1 25 × 29½|panel ×1 25 × 30½"
            },
            { "box-cushion", "width=20 depth=18 thickness=4", "construction=wrap-folded o.closure=hook-and-loop", "wrap ×1 25 × 47" },
            { "box-cushion", "width=20 depth=18 thickness=4", "construction=wrap-notched o.closure=hook-and-loop", "wrap ×1 25 × 47" },
            {
                "box-cushion",
                "width=20 depth=18 thickness=4",
                "construction=band-ends o.closure=hook-and-loop",
                "end ×2 19 × 5|band ×1 21 × 47"
            },
            { "bolster", "circumference=25_1/8 length=24", "r.fit.width=-3/8 r.seam=1/2", "end ×2 8⅝ × 8⅝|band ×1 25 × 25 7⁄16" },
            { "box-cushion", "width=24 depth=7_1/2 thickness=3", "construction=wrap-notched r.zipReach=0", "wrap ×1 28 × 22" },
            {
                "box-cushion",
                "width=20 depth=18 thickness=4",
                "construction=wrap-folded r.shrinkage.along=5% r.shrinkage.across=3% r.prewash=false",
                "wrap ×1 25¾ × 47⅞"
            },
            { "duvet", "width=56 length=85", "usable=56 o.join=middle-and-sides", "face ×4 1⅝ × 88⅛|face ×2 56 × 88⅛" },
            { "pillowcase", "shape=flange width=20 length=26 flange=2", "r.seam=1/2 r.backOverlap=0", "face ×1 25 × 31|face ×2 25 × 16¾" },
        };

    [Theory]
    [MemberData(nameof(Pieces))]
    public void Cut_sizes_are_those_that_were_missed(string form, string measures, string said, string pieces)
    {
        var input = Thing.Inches(form, measures, said);
        Assert.Equal(pieces.Split('|'), Thing.Pieces(input));
        var folded = FoldUp.Of(Thing.Drafted(input));
        Assert.True(folded.Holds, string.Join("; ", folded.Problems));
    }

    [Fact]
    public void Fit_goes_on_the_diameter_of_a_roll_and_not_on_the_way_round_it()
    {
        var roll = Thing.Drafted(Thing.Inches("bolster", "circumference=25_1/8 length=24", "r.fit.width=-3/8 r.seam=1/2"));
        Assert.Equal(8.623m, Math.Round(roll.Pieces.Single(piece => piece.Id == "end").CutWidth.Value.Nanometres / 25_400_000m, 3));
    }

    [Fact]
    public void Cloth_that_is_not_washed_first_is_cut_so_much_larger_and_proved_as_washed()
    {
        CoverInput With(string prewash) =>
            Thing.Inches(
                "box-cushion",
                "width=20 depth=18 thickness=4",
                $"construction=wrap-folded r.shrinkage.along=5% r.shrinkage.across=3%{prewash}"
            );
        var unwashed = Thing.Drafted(With(" r.prewash=false"));
        var piece = Assert.Single(unwashed.Pieces);
        Assert.Equal((25.773m, 47.895m), (Inches(piece.CutWidth.Value), Inches(piece.CutLength.Value)));
        Assert.Equal((25.773m, 47.895m), (Inches(piece.CutLine.Bounds.Width), Inches(piece.CutLine.Bounds.Height)));
        Assert.True(FoldUp.Of(unwashed).Holds);
        DraftProperties.Hold(unwashed, "unwashed");
        Assert.Equal("wrap ×1 25 × 45½", Assert.Single(Thing.Pieces(With(""))));
        Assert.Contains(Thing.Drafted(With("")).Checks, check => check.Code == "wash-before-cutting");
        Assert.DoesNotContain(unwashed.Checks, check => check.Code == "wash-before-cutting");
    }

    [Fact]
    public void On_unwashed_cloth_no_piece_is_wider_than_it_and_every_strip_turned_a_quarter_shrinks_the_other_way()
    {
        var sofa = Thing.Drafted(
            Thing.Inches(
                "box-cushion",
                "width=50 depth=24 thickness=4",
                "usable=54 r.shrinkage.along=4% r.shrinkage.across=8% r.prewash=false o.strips=down o.piping=both"
            )
        );
        Assert.All(sofa.Pieces, piece =>
            Assert.True(
                (piece.Turns[0] == 90 ? piece.CutLine.Bounds.Height : piece.CutLine.Bounds.Width)
                    <= Length.FromInches(54) + Length.FromNanometres(20),
                piece.Key
            )
        );
        var boxing = sofa.Pieces.Single(piece => piece.Id == "boxing");
        var washed = boxing.StitchLine.Bounds.Width + Length.FromInches(1);
        Assert.Equal(washed.Times(1 / 0.96m).Millimetres, boxing.CutWidth.Value.Millimetres, 1e-4);
        DraftProperties.Hold(sofa, "down the roll");
        Assert.True(FoldUp.Of(sofa).Holds);
        var round = Thing.Drafted(
            Thing.Inches("box-cushion", "shape=round diameter=20 thickness=4", "r.shrinkage.along=4% r.shrinkage.across=8% r.prewash=false")
        );
        Assert.Equal(21 / 0.92, round.Pieces[0].CutLine.Bounds.Width.Millimetres / 25.4, 1e-4);
        Assert.Equal(21 / 0.96, round.Pieces[0].CutLine.Bounds.Height.Millimetres / 25.4, 1e-4);
    }

    [Fact]
    public void A_place_on_a_piece_is_found_on_unwashed_cloth_where_it_will_be()
    {
        var unwashed = Thing.Drafted(
            Thing.Inches(
                "box-cushion",
                "width=20 depth=18 thickness=4",
                "construction=wrap-folded r.shrinkage.along=5% r.shrinkage.across=20% r.prewash=false"
            )
        );
        var piece = Assert.Single(unwashed.Pieces);
        var place = piece.OnCloth(new(Length.FromInches(8), Length.FromInches(19)));
        Assert.Equal(new(Length.FromInches(10), Length.FromInches(20)), place);
        Assert.Equal((Length.FromInches(24), Length.FromInches(44)), (piece.StitchLine.Bounds.Width, piece.StitchLine.Bounds.Height));
        Assert.Equal(30, piece.StitchLineOnCloth.Bounds.Width.Millimetres / 25.4, 1e-6);
        Assert.Equal(44 / 0.95, piece.StitchLineOnCloth.Bounds.Height.Millimetres / 25.4, 1e-6);
        var washed = Assert.Single(
            Thing.Drafted(Thing.Inches("box-cushion", "width=20 depth=18 thickness=4", "construction=wrap-folded")).Pieces
        );
        Assert.Equal(new(Length.FromInches(8), Length.FromInches(19)), washed.OnCloth(new(Length.FromInches(8), Length.FromInches(19))));
    }

    /// <summary>
    /// A house turns its zips so far round the corners by habit: that is for zips across the back, and not for one that was to go round
    /// three sides.
    /// </summary>
    [Fact]
    public void A_habit_of_the_house_does_not_shorten_a_zip_round_three_sides()
    {
        string Run(string said, params (string, string)[] house)
        {
            var draft = Thing.Drafted(
                Thing.Inches("box-cushion", "width=24 depth=21 thickness=4", said) with
                {
                    HouseRules = Cushions.Typed(house),
                }
            );
            return draft.Format.Rounded(draft.Notions.Single(notion => notion.Kind.Word() == "zip-run").Length.Value);
        }

        Assert.Equal("52", Run("o.zipSides=three-sides", ("zipTurn", "3")));
        Assert.Equal("30", Run("", ("zipTurn", "3")));
        Assert.Equal("34", Run("o.zipSides=three-sides r.zipTurn=5", ("zipTurn", "3")));
    }

    [Fact]
    public void A_tail_is_never_under_the_thickness_and_four_inches()
    {
        var seat = Thing.Drafted(
            Thing.Millimetres("box-cushion", "width=600 depth=550 thickness=160", "construction=envelope r.tail=20cm")
        );
        Assert.Equal(Length.FromMillimetres(260m), seat.Finished.Single(size => size.Key == "tail").Value.Value);
        Assert.Contains(seat.Checks, check => check is { Code: "tail-too-short", Measure: "tail" } && check.Mends!.Count == 1);
    }

    [Theory]
    [InlineData("3", "29", true)]
    [InlineData("2", "28", false)]
    public void A_zip_reaches_a_third_of_the_depth_and_it_is_said_when_that_is_less_than_was_asked(string reach, string zip, bool said)
    {
        var input = Thing.Inches("box-cushion", "width=24 depth=7_1/2 thickness=3", $"construction=wrap-notched r.zipReach={reach}");
        Assert.Equal(zip, Thing.Number(input, "zip.length"));
        Assert.Equal(said, Thing.Drafted(input).Checks.Any(check => check.Code == "zip-reach-capped"));
    }

    [Theory]
    [InlineData("cordTail", "12")]
    [InlineData("ironingTail", "12")]
    public void A_cord_under_the_overlock_has_the_tails_it_is_said_to_have(string rule, string tail)
    {
        CoverInput Board(string said) =>
            Thing.Inches("board", "shape=ironing length=48 widest=14 noseWidth=6", $"o.edge=overlocked-cord{said}");
        decimal Cord(CoverInput input) =>
            Thing.Drafted(input).Notions.Single(notion => notion.Kind.Word() == "drawstring").Length.Value.Nanometres / 25_400_000m;
        Assert.Equal(12, Cord(Board($" r.{rule}={tail}")) - Cord(Board(""))); // two tails of 12 in instead of 6
        Assert.DoesNotContain(Thing.Drafted(Board($" r.{rule}={tail}")).Checks, check => check.Code == "rule-without-effect");
    }

    [Fact]
    public void A_bent_strip_is_wider_than_its_wall_by_two_inches_and_as_long_as_its_outer_curve_with_pins()
    {
        var chair = new CoverInput
        {
            Unit = "in",
            Form = "slipcover",
            Zones =
            [
                new()
                {
                    Name = "Arm front",
                    Width = Entry.Typed("36"),
                    Height = Entry.Typed("1"),
                    Strip = true,
                },
            ],
        };
        Assert.Equal(["block ×1 39 × 3"], Thing.Pieces(chair));
        Assert.True(FoldUp.Of(Thing.Drafted(chair)).Holds);
    }

    /// <summary>Construction, closure, and the notions that close it.</summary>
    public static TheoryData<string, string, string> Closures =>
        new()
        {
            { "boxing-strip", "zip", "zip-run 26|zip-roll 27|zip-closed-end 26" },
            { "boxing-strip", "closed-end-zip", "zip-run 26|zip-closed-end 26" },
            { "boxing-strip", "invisible-zip", "zip-run 26|zip-invisible 26" },
            { "boxing-strip", "hook-and-loop", "hook-and-loop 26" },
            { "wrap-folded", "zip", "zip-roll 25|zip-closed-end 20" },
            { "wrap-folded", "closed-end-zip", "zip-closed-end 20" },
            { "wrap-folded", "invisible-zip", "zip-invisible 20" },
            { "wrap-folded", "hook-and-loop", "hook-and-loop 20" },
            { "wrap-notched", "zip", "zip 28" },
            { "wrap-notched", "closed-end-zip", "zip-closed-end 28" },
            { "wrap-notched", "invisible-zip", "zip-invisible 28" },
            { "wrap-notched", "hook-and-loop", "hook-and-loop 28" },
            { "panels-folded", "zip", "zip-opening 19|zip-closed-end 19" },
            { "panels-folded", "invisible-zip", "zip-opening 19|zip-invisible 19" },
            { "panels-folded", "hook-and-loop", "zip-opening 19|hook-and-loop 19" },
            { "band-ends", "zip", "zip 19" },
            { "band-ends", "closed-end-zip", "zip-closed-end 19" },
            { "band-ends", "hook-and-loop", "hook-and-loop 19" },
            { "envelope", "snaps", "snap 0" },
            { "envelope", "hook-and-loop", "hook-and-loop 20" },
            { "envelope", "pinned-tail", "pin 0" },
        };

    [Theory]
    [MemberData(nameof(Closures))]
    public void A_closure_that_can_be_had_changes_what_is_bought(string construction, string closure, string notions)
    {
        var input = Thing.Inches("box-cushion", "width=20 depth=18 thickness=4", $"construction={construction} o.closure={closure}");
        var draft = Thing.Drafted(input);
        string[] hardware =
        [
            "zip",
            "zip-run",
            "zip-roll",
            "zip-closed-end",
            "zip-invisible",
            "zip-opening",
            "hook-and-loop",
            "snap",
            "pin",
        ];
        Assert.Equal(
            notions.Split('|'),
            draft
                .Notions.Where(notion => hardware.Contains(notion.Kind.Word()))
                .Select(notion => $"{notion.Kind.Word()} {draft.Format.Rounded(notion.Length.Value)}")
        );
        Assert.True(FoldUp.Of(draft).Holds, string.Join("; ", FoldUp.Of(draft).Problems));
        DraftProperties.Hold(draft, construction);
    }

    [Theory]
    [InlineData("boxing-strip", "pinned-tail")]
    [InlineData("boxing-strip", "snaps")]
    [InlineData("wrap-folded", "pinned-tail")]
    [InlineData("wrap-notched", "gap")]
    [InlineData("panels-folded", "ties")]
    [InlineData("band-ends", "buttons")]
    [InlineData("envelope", "zip")]
    public void A_closure_that_cannot_be_had_is_refused_by_name_and_not_offered(string construction, string closure)
    {
        var input = Thing.Inches("box-cushion", "width=20 depth=18 thickness=4", $"construction={construction} o.closure={closure}");
        var check = Drafter.Draft(input).Checks.Single(check => check.Level == CheckLevel.Error);
        Assert.Equal(("choice-not-for-this", "closure"), (check.Code, check.Measure));
        Assert.Contains(closure.Replace('-', ' '), check.Text, StringComparison.Ordinal);
        var shape = Forms.FormCatalogue.Find("box-cushion")!.Shape(null)!;
        var offered = ConstructionCatalogue.All[construction].ClosuresOf(shape).Select(one => one.Word()).ToList();
        Assert.DoesNotContain(closure, offered);
        Assert.Equal(offered[0], check.Mends![0].Value);
        Assert.NotNull(Drafter.Draft(input with { Options = new Dictionary<string, string> { ["closure"] = offered[0] } }).Draft);
    }

    [Theory]
    [InlineData("panels-folded", "r.zipClear=0", true)]
    [InlineData("panels-folded", "", false)]
    [InlineData("panels-folded", "o.zipSides=three-sides", true)]
    [InlineData("wrap-folded", "", true)]
    [InlineData("wrap-folded", "o.closure=closed-end-zip", false)]
    public void A_zip_that_runs_into_boxed_corners_is_noted(string construction, string said, bool noted) =>
        Assert.Equal(
            noted,
            Thing
                .Drafted(Thing.Inches("box-cushion", "width=20 depth=18 thickness=4", $"construction={construction} {said}"))
                .Checks.Any(check => check is { Code: "zip-in-corner-seams", Level: CheckLevel.Note })
        );

    private static decimal Inches(Length length) => Math.Round(length.Nanometres / 25_400_000m, 3);
}
