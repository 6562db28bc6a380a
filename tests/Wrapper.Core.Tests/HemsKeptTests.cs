using Wrapper.Core.Buying;
using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Catalogue;
using Wrapper.Core.Constructions;
using Wrapper.Core.Forms;
using Wrapper.Core.Pattern;
using Wrapper.Core.Proof;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests;

/// <summary>Pieces that keep the hems of a ready-made cloth: cut without a hem there, and laid on the cloth's.</summary>
public sealed class HemsKeptTests
{
    private static readonly ClothEdge Hem = new(ClothEdgeKind.Hem, Length.FromInches(1), IsKept: true);
    private static readonly ClothEdge Deep = Hem with { Depth = Length.FromInches(4) };
    private static readonly ClothEdge CutOff = Hem with { IsKept = false };
    private static readonly ClothEdge Raw = new(ClothEdgeKind.Raw, Length.Zero, IsKept: false);
    private static readonly CoverInput Pillowcase = Thing.Inches("pillowcase", "width=20 length=30", "count=3");

    [Theory]
    [InlineData(false, 0)]
    [InlineData(true, 180)]
    public void The_openings_of_pillowcases_lie_on_the_deeper_hem_of_a_sheet_side_by_side(bool isDeepAtStart, int turn)
    {
        var sheet = isDeepAtStart ? Sheet(66, 100, Deep, Hem) : Sheet(66, 100, Hem, Deep);
        var (draft, yardage) = Laid(Pillowcase, sheet);
        var plain = Thing.Drafted(Pillowcase).Pieces.Single();
        var face = draft.Pieces.Single();
        Assert.Equal(plain.CutLength.Value - plain.Allowances["end"], face.CutLength.Value);
        Assert.Equal((Length.Zero, plain.CutWidth.Value), (face.Allowances["end"], face.CutWidth.Value));
        Assert.Contains(draft.Checks, check => check.Code == "hem-kept" && check.Text.StartsWith(face.Name, StringComparison.Ordinal));

        // Six faces of 21: three side by side at the deeper hem, the other three turned round at the other end.
        Assert.Equal((6, 1), (yardage.Lay!.Placements.Count, yardage.ReadyMade));
        Assert.Equal([3, 3], yardage.Lay.Placements.GroupBy(place => place.Turn).Select(end => end.Count()));
        Assert.Equal(turn, yardage.Lay.Placements.First(place => place.Copy == 1).Turn);
        foreach (var place in yardage.Lay.Placements)
        {
            var opening = (place.Turn == 180 ? place.Y : place.Y + face.CutLength.Value).Inches;
            Assert.Equal(place.Turn == 180 ? 0 : 100, opening, 1e-3);
        }
    }

    [Theory]
    [InlineData(2, true, false, 1)] // four faces: three at one end, one at the other
    [InlineData(4, true, false, 2)]
    [InlineData(2, false, false, 2)] // the other end is raw: three faces a sheet
    [InlineData(2, true, true, 2)] // all one way: nothing may be turned round
    public void Two_pillowcases_need_one_sheet_where_both_its_ends_are_hemmed(int count, bool isHemmedTwice, bool isOneWay, int sheets)
    {
        var sheet = Sheet(66, 96, isHemmedTwice ? Hem : Raw, Deep) with { OneWay = isOneWay };
        var (_, yardage) = Laid(Pillowcase with { Count = count }, sheet);
        Assert.Equal((2 * count, sheets), (yardage.Lay!.Placements.Count, yardage.ReadyMade));
        LayVerifier.Verify(ClothBuyer.RequestOf(sheet, yardage.Pieces), yardage.Lay);
    }

    [Fact]
    public void A_table_cloth_lies_in_the_corner_of_two_hems()
    {
        var sheet = Sheet(90, 100, Deep, Raw, left: Hem);
        var table = Thing.Inches("table", "width=60 depth=36 drop=8", "construction=flat");
        var (draft, yardage) = Laid(table, sheet);
        var (piece, plain) = (draft.Pieces.Single(), Thing.Drafted(table).Pieces.Single());
        Assert.Equal(
            [plain.CutWidth.Value - plain.Allowances["left"], plain.CutLength.Value - plain.Allowances["front"]],
            [piece.CutWidth.Value, piece.CutLength.Value]
        );
        Assert.Equal([Length.Zero, Length.Zero], [piece.Allowances["left"], piece.Allowances["front"]]);
        Assert.True(piece.Allowances["right"].IsPositive && piece.Allowances["back"].IsPositive);
        var place = Assert.Single(yardage.Lay!.Placements);
        Assert.Equal((0, Length.Zero, Length.Zero), (place.Turn, place.X, place.Y));
    }

    [Fact]
    public void At_the_right_of_a_sheet_it_lies_against_the_right()
    {
        var (draft, yardage) = Laid(
            Thing.Inches("table", "width=60 depth=36 drop=8", "construction=flat"),
            Sheet(90, 100, Raw, Deep, right: Hem)
        );
        Assert.Equal(["right", "back"], draft.Pieces[0].Allowances.Where(edge => edge.Value.IsZero).Select(edge => edge.Key));
        var place = Assert.Single(yardage.Lay!.Placements);
        Assert.Equal((0, Length.FromInches(90) - draft.Pieces[0].CutWidth.Value), (place.Turn, place.X));
        Assert.Equal(100, (place.Y + draft.Pieces[0].CutLength.Value).Inches, 1e-3);
    }

