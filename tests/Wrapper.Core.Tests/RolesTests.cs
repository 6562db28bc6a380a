using CsCheck;
using Wrapper.Core.Buying;
using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.Drafting;
using Wrapper.Core.Pattern;
using Wrapper.Core.Proof;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests;

/// <summary>Covers of more than one cloth: each piece is cut from its own, and all that depends on the cloth follows it.</summary>
public sealed class RolesTests
{
    private static readonly ClothSpecification Wide = Thing.Cloth("a", 54);
    private static readonly ClothSpecification Narrow = Thing.Cloth("b", 36);

    /// <summary>The forms by id.</summary>
    public static TheoryData<string> Forms => [.. Covers.Cells.Select(cell => cell.Form.Id).Distinct()];

    [Fact]
    public void A_wrapped_cube_of_four_cloths_is_four_lays_of_two_and_four_and_two_and_two()
    {
        var cube = Of(
            Thing.Inches("pouf", "size=18 wrap=2_1/4"),
            [Wide, Thing.Cloth("b", 54), Thing.Cloth("c", 45), Thing.Cloth("d", 60)],
            ("top", "a"),
            ("bottom", "a"),
            ("strip", "b"),
            ("side", "c d")
        );
        var draft = Thing.Drafted(cube);
        Assert.Equal("top 2 a|strip 4 b|side-1 2 c|side-2 2 d", Listed(draft));
        Assert.Equal("Side, front and back|Side, left and right", string.Join('|', draft.Pieces.Skip(2).Select(piece => piece.Name)));
        Assert.Equal([PieceRole.Top, PieceRole.Bottom], draft.Pieces[0].Roles);
        var laid = LaysOf(cube, [Wide, Thing.Cloth("b", 54), Thing.Cloth("c", 45), Thing.Cloth("d", 60)]);
        Assert.Equal([2, 4, 2, 2], laid.Select(lay => lay.Lay!.Placements.Count));
        Assert.All(laid, lay => Assert.True(lay.Buy!.Value.IsPositive));
        Assert.DoesNotContain(draft.Checks, check => check.Code is "turns-uneven" or "role-without-piece");
    }

    [Fact]
    public void The_ring_of_a_cube_takes_turns_from_the_front_to_the_left()
    {
        var draft = Thing.Drafted(
            Of(
                Thing.Inches("pouf", "size=18 wrap=2_1/4"),
                [Wide, Thing.Cloth("b", 54), Thing.Cloth("c", 54), Thing.Cloth("d", 54)],
                ("side", "a b c d"),
                ("strip", "a b c d")
            )
        );
        var told = draft.Pieces.Where(piece => piece.Id is "side" or "strip").Select(piece => $"{piece.Name} {piece.ClothKey}");
        Assert.Equal(
            [
                "Strip, front left a",
                "Strip, back left b",
                "Strip, back right c",
                "Strip, front right d",
                "Side, front a",
                "Side, left b",
                "Side, back c",
                "Side, right d",
            ],
            told.OrderBy(name => name.Split(',')[0] == "Strip" ? 0 : 1).ThenBy(name => name[^1])
        );
    }

    [Fact]
    public void Cloths_that_do_not_come_round_are_told_where_they_take_turns()
    {
        var three = Thing.Drafted(Of(Thing.Inches("pouf", "size=18 wrap=2_1/4"), [Wide, Narrow, Thing.Cloth("c", 54)], ("side", "a b c")));
        Assert.Equal("roles.side", Assert.Single(three.Checks, check => check.Code == "turns-uneven").Measure);
        var one = Thing.Drafted(Of(Thing.Inches("box-cushion", "width=20 depth=18 thickness=3"), [Wide, Narrow], ("top", "a b")));
        Assert.Equal("roles.top", Assert.Single(one.Checks, check => check.Code == "turns-uneven").Measure);
        var two = Thing.Drafted(Of(Thing.Inches("pouf", "size=18 wrap=2_1/4"), [Wide, Narrow], ("side", "a b")));
        Assert.DoesNotContain(two.Checks, check => check.Code == "turns-uneven");
    }

