using CsCheck;
using Wrapper.Core.Proof.Folding;
using Xunit;

namespace Wrapper.Core.Tests.Folding;

/// <summary>A part of a piece while it is cut into facets.</summary>
public sealed class FlatPolygonTests
{
    /// <summary>An L: 100 wide and 80 deep, its right back 60 × 50 taken out, with corners added where x is 25 and y is 15.</summary>
    private static FlatPolygon Ell =>
        Polygon((0, 0), (25, 0), (100, 0), (100, 15), (100, 30), (40, 30), (40, 80), (25, 80), (0, 80), (0, 15));

    [Fact]
    public void A_chord_joins_the_two_corners_that_lie_at_a_place()
    {
        Assert.Equal([new(25, 0), new(25, 80)], Ell.Across(alongX: true, 25)!);
        Assert.Equal([new(100, 15), new(0, 15)], Ell.Across(alongX: false, 15)!);
    }

    [Theory]
    [InlineData(true, 0)]
    [InlineData(true, 100)]
    [InlineData(true, 0.003)]
    [InlineData(true, 99.997)]
    [InlineData(true, 60)]
    [InlineData(false, 0)]
    [InlineData(false, 80)]
    [InlineData(false, 60)]
    public void There_is_no_chord_at_its_ends_or_where_no_corners_lie(bool alongX, double place) => Assert.Null(Ell.Across(alongX, place));

    [Fact]
    public void A_side_of_its_own_is_no_chord()
    {
        Assert.Null(Ell.Across(alongX: true, 40)); // (40, 30) and (40, 80) follow each other
        var turned = Polygon((40, 80), (25, 80), (0, 80), (0, 0), (100, 0), (100, 30), (40, 30)); // and so do the last and the first
        Assert.Null(turned.Across(alongX: true, 40));
    }

    [Fact]
    public void Of_several_corners_near_a_place_the_nearest_two_are_taken()
    {
        var doubled = Polygon((0, 0), (24.99, 0), (25.001, 0), (60, 0), (60, 40), (25.002, 40), (24.988, 40), (0, 40));
        Assert.Equal([new(25.001, 0), new(25.002, 40)], doubled.Across(alongX: true, 25)!);
        var onlyOne = Polygon((0, 0), (25, 0), (60, 0), (60, 40), (0, 40));
        Assert.Null(onlyOne.Across(alongX: true, 25));
        var tooFar = Polygon((0, 0), (25, 0), (60, 0), (60, 40), (25.02, 40), (0, 40));
        Assert.Null(tooFar.Across(alongX: true, 25));
    }

    [Fact]
    public void It_reaches_from_where_to_where()
    {
        Assert.Equal((0, 100), Ell.Extent(alongX: true));
        Assert.Equal((0, 80), Ell.Extent(alongX: false));
        Assert.Equal((-7, 3), Polygon((-7, 1), (3, 2), (1, 9)).Extent(alongX: true));
        Assert.Equal((1, 9), Polygon((-7, 1), (3, 2), (1, 9)).Extent(alongX: false));
    }

    [Fact]
    public void A_line_reaches_only_inside_and_from_corner_to_corner()
    {
        Assert.True(Ell.Reaches([new(25, 0), new(25, 80)]));
        Assert.True(Ell.Reaches([new(0, 15), new(100, 15)]));
        Assert.False(Ell.Reaches([new(25, 0), new(26, 80)])); // ends at no corner
        Assert.False(Ell.Reaches([new(26, 0), new(25, 80)])); // begins at none
        Assert.False(Ell.Reaches([new(100, 30), new(40, 80)])); // outside, across the part taken out
        Assert.True(Polygon((-60, -20), (-10, -20), (-10, 40), (-60, 40)).Reaches([new(-60, -20), new(-10, 40)])); // to the left of nothing
        Assert.True(Polygon((0, 0), (90, 10), (70, 60), (20, 80)).Reaches([new(0, 0), new(70, 60)]));
        Assert.False(Polygon((0, 0), (50, 40), (100, 0), (100, 90), (0, 90)).Reaches([new(0, 0), new(100, 0)])); // across a hollow
    }

    [Fact]
    public void Split_the_parts_keep_their_sides_and_get_the_line()
    {
        var (left, right) = Ell.Split([new(25, 0), new(30, 40), new(25, 80)], i => $"fold-{i + 1}");
        Assert.Equal([(25, 0), (30, 40), (25, 80), (0, 80), (0, 15), (0, 0)], left.Points.Select(point => (point.X, point.Y)));
        Assert.Equal([("fold-1", -1), ("fold-2", -2), ("e7", 0), ("e8", 0), ("e9", 0), ("e0", 0)], left.Sides);
        Assert.Equal(
            [(25, 0), (100, 0), (100, 15), (100, 30), (40, 30), (40, 80), (25, 80), (30, 40)],
            right.Points.Select(point => (point.X, point.Y))
        );
        Assert.Equal([("e1", 0), ("e2", 0), ("e3", 0), ("e4", 0), ("e5", 0), ("e6", 0), ("fold-2", -2), ("fold-1", -1)], right.Sides);
        Assert.Equal(["fold-1", "fold-2", "e7", "e8", "e9", "e0"], left.Edges);
    }

    [Fact]
    public void Split_anywhere_the_parts_have_the_area_of_the_whole() =>
        (
            from count in Gen.Int[5, 12]
            from start in Gen.Int[0, 11]
            from away in Gen.Int[2, 9]
            from radii in Gen.Double[30, 90].Array[12]
            select (count, start % count, 2 + (away % (count - 3)), radii)
        ).ForMany(of =>
        {
            var (count, start, away, radii) = of;
            var polygon = Polygon([
                .. Enumerable
                    .Range(0, count)
                    .Select(i => (radii[i] * Math.Cos(2 * Math.PI * i / count), radii[i] * Math.Sin(2 * Math.PI * i / count))),
            ]);
            var (from, to) = (polygon.Points[start], polygon.Points[(start + away) % count]);
            var (left, right) = polygon.Split([from, to], _ => "fold");
            Assert.Equal(Area(polygon), Area(left) + Area(right), 1e-6);
            Assert.Equal(count + 2, left.Points.Length + right.Points.Length);
            Assert.Equal(count, left.Sides.Concat(right.Sides).Count(side => side.Edge != "fold"));
        });

    private static double Area(FlatPolygon polygon) => new Facet("a", 1, polygon.Points).Area;

    private static FlatPolygon Polygon(params (double X, double Y)[] corners) =>
        new([.. corners.Select((corner, i) => (new FlatPoint(corner.X, corner.Y), $"e{i}", 0.0))]);
}
