using CsCheck;
using Wrapper.Core.Geometry;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests;

public sealed class OutlineTests
{
    private static readonly Length Nanometre = Length.FromNanometres(1);

    [Fact]
    public void A_rectangle_is_offset_by_each_edges_own_allowance_exactly()
    {
        var cut = OutlineOffset.Offset(Rectangle(400, 300), Allow(("front", 10), ("right", 20), ("back", 5), ("left", 15)));
        Assert.Equal(Millimetres(435), cut.Bounds.Width);
        Assert.Equal(Millimetres(315), cut.Bounds.Height);
        Assert.Equal(Millimetres(-15), cut.Bounds.Left);
        Assert.Equal(435 * 315, cut.Area, 1e-6);
    }

    [Fact]
    public void A_trapezoid_22_over_18_by_19_is_cut_23_11_wide()
    {
        var plan = Outline.Polygon(
            (EdgeName.Front, Inches(0, 0)),
            (EdgeName.Right, Inches(22, 0)),
            (EdgeName.Back, Inches(20, 19)),
            (EdgeName.Left, Inches(2, 19))
        );
        var cut = OutlineOffset.Offset(plan, plan.Edges.ToDictionary(edge => edge.Name.Word, _ => Length.FromInches(0, 1, 2)));
        Assert.Equal(587.014, cut.Bounds.Width.Millimetres, 0.001);
        Assert.Equal(Length.FromInches(20), cut.Bounds.Height);
    }

    [Fact]
    public void An_acute_mitre_reaches_at_most_twice_the_allowance()
    {
        var sliver = Outline.Polygon((Edges.Named("a"), At(0, 0)), (Edges.Named("b"), At(400, 0)), (Edges.Named("c"), At(400, 40)));
        var cut = OutlineOffset.Offset(sliver, Allow(("a", 10), ("b", 10), ("c", 10)));
        Assert.Equal(4, cut.Edges.Length);
        var axis = (sliver["c"].DirectionAtEnd - sliver["a"].DirectionAtStart).Unit;
        var reaches = cut.Edges.Select(edge => (edge.Start - Point.Origin).Dot(axis) / 1e6).ToList();
        Assert.Equal(20, reaches.Max(), 1e-5);
        Assert.Equal(2, reaches.Count(reach => Math.Abs(reach - 20) < 1e-5)); // cut off square: two corners at the full reach
    }

    [Fact]
    public void An_inside_corner_is_mitred_too()
    {
        var l = Outline.Polygon(
            (Edges.Named("a"), At(0, 0)),
            (Edges.Named("b"), At(300, 0)),
            (Edges.Named("c"), At(300, 100)),
            (Edges.Named("d"), At(100, 100)),
            (Edges.Named("e"), At(100, 300)),
            (Edges.Named("f"), At(0, 300))
        );
        var cut = OutlineOffset.Offset(l, l.Edges.ToDictionary(edge => edge.Name.Word, _ => Millimetres(12)));
        Assert.Contains(cut.Edges, edge => edge.Start == At(112, 112));
        Assert.Equal(6, cut.Edges.Length);
    }

    [Fact]
    public void A_disc_grows_by_its_allowance_and_is_measured_along_the_curve()
    {
        var disc = Disc(82.5);
        Assert.Equal(165 * Math.PI, disc.Perimeter.Millimetres, 1e-5);
        Assert.Equal(Math.PI * 82.5 * 82.5, disc.Area, 1e-3);
        var cut = OutlineOffset.Offset(disc, Allow(("one", 10), ("two", 10)));
        Assert.Equal(Millimetres(185), cut.Bounds.Width);
        Assert.Equal(Millimetres(185), cut.Bounds.Height);
    }

    [Fact]
    public void A_straight_meets_an_arc_where_both_have_moved_to()
    {
        // A D: straight front, half circle behind, so that both corners are square.
        var d = new Outline([
            new(EdgeName.Front, At(0, 0), At(200, 0)),
            new(EdgeName.Back, At(200, 0), At(0, 0), new Arc(At(100, 0), true)),
        ]);
        var cut = OutlineOffset.Offset(d, Allow(("front", 10), ("back", 10)));
        Assert.Equal(Millimetres(110), cut.Bounds.Top);
        Assert.Equal(Millimetres(-10), cut.Bounds.Bottom);
        var corner = cut["front"].End;
        Assert.Equal(110, (corner.DistanceTo(At(100, 0))).Millimetres, 1e-5);
    }

