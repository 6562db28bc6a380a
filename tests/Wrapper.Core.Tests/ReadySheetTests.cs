using Wrapper.Core.Buying;
using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.Drafting;
using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Wrapper.Core.Proof;
using Wrapper.Core.Reading;
using Wrapper.Core.Sewing;
using Wrapper.Core.Sewing.Operations;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests;

/// <summary>A duvet backed by a ready sheet: its hemmed width rules, and its hems stay where they are.</summary>
public sealed class ReadySheetTests
{
    private static readonly ClothEdge Hem = new(ClothEdgeKind.Hem, Length.FromInches(1), IsKept: true);
    private static readonly ClothEdge Raw = new(ClothEdgeKind.Raw, Length.Zero, IsKept: false);

    private static readonly ClothSpecification Print = new(Length.FromInches(40), Length.Zero, false, Length.Zero) { Key = "print" };

    [Fact]
    public void The_worked_example_gives_a_middle_of_forty_and_sides_of_fifteen()
    {
        var draft = Drafted(Duvet("64"), Sheet(66, 110));
        Assert.Equal(
            ["15", "40"],
            draft.Pieces.Where(piece => piece.ClothKey == "print").Select(piece => draft.Format.Rounded(piece.CutWidth.Value))
        );
        Assert.Equal(["2", "1"], draft.Pieces.Where(piece => piece.ClothKey == "print").Select(piece => $"{piece.PerCover}"));
        Assert.Equal("65¼", draft.Format.Rounded(draft.Finished.Single(size => size.Key == "W").Value.Value)); // S − 2e
        var back = draft.Pieces.Single(piece => piece.ClothKey == "sheet");
        Assert.Equal("66", draft.Format.Rounded(back.CutWidth.Value));
        Assert.True(FoldUp.Of(draft).Holds, string.Join("; ", FoldUp.Of(draft).Problems));
        DraftProperties.Hold(draft, "ready sheet");
    }

    [Fact]
    public void The_printed_face_is_as_long_as_its_hems_ask_and_the_sheet_as_its_own_leave()
    {
        // L 81, e 3/8, r 1/2, H 2 1/2 (buttons).
        Assert.Equal("84⅞", LengthOf(Drafted(Duvet("64"), Sheet(66, 110)), "print")); // L + e + 2r + H
        // cut across at the closed end and hemmed there: L + e + 2r
        Assert.Equal("82⅜", LengthOf(Drafted(Duvet("64"), Sheet(66, 110)), "sheet"));
        // the hem at the opening; 2r at the closed end
        Assert.Equal("82⅜", LengthOf(Drafted(Duvet("64"), Sheet(66, 110, end: Raw)), "sheet"));
        Assert.Equal("84⅞", LengthOf(Drafted(Duvet("64"), Sheet(66, 110, start: Raw, end: Raw)), "sheet")); // H at the opening as well
    }

    [Fact]
    public void A_sheet_longer_than_the_duvet_needs_is_cut_at_one_end_and_gets_a_roll_hem_there()
    {
        var sheet = Sheet(66, 96);
        var input = On(Duvet("64", "80"), sheet);
        var draft = Thing.Drafted(input);
        Assert.Equal("81⅜", LengthOf(draft, "sheet")); // L + e + 2r = 80 + ⅜ + 1, not a raw 80⅜
        var hem = Assert.Single(SewingPlanner.Of(draft, Drafter.Draft(input).Reading.Specification!).Order, operation =>
            operation.Kind == OperationKind.Hem
            && operation.Edges.Any(side => side is { Piece: "face-2" or "face-back", Edge.Side: EdgeSide.Closed })
        );
        Assert.Contains("roll", hem.Text, StringComparison.OrdinalIgnoreCase);
    }

    [Theory]
    [InlineData("81 3/8", "81⅜", "⅜")] // just as long as it is needed: L + e
    [InlineData("82", "82", "1")] // too little more to cut and to hem: sewn farther inside
    [InlineData("82 3/8", "82⅜", "1⅜")] // all of what a roll hem would take, and nothing to cut
    [InlineData("82 1/2", "82⅜", "1⅜")] // a roll hem, and an eighth to cut off
    public void A_sheet_that_is_hardly_longer_stays_whole(string length, string cut, string atClosed)
    {
        var sheet = Sheet(66, 96) with { ReadyLength = LengthReader.Read(length, LengthUnit.Inch).Length };
        var draft = Drafted(Duvet("64"), sheet);
        var back = draft.Pieces.Single(piece => piece.ClothKey == "sheet");
        Assert.Equal(cut, draft.Format.Rounded(back.CutLength.Value));
        var closed = back.StitchLine.Names.Where(edge => edge.Side == EdgeSide.Closed).ToList();
        Assert.NotEmpty(closed);
        Assert.All(closed, edge => Assert.Equal(atClosed, draft.Format.Rounded(back.Allowances[edge])));
        Assert.Equal(length != "82 1/2", back.Kept!.IsWhole);
        var yardage = new ClothBuyer([new("d", On(Duvet("64"), sheet))], LengthUnit.Inch, new Dictionary<Rule, Length>()).Buy(sheet, 5);
        Assert.Equal(1, yardage.ReadyMade);
    }

