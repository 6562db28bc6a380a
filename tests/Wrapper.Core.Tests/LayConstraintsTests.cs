using CsCheck;
using Wrapper.Core.Checks;
using Wrapper.Core.Lays;
using Xunit;
using static Wrapper.Core.Tests.LayJobs;

namespace Wrapper.Core.Tests;

/// <summary>Patterns, flaws, folds, the space for the shears: each with a lay whose figures are known.</summary>
public sealed class LayConstraintsTests
{
    [Fact]
    public void Straight_edges_meet_and_curves_keep_their_space()
    {
        var request = new LayRequest
        {
            UsableWidth = Millimetres(1000),
            CurveSpace = Millimetres(3),
            Pieces = [new("disc", 2, Disc(498, 96), [0]), Rectangle("box", 500, 200) with { Quantity = 2 }],
        };
        var lay = Planned(request);
        var discs = lay
            .Placements.Where(placement => placement.Piece == "disc")
            .Select(placement => (placement.X.Millimetres, placement.Y.Millimetres))
            .ToList();
        var between = Math.Sqrt(Math.Pow(discs[0].Item1 - discs[1].Item1, 2) + Math.Pow(discs[0].Item2 - discs[1].Item2, 2)) - 498;
        Assert.InRange(between, 2.9, 4.5);
        // side by side, no space
        Assert.Equal(0, lay.Placements.Where(placement => placement.Piece == "box").Sum(placement => placement.X.Millimetres) - 500, 0.001);
        Assert.InRange(lay.Length.Millimetres, 700.9, 701.1);
    }

    [Fact]
    public void A_half_drop_meets_half_a_repeat_further_along_in_the_next_repeat_across()
    {
        var request = new LayRequest
        {
            UsableWidth = Millimetres(1400),
            RepeatLength = Millimetres(640),
            RepeatWidth = Millimetres(700),
            HalfDrop = true,
            Pieces = [Rectangle("seat", 650, 500) with { Quantity = 4, Turns = [0], Match = new("", Millimetres(20)) }],
        };
        var lay = Planned(request);
        Assert.Equal(2, lay.Placements.Select(placement => placement.X).Distinct().Count());
        var columns = lay
            .Placements.GroupBy(placement => placement.X)
            .Select(column => column.Min(placement => placement.Y.Millimetres) % 640)
            .Order()
            .ToList();
        Assert.Equal(320, columns[1] - columns[0], 0.001);
        Assert.Equal(640 + 500 + 320, lay.Length.Millimetres, 0.001);

        var straight = Planned(request with { HalfDrop = false });
        Assert.Equal(640 + 500, straight.Length.Millimetres, 0.001);
    }

    [Fact]
    public void A_motif_stands_in_the_middle_of_every_piece_that_shows_one()
    {
        var request = new LayRequest
        {
            UsableWidth = Millimetres(1370),
            RepeatLength = Millimetres(300),
            RepeatWidth = Millimetres(450),
            MotifAcross = Millimetres(225),
            Pieces =
            [
                Rectangle("seat", 400, 400) with
                {
                    Quantity = 5,
                    Turns = [0],
                    Match = new("a", Millimetres(200)),
                },
                Rectangle("strip", 200, 90) with
                {
                    Quantity = 3,
                },
            ],
        };
        var lay = Planned(request);
        var middles = lay
            .Placements.Where(placement => placement.Piece == "seat")
            .Select(placement => (X: placement.X.Millimetres + 200, Y: placement.Y.Millimetres + 200))
            .ToList();
        Assert.All(middles, middle => Assert.Equal(225, middle.X % 450, 0.001));
        Assert.Single(middles.Select(middle => Math.Round(middle.Y % 300, 3)).Distinct());
        Assert.Equal(600 + 400, lay.Length.Millimetres, 0.001); // three and two, a repeat of 300 is too little for 400
    }

    [Fact]
    public void Nothing_lies_on_a_flaw_and_what_is_beside_it_is_used()
    {
        var plain = new LayRequest { UsableWidth = Millimetres(1000), Pieces = [Rectangle("plate", 500, 500) with { Quantity = 4 }] };
        var right = new Flaw(Millimetres(100), Millimetres(120), Millimetres(600), Millimetres(620));
        Assert.Equal(1000, Planned(plain).Length.Millimetres, 0.001);
        Assert.Equal(1120, Planned(plain with { Flaws = [right] }).Length.Millimetres, 0.001);
        // nothing fits below
        Assert.Equal(1120, Planned(plain with { Flaws = [right with { Left = null, Right = null }] }).Length.Millimetres, 0.001);
    }