    [Theory]
    [InlineData(0)]
    [InlineData(1e-6)]
    [InlineData(0.01)]
    public void Where_a_straight_runs_into_a_curve_with_another_allowance_a_step_stays_at_the_corner(double off)
    {
        // A nose whose straights run into it all but smoothly: found at random, where the step went off by kilometres.
        var nose = new Outline([
            new(EdgeName.Front, At(0, 0), At(100, 0)),
            new(EdgeName.Right, At(100, 0), At(100 + off, 200)),
            new(Edges.Named("nose"), At(100 + off, 200), At(-off, 200), new Arc(At(50, 200), true)),
            new(EdgeName.Left, At(-off, 200), At(0, 0)),
        ]);
        foreach (var (rest, by) in ((double, double)[])[(0, 1), (0, -1), (12, 20), (20, 12)])
        {
            var cut = OutlineOffset.Offset(nose, Allow(("front", rest), ("right", rest), ("nose", by), ("left", rest)));
            Assert.InRange(cut.Bounds.Width.Millimetres, 99, 142);
            Assert.InRange(cut.Bounds.Height.Millimetres, 248, 291);
        }
    }

    [Fact]
    public void Flattened_curves_lie_outside_by_no_more_than_five_hundredths() =>
        Gen.Double[5, 2000]
            .ForMany(radius =>
            {
                var corners = Flattening.Flatten(Disc(radius));
                for (var i = 0; i < corners.Count; i++)
                {
                    var (a, b) = (corners[i], corners[(i + 1) % corners.Count]);
                    var middle = new Point((a.X + b.X).Half(), (a.Y + b.Y).Half());
                    Assert.InRange(a.DistanceTo(Point.Origin).Millimetres, radius - 1e-5, radius + 0.05);
                    Assert.InRange(middle.DistanceTo(Point.Origin).Millimetres, radius - 1e-5, radius + 0.05);
                }
            });

    [Fact]
    public void An_inward_curve_is_flattened_outwards_as_well()
    {
        // A square with a quarter circle bitten out of its corner.
        var bitten = new Outline([
            new(EdgeName.Front, At(0, 0), At(200, 0)),
            new(EdgeName.Right, At(200, 0), At(200, 100)),
            new(Edges.Named("bite"), At(200, 100), At(100, 200), new Arc(At(200, 200), false)),
            new(EdgeName.Back, At(100, 200), At(0, 200)),
            new(EdgeName.Left, At(0, 200), At(0, 0)),
        ]);
        Assert.Equal((200 * 200) - (Math.PI * 100 * 100 / 4), bitten.Area, 1e-3);
        var onBite = Flattening.Flatten(bitten).Where(corner => corner.X > Millimetres(100) && corner.Y > Millimetres(100)).ToList();
        Assert.NotEmpty(onBite);
        Assert.All(onBite, corner => Assert.InRange(corner.DistanceTo(At(200, 200)).Millimetres, 99.9, 100.00001));
    }

    [Fact]
    public void Offsetting_any_convex_plan_moves_every_edge_by_its_own_allowance() =>
        Gen.Select(Gen.Double[100, 2000], Gen.Double[100, 2000], Gen.Double[100, 2000], Gen.Double[1, 30], Gen.Double[1, 30])
            .ForMany(
                (front, back, depth, s, z) =>
                {
                    var step = (front - back) / 2;
                    var plan = Outline.Polygon(
                        (EdgeName.Front, At(0, 0)),
                        (EdgeName.Right, At(front, 0)),
                        (EdgeName.Back, At(front - step, depth)),
                        (EdgeName.Left, At(step, depth))
                    );
                    var cut = OutlineOffset.Offset(plan, Allow(("front", s), ("right", s), ("back", z), ("left", s)));
                    foreach (var edge in plan.Edges)
                    {
                        var moved = cut[edge.Name];
                        var outward = edge.DirectionAtStart.Outward;
                        Assert.Equal(edge.Name == "back" ? z : s, (moved.Start - edge.Start).Dot(outward) / 1e6, 1e-5);
                        Assert.Equal(edge.Name == "back" ? z : s, (moved.End - edge.Start).Dot(outward) / 1e6, 1e-5);
                    }
                }
            );

    [Fact]
    public void An_outline_that_does_not_close_or_winds_the_wrong_way_is_refused()
    {
        Assert.Throws<ArgumentException>(() =>
            new Outline([new(Edges.Named("a"), At(0, 0), At(1, 0)), new(Edges.Named("b"), At(2, 0), At(0, 0))])
        );
        Assert.Throws<ArgumentException>(() =>
            Outline.Polygon((Edges.Named("a"), At(0, 0)), (Edges.Named("b"), At(0, 10)), (Edges.Named("c"), At(10, 0)))
        );
        Assert.Throws<KeyNotFoundException>(() => Rectangle(10, 10)["nowhere"]);
    }

