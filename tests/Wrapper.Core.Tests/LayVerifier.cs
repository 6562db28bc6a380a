using NetTopologySuite.Geometries;
using NetTopologySuite.Index.Strtree;
using Wrapper.Core.Cloth;
using Xunit;
using Point = Wrapper.Core.Geometry.Point;

namespace Wrapper.Core.Tests;

/// <summary>
/// Checks a lay from its placements alone and with a geometry library the planner does not know, so that a fault of the
/// planner's cannot hide in shared code.
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
        // Each shape less half the tolerance all round: two that still meet overlap by more than it.
        var cores = laid.ConvertAll(entry => Polygon(entry.shape).Buffer(-Tolerance / 2));
        var index = new STRtree<int>();
        for (var i = 0; i < cores.Count; i++)
        {
            index.Insert(cores[i].EnvelopeInternal, i);
        }

        for (var i = 0; i < cores.Count; i++)
        {
            foreach (var other in index.Query(cores[i].EnvelopeInternal).Where(other => other < i))
            {
                Assert.False(cores[i].Intersects(cores[other]), $"{laid[i].placement} overlaps {laid[other].placement}");
            }
        }
    }

    private static Polygon Polygon(List<(double X, double Y)> shape) =>
        new(new LinearRing([.. shape.Append(shape[0]).Select(corner => new Coordinate(corner.X, corner.Y))]));

    private static List<(double X, double Y)> Turned(IReadOnlyList<Point> corners, Placement placement)
    {
        var angle = placement.Turn * Math.PI / 180;
        var turned = corners.Select(corner => (
            X: (corner.X.Millimetres * Math.Cos(angle)) - (corner.Y.Millimetres * Math.Sin(angle)),
            Y: (corner.X.Millimetres * Math.Sin(angle)) + (corner.Y.Millimetres * Math.Cos(angle)))).ToList();
        var (left, bottom) = (turned.Min(corner => corner.X), turned.Min(corner => corner.Y));
        return [.. turned.Select(corner => (corner.X - left + placement.X.Millimetres, corner.Y - bottom + placement.Y.Millimetres))];
    }
}
