using System.Globalization;
using CsCheck;
using Wrapper.Core.Buying;
using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Catalogue;
using Wrapper.Core.Catalogue.Measuring;
using Wrapper.Core.Checks;
using Wrapper.Core.Costing;
using Wrapper.Core.Drafting;
using Wrapper.Core.Pattern;
using Wrapper.Core.Proof;
using Wrapper.Core.Reading;
using Wrapper.Core.Sewing;
using Wrapper.Core.Sewing.Covers;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests;

/// <summary>Pieces that are joined from strips of several cloths before they are used.</summary>
public sealed class PiecedTests
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
        Assert.Contains("front", front.Names);
        Assert.Contains("back", back.Names);
        Assert.Equal(
            ["join-1", "join-2"],
            draft.Pieces[2].StitchLine.Names.Where(name => name.StartsWith("join", StringComparison.Ordinal)).Order()
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
                .CutLine.Names.Where(name => name.StartsWith("join", StringComparison.Ordinal))
                .Order()
        );
        Assert.Equal(
            ["join-2"],
            draft
                .Pieces.Single(piece => piece.Key == "plate-top-part-3")
                .CutLine.Names.Where(name => name.StartsWith("join", StringComparison.Ordinal))
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

    [Fact]
    public void Strips_cover_the_facets_of_their_face_also_where_it_lies_turned_over()
    {
        foreach (var role in new[] { "top", "bottom" })
        {
            var draft = Thing.Drafted(Of(Cushion, [A, B], role, "along", "a b a", 4, null, 3));
            var whole = draft.Pieces.Single(piece => piece.IsPieced);
            var facets = FoldUp.Of(draft).Facets;
            var strips = facets.SelectMany(facet => StripsOnFacet.Of(facet, draft)).ToList();
            Assert.Equal([.. whole.JoinedFrom], strips.Select(strip => strip.Piece).Distinct().Order());
            foreach (var key in whole.JoinedFrom)
            {
                Assert.Equal(
                    draft.Pieces.Single(piece => piece.Key == key).StitchLine.Area,
                    strips.Where(strip => strip.Piece == key).Sum(strip => AreaOf(strip.Flat)),
                    1.0
                );
            }

            Assert.All(facets.Where(facet => facet.Piece != whole.Key), facet => Assert.Empty(StripsOnFacet.Of(facet, draft)));
        }

        static double AreaOf(IReadOnlyList<(double X, double Y)> corners) =>
            Math.Abs(
                corners
                    .Select(
                        (corner, i) => (corner.X * corners[(i + 1) % corners.Count].Y) - (corners[(i + 1) % corners.Count].X * corner.Y)
                    )
                    .Sum()
            ) / 2;
    }

    [Theory]
    [MemberData(nameof(Forms))]
    public void Whatever_is_pieced_the_cover_closes_and_every_strip_lies_in_one_lay(string form)
    {
        ClothSpecification[] cloths = [Thing.Cloth("a", 110), Thing.Cloth("b", 72), Thing.Cloth("c", 110)];
        PieceRole[] roles = [.. PieceRole.All.Where(role => role.CanBePieced)];
        var (pieced, refused) = (0, 0);
        foreach (var cell in Covers.Cells.Where(cell => cell.Form.Id == form && (cell.Option is "" or "layers" or "closure")))
        {
            var gen =
                from input in Covers.Of(cell)
                from chosen in Gen.Int[0, 3].Array[roles.Length]
                from across in Gen.Bool.Array[roles.Length]
                from first in Gen.Int[25, 120]
                select input with
                {
                    UsableWidth = null,
                    Nap = null,
                    Cloths = cloths.ToDictionary(cloth => cloth.Key!, cloth => cloth.ForDraft),
                    Pieced =
                    [
                        .. roles
                            .Select((role, i) => (role, i))
                            .Where(each => chosen[each.i] > 0)
                            .Select(each => new PiecedInput(
                                each.role.Word,
                                across[each.i] ? "across" : "along",
                                [
                                    .. "abc"[..Math.Max(2, chosen[each.i])]
                                        .Select(
                                            (key, n) =>
                                                new PiecedPartInput($"{key}", n == 0 && chosen[each.i] == 3 ? Entry.Number(first) : null)
                                        ),
                                ]
                            )),
                    ],
                };
            gen.ForMany(
                input =>
                {
                    if (Drafter.Draft(input with { Pieced = [] }).Draft is null)
                    {
                        return;
                    }

                    var told =
                        $"{cell}: {string.Join(" ", input.Pieced.Select(role => $"{role.Role}/{role.Run}/{role.Parts.Count}"))} "
                        + Covers.Described(input);
                    var outcome = Drafter.Draft(input);
                    if (outcome.Draft is not { } draft)
                    {
                        Assert.All(outcome.Checks.Where(check => check.Level == CheckLevel.Error), check =>
                            Assert.True(
                                check.Measure?.StartsWith("options.pieced.", StringComparison.Ordinal),
                                $"{check.Code} {check.Text} {told}"
                            )
                        );
                        refused++;
                        return;
                    }

                    pieced += draft.Pieces.Any(piece => piece.IsPieced) ? 1 : 0;
                    var folded = FoldUp.Of(draft);
                    Assert.True(folded.Holds, $"{string.Join("; ", folded.Problems)} {told}");
                    DraftProperties.Hold(draft, told);
                    var laid = cloths
                        .SelectMany(cloth => ClothBuyer.LaidOf("cover", draft, cloth).Select(piece => piece.Piece.Key).Distinct())
                        .Order();
                    Assert.Equal(draft.Pieces.Where(piece => piece.ClothKey is not null).Select(piece => piece.Key).Order(), laid);
                    Assert.All(draft.Pieces.Where(piece => piece.IsPieced), piece => Assert.Null(piece.ClothKey));
                },
                iter: 4
            );
        }

        Assert.True(pieced > 0, $"{form}: none of {refused} was pieced");
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