    private static readonly (string What, CoverInput Input, ClothSpecification Sheet)[] WithoutHems =
    [
        ("hems that are cut off", Pillowcase, Sheet(66, 100, CutOff, CutOff)),
        ("raw ends", Pillowcase, Sheet(66, 100, Raw, Raw)),
        ("a roll", Pillowcase, Sheet(66, 100, Deep, Hem) with { ReadyLength = null }),
        ("an opening that is zipped", Thing.Inches("duvet", "width=50 length=60", "o.closure=zip"), Sheet(110, 100, Deep, Hem)),
        (
            "a base that is drawn in",
            Thing.Inches("ottoman", "width=20 depth=16 height=12", "construction=tub-notched o.edge=casing-elastic"),
            Sheet(110, 100, Deep, Hem)
        ),
        ("an opening that is faced for ties", Thing.Inches("duvet", "width=50 length=60", "o.closure=ties"), Sheet(110, 100, Deep, Hem)),
        ("sides that are sewn", Pillowcase, Sheet(66, 100, Raw, Raw, left: Hem, right: Hem)),
        ("a nap that would lie upside down", Pillowcase, Sheet(66, 100, Deep, Raw) with { OneWay = true }),
        (
            "blocks that are pinned with as much as a hem",
            new CoverInput
            {
                Unit = "in",
                Form = "slipcover",
                Zones =
                [
                    new()
                    {
                        Name = "Deck",
                        Width = Entry.Typed("22"),
                        Height = Entry.Typed("21"),
                    },
                ],
                Rules = new Dictionary<string, Entry> { ["hem"] = Entry.Typed("1 1/2") },
            },
            Sheet(66, 100, Deep, Hem)
        ),
        (
            "faces joined from strips",
            Pillowcase with
            {
                Pieced =
                [
                    new("face-front", null, [new(null, null), new(null, null)]),
                    new("face-back", null, [new(null, null), new(null, null)]),
                ],
            },
            Sheet(66, 100, Deep, Hem)
        ),
        (
            "a cloth joined from a middle and two sides",
            Thing.Inches("table", "width=90 depth=36 drop=8", "construction=flat o.plates=middle-and-sides"),
            Sheet(66, 120, Deep, Hem, left: Hem)
        ),
        (
            "a cloth turned a quarter",
            Thing.Inches("table", "width=50 depth=36 drop=8", "construction=flat o.plates=turned"),
            Sheet(90, 120, Deep, Hem, left: Hem)
        ),
        (
            "a sheet too short for the piece",
            Thing.Inches("table", "width=60 depth=80 drop=8", "construction=flat"),
            Sheet(110, 90, Deep, Raw)
        ),
    ];

    [Fact]
    public void Where_there_is_no_hem_to_keep_it_is_turned_as_ever()
    {
        foreach (var (what, input, sheet) in WithoutHems)
        {
            var outcome = Wrapper.Core.Drafting.Drafter.Draft(On(input, sheet));
            Assert.True(outcome.Draft is null || outcome.Draft.Pieces.All(piece => piece.Kept is null), what);
            Assert.DoesNotContain(outcome.Checks, check => check.Code == "hem-kept");
        }
    }

    [Fact]
    public void What_is_cut_with_as_much_as_a_hem_and_never_hemmed_keeps_none()
    {
        var drafted = 0;
        foreach (var form in FormCatalogue.All)
        {
            foreach (var shape in form.Shapes.Where(shape => shape.List is null))
            {
                foreach (var construction in shape.Constructions.Where(id => !ConstructionCatalogue.All[id].TurnsHems))
                {
                    var measures = shape
                        .Measures.Where(measure => measure.IsInExamples)
                        .ToDictionary(measure => measure.Name, measure => Entry.Typed(measure.ExampleInches));
                    var input = new CoverInput
                    {
                        Unit = "in",
                        Form = form.Id,
                        Shape = shape.Id,
                        Construction = construction,
                        Measures = measures,
                        Rules = new[] { "hem", "seam", "zip" }.ToDictionary(rule => rule, _ => Entry.Typed("1/2")),
                    };
                    if (
                        Wrapper.Core.Drafting.Drafter.Draft(On(input, Sheet(110, 200, Deep, Hem, left: Hem, right: Hem))).Draft is { } draft
                    )
                    {
                        drafted++;
                        Assert.All(draft.Pieces, piece => Assert.True(piece.Kept is null, $"{form.Id} {construction} {piece.Key}"));
                    }
                }
            }
        }

        Assert.True(drafted > 20, $"{drafted}");
    }

