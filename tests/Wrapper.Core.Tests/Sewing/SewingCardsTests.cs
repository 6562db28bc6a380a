using Wrapper.Core.Catalogue;
using Wrapper.Core.Drafting;
using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Sewing;
using Wrapper.Core.Sewing.Cards;
using Wrapper.Core.Sewing.Operations;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests.Sewing;

/// <summary>What is shown at the machine: nothing of an order is missing, and what is lit is what is sewn.</summary>
public sealed class SewingCardsTests
{
    private static readonly CoverInput Bolster = Thing.Inches("bolster", "diameter=6.5 length=24", "construction=band-ends o.piping=both");

    /// <summary>The forms by id.</summary>
    public static TheoryData<string> Forms => [.. Covers.Cells.Select(cell => cell.Form.Id).Distinct()];

    [Theory]
    [MemberData(nameof(Forms))]
    public void Every_operation_of_a_random_cover_is_on_one_card_with_its_edges_lit(string form)
    {
        var (cards, edges) = (0, 0);
        DraftedCovers.Each(form, 3, (draft, specification, plan, told) =>
        {
            var all = SewingCards.Of(plan, draft, specification);
            Assert.True(
                plan.Order.Select(operation => operation.Id)
                    .Order()
                    .SequenceEqual(all.SelectMany(card => card.Operations).Select(operation => operation.Id).Order()),
                told
            );
            Assert.Equal(all.Count, all.Select(card => card.Id).Distinct().Count());
            var pieces = draft.Pieces.ToDictionary(piece => piece.Key);
            foreach (var card in all.Where(card => card.Own.IsSewing))
            {
                Assert.True(IsLit(card, draft, plan, pieces), $"{card.Id} of {told}");
                Interlocked.Add(ref edges, card.Lit.Count);
            }

            foreach (var (before, after) in all.Zip(all.Skip(1)))
            {
                Assert.True(before.SoFar.All(after.SoFar.Contains), told);
            }

            Interlocked.Add(ref cards, all.Count);
        });

        Console.WriteLine($"  {form}: {cards} cards, {edges} lit edges");
        Assert.True(cards > 0, form);
    }

    /// <summary>
    /// Each edge of its seams is lit once, as long as it is stitched, and on one piece each leading edge begins where the one before it
    /// ends.
    /// </summary>
    private static bool IsLit(SewingCard card, Draft draft, SewingPlan plan, Dictionary<string, Piece> pieces)
    {
        var sides = card.Own.Seams.SelectMany(id => plan.Seams.First(seam => seam.Id == id).Edges).ToList();
        var lit = card.Lit.Select(edge => new SeamSide(edge.Copy.Piece, edge.Edge, edge.Copy.Copy)).ToList();
        if (!sides.OrderBy(side => side.ToString()).SequenceEqual(lit.OrderBy(side => side.ToString())))
        {
            return false;
        }

        var isLong = card.Lit.All(edge =>
            pieces[edge.Copy.Piece].StretchedTo != (1, 1)
            || Math.Abs(LengthOf(edge.Along) - (PartOf(edge) * pieces[edge.Copy.Piece].LengthOf(edge.Edge).Millimetres)) < 0.5
        );
        var leading = card.Lit.Where(edge => edge.Leads).ToList();
        return isLong
            && leading
                .Zip(leading.Skip(1))
                .All(pair =>
                    pair.First.Copy != pair.Second.Copy
                    || draft.Seams.Count(seam => seam.Edges.Any(side => side.Piece == pair.First.Copy.Piece)) > 200
                    || pair.First.Along[^1] == pair.Second.Along[0]
                    || !Touches(pair.First, pair.Second)
                );

        // Of a seam that the try-on parts only what is sewn now is lit.
        double PartOf(LitEdge edge)
        {
            var id = card.Own.Seams.First(id =>
                plan.Seams.First(seam => seam.Id == id).Edges.Contains(new(edge.Copy.Piece, edge.Edge, edge.Copy.Copy))
            );
            return plan.Seams.Any(seam => seam.Id == $"{id}-rest") || id.EndsWith("-rest", StringComparison.Ordinal) ? 0.5 : 1;
        }
    }

    [Fact]
    public void Of_a_corner_that_waits_each_card_lights_its_own_half()
    {
        var cards = Cards(Thing.Inches("ottoman", "width=28 depth=20 height=15 return=2.5", "construction=tub-walls o.edge=hook-and-loop"));
        var (half, rest) = (
            cards.Single(card => card.Own.Seams is ["corner-back"]),
            cards.Single(card => card.Own.Seams is ["corner-back-rest"])
        );
        foreach (var (upper, lower) in half.Lit.Zip(rest.Lit))
        {
            Assert.Equal(upper.Copy, lower.Copy);
            Assert.Equal(LengthOf(upper.Along), LengthOf(lower.Along), 3);
            Assert.True(upper.Along.Min(point => point.Y) >= lower.Along.Max(point => point.Y)); // the drop hangs down
            Assert.Single(new[] { upper.Along[0], upper.Along[^1] }.Intersect([lower.Along[0], lower.Along[^1]]));
        }

        Assert.Equal(rest.Lit[0].Along[0], half.Lit[0].Along.MinBy(point => point.Y)); // it is closed from where it was left
    }

    /// <summary>Two edges of one piece have an end in common.</summary>
    private static bool Touches(LitEdge one, LitEdge other) =>
        new[] { one.Along[0], one.Along[^1] }.Intersect([other.Along[0], other.Along[^1]]).Any();

