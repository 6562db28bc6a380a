using System.Globalization;
using CsCheck;
using Wrapper.Core.Buying;
using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Catalogue;
using Wrapper.Core.Costing;
using Wrapper.Core.Drafting;
using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Wrapper.Core.Proof;
using Wrapper.Core.Reading;
using Wrapper.Core.Sewing;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests;

/// <summary>Pieces that are joined from strips of several cloths before they are used.</summary>
public sealed partial class PiecedTests
{
    private static readonly ClothSpecification A = Thing.Cloth("a", 54);

    private static readonly ClothSpecification B = Thing.Cloth("b", 36);

    /// <summary>The forms by id.</summary>
    public static TheoryData<string> Forms => RolesTests.Forms;

    [Fact]
    public void Equal_strips_side_by_side_are_cut_a_seam_larger_at_each_side()
    {
        var draft = Thing.Drafted(Of(Cushion, [A, B], "top", "along", "a b a"));
        Assert.Equal("plate-top-part-1 8 x 19 a|plate-top-part-2 8 x 19 b|plate-top-part-3 8 x 19 a", Strips(draft));
        var top = draft.Pieces.Single(piece => piece.Key == "plate-top");
        Assert.Equal(["plate-top-part-1", "plate-top-part-2", "plate-top-part-3"], top.JoinedFrom);
        Assert.Null(top.ClothKey);
        Assert.Equal("a", draft.Pieces.Single(piece => piece.Key == "plate-bottom").ClothKey);
        Assert.Equal(
            ["plate-top-strips-1", "plate-top-strips-2"],
            draft.Seams.Where(seam => seam.First.Piece.StartsWith("plate-top-part", StringComparison.Ordinal)).Select(seam => seam.Id)
        );
        Assert.Equal("part", draft.Pieces[1].Id);
        Assert.Equal([PieceRole.Top], draft.Pieces[1].Roles);
    }

    [Fact]
    public void Strips_across_lie_from_the_front_to_the_back_and_an_empty_width_takes_the_rest()
    {
        var draft = Thing.Drafted(Of(Cushion, [A, B], "top", "across", "a b a", 4, null, 3));
        Assert.Equal("plate-top-part-1 22 x 5 a|plate-top-part-2 22 x 12 b|plate-top-part-3 22 x 4 a", Strips(draft));
        var (front, back) = (draft.Pieces[1].StitchLine, draft.Pieces[3].StitchLine);
        Assert.Contains(EdgeName.Front, front.Names);
        Assert.Contains(EdgeName.Back, back.Names);
        Assert.Equal(
            ["join-1", "join-2"],
            draft
                .Pieces[2]
                .StitchLine.Names.Select(name => name.Word)
                .Where(name => name.StartsWith("join", StringComparison.Ordinal))
                .Order()
        );
    }

    [Fact]
    public void Inner_edges_carry_the_join_and_the_outermost_the_pieces_own_allowance()
    {
        var draft = Thing.Drafted(
            Of(
                Cushion with
                {
                    Rules = new Dictionary<string, Entry> { ["joinSeam"] = Entry.Typed("1/4") },
                },
                [A, B],
                "top",
                "along",
                "a b a"
            )
        );
        Assert.Equal("plate-top-part-1 7.75 x 19 a|plate-top-part-2 7.5 x 19 b|plate-top-part-3 7.75 x 19 a", Strips(draft));
    }

    [Fact]
    public void Every_strip_lies_in_the_lay_of_its_cloth_and_the_pieced_face_in_none()
    {
        var input = Of(Cushion, [A, B], "top", "along", "a b a");
        var buyer = new ClothBuyer([new("cover", input)], LengthUnit.Inch, new Dictionary<Rule, Length>());
        string LaidOn(ClothSpecification cloth) =>
            string.Join(' ', buyer.Buy(cloth, 5).Pieces.Select(piece => piece.Piece.Key).Order(StringComparer.Ordinal));
        Assert.Equal("plate-top-part-2", LaidOn(B));
        Assert.StartsWith("boxing plate-bottom plate-top-part-1 plate-top-part-3", LaidOn(A), StringComparison.Ordinal);

        // What is cut is counted, and the whole face is not cut.
        var outcome = Drafter.Draft(input);
        var cut = SewingTime
            .Of(SewingPlanner.Of(outcome.Draft!, outcome.Reading.Specification!), 1)
            .Parts.Single(part => part.What == "cut and mark")
            .Amount;
        Assert.Equal(outcome.Draft!.Pieces.Where(piece => piece.Key != "plate-top").Sum(piece => piece.Quantity), cut);
    }

