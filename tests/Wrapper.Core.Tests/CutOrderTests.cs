using CsCheck;
using Wrapper.Core.Buying;
using Wrapper.Core.Lays;
using Wrapper.Core.Units;
using Xunit;
using static Wrapper.Core.Tests.LayJobs;

namespace Wrapper.Core.Tests;

public sealed class CutOrderTests
{
    private const double Touching = 0.02;

    [Fact]
    public void Like_lies_with_like_and_is_cut_right_across_where_that_costs_nothing()
    {
        // Six seats in twos and eight strips in fours, said in a muddle: 3 × 500 + 2 × 90.
        var request = new LayRequest
        {
            UsableWidth = Millimetres(1300),
            Pieces =
            [
                Rectangle("seat a", 640, 500) with
                {
                    Quantity = 2,
                },
                Rectangle("strip a", 320, 90) with
                {
                    Quantity = 4,
                },
                Rectangle("seat b", 640, 500) with
                {
                    Quantity = 2,
                },
                Rectangle("strip b", 320, 90) with
                {
                    Quantity = 4,
                },
                Rectangle("seat c", 640, 500) with
                {
                    Quantity = 2,
                },
            ],
        };
        var lay = LayPlanner.Plan(request, 200).Lay!;
        LayVerifier.Verify(request, lay);
        Assert.Equal(1680, lay.Length.Millimetres, 0.001);
        var stretches = CutOrder.Of(lay, request.Pieces);
        Assert.Equal(5, stretches.Count);
        Assert.All(stretches, stretch => Assert.True(stretch.Straight));
        Assert.All(stretches, stretch => Assert.Single(stretch.Pieces.Select(placement => placement.Piece[..4]).Distinct()));
    }

    [Fact]
    public void A_pinwheel_does_not_come_apart_by_straight_cuts()
    {
        var request = new LayRequest
        {
            UsableWidth = Millimetres(300),
            Pieces =
            [
                Rectangle("a", 200, 100),
                Rectangle("b", 100, 200),
                Rectangle("c", 100, 100),
                Rectangle("d", 100, 200),
                Rectangle("e", 200, 100),
            ],
            Pinned = [Pin("a", 0, 0), Pin("b", 200, 0), Pin("c", 100, 100), Pin("d", 0, 100), Pin("e", 100, 200)],
        };
        var stretch = Assert.Single(CutOrder.Of(LayPlanner.Plan(request, 1).Lay!, request.Pieces));
        Assert.False(stretch.Straight);
        Assert.Equal(5, stretch.Pieces.Count);
        static Placement Pin(string id, double x, double y) => new(id, 1, 0, Millimetres(x), Millimetres(y));
    }

    [Fact]
    public void Every_piece_comes_free_once_nothing_is_cut_through_and_straight_is_said_only_where_it_is() =>
        Jobs.ForMany(
            request =>
            {
                if (LayPlanner.Plan(request, 12).Lay is not { } lay)
                {
                    return;
                }

                var stretches = CutOrder.Of(lay, request.Pieces);
                Assert.Equal(
                    lay.Placements.Select(placement => (placement.Piece, placement.Copy)).Order(),
                    stretches.SelectMany(stretch => stretch.Pieces).Select(placement => (placement.Piece, placement.Copy)).Order()
                );
                var end = Length.Zero;
                foreach (var stretch in stretches)
                {
                    Assert.Equal(end, stretch.From);
                    end = stretch.To;
                    var boxes = stretch.Pieces.Select(placement => BoxOf(placement, request)).ToList();
                    Assert.All(boxes, box =>
                        Assert.True(box.Bottom >= stretch.From.Millimetres - Touching && box.Top <= stretch.To.Millimetres + Touching)
                    );
                    Assert.Equal(ComesApart(boxes), stretch.Straight);
                }

                Assert.Equal(lay.Length, end);
            },
            iter: 200
        );