    private static double LengthOf(IReadOnlyList<Point> along) =>
        along.Zip(along.Skip(1), (from, to) => from.DistanceTo(to).Millimetres).Sum();

    [Fact]
    public void A_bolster_is_sewn_by_its_cards_alone()
    {
        var cards = Cards(Bolster);
        Assert.Equal(
            [
                "mark",
                "make-piping",
                "apply-piping-left-back",
                "apply-piping-right-back",
                "zip-zip",
                "seam-closed-left",
                "seam-closed-right",
                "seam-left-back",
                "seam-right-back",
                "turn",
                "try-on",
            ],
            cards.Select(card => card.Id)
        );
        var end = cards[7];
        Assert.Equal(("½", "in", "from the edge"), (end.Figure!.Shown, end.Figure.Unit, end.Figure.Of));
        Assert.Contains(end.Hints, hint => hint.StartsWith("Snip the allowance of the band first", StringComparison.Ordinal));
        Assert.Contains("notch to notch", end.Text, StringComparison.Ordinal);
        Assert.Equal(["end", "band"], end.Pieces.Select(piece => piece.Copy.Piece));
        Assert.Equal([false, true], end.Pieces.Select(piece => piece.IsOver));
        Assert.True(end.Own.IsRing);
        Assert.Contains(cards[2].Hints, hint => hint.Contains("baste that join before you sew across it", StringComparison.Ordinal));
        Assert.Equal("Press it open before another seam crosses it.", cards[5].Operations[^1].Text);
        Assert.EndsWith(cards[5].Operations[^1].Text, cards[5].Text, StringComparison.Ordinal);
        Assert.Contains(cards[9].Hints, hint => hint.Contains("clip straight across", StringComparison.Ordinal));
        Assert.Equal([StopSign.OpenZip], cards[8].Own.Stops);
        Assert.Empty(cards[3].SoFar);
        Assert.Equal(3, cards[8].SoFar.Count);
    }

    [Fact]
    public void A_seam_that_nothing_passes_at_its_ends_stops_at_the_stitch_corners()
    {
        var walls = Thing.Inches("table", "shape=rectangle width=46 depth=30 drop=6.5", "construction=tub-walls");
        var oneByOne = Cards(walls, Schools.Usual with { Walls = WallSchool.OneByOne, Finish = FinishSchool.None });
        Assert.Contains(
            "Begin and stop where the stitch lines meet, not at the raw edge.",
            oneByOne.First(card => card.Id == "seam-top-right").Hints
        );
        var ring = Cards(walls, Schools.Usual with { Finish = FinishSchool.None });
        var corner = ring.First(card => card.Id == "seam-corner-front").Hints;
        Assert.DoesNotContain(corner, hint => hint.Contains("stitch lines meet, not", StringComparison.Ordinal));
    }

    [Fact]
    public void A_cloth_that_slides_is_basted_and_asks_for_its_foot_and_needle()
    {
        var cushion = Thing.Inches("box-cushion", "width=20 depth=18 thickness=4", "construction=boxing-strip") with
        {
            Cloths = new Dictionary<string, DraftCloth>
            {
                ["silk"] = new(Length.FromInches(54), OneWay: false) { Traits = [ClothTrait.Slips, ClothTrait.ShowsThrough] },
            },
            Roles = new Dictionary<string, IReadOnlyList<string>>
            {
                ["top"] = ["silk"],
                ["bottom"] = ["silk"],
                ["boxing"] = ["silk"],
                ["zip-boxing"] = ["silk"],
            },
        };
        var cards = Cards(cushion);
        var seam = cards.First(card => card.Id == "seam-top-back");
        Assert.Equal(["fine needle", "walking foot"], seam.Own.Needs);
        Assert.Contains("Baste it first: this cloth slides on itself.", seam.Hints);
        Assert.Equal(["zip foot", "fine needle"], cards.First(card => card.Own.Kind == OperationKind.Zip).Own.Needs);
        Assert.DoesNotContain("Baste it first: this cloth slides on itself.", cards.First(card => card.Id == "seam-end-1-upper").Hints);
        Assert.All(cards.Where(card => card.Own.Kind is OperationKind.Turn or OperationKind.TryOn or OperationKind.Fill), card =>
            Assert.Empty(card.Own.Needs)
        );
    }

    [Fact]
    public void A_zip_is_stitched_from_its_folds_and_a_seam_from_the_edge()
    {
        var cards = Cards(Thing.Inches("box-cushion", "width=20 depth=18 thickness=4", "construction=boxing-strip"));
        Assert.Equal("¼", cards.First(card => card.Own.Kind == OperationKind.Zip).Figure!.Shown);
        Assert.All(cards.Where(card => card.Own.Kind == OperationKind.Seam), card => Assert.Equal("½", card.Figure!.Shown));
    }

    /// <summary>The cards of a cover, by its own schools or these.</summary>
    internal static IReadOnlyList<SewingCard> Cards(CoverInput input, Schools? schools = null)
    {
        var outcome = Drafter.Draft(input);
        var specification = outcome.Reading.Specification! with { Schools = schools ?? outcome.Reading.Specification!.Schools };
        return SewingCards.Of(SewingPlanner.Of(outcome.Draft!, specification), outcome.Draft!, specification);
    }
}
