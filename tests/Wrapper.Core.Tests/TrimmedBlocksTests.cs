using Wrapper.Core.Checks;
using Wrapper.Core.Drafting;
using Wrapper.Core.Geometry;
using Wrapper.Core.Reading;
using Wrapper.Core.Sewing;
using Wrapper.Core.Sewing.Cards;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests;

/// <summary>Blocks as they were trimmed on the thing: pattern of their pair, and measured where they meet.</summary>
public sealed class TrimmedBlocksTests
{
    private static readonly CoverInput Chair = Thing.Inches("slipcover", "", "construction=blocks") with
    {
        Zones =
        [
            new()
            {
                Name = "Inside back",
                Width = Entry.Typed("24"),
                Height = Entry.Typed("27"),
            },
            new()
            {
                Name = "Arm",
                Width = Entry.Typed("20"),
                Height = Entry.Typed("12"),
                Count = 2,
                Pair = true,
            },
        ],
    };

    private static readonly TrimmedInput[] Back = Points("block-1", "bottom 0 0", "right 26 0", "top 24 29", "- 13 30", "left 2 29");
    private static readonly TrimmedInput[] Arm = Points("block-2-left", "bottom 0 0", "right 21 0", "top 21 13", "left 3 13");

    [Fact]
    public void A_trimmed_block_is_cut_as_it_was_trimmed_and_sewn_a_seam_within()
    {
        var draft = Thing.Drafted(Chair with { Trimmed = Back });
        var back = draft.Pieces.Single(piece => piece.Key == "block-1");
        Assert.Equal((Length.FromInches(26), Length.FromInches(30)), (back.CutWidth.Value, back.CutLength.Value));
        Assert.Equal(6, back.CutLine.Edges.Length + 1);
        Assert.All(back.Allowances.Values, allowance => Assert.Equal(Length.FromInches(0, 1, 2), allowance));
        // The lower edge is half an inch in from both its leaning neighbours: 26 less what they take at that height.
        var lean = Math.Sqrt((29 * 29) + (2 * 2)) / 29;
        Assert.Equal(26 - (2 * 0.5 * (lean + (2.0 / 29))), back.LengthOf(EdgeName.Front).Inches, 4);
        Assert.Equal(2, back.StitchLine.PartsOf("back").Count);
    }

    [Fact]
    public void Of_a_pair_the_other_is_the_same_turned_over()
    {
        var draft = Thing.Drafted(Chair with { Trimmed = Arm });
        var (left, right) = (
            draft.Pieces.Single(piece => piece.Key == "block-2-left"),
            draft.Pieces.Single(piece => piece.Key == "block-2-right")
        );
        Assert.Equal(left.CutWidth.Value, right.CutWidth.Value);
        Assert.Equal(left.LengthOf(EdgeName.Left), right.LengthOf(EdgeName.Right));
        Assert.Equal(left.LengthOf(EdgeName.Right), right.LengthOf(EdgeName.Left));
        Assert.True(left.LengthOf(EdgeName.Left) > left.LengthOf(EdgeName.Right), "its left side leans");
        Assert.Equal(left.StitchLine.Area, right.StitchLine.Area, 1);
        Assert.True(right.StitchLine.Area > 0, "it runs counter-clockwise");
    }

    [Fact]
    public void Seams_between_trimmed_blocks_are_measured_and_what_is_longer_is_told()
    {
        var joined = Chair with
        {
            Trimmed = [.. Back, .. Arm],
            BlockSeams = [new("block-1", "left", "block-2-left", "bottom"), new("block-1", "right", "block-2-right", "bottom")],
        };
        var outcome = Proved.Draft(joined);
        var draft = outcome.Draft!;
        Assert.Equal(2, draft.Ledger.Count(entry => entry.Seam.Id.StartsWith("joined-", StringComparison.Ordinal)));
        Assert.All(draft.Ledger, entry => Assert.True(entry.Meets, entry.Seam.Id));
        var told = outcome.Checks.Where(check => check.Code == "block-seam-differs").ToList();
        Assert.Equal(2, told.Count);
        Assert.All(told, check => Assert.Equal(CheckLevel.Note, check.Level));
        Assert.Contains("left edge of the inside back is", told[0].Text, StringComparison.Ordinal);
        var waits = Proved.Draft(joined with { Trimmed = Back });
        Assert.Equal(2, waits.Checks.Count(check => check.Code == "block-seam-waits"));
        Assert.Empty(waits.Draft!.Ledger);
    }

    [Fact]
    public void Seams_that_are_measured_have_cards_of_their_own_after_trimming_and_before_the_rest()
    {
        var outcome = Drafter.Draft(
            Chair with
            {
                Trimmed = [.. Back, .. Arm],
                BlockSeams = [new("block-1", "left", "block-2-left", "bottom")],
            }
        );
        var order = SewingPlanner.Of(outcome.Draft!, outcome.Reading.Specification!).Order.Select(operation => operation.Id).ToList();
        Assert.True(order.IndexOf("trim-blocks") < order.IndexOf("seam-joined-1"));
        Assert.True(order.IndexOf("seam-joined-1") < order.IndexOf("seam-blocks"));
        Assert.True(order.IndexOf("seam-blocks") < order.IndexOf("try-on-cover"));
        var cards = SewingCards.Of(
            SewingPlanner.Of(outcome.Draft!, outcome.Reading.Specification!),
            outcome.Draft!,
            outcome.Reading.Specification!
        );
        Assert.Equal("½", cards.Single(card => card.Id == "seam-joined-1").Figure!.Shown);
    }

    [Theory]
    [InlineData("say which edge begins", "- 0 0", "right 26 0", "top 24 29")]
    [InlineData("is no edge of a part", "front 0 0", "right 26 0", "top 24 29")]
    [InlineData("go round it the other way", "bottom 0 0", "right 2 29", "top 24 29", "left 26 0")]
    [InlineData("each edge is said once", "bottom 0 0", "right 26 0", "bottom 24 29", "left 0 29")]
    [InlineData("three corners or more", "bottom 0 0", "right 26 0")]
    [InlineData("cross one another", "bottom 0 0", "right 26 0", "top 2 29", "left 30 20", "- 0 29")]
    [InlineData("block-1, point 2, across", "bottom 0 0", "right much 0", "top 24 29")]
    [InlineData("nothing is left of it", "bottom 0 0", "right 0.6 0", "top 0.6 29", "left 0 29")]
    public void A_block_that_cannot_be_read_says_why(string word, params string[] points)
    {
        var outcome = Drafter.Draft(Chair with { Trimmed = Points("block-1", points) });
        Assert.Null(outcome.Draft);
        Assert.Contains(outcome.Checks, check => check.Level == CheckLevel.Error && check.Text.Contains(word, StringComparison.Ordinal));
    }

    private static TrimmedInput[] Points(string block, params string[] points) =>
        [
            .. points
                .Select(point => point.Split(' '))
                .Select(part => new TrimmedInput(block, part[0] == "-" ? null : part[0], Entry.Typed(part[1]), Entry.Typed(part[2]))),
        ];
}