    [Fact]
    public void What_is_left_and_worth_keeping_is_free_of_pieces_and_flaws_and_of_one_another() =>
        Jobs.ForMany(
            request =>
            {
                if (LayPlanner.Plan(request, 12).Lay is not { } lay)
                {
                    return;
                }

                var (bought, least) = (lay.Length + Millimetres(450), Millimetres(300));
                var offcuts = Offcuts.Of(lay, request, bought, least);
                var flaws = request
                    .Flaws.Select(flaw =>
                        (
                            Left: flaw.Left?.Millimetres ?? 0,
                            Bottom: flaw.From.Millimetres,
                            Right: flaw.Right?.Millimetres ?? request.UsableWidth.Millimetres,
                            Top: flaw.To.Millimetres
                        )
                    )
                    .ToList();
                var kept = offcuts
                    .Select(offcut =>
                        (
                            Left: offcut.X.Millimetres,
                            Bottom: offcut.Y.Millimetres,
                            Right: (offcut.X + offcut.Width).Millimetres,
                            Top: (offcut.Y + offcut.Length).Millimetres
                        )
                    )
                    .ToList();
                Assert.All(offcuts, offcut => Assert.True(offcut.Width >= least && offcut.Length >= least));
                Assert.All(kept, box =>
                    Assert.True(
                        box.Left >= 0 && box.Bottom >= 0 && box.Right <= request.UsableWidth.Millimetres && box.Top <= bought.Millimetres
                    )
                );
                Assert.All(kept, box => Assert.Single(kept, other => Overlap(box, other)));
                Assert.All(kept, box => Assert.DoesNotContain(flaws, flaw => Overlap(box, flaw)));
                LayVerifier.Free(request, lay, kept);
                Assert.True(offcuts.Count > 0 || request.Flaws.Count > 0); // beyond the lay lie 450 of the whole width
                Assert.All(offcuts.Zip(offcuts.Skip(1)), pair => Assert.True(AreaOf(pair.First) >= AreaOf(pair.Second)));
            },
            iter: 150
        );

    [Fact]
    public void Beside_a_narrow_lay_the_whole_side_is_kept_and_just_too_little_is_not()
    {
        var request = new LayRequest { UsableWidth = Millimetres(1300), Pieces = [Rectangle("tall", 700, 1000)] };
        var lay = LayPlanner.Plan(request, 1).Lay!;
        var offcut = Assert.Single(Offcuts.Of(lay, request, Millimetres(1100), Millimetres(300)));
        Assert.Equal(
            (700, 0, 600, 1100),
            (offcut.X.Millimetres, offcut.Y.Millimetres, offcut.Width.Millimetres, offcut.Length.Millimetres)
        );
        Assert.Empty(Offcuts.Of(lay, request, Millimetres(1100), Millimetres(600.001)));
    }

    private static double AreaOf(Offcut offcut) => offcut.Width.Millimetres * offcut.Length.Millimetres;

    private static bool Overlap(
        (double Left, double Bottom, double Right, double Top) a,
        (double Left, double Bottom, double Right, double Top) b
    ) => a.Left < b.Right - 1e-6 && b.Left < a.Right - 1e-6 && a.Bottom < b.Top - 1e-6 && b.Bottom < a.Top - 1e-6;

    private static (double Left, double Bottom, double Right, double Top) BoxOf(Placement placement, LayRequest request)
    {
        var corners = request.Pieces.Single(piece => piece.Id == placement.Piece).Corners;
        var width = corners.Max(corner => corner.X.Millimetres) - corners.Min(corner => corner.X.Millimetres);
        var height = corners.Max(corner => corner.Y.Millimetres) - corners.Min(corner => corner.Y.Millimetres);
        var (x, y) = (placement.X.Millimetres, placement.Y.Millimetres);
        return placement.Turn % 180 == 90 ? (x, y, x + height, y + width) : (x, y, x + width, y + height);
    }

    /// <summary>The same question asked the simplest way: is there a line that crosses no box and parts them?</summary>
    private static bool ComesApart(List<(double Left, double Bottom, double Right, double Top)> boxes)
    {
        if (boxes.Count < 2)
        {
            return true;
        }

        foreach (var box in boxes)
        {
            foreach (var isAcross in (bool[])[true, false])
            {
                var at = isAcross ? box.Top : box.Right;
                var below = boxes.Where(other => (isAcross ? other.Top : other.Right) <= at + Touching).ToList();
                var above = boxes.Where(other => (isAcross ? other.Bottom : other.Left) >= at - Touching).ToList();
                if (above.Count > 0 && below.Count > 0 && above.Count + below.Count == boxes.Count)
                {
                    return ComesApart(below) && ComesApart(above);
                }
            }
        }

        return false;
    }
}