    [Fact]
    public void A_duvet_wider_than_the_sheet_gives_is_told_with_the_difference()
    {
        var check = Assert.Single(Drafted(Duvet("66"), Sheet(66, 110)).Checks, check => check.Code == "sheet-too-narrow");
        Assert.Equal(CheckLevel.Warning, check.Level);
        Assert.Contains("¾ in narrower", check.Text, StringComparison.Ordinal);
        Assert.DoesNotContain(Drafted(Duvet("65 1/4"), Sheet(66, 110)).Checks, check => check.Code == "sheet-too-narrow");
    }

    [Fact]
    public void A_sheet_too_short_for_its_face_stands_in_the_way()
    {
        var outcome = Drafter.Draft(On(Duvet("64"), Sheet(66, 81)));
        var check = Assert.Single(outcome.Checks, check => check.Level == CheckLevel.Error);
        Assert.Equal(("sheet-too-short", "roles.face-back"), (check.Code, check.Measure));
        Assert.NotNull(Drafter.Draft(On(Duvet("64"), Sheet(66, 82))).Draft);
    }

    [Fact]
    public void Without_a_sheet_it_is_drafted_for_the_one_it_wants()
    {
        var draft = Thing.Drafted(Duvet("64") with { UsableWidth = Entry.Typed("40") });
        Assert.Contains(draft.Checks, check => check.Code == "sheet-not-said" && check.Text.Contains("64¾", StringComparison.Ordinal));
        Assert.Equal("64", draft.Format.Rounded(draft.Finished.Single(size => size.Key == "W").Value.Value));
    }

    [Fact]
    public void Its_lay_keeps_the_hems_on_the_sheets_hems_one_face_a_sheet()
    {
        foreach (
            var (start, end, turn) in new[]
            {
                (Hem with { Depth = Length.FromInches(4) }, Hem, 180),
                (Hem, Hem with { Depth = Length.FromInches(4) }, 0),
            }
        )
        {
            var sheet = Sheet(66, 110, start, end);
            var buyer = new ClothBuyer(
                [new("d", On(Duvet("64") with { Count = 2 }, sheet))],
                LengthUnit.Inch,
                new Dictionary<Rule, Length>()
            );
            var yardage = buyer.Buy(sheet, 5);
            Assert.Equal(2, yardage.ReadyMade);
            Assert.Equal(Length.FromInches(220), yardage.Buy!.Value);
            foreach (var (place, i) in yardage.Lay!.Placements.OrderBy(place => place.Y).Select((place, i) => (place, i)))
            {
                Assert.Equal((turn, Length.Zero), (place.Turn, place.X));
                var opening = turn == 180 ? place.Y.Inches : place.Y.Inches + 82.375;
                Assert.Equal((110 * i) + (turn == 180 ? 0 : 110), opening, 1e-3);
            }
        }
    }

    [Fact]
    public void Hems_that_are_cut_off_leave_a_smaller_cloth()
    {
        var cut = Sheet(66, 110) with
        {
            Edges = new(Hem with { IsKept = false }, Hem with { IsKept = false }, Hem with { IsKept = false }, Raw),
        };
        Assert.Equal(Length.FromInches(64), cut.UsableWidth);
        Assert.Equal(Length.FromInches(109), cut.UsableLength);

        // Nothing runs over from one sheet to the next.
        var plain = Duvet("60") with { Options = new Dictionary<string, string>(), Count = 3 };
        var yardage = new ClothBuyer([new("d", On(plain, cut))], LengthUnit.Inch, new Dictionary<Rule, Length>()).Buy(cut, 5);
        Assert.Equal(3, yardage.ReadyMade);
        Assert.All(yardage.Lay!.Placements, place => Assert.True((place.Y.Inches % 109) + 84 <= 109 + 1e-6, $"{place.Y}"));
    }

    private static CoverInput Duvet(string width, string length = "81") =>
        Thing.Inches(
            "duvet",
            $"width={width.Replace(' ', '_')} length={length}",
            "o.back=ready-sheet o.closure=buttons o.join=middle-and-sides"
        );

    private static ClothSpecification Sheet(int width, int length, ClothEdge? start = null, ClothEdge? end = null) =>
        new(Length.FromInches(width), Length.Zero, false, Length.Zero)
        {
            Key = "sheet",
            ReadyLength = Length.FromInches(length),
            Edges = new(Hem, Hem, start ?? Hem with { Depth = Length.FromInches(4) }, end ?? Hem),
        };

    private static CoverInput On(CoverInput input, ClothSpecification sheet) =>
        input with
        {
            UsableWidth = null,
            Cloths = new[] { Print, sheet }.ToDictionary(cloth => cloth.Key!, cloth => cloth.ForDraft),
            OwnCloth = "print",
            Roles = new Dictionary<string, IReadOnlyList<string>> { ["face-back"] = ["sheet"] },
        };

    private static Draft Drafted(CoverInput input, ClothSpecification sheet) => Thing.Drafted(On(input, sheet));

    private static string LengthOf(Draft draft, string cloth) =>
        draft.Format.Rounded(draft.Pieces.First(piece => piece.ClothKey == cloth).CutLength.Value);
}
