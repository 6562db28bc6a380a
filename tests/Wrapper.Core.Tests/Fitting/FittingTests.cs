using Wrapper.Core.Drafting;
using Wrapper.Core.Fitting;
using Wrapper.Core.Reading;
using Wrapper.Core.Sewing;
using Wrapper.Core.Sewing.Operations;
using Xunit;

namespace Wrapper.Core.Tests.Fitting;

/// <summary>Findings worked out by hand: where a seam lies then, what is unpicked, what is cut again.</summary>
public sealed class FittingTests
{
    private static readonly CoverInput Cushion = Thing.Inches(
        "box-cushion",
        "width=20 depth=18 thickness=3",
        "construction=boxing-strip o.piping=both"
    );

    [Fact]
    public void A_side_taken_in_is_taken_in_on_both_plates_and_at_the_end_of_the_ring_while_nothing_is_sewn()
    {
        var answer = Answer(Cushion, "right", "-3/8", done: _ => false);
        Assert.Empty(answer.Again);
        Assert.All(answer.Seams, seam => Assert.Equal(SeamMend.Sew, seam.Mend));
        Assert.Equal(
            ["bottom-right-1", "bottom-right-2", "end-2-lower", "end-2-upper", "top-right-1", "top-right-2"],
            answer.Seams.Select(seam => seam.Seam.Id).Order()
        );
        Assert.Equal(
            ["plate ⅞, boxing ½", "boxing ⅞, zip-boxing ⅞"],
            ((string[])["top-right-1", "end-2-upper"]).Select(id => Said(answer, id))
        );
    }

    [Fact]
    public void A_ring_that_is_closed_is_opened_and_what_crosses_its_ends_first()
    {
        var answer = Answer(Cushion, "right", "-3/8", done: _ => true);
        var ring = answer.Seams.Single(seam => seam.Seam.Id == "end-2-upper");
        Assert.Equal(SeamMend.Unpick, ring.Mend);
        Assert.Equal(["seam-top-back"], ring.OpenFirst);
        Assert.Equal(
            ["bottom-right-1", "bottom-right-2", "end-2-lower", "end-2-upper", "top-right-1", "top-right-2"],
            answer.Seams.Where(seam => seam.Mend == SeamMend.Unpick).Select(seam => seam.Seam.Id).Order()
        );
        // The front and the back keep their line; they end ⅜ in earlier on both layers.
        var front = answer.Seams.Single(seam => seam.Seam.Id == "top-front");
        Assert.Equal(SeamMend.OpenEnd, front.Mend);
        Assert.Equal(9.525, front.Ends.Start + front.Ends.End, 3);
        // The piping lies on the plates where they are taken in, and the zip ends earlier.
        Assert.Equal(
            ["apply-piping-bottom-back", "apply-piping-top-back", "seam-bottom-back", "seam-end-2-lower", "seam-top-back", "zip-zip"],
            answer.Reopened.Select(reopened => reopened.Operation).Order()
        );
    }

    [Fact]
    public void A_lower_cushion_takes_nothing_from_its_plates()
    {
        var answer = Answer(Cushion, "top", "-3/8", done: _ => false);
        Assert.Equal("plate ½, boxing ⅞", Said(answer, "top-front"));
        Assert.DoesNotContain(answer.Seams, seam => seam.Seam.Id.StartsWith("bottom-", StringComparison.Ordinal));
    }

    [Fact]
    public void What_is_let_out_beyond_its_allowance_is_cut_again_and_a_strip_shares_the_rest_out()
    {
        var answer = Answer(Cushion, "right", "3/8", done: _ => false);
        Assert.Equal([new("plate", 1), new("plate", 2)], answer.Again.OrderBy(copy => copy.Copy));
        Assert.Equal(3.175, answer.Lacking, 3); // ½ less ⅜ is ⅛ short of ¼
        Assert.Equal("boxing 5⁄16, zip-boxing 5⁄16", Said(answer, "end-2-upper"));
        Assert.Empty(Answer(Cushion, "right", "1/4", done: _ => false).Again);
    }

    [Fact]
    public void A_wrap_is_opened_at_its_corners_before_its_side_is_unpicked()
    {
        var answer = Answer(
            Thing.Inches("box-cushion", "width=20 depth=18 thickness=3", "construction=wrap-folded"),
            "right",
            "-3/8",
            done: _ => true
        );
        var unpicked = answer.Seams.Where(seam => seam.Mend == SeamMend.Unpick).Select(seam => seam.Seam.Id).ToList();
        Assert.All(unpicked.Take(4), id => Assert.StartsWith("corner-", id, StringComparison.Ordinal)); // the last sewn first
        Assert.Contains("right-side", unpicked);
        Assert.All(unpicked, id => Assert.Contains("right", id, StringComparison.Ordinal));
    }