    [Fact]
    public void A_face_wider_than_every_cloth_is_not_joined_by_width_where_its_strips_are_narrow_enough()
    {
        var duvet = Thing.Inches("duvet", "width=80 length=86");
        var draft = Thing.Drafted(
            Of(duvet, [Thing.Cloth("a", 45), Thing.Cloth("b", 108)], "face-front", "along", "a a") with
            {
                OwnCloth = "b",
            }
        );
        Assert.Equal(2, draft.Pieces.Count(piece => piece.Id == "part"));
        Assert.Equal(2, draft.Pieces.Count(piece => piece.Id == "face"));
        Assert.Equal(0, draft.Joins);
        DraftProperties.Hold(draft, "duvet");
    }

    [Fact]
    public void A_round_top_of_three_strips_is_the_same_disc()
    {
        var draft = Thing.Drafted(
            Of(Thing.Inches("box-cushion", "diameter=18 thickness=3", "shape=round"), [A, B], "top", "along", "a b a", 4, null, 4)
        );
        var top = draft.Pieces.Single(piece => piece.Key == "plate-top");
        Assert.Equal(top.StitchLine.Area, draft.Pieces.Where(piece => piece.Id == "part").Sum(piece => piece.StitchLine.Area), 1.0);
        var middle = draft.Pieces.Single(piece => piece.Key == "plate-top-part-2");
        Assert.Equal(11, middle.CutWidth.Value.Inches, 6);
        Assert.Equal(19, middle.CutLength.Value.Inches, 6);
        Assert.True(FoldUp.Of(draft).Holds, string.Join("; ", FoldUp.Of(draft).Problems));
    }

    [Fact]
    public void A_face_without_a_cloth_of_its_own_may_still_be_pieced()
    {
        var bare = Cushion with
        {
            UsableWidth = Entry.Typed("54"),
            Pieced = [new("panel", null, []), new("top", null, [new(null, null), new(null, Entry.Typed("5"))])],
        };
        Assert.Equal("options.pieced.panel", Assert.Single(Drafter.Draft(bare).Checks, check => check.Code == "pieced-count").Measure);
        var draft = Thing.Drafted(bare with { Pieced = [bare.Pieced[1]] });
        Assert.Equal("plate-top-part-1 17 x 19 |plate-top-part-2 6 x 19 ", Strips(draft));
    }

    [Fact]
    public void A_strip_is_cut_larger_by_what_its_own_cloth_will_lose()
    {
        var unwashed = B with { IsPrewashed = false, ShrinkageAlong = 0.05m };
        var draft = Thing.Drafted(Of(Cushion, [A, unwashed], "top", "along", "a b a"));
        Assert.Equal(19 / 0.95, draft.Pieces.Single(piece => piece.Key == "plate-top-part-2").CutLength.Value.Inches, 1e-6);
        Assert.Equal(19, draft.Pieces.Single(piece => piece.Key == "plate-top").CutLength.Value.Inches, 1e-6);
        Assert.All(draft.Ledger, entry => Assert.True(entry.Meets));

        // Told at the join of the two cloths, where they run beside each other.
        Assert.Contains(draft.Checks, check => check.Code == "shrinks-otherwise");
    }

    [Fact]
    public void What_shrinks_otherwise_is_told_at_the_seam_of_a_pieced_face_too()
    {
        var unwashed = B with { IsPrewashed = false, ShrinkageAcross = 0.05m };
        var draft = Thing.Drafted(Of(Cushion, [A, unwashed], "top", "along", "b b"));
        Assert.Contains(draft.Checks, check => check.Code == "shrinks-otherwise");
    }

    [Fact]
    public void Every_copy_of_a_pieced_side_has_its_own_joins()
    {
        var draft = Thing.Drafted(Of(Thing.Inches("pouf", "size=18 wrap=2_1/4"), [A, B], "side", "along", "a b"));
        Assert.Equal(
            ["side-strips-1-1 1 1", "side-strips-1-2 2 2", "side-strips-1-3 3 3", "side-strips-1-4 4 4"],
            draft
                .Seams.Where(seam => seam.Id.StartsWith("side-strips", StringComparison.Ordinal))
                .Select(seam => $"{seam.Id} {seam.First.Copy} {seam.Second.Copy}")
        );
        Assert.Equal([4, 4], draft.Pieces.Where(piece => piece.Id == "part").Select(piece => piece.PerCover));
    }