    [Fact]
    public void Left_and_right_hands_lie_within_one_another_where_the_turns_allow_it()
    {
        LayPiece Hand(string id, double sign) => new(id, 2, [At(0, 0), At(sign * 400, 0), At(sign * 100, 300), At(0, 300)], [0, 180]);
        var request = new LayRequest { UsableWidth = Millimetres(1000), Pieces = [Hand("left", 1), Hand("right", -1)] };
        Assert.Equal(300, Planned(request, 2000).Length.Millimetres, 0.001); // each pair of a hand is a block of 500
        Assert.Equal(600, Planned(request with { OneWay = true, UsableWidth = Millimetres(800) }).Length.Millimetres, 0.001);
    }

    [Fact]
    public void On_the_fold_two_are_cut_at_once_and_the_odd_one_as_a_half()
    {
        var request = new LayRequest { UsableWidth = Millimetres(1400), Pieces = [Rectangle("plate", 600, 500) with { Quantity = 5 }] };
        var lay = Folded(request);
        Assert.Equal(3 * 500, lay.Length.Millimetres, 0.001);
        Assert.Equal(lay.Length, lay.FoldedTo);
        var odd = lay.Placements.Single(placement => placement.Copy == 5);
        Assert.Equal(400, odd.X.Millimetres, 0.001); // in the middle, across the fold
    }

    [Fact]
    public void On_the_fold_what_is_curved_alike_on_both_sides_counts_as_its_own_mirror_image()
    {
        var lay = Folded(
            new() { UsableWidth = Millimetres(1000), Pieces = [new("disc", 4, Disc(480, 90), [0, 180]), new("egg", 2, Egg(0), [0, 180])] }
        );
        Assert.Equal(lay.Length, lay.FoldedTo);
        var uneven = Folded(
            new() { UsableWidth = Millimetres(1000), Pieces = [new("disc", 4, Disc(480, 90), [0, 180]), new("egg", 2, Egg(0.1), [0, 180])] }
        );
        Assert.True(uneven.FoldedTo < uneven.Length); // a tenth of a millimetre to one side is not
        static Geometry.Point[] Egg(double off) => [At(0, 0), At(300, 0), At(280 + off, 150), At(150, 210), At(20, 150)];
    }

    [Fact]
    public void On_the_fold_hands_come_in_pairs_and_a_lone_hand_from_the_single_cloth()
    {
        LayPiece Hand(string id, double sign, int count) =>
            new(id, count, [At(0, 0), At(sign * 600, 0), At(sign * 400, 300), At(0, 300)], [0]);
        var lay = Folded(new() { UsableWidth = Millimetres(1400), Pieces = [Hand("left", 1, 2), Hand("right", -1, 3)] });
        Assert.Equal(600, lay.FoldedTo.Millimetres, 0.001);
        Assert.Equal(900, lay.Length.Millimetres, 0.001);
    }

    [Fact]
    public void Any_lay_on_the_fold_is_valid_unfolded_and_another_look_never_makes_it_longer() =>
        Jobs.ForMany(
            request =>
            {
                if (LayPlanner.Refuse(request).HasError())
                {
                    return;
                }

                var lay = Folded(request, 10);
                Assert.True(lay.Bound <= lay.Length, $"bound {lay.Bound} over length {lay.Length}");
                Assert.True(request.Flaws.Count > 0 || lay.Length <= lay.RuleOfThumb, $"{lay.Length} over {lay.RuleOfThumb}");
                Assert.True(Folded(request with { Known = lay.Placements }, 1).Length <= lay.Length);
            },
            iter: 150
        );

    [Fact]
    public void A_known_lay_is_kept_while_it_holds_and_counts_for_nothing_when_anything_has_changed() =>
        Jobs.ForMany(
            request =>
            {
                if (LayPlanner.Plan(request, 60).Lay is not { } found)
                {
                    return;
                }

                var again = Planned(request with { Known = found.Placements }, 1);
                Assert.True(again.Length <= found.Length);
                var wider = request.Pieces.Select(piece =>
                    piece with
                    {
                        Corners = [.. piece.Corners.Select(corner => corner with { Y = corner.Y.Times(1.25m) })],
                    }
                );
                var changed = request with { Pieces = [.. wider], Known = found.Placements };
                if (LayPlanner.Refuse(changed).Count == 0)
                {
                    Planned(changed, 1);
                }

                Planned(request with { Known = [.. found.Placements, found.Placements[0]] }, 1);
                Planned(request with { Known = [.. found.Placements.Skip(1)] }, 1);
            },
            iter: 100
        );

    private static Lay Planned(LayRequest request, int steps = 60)
    {
        var outcome = LayPlanner.Plan(request, steps);
        Assert.Empty(outcome.Checks);
        LayVerifier.Verify(request, outcome.Lay!);
        return outcome.Lay!;
    }

    private static Lay Folded(LayRequest request, int steps = 60)
    {
        var outcome = LayPlanner.PlanOnFold(request, steps);
        Assert.Empty(outcome.Checks);
        var lay = outcome.Lay!;
        LayVerifier.Verify(request, lay);
        return lay;
    }
}
