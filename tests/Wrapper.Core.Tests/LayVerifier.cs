using Wrapper.Core.Cloth;
using Wrapper.Core.Geometry;
using Xunit;

namespace Wrapper.Core.Tests;

/// <summary>
/// Checks a lay from its placements alone and in its own geometry (doubles in millimetres, separating lines between
/// triangles), so that a fault of the planner's cannot hide in shared code.
/// </summary>
internal static class LayVerifier
{
    private const double Tolerance = 0.1;

    public static void Verify(LayRequest request, Lay lay)
    {
        var pieces = request.Pieces.ToDictionary(piece => piece.Id);
        Assert.Equal(
            request.Pieces.SelectMany(piece => Enumerable.Range(1, piece.Quantity).Select(copy => (piece.Id, copy))).Order(),
            lay.Placements.Select(placement => (placement.Piece, placement.Copy)).Order());
        var laid = lay.Placements.Select(placement => (placement, shape: Turned(pieces[placement.Piece].Corners, placement))).ToList();
        foreach (var (placement, shape) in laid)
        {
            var piece = pieces[placement.Piece];
            Assert.Contains(placement.Turn, piece.Turns);
            if (request.OneWay && placement.Turn >= 180)
            {
                Assert.DoesNotContain(placement.Turn - 180, piece.Turns);
            }

            Assert.True(shape.Min(corner => corner.X) >= -Tolerance && shape.Max(corner => corner.X) <= request.UsableWidth.Millimetres + Tolerance, "over the selvage");
            Assert.True(shape.Min(corner => corner.Y) >= -Tolerance, "over the cut end");
            Assert.True(shape.Max(corner => corner.Y) <= lay.Length.Millimetres + Tolerance, "beyond the length");
            if (piece.MatchLine is { } line && request.RepeatLength.IsPositive)
            {
                var phase = (placement.Y + line).Millimetres % request.RepeatLength.Millimetres;
                Assert.True(Math.Min(phase, request.RepeatLength.Millimetres - phase) < Tolerance, $"out of phase by {phase}");
            }
        }

        Assert.Equal(lay.Length.Millimetres, laid.Max(entry => entry.shape.Max(corner => corner.Y)), Tolerance);
        for (var i = 0; i < laid.Count; i++)
        {
            for (var k = i + 1; k < laid.Count; k++)
            {
                Assert.False(Overlap(laid[i].shape, laid[k].shape), $"{laid[i].placement} overlaps {laid[k].placement}");
            }
        }
    }

    private static List<(double X, double Y)> Turned(IReadOnlyList<Point> corners, Placement placement)
    {
        var angle = placement.Turn * Math.PI / 180;
        var turned = corners.Select(corner => (
            X: (corner.X.Millimetres * Math.Cos(angle)) - (corner.Y.Millimetres * Math.Sin(angle)),
            Y: (corner.X.Millimetres * Math.Sin(angle)) + (corner.Y.Millimetres * Math.Cos(angle)))).ToList();
        var (left, bottom) = (turned.Min(corner => corner.X), turned.Min(corner => corner.Y));
        return [.. turned.Select(corner => (corner.X - left + placement.X.Millimetres, corner.Y - bottom + placement.Y.Millimetres))];
    }

    /// <summary>Convex shapes overlap when no side of either keeps them apart; the tests lay convex shapes only.</summary>
    private static bool Overlap(List<(double X, double Y)> a, List<(double X, double Y)> b) => !Apart(a, b) && !Apart(b, a);

    private static bool Apart(List<(double X, double Y)> a, List<(double X, double Y)> b)
    {
        for (var i = 0; i < a.Count; i++)
        {
            var (from, to) = (a[i], a[(i + 1) % a.Count]);
            var (nx, ny) = (to.Y - from.Y, from.X - to.X);
            var size = Math.Sqrt((nx * nx) + (ny * ny));
            double Side((double X, double Y) corner) => (((corner.X - from.X) * nx) + ((corner.Y - from.Y) * ny)) / size;
            var (own, other) = (a.Select(Side).ToList(), b.Select(Side).ToList());
            if (other.Min() >= own.Max() - Tolerance || other.Max() <= own.Min() + Tolerance)
            {
                return true;
            }
        }

        return false;
    }
}