    [Fact]
    public void Contrast_piping_is_counted_on_its_own_cloth_and_the_boxing_is_joined_by_the_cushions()
    {
        var piped = Cushions.Worked with
        {
            Options = new Dictionary<string, string> { ["piping"] = "both" },
            UsableWidth = null,
        };
        var contrast = Thing.Drafted(Of(piped, [Thing.Cloth("a", 60), Thing.Cloth("b", 30)], ("piping", "b")));
        var plain = Thing.Drafted(Of(piped, [Thing.Cloth("a", 60)]));
        var narrow = Thing.Drafted(Of(piped, [Thing.Cloth("b", 30)]));
        Assert.Equal(plain.Pieces.Count(piece => piece.Id == "boxing"), contrast.Pieces.Count(piece => piece.Id == "boxing"));
        Assert.True(narrow.Pieces.Count(piece => piece.Id == "boxing") > contrast.Pieces.Count(piece => piece.Id == "boxing"));
        Assert.Equal(
            narrow.Pieces.Single(piece => piece.Id == "piping").Quantity,
            contrast.Pieces.Single(piece => piece.Id == "piping").Quantity
        );
        Assert.True(
            contrast.Pieces.Single(piece => piece.Id == "piping").Quantity > plain.Pieces.Single(piece => piece.Id == "piping").Quantity
        );
        Assert.Equal("b", contrast.Pieces.Single(piece => piece.Id == "piping").ClothKey);
        Assert.All(contrast.Pieces.Where(piece => piece.Id != "piping"), piece => Assert.Equal("a", piece.ClothKey));
    }

    [Fact]
    public void Casing_is_as_wide_as_its_own_cloth_is_thick()
    {
        var thick = Thing.Cloth("b", 54) with { Thickness = Length.FromMillimetres(2m) };
        var piped = Thing.Millimetres("box-cushion", "width=500 depth=450 thickness=80", "o.piping=both");
        Length WidthOn(params (string, string)[] roles) =>
            Thing.Drafted(Of(piped, [Wide, thick], roles)).Pieces.Single(piece => piece.Id == "piping").CutLength.Value;
        Assert.Equal(Length.FromMillimetres(6m), WidthOn(("piping", "b")) - WidthOn()); // 2π, rounded up to whole millimetres
    }

    [Fact]
    public void A_reversible_chair_back_is_two_bags_of_two_cloths()
    {
        var back = Thing.Inches("chair-back", "width=17 height=20 thickness=2", "o.layers=reversible");
        var draft = Thing.Drafted(Of(back, [Wide, Narrow], ("inner", "b")));
        Assert.Equal("face-outer 2 a|face-inner 2 b", Listed(draft));
        Assert.Equal("Outer layer|Inner layer", string.Join('|', draft.Pieces.Select(piece => piece.Name)));
        Assert.True(FoldUp.Of(draft).Holds);
    }

    [Fact]
    public void Plates_of_two_cloths_are_joined_each_as_its_own_width_asks()
    {
        var seat = Thing.Inches("box-cushion", "width=40 depth=20 thickness=4");
        var draft = Thing.Drafted(Of(seat, [Wide, Thing.Cloth("b", 30) with { OneWay = true }], ("bottom", "b"), ("zip-boxing", "b")));
        Assert.Equal("plate-top 1 a|plate-bottom-left 1 b|plate-bottom-middle 1 b|plate-bottom-right 1 b", Listed(draft, "plate"));
        Assert.Equal(2, draft.Pieces.Count(piece => piece.Id == "zip-boxing"));
        Assert.True(FoldUp.Of(draft).Holds, string.Join("; ", FoldUp.Of(draft).Problems));
    }