    [Fact]
    public void A_strip_says_its_sum_and_reads_nothing_off_that_a_sum_gives()
    {
        var draft = Thing.Drafted(Of(Cushion, [A, B], "top", "along", "a b a", null, 6, null));
        var figures = draft
            .Working()
            .ToDictionary(line => line.For, line => line.Tokens.Select(token => token.Name).OfType<string>().ToList());
        Assert.Equal(
            ["width of strip 2"],
            figures["plate-top-part-2.cutWidth"].Where(name => name.StartsWith("width of", StringComparison.Ordinal))
        );
        Assert.All(
            ["plate-top-part-1.cutWidth", "plate-top-part-1.cutLength", "plate-top-part-2.cutWidth", "plate-top-part-2.cutLength"],
            size => Assert.DoesNotContain(figures[size], name => name.Contains("cut line", StringComparison.Ordinal))
        );
        Assert.Equal(
            ["join-1", "join-2"],
            draft
                .Pieces.Single(piece => piece.Key == "plate-top-part-2")
                .CutLine.Names.Select(name => name.Word)
                .Where(name => name.StartsWith("join", StringComparison.Ordinal))
                .Order()
        );
        Assert.Equal(
            ["join-2"],
            draft
                .Pieces.Single(piece => piece.Key == "plate-top-part-3")
                .CutLine.Names.Select(name => name.Word)
                .Where(name => name.StartsWith("join", StringComparison.Ordinal))
        );
    }

    [Fact]
    public void Only_a_strip_that_is_not_its_own_mirror_image_is_cut_turned_over_with_its_face()
    {
        var slanted = new CoverInput
        {
            Unit = "in",
            Form = "box-cushion",
            Shape = "outline",
            Points = Thing.Points("0 0; 20 0; 14 16; 0 16"),
            Measures = new Dictionary<string, Entry> { ["thickness"] = Entry.Typed("3") },
        };
        var draft = Thing.Drafted(Of(slanted, [A, B], "bottom", "along", "a b", 8, null));
        Assert.Equal(1, draft.Pieces.Single(piece => piece.Key == "plate-bottom").Mirrored);
        Assert.Equal([0, 1], draft.Pieces.Where(piece => piece.Id == "part").Select(piece => piece.Mirrored));
    }

    [Fact]
    public void A_strip_just_as_long_as_its_cloth_is_wide_is_turned_on_it()
    {
        var bench = Thing.Inches("box-cushion", "width=60 depth=18 thickness=3");
        var draft = Thing.Drafted(Of(bench, [A, Thing.Cloth("b", 10)], "top", "across", "a b"));
        Assert.Equal([90, 270], draft.Pieces.Single(piece => piece.Key == "plate-top-part-2").Turns);
    }

    [Fact]
    public void A_strip_just_as_wide_as_its_cloth_lies_straight()
    {
        var draft = Thing.Drafted(Of(Cushion, [A, Thing.Cloth("b", 8)], "top", "along", "a b a"));
        Assert.Equal([0, 180], draft.Pieces.Single(piece => piece.Key == "plate-top-part-2").Turns);
    }

    [Fact]
    public void A_back_that_is_no_ready_sheet_is_pieced_and_so_is_the_face_over_one()
    {
        var duvet = Thing.Inches("duvet", "width=60 length=80");
        Assert.Equal(
            2,
            Thing
                .Drafted(Of(duvet, [Thing.Cloth("a", 108), Thing.Cloth("b", 108)], "face-back", "along", "a b"))
                .Pieces.Count(piece => piece.Id == "part")
        );
        var sheet = Of(
            Thing.Inches("duvet", "width=60 length=80", "o.back=ready-sheet"),
            [Thing.Cloth("a", 108), Thing.Cloth("b", 108)],
            "face-front",
            "along",
            "a b"
        );
        var over = Thing.Drafted(sheet with { Roles = new Dictionary<string, IReadOnlyList<string>> { ["face-back"] = ["b"] } });
        Assert.Equal(2, over.Pieces.Count(piece => piece.Id == "part"));
        Assert.True(FoldUp.Of(over).Holds, string.Join("; ", FoldUp.Of(over).Problems));
    }

    private static CoverInput Cushion => Thing.Inches("box-cushion", "width=21 depth=18 thickness=3");

    private static CoverInput Of(
        CoverInput input,
        ClothSpecification[] cloths,
        string role,
        string run,
        string keys,
        params double?[] widths
    ) =>
        input with
        {
            UsableWidth = null,
            Nap = null,
            Cloths = cloths.ToDictionary(cloth => cloth.Key!, cloth => cloth.ForDraft),
            Pieced =
            [
                new(
                    role,
                    run,
                    [
                        .. keys.Split(' ')
                            .Select(
                                (key, i) =>
                                    new PiecedPartInput(
                                        key,
                                        widths.ElementAtOrDefault(i) is { } width
                                            ? Entry.Typed(width.ToString(System.Globalization.CultureInfo.InvariantCulture))
                                            : null
                                    )
                            ),
                    ]
                ),
            ],
        };

    private static string Strips(Draft draft) =>
        string.Join(
            '|',
            draft
                .Pieces.Where(piece => piece.Id == "part")
                .Select(piece =>
                    string.Create(
                        CultureInfo.InvariantCulture,
                        $"{piece.Key} {Math.Round(piece.CutWidth.Value.Inches, 6):0.####} x "
                            + $"{Math.Round(piece.CutLength.Value.Inches, 6):0.####} {piece.ClothKey}"
                    )
                )
        );
}