    [Fact]
    public void A_shape_is_its_own_mirror_image_however_its_edges_are_divided()
    {
        Assert.True(Symmetry.IsLeftRight(Disc(100)));
        Assert.True(
            Symmetry.IsLeftRight(
                Outline.Polygon(
                    (Edges.Named("front-1"), At(0, 0)),
                    (Edges.Named("front-2"), At(30, 0)),
                    (EdgeName.Right, At(100, 0)),
                    (EdgeName.Back, At(90, 50)),
                    (EdgeName.Left, At(10, 50))
                )
            )
        );
        Assert.False(
            Symmetry.IsLeftRight(
                Outline.Polygon(
                    (EdgeName.Front, At(0, 0)),
                    (EdgeName.Right, At(100, 0)),
                    (EdgeName.Back, At(90, 50)),
                    (EdgeName.Left, At(0, 50))
                )
            )
        );
        Assert.False(
            Symmetry.IsLeftRight(
                Outline.Polygon(
                    (Edges.Named("a"), At(0, 0)),
                    (Edges.Named("b"), At(100, 0)),
                    (Edges.Named("c"), At(100, 60)),
                    (Edges.Named("d"), At(50, 60)),
                    (Edges.Named("e"), At(50, 40)),
                    (Edges.Named("f"), At(0, 40))
                )
            )
        );
    }

    [Fact]
    public void A_bulge_on_one_side_only_is_not_its_own_mirror_image()
    {
        Outline Bulging(bool left, bool right) =>
            new([
                new(EdgeName.Front, At(0, 0), At(100, 0)),
                new(EdgeName.Right, At(100, 0), At(100, 80), right ? new Arc(At(0, 40), true) : null),
                new(EdgeName.Back, At(100, 80), At(0, 80)),
                new(EdgeName.Left, At(0, 80), At(0, 0), left ? new Arc(At(100, 40), true) : null),
            ]);
        Assert.True(Symmetry.IsLeftRight(Bulging(true, true)));
        Assert.False(Symmetry.IsLeftRight(Bulging(true, false)));
        Assert.False(Symmetry.IsLeftRight(Bulging(false, true)));
    }

    private static Length Millimetres(double millimetres) => Length.FromMillimetres(millimetres);

    private static Point At(double x, double y) => new(Millimetres(x), Millimetres(y));

    private static Point Inches(int x, int y) => new(Length.FromInches(x), Length.FromInches(y));

    private static Outline Rectangle(double width, double depth) =>
        Outline.Polygon(
            (EdgeName.Front, At(0, 0)),
            (EdgeName.Right, At(width, 0)),
            (EdgeName.Back, At(width, depth)),
            (EdgeName.Left, At(0, depth))
        );

    private static Outline Disc(double radius)
    {
        var arc = new Arc(Point.Origin, true);
        return new([
            new(Edges.Named("one"), At(radius, 0), At(-radius, 0), arc),
            new(Edges.Named("two"), At(-radius, 0), At(radius, 0), arc),
        ]);
    }

    private static Dictionary<string, Length> Allow(params (string Edge, double Millimetres)[] allowances) =>
        allowances.ToDictionary(entry => entry.Edge, entry => Millimetres(entry.Millimetres));

    /// <summary>Every arc in whole degrees of a circle, both ways round: its box is just as large as the points along it need.</summary>
    [Fact]
    public void A_box_round_an_arc_is_as_large_as_its_bulge_and_no_larger()
    {
        const double radius = 1e8;
        static Point At(double degrees) =>
            Point.Origin + new Vector(radius * Math.Cos(degrees * Math.PI / 180), radius * Math.Sin(degrees * Math.PI / 180));
        foreach (
            var (start, sweep) in from start in Enumerable.Range(0, 24)
            from sweep in Enumerable.Range(1, 71)
            select (start * 15, sweep * 5)
        )
        {
            Point[] along = [.. Enumerable.Range(0, sweep + 1).Select(degree => At(start + degree))];
            foreach (var isCounterClockwise in (bool[])[true, false])
            {
                var (from, to) = isCounterClockwise ? (along[0], along[^1]) : (along[^1], along[0]);
                var box = Box.Around([
                    new Edge(Edges.Named("bow"), from, to, new Arc(Point.Origin, isCounterClockwise)),
                    new Edge(EdgeName.Back, to, from),
                ]);
                Assert.Equal(along.Min(point => point.X).Millimetres, box.Left.Millimetres, 1e-5);
                Assert.Equal(along.Max(point => point.X).Millimetres, box.Right.Millimetres, 1e-5);
                Assert.Equal(along.Min(point => point.Y).Millimetres, box.Bottom.Millimetres, 1e-5);
                Assert.Equal(along.Max(point => point.Y).Millimetres, box.Top.Millimetres, 1e-5);
            }
        }
    }
}