    [Fact]
    public void A_printed_duvet_face_in_three_drops_lies_on_a_plain_one_in_one()
    {
        var duvet = Thing.Inches("duvet", "width=78 length=86");
        var draft = Thing.Drafted(
            Of(duvet, [Thing.Cloth("print", 45), Thing.Cloth("plain", 108)], ("face-back", "plain")) with
            {
                OwnCloth = "print",
            }
        );
        Assert.Equal("face-front-outer 2 print|face-front-middle 1 print|face-back 1 plain", Listed(draft));
        Assert.True(FoldUp.Of(draft).Holds, string.Join("; ", FoldUp.Of(draft).Problems));
        Assert.Equal(2, draft.Joins);
        DraftProperties.Hold(draft, "duvet");
    }

    [Fact]
    public void Walls_take_turns_and_are_joined_by_their_own_cloths()
    {
        var tub = Thing.Inches("ottoman", "width=40 depth=24 height=16");
        var draft = Thing.Drafted(Of(tub, [Wide, Thing.Cloth("b", 30)], ("wall", "a b")));
        Assert.All(draft.Pieces.Where(piece => piece.Name.Contains("front", StringComparison.Ordinal)), piece =>
            Assert.Equal("a", piece.ClothKey)
        );
        Assert.All(draft.Pieces.Where(piece => piece.Name.Contains("left", StringComparison.Ordinal)), piece =>
            Assert.Equal("b", piece.ClothKey)
        );
        var uneven = Thing.Drafted(Of(tub, [Wide, Thing.Cloth("b", 30), Thing.Cloth("c", 54)], ("wall", "a b c")));
        Assert.Equal(4, uneven.Pieces.Where(piece => piece.Kind == PieceKind.Wall).Select(piece => piece.CopyPlaces[0]).Distinct().Count());
        Assert.True(FoldUp.Of(uneven).Holds, string.Join("; ", FoldUp.Of(uneven).Problems));
    }

    [Fact]
    public void A_zone_hears_its_own_name_before_all_blocks_do()
    {
        var chair = new CoverInput
        {
            Unit = "in",
            Form = "slipcover",
            Zones = [Zone("Inside back"), Zone("Arm front") with { Pair = true, Count = 2 }, Zone("Deck")],
        };
        var draft = Thing.Drafted(Of(chair, [Wide, Narrow, Thing.Cloth("c", 54)], ("block", "b"), ("arm-front", "c")));
        Assert.Equal("block-1 1 b|block-2-left 1 c|block-2-right 1 c|block-3 1 b", Listed(draft));
        Assert.DoesNotContain(draft.Checks, check => check.Code == "role-without-piece");

        static ZoneInput Zone(string name) =>
            new()
            {
                Name = name,
                Width = Entry.Typed("20"),
                Height = Entry.Typed("14"),
            };
    }

    [Fact]
    public void Pieces_are_cut_larger_by_what_their_own_cloth_will_lose()
    {
        var unwashed = Thing.Cloth("b", 54) with { IsPrewashed = false, ShrinkageAlong = 0.05m, ShrinkageAcross = 0.02m };
        var draft = Thing.Drafted(Of(Thing.Inches("box-cushion", "width=20 depth=18 thickness=3"), [Wide, unwashed], ("bottom", "b")));
        var (top, bottom) = (
            draft.Pieces.Single(piece => piece.Key == "plate-top"),
            draft.Pieces.Single(piece => piece.Key == "plate-bottom")
        );
        Assert.Equal(top.CutLength.Value.Inches / 0.95, bottom.CutLength.Value.Inches, 1e-6);
        Assert.Equal(top.CutWidth.Value.Inches / 0.98, bottom.CutWidth.Value.Inches, 1e-6);
        Assert.All(draft.Ledger, entry => Assert.True(entry.Meets));
        Assert.Contains(draft.Checks, check => check.Code == "shrinks-otherwise");

        // A hundredth apart may be; and what is washed first has shrunk already.
        Assert.DoesNotContain(
            Thing
                .Drafted(
                    Of(
                        Thing.Inches("box-cushion", "width=20 depth=18 thickness=3"),
                        [Wide, unwashed with { ShrinkageAlong = 0.01m, ShrinkageAcross = 0.01m }],
                        ("bottom", "b")
                    )
                )
                .Checks,
            check => check.Code == "shrinks-otherwise"
        );
        Assert.DoesNotContain(
            Thing
                .Drafted(
                    Of(
                        Thing.Inches("box-cushion", "width=20 depth=18 thickness=3"),
                        [Wide, unwashed with { IsPrewashed = true }],
                        ("bottom", "b")
                    )
                )
                .Checks,
            check => check.Code == "shrinks-otherwise"
        );
    }