    [Fact]
    public void Both_layers_of_a_reversible_back_are_taken_in_at_the_upper_edge_and_not_at_the_lower()
    {
        var answer = Answer(
            Thing.Inches("chair-back", "shape=square width=18.5 thickness=2.25 height=21", "construction=bag o.layers=reversible"),
            "back",
            "-1/2",
            done: _ => false
        );
        Assert.Equal(["face 1, face 1", "face 1, face 1"], ((string[])["upper", "upper-inside"]).Select(id => Said(answer, id)));
        Assert.DoesNotContain(answer.Seams, seam => seam.Seam.Id.StartsWith("rim", StringComparison.Ordinal));
    }

    [Fact]
    public void A_wall_gives_at_its_end_and_the_wall_round_the_corner_gives_nothing()
    {
        var answer = Answer(Thing.Inches("ottoman", "width=28 depth=20 height=15", "construction=tub-walls"), "right", "-3/8", done: _ =>
            false
        );
        Assert.Equal(
            ["wall-1 ⅞, wall-2 ½", "wall-2 ½, wall-1 ⅞", "top ⅞, wall-2 ½"],
            ((string[])["corner-front", "corner-right", "top-right"]).Select(id => Said(answer, id))
        );
    }

    [Fact]
    public void A_bolster_gives_the_same_round_its_ends_and_shares_the_rest_out_beside_the_zip()
    {
        var answer = Answer(
            Thing.Inches("bolster", "diameter=6.5 length=24", "construction=band-ends o.piping=both"),
            "all",
            "-1/8",
            done: _ => false
        );
        Assert.Equal("end ⅝, band ⅝", Said(answer, "left-front"));
        var zip = answer.Seams.Single(seam => seam.Seam.Id == "zip");
        // ¼ in less across is π times as much round
        Assert.Equal(25.4 * Math.PI / 4, zip.Sides.Sum(side => side.From) - (2 * 0.75 * 25.4), 1);
        Assert.Equal(zip.Sides[0].From, zip.Sides[1].From, 0);
    }

    [Fact]
    public void The_slanted_side_of_a_tapered_cushion_runs_from_one_distance_to_another_when_its_front_is_taken_in()
    {
        // The front keeps its 500 and lies 9 further back: the end of the side there comes out by 9 × 50 ÷ √(50² + 450²), and where
        // the zip ends, 75 of 443.8 from the back, by that share of it.
        var answer = Answer(
            Thing.Millimetres(
                "box-cushion",
                "frontWidth=500 backWidth=400 depth=450 thickness=80",
                "shape=trapezoid construction=boxing-strip r.seam=15 r.zipTurn=75"
            ),
            "front",
            "-9",
            done: _ => false
        );
        var atFront = 9 * 50 / Math.Sqrt((50 * 50) + (450 * 450));
        var atZip = atFront * 75 / Math.Sqrt((50 * 50) + (441 * 441));
        foreach (var (seam, from, to) in new[] { ("top-left-2", atZip, atFront), ("top-right-1", atFront, atZip) })
        {
            var plate = answer.Seams.Single(known => known.Seam.Id == seam).Sides[0];
            Assert.Equal((15 - from, 15 - to), (plate.From, plate.To), (one, other) => IsNear(one, other));
        }

        static bool IsNear((double From, double To) one, (double From, double To) other) =>
            Math.Abs(one.From - other.From) < 1e-3 && Math.Abs(one.To - other.To) < 1e-3;
    }

    /// <summary>What a finding makes of a cover all of which is cut.</summary>
    internal static FittingAnswer Answer(CoverInput input, string side, string by, Func<Operation, bool> done)
    {
        var outcome = Drafter.Draft(input);
        var (draft, specification) = (outcome.Draft!, outcome.Reading.Specification!);
        var after = Drafter.Draft(input with { Corrections = [new(side, Entry.Typed(by))] });
        var cut = draft
            .Pieces.SelectMany(piece => PieceCopy.AllOf(piece).Select(copy => (copy, piece)))
            .ToDictionary(at => at.copy, at => new CutCopy(at.piece, default));
        return FittingPlanner.Of(
            new(draft, cut),
            specification,
            after.Draft!,
            after.Reading.Specification!.Corrections,
            [.. SewingPlanner.Of(draft, specification).Order.Where(done).Select(operation => operation.Id)]
        )!;
    }

    private static string Said(FittingAnswer answer, string seam) =>
        string.Join(
            ", ",
            answer
                .Seams.Single(known => known.Seam.Id == seam)
                .Sides.Select(side =>
                    $"{side.Side.Piece} {Units.LengthFormat.Inches.Rounded(Units.Length.FromMillimetres((decimal)side.From))}"
                )
        );
}
