using NetTopologySuite.Geometries;
using NetTopologySuite.Index.Strtree;
using Wrapper.Core.Lays;
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
            lay.Placements.Select(placement => (placement.Piece, placement.Copy)).Order()
        );
        var usable = request.UsableWidth.Millimetres;
        foreach (var remnant in request.Remnants)
        {
            var on = Shapes(pieces, lay.Placements.Where(placement => placement.Remnant == remnant.Id));
            Assert.All(on, entry =>
                Assert.False(
                    pieces[entry.Placement.Piece].Match is { } match
                        && (request.RepeatLength.IsPositive || (request.RepeatWidth.IsPositive && !match.AlongOnly))
                )
            );
            Lies(request, pieces, on, remnant.Width.Millimetres, remnant.Length.Millimetres);
        }

        var roll = Shapes(pieces, lay.Placements.Where(placement => placement.Remnant is null));
        Assert.All(lay.Placements, placement =>
            Assert.True(placement.Remnant is null || request.Remnants.Any(remnant => remnant.Id == placement.Remnant))
        );
        Lies(request, pieces, roll, usable, lay.Length.Millimetres);
        Assert.Equal(lay.Length.Millimetres, roll.Select(entry => entry.Shape.Max(corner => corner.Y)).DefaultIfEmpty().Max(), Tolerance);
        Assert.All(request.Pinned, pin => Assert.Contains(pin, lay.Placements));
        Assert.All(roll.Where(entry => pieces[entry.Placement.Piece].OnFold), entry =>
            Assert.Equal(usable, entry.Shape.Max(corner => corner.X), Tolerance)
        );
        foreach (var (_, shape) in roll)
        {
            var core = Polygon(shape).Buffer(-Tolerance / 2);
            Assert.All(request.Flaws, flaw => Assert.False(core.Intersects(FlawOf(flaw, usable)), "on a flaw"));
        }

        Meets(request, pieces, roll.ConvertAll(entry => entry.Placement));
    }

    /// <summary>No piece on the roll reaches into these boxes.</summary>
    public static void Free(LayRequest request, Lay lay, IEnumerable<(double Left, double Bottom, double Right, double Top)> boxes)
    {
        var kept = boxes
            .Select(box => Polygon([(box.Left, box.Bottom), (box.Right, box.Bottom), (box.Right, box.Top), (box.Left, box.Top)]))
            .ToList();
        foreach (
            var (placement, shape) in Shapes(
                request.Pieces.ToDictionary(piece => piece.Id),
                lay.Placements.Where(placement => placement.Remnant is null)
            )
        )
        {
            var core = Polygon(shape).Buffer(-Tolerance / 2);
            Assert.All(kept, box => Assert.False(core.Intersects(box), $"{placement.Piece} lies on what is kept"));
        }
    }

    private static List<(Placement Placement, List<(double X, double Y)> Shape)> Shapes(
        Dictionary<string, LayPiece> pieces,
        IEnumerable<Placement> placements
    ) => [.. placements.Select(placement => (placement, Turned(pieces[placement.Piece].Corners, placement)))];

    /// <summary>All lie in the width and length, turned as they may be, and none over or too near another.</summary>
    private static void Lies(
        LayRequest request,
        Dictionary<string, LayPiece> pieces,
        List<(Placement Placement, List<(double X, double Y)> Shape)> laid,
        double usable,
        double length
    )
    {
        foreach (var (placement, shape) in laid)
        {
            var piece = pieces[placement.Piece];
            Assert.Contains(placement.Turn, piece.Turns);
            if (request.OneWay && placement.Turn >= 180)
            {
                Assert.DoesNotContain(placement.Turn - 180, piece.Turns);
            }

            Assert.True(
                shape.Min(corner => corner.X) >= -Tolerance && shape.Max(corner => corner.X) <= usable + Tolerance,
                "over the selvage"
            );
            Assert.True(shape.Min(corner => corner.Y) >= -Tolerance, "over the cut end");
            Assert.True(shape.Max(corner => corner.Y) <= length + Tolerance, "beyond the length");
        }

        // Each shape less half the tolerance all round: two that still meet overlap by more than it.
        var cores = laid.ConvertAll(entry => Polygon(entry.Shape).Buffer(-Tolerance / 2));
        var index = new STRtree<int>();
        for (var i = 0; i < cores.Count; i++)
        {
            index.Insert(cores[i].EnvelopeInternal, i);
        }

        var space = request.Space.Millimetres;
        for (var i = 0; i < cores.Count; i++)
        {
            var around = new Envelope(cores[i].EnvelopeInternal);
            around.ExpandBy(space);
            foreach (var other in index.Query(around).Where(other => other < i))
            {
                Assert.False(cores[i].Intersects(cores[other]), $"{laid[i].Placement} overlaps {laid[other].Placement}");
                Assert.True(
                    space == 0 || cores[i].Distance(cores[other]) >= space - Tolerance,
                    $"{laid[i].Placement} is too near {laid[other].Placement}"
                );
            }
        }
    }

    /// <summary>The match points of a group stand at one place of the pattern, with motifs in the middle of one.</summary>
    private static void Meets(LayRequest request, Dictionary<string, LayPiece> pieces, List<Placement> placements)
    {
        var (length, width) = (request.RepeatLength.Millimetres, request.RepeatWidth.Millimetres);
        if (length == 0 && width == 0)
        {
            return;
        }

        var matched = placements.Where(placement => pieces[placement.Piece].Match is not null).ToList();
        foreach (var group in matched.GroupBy(placement => request.MotifAcross is null ? pieces[placement.Piece].Match!.Group : ""))
        {
            var all = group
                .Select(placement => (Point: MatchPoint(pieces[placement.Piece], placement), pieces[placement.Piece].Match!.AlongOnly))
                .ToList();
            var points = all.Where(entry => !entry.AlongOnly).Select(entry => entry.Point).ToList();
            foreach (var point in points)
            {
                var from = (X: request.MotifAcross?.Millimetres ?? points[0].X, points[0].Y);
                var drop = Drop(points[0].X - from.X);
                Assert.True(
                    width == 0 || IsWhole((point.X - from.X) / width, width),
                    $"{group.Key}: out of the pattern across by {point.X - from.X}"
                );
                Assert.True(
                    length == 0 || IsWhole((point.Y - from.Y - Drop(point.X - from.X) + drop) / length, length),
                    $"{group.Key}: out of the pattern along by {point.Y - from.Y}"
                );
            }

            // What meets along only is at one height in the pattern, which is that of some column of the others.
            var heights = all.Where(entry => entry.AlongOnly).Select(entry => entry.Point.Y).ToList();
            var step = request.HalfDrop ? length / 2 : length;
            Assert.All(heights, y =>
                Assert.True(
                    length == 0 || IsWhole((y - heights[0]) / step, step),
                    $"{group.Key}: out of one another along by {y - heights[0]}"
                )
            );
            Assert.All(points.Take(1), point =>
                Assert.All(heights, y =>
                    Assert.True(
                        length == 0 || IsWhole((y - point.Y) / step, step),
                        $"{group.Key}: out of the others along by {y - point.Y}"
                    )
                )
            );
        }

        double Drop(double across) => request.HalfDrop && (long)Math.Round(across / width) % 2 != 0 ? length / 2 : 0;

        static bool IsWhole(double repeats, double repeat) => Math.Abs(repeats - Math.Round(repeats)) * repeat < Tolerance;
    }

    private static (double X, double Y) MatchPoint(LayPiece piece, Placement placement)
    {
        var (left, right) = (piece.Corners.Min(corner => corner.X.Millimetres), piece.Corners.Max(corner => corner.X.Millimetres));
        var bottom = piece.Corners.Min(corner => corner.Y.Millimetres);
        var at = new Point(
            Core.Units.Length.FromMillimetres(left + (piece.Match!.Across?.Millimetres ?? (right - left) / 2)),
            Core.Units.Length.FromMillimetres(bottom + piece.Match.Along.Millimetres)
        );
        return Turned([.. piece.Corners, at], placement, piece.Corners.Count)[^1];
    }

    private static Polygon FlawOf(Flaw flaw, double usable)
    {
        var (left, right) = (flaw.Left?.Millimetres ?? 0, flaw.Right?.Millimetres ?? usable);
        return Polygon([
            (left, flaw.From.Millimetres),
            (right, flaw.From.Millimetres),
            (right, flaw.To.Millimetres),
            (left, flaw.To.Millimetres),
        ]);
    }

    private static Polygon Polygon(List<(double X, double Y)> shape) =>
        new(new LinearRing([.. shape.Append(shape[0]).Select(corner => new Coordinate(corner.X, corner.Y))]));

    /// <summary>The corners as placed; only the first so many make the box, the others go with them.</summary>
    private static List<(double X, double Y)> Turned(IReadOnlyList<Point> corners, Placement placement, int outline = int.MaxValue)
    {
        var angle = placement.Turn * Math.PI / 180;
        var turned = corners
            .Select(corner =>
                (
                    X: (corner.X.Millimetres * Math.Cos(angle)) - (corner.Y.Millimetres * Math.Sin(angle)),
                    Y: (corner.X.Millimetres * Math.Sin(angle)) + (corner.Y.Millimetres * Math.Cos(angle))
                )
            )
            .ToList();
        var (left, bottom) = (turned.Take(outline).Min(corner => corner.X), turned.Take(outline).Min(corner => corner.Y));
        return [.. turned.Select(corner => (corner.X - left + placement.X.Millimetres, corner.Y - bottom + placement.Y.Millimetres))];
    }
}