    [Fact]
    public void A_thin_cloth_over_another_is_told()
    {
        var back = Thing.Inches("chair-back", "width=17 height=20 thickness=2", "o.layers=reversible");
        var thin = Thing.Cloth("b", 54) with { Traits = [ClothTrait.ShowsThrough] };
        Assert.Contains(Thing.Drafted(Of(back, [Wide, thin], ("outer", "b"))).Checks, check => check.Code == "cloth-shows-through");
        Assert.DoesNotContain(Thing.Drafted(Of(back, [Wide, Narrow], ("outer", "b"))).Checks, check => check.Code == "cloth-shows-through");
    }

    [Theory]
    [InlineData("top", "gone", "roles.top")]
    [InlineData("side", "a gone", "roles.side")]
    public void A_cloth_that_was_taken_off_is_named_with_its_role(string role, string keys, string measure)
    {
        var outcome = Drafter.Draft(Of(Thing.Inches("pouf", "size=18 wrap=2_1/4"), [Wide], (role, keys)));
        var check = Assert.Single(outcome.Checks, check => check.Code == "unknown-cloth");
        Assert.Equal((CheckLevel.Error, measure), (check.Level, check.Measure));
        Assert.Contains("“gone”", check.Text, StringComparison.Ordinal);
        Assert.Equal("", Assert.Single(check.Mends!).Value);
        Assert.Null(outcome.Draft);
    }

    [Fact]
    public void A_role_the_cover_has_not_is_told_and_changes_nothing()
    {
        var seat = Thing.Inches("box-cushion", "width=20 depth=18 thickness=3");
        var draft = Thing.Drafted(Of(seat, [Wide, Narrow], ("skirt", "b"), ("tpo", "b")));
        Assert.Equal(
            ["roles.skirt", "roles.tpo"],
            draft.Checks.Where(check => check.Code == "role-without-piece").Select(check => check.Measure!)
        );
        Assert.All(draft.Pieces, piece => Assert.Equal("a", piece.ClothKey));
    }

    [Fact]
    public void Facings_and_padding_never_take_the_covers_own_cloth()
    {
        var duvet = Thing.Inches("duvet", "width=54 length=80", "o.closure=ties");
        Assert.Null(Thing.Drafted(Of(duvet, [Thing.Cloth("a", 108), Narrow])).Pieces.Single(piece => piece.Id == "facing").ClothKey);
        Assert.Equal(
            "b",
            Thing
                .Drafted(Of(duvet, [Thing.Cloth("a", 108), Thing.Cloth("b", 60)], ("facing", "b")))
                .Pieces.Single(piece => piece.Id == "facing")
                .ClothKey
        );
    }