    [Fact]
    public void A_sheet_has_to_be_longer_than_the_piece_and_as_wide()
    {
        var plain = Thing.Drafted(Pillowcase).Pieces.Single();
        var (wide, tall) = (plain.CutWidth.Value, plain.CutLength.Value - plain.Allowances["end"]);
        bool IsKept(Length width, Length length) =>
            Wrapper
                .Core.Drafting.Drafter.Draft(On(Pillowcase, Sheet(66, 100, Deep, Raw) with { Width = width, ReadyLength = length }))
                .Draft?.Pieces.All(piece => piece.Kept is not null) == true;
        Assert.False(IsKept(wide, tall));
        Assert.True(IsKept(wide, tall + Length.FromMillimetres(1m)));
        Assert.False(IsKept(wide - Length.FromMillimetres(1m), tall + Length.FromMillimetres(1m)));
    }

    [Fact]
    public void A_flap_is_hemmed_beyond_the_opening_and_only_the_front_keeps_the_hem()
    {
        var draft = Thing.Drafted(On(Thing.Inches("pillowcase", "shape=flap width=20 length=30 flap=7"), Sheet(66, 100, Deep, Hem)));
        Assert.Equal([true, false], draft.Pieces.Select(piece => piece.Kept is not null));
    }

    [Fact]
    public void Whatever_keeps_a_hem_still_closes_and_no_piece_lies_on_another()
    {
        var random = new Random(7);
        var kept = 0;
        for (var i = 0; i < 24; i++)
        {
            ClothEdge Edge() =>
                random.Next(3) switch
                {
                    0 => Raw,
                    1 => Hem,
                    _ => Deep,
                };
            var sheet = Sheet(random.Next(50, 120), random.Next(70, 130), Edge(), Edge(), Edge(), Edge());
            var input = random.Next(4) switch
            {
                0 => Thing.Inches("pillowcase", $"width={random.Next(14, 26)} length={random.Next(18, 34)}", $"count={random.Next(1, 5)}"),
                1 => Thing.Inches("table", $"width={random.Next(30, 48)} depth={random.Next(24, 40)} drop=6", "construction=flat"),
                2 => Thing.Inches("duvet", $"width={random.Next(40, 60)} length={random.Next(50, 66)}", "o.closure=buttons"),
                _ => Thing.Inches("chair-back", "width=18 height=22 depth=2", $"count={random.Next(1, 4)}"),
            };
            if (Wrapper.Core.Drafting.Drafter.Draft(On(input, sheet)).Draft is not { } draft)
            {
                continue;
            }

            DraftProperties.Hold(draft, $"sheet {i}");
            Assert.True(FoldUp.Of(draft).Holds, $"{i}: {string.Join("; ", FoldUp.Of(draft).Problems)}");
            kept += draft.Pieces.Count(piece => piece.Kept is not null);
            var yardage = new ClothBuyer([new("c", On(input, sheet))], LengthUnit.Inch, new Dictionary<Rule, Length>()).Buy(sheet, 3);
            if (yardage.Lay is not { } lay)
            {
                continue;
            }

            LayVerifier.Verify(ClothBuyer.RequestOf(sheet, yardage.Pieces), lay);
            foreach (var place in lay.Placements)
            {
                var laid = yardage.Pieces.Single(piece => piece.LayId == place.Piece);
                if (laid.Piece.Kept is { End: not null } hems)
                {
                    Assert.True(place.Turn == (hems.IsTurned ? 180 : 0) || hems.IsEitherEnd, $"{i}: turned round");
                    var end = place.Turn == (hems.IsTurned ? 180 : 0) ? hems.End : hems.TurnedRound().End;
                    var along =
                        (
                            end == ClothEnd.Start
                                ? place.Y
                                : place.Y + (laid.Shape.Max(corner => corner.Y) - laid.Shape.Min(corner => corner.Y))
                        ).Inches % sheet.ReadyLength!.Value.Inches;
                    Assert.True(Math.Min(along, sheet.ReadyLength.Value.Inches - along) < 1e-3, $"{i}: {along}");
                }
            }
        }

        Assert.True(kept > 10, $"{kept}");
    }

    private static ClothSpecification Sheet(
        int width,
        int length,
        ClothEdge start,
        ClothEdge end,
        ClothEdge? left = null,
        ClothEdge? right = null
    ) =>
        new(Length.FromInches(width), Length.Zero, false, Length.Zero)
        {
            Key = "sheet",
            ReadyLength = Length.FromInches(length),
            Edges = new(left ?? Raw, right ?? Raw, start, end),
        };

    private static CoverInput On(CoverInput input, ClothSpecification sheet) =>
        input with
        {
            UsableWidth = null,
            Cloths = new Dictionary<string, DraftCloth> { ["sheet"] = sheet.ForDraft },
            OwnCloth = "sheet",
        };

    private static (Draft Draft, Yardage Yardage) Laid(CoverInput input, ClothSpecification sheet)
    {
        var draft = Thing.Drafted(On(input, sheet));
        Assert.True(FoldUp.Of(draft).Holds, string.Join("; ", FoldUp.Of(draft).Problems));
        DraftProperties.Hold(draft, "kept hems");
        return (draft, new ClothBuyer([new("c", On(input, sheet))], LengthUnit.Inch, new Dictionary<Rule, Length>()).Buy(sheet, 20));
    }
}