    [Theory]
    [MemberData(nameof(Forms))]
    public void Whatever_cloths_are_given_out_every_piece_lies_in_one_lay_and_the_cover_closes(string form)
    {
        ClothSpecification[] cloths = [Thing.Cloth("a", 72), Thing.Cloth("b", 40), Thing.Cloth("c", 110) with { OneWay = true }];
        foreach (
            var cell in Covers.Cells.Where(cell =>
                cell.Form.Id == form && (cell.Option is "" or "layers" or "piping" or "closure" or "plates")
            )
        )
        {
            var gen =
                from input in Covers.Of(cell)
                from given in Gen.Int[0, 3].Array[PieceRole.All.Count]
                select Of(
                    input,
                    cloths,
                    [.. PieceRole.All.Select((role, i) => (role.Word, given[i] == 3 && role.GoesRound ? "a b" : $"{"aabc"[given[i]]}"))]
                );
            gen.ForMany(
                input =>
                {
                    if (Drafter.Draft(input).Draft is not { } draft)
                    {
                        return;
                    }

                    var folded = FoldUp.Of(draft);
                    var told =
                        $"{cell}: {string.Join(" ", input.Roles.Select(role => $"{role.Key}={string.Join('/', role.Value)}"))} "
                        + Covers.Described(input);
                    Assert.True(folded.Holds, $"{string.Join("; ", folded.Problems)} {told}");
                    DraftProperties.Hold(draft, told);
                    var laid = cloths
                        .SelectMany(cloth => ClothBuyer.LaidOf("cover", draft, cloth).Select(piece => piece.Piece.Key).Distinct())
                        .Order();
                    Assert.Equal(draft.Pieces.Where(piece => piece.ClothKey is not null).Select(piece => piece.Key).Order(), laid);
                },
                iter: 4
            );
        }
    }

    [Theory]
    [MemberData(nameof(Forms))]
    public void A_cover_of_one_cloth_is_the_same_whether_the_cloth_has_a_key_or_not(string form)
    {
        foreach (var cell in Covers.Cells.Where(cell => cell.Form.Id == form))
        {
            Covers
                .Of(cell)
                .ForMany(
                    input =>
                    {
                        if (input.UsableWidth is not { } usable)
                        {
                            return;
                        }

                        var cloth = new DraftCloth(Length.FromMillimetres(usable.Millimetres!.Value), input.Nap == "one-way");
                        var (bare, keyed) = (
                            Drafter.Draft(input),
                            Drafter.Draft(
                                input with
                                {
                                    UsableWidth = null,
                                    Nap = null,
                                    Cloths = new Dictionary<string, DraftCloth> { ["k"] = cloth },
                                }
                            )
                        );
                        Assert.Equal(bare.Checks.Select(check => check.Code), keyed.Checks.Select(check => check.Code));
                        if (bare.Draft is { } draft)
                        {
                            string Told(Draft of) =>
                                string.Join(
                                    '|',
                                    of.Pieces.Select(piece =>
                                        $"{piece.Key} {piece.Name} {piece.Quantity}/{piece.Mirrored} {piece.CutWidth.Value} "
                                        + $"{piece.CutLength.Value} {piece.Turns[0]}"
                                    )
                                );
                            Assert.Equal(Told(draft), Told(keyed.Draft!));
                            Assert.Equal(
                                draft.Seams.Select(seam => $"{seam.Id} {seam.First} {seam.Second}"),
                                keyed.Draft!.Seams.Select(seam => $"{seam.Id} {seam.First} {seam.Second}")
                            );
                        }
                    },
                    iter: 2
                );
        }
    }

    private static CoverInput Of(CoverInput input, ClothSpecification[] cloths, params (string Role, string Keys)[] roles) =>
        input with
        {
            UsableWidth = null,
            Nap = null,
            Cloths = cloths.ToDictionary(cloth => cloth.Key!, cloth => cloth.ForDraft),
            Roles = roles.ToDictionary(role => role.Role, role => (IReadOnlyList<string>)role.Keys.Split(' ')),
        };

    private static List<Yardage> LaysOf(CoverInput input, ClothSpecification[] cloths)
    {
        var buyer = new ClothBuyer([new("cover", input)], LengthUnit.Inch, new Dictionary<Rule, Length>());
        return [.. cloths.Select(cloth => buyer.Buy(cloth, 5))];
    }

    private static string Listed(Draft draft, string? kind = null) =>
        string.Join(
            '|',
            draft.Pieces.Where(piece => kind is null || piece.Id == kind).Select(piece => $"{piece.Key} {piece.PerCover} {piece.ClothKey}")
        );
}
