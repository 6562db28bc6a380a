using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;

namespace Wrapper.Core.Cutting;

/// <summary>Turns a piece over and round as it lies on the cloth and says how it is chalked. See docs/handbook.md, "Cut cards".</summary>
public static class Chalking
{
    /// <summary>Two straight edges that go on in one line, within this, have no corner between them.</summary>
    private const double Straight = 1e-6;

    /// <summary>A line that keeps so close to the way of an edge does not run out on it: the sine of their angle.</summary>
    private const double Alongside = 0.2;

    /// <summary>How a piece is chalked.</summary>
    /// <param name="piece">The piece.</param>
    /// <param name="isMirrored">It is cut turned over.</param>
    /// <param name="turn">How it is turned, in degrees counter-clockwise: 0, 90, 180, 270.</param>
    /// <param name="isWrongSide">The cloth lies wrong side up: all is seen from behind, and across is counted from the other edge.</param>
    public static ChalkShape Of(Piece piece, bool isMirrored, int turn, bool isWrongSide = false)
    {
        var isReversed = isMirrored != isWrongSide;
        var flat = Flattening.Flatten(piece.CutLine).Select(Turned).ToList();
        var (left, low) = (flat.Min(point => point.X), flat.Min(point => point.Y));
        var sides = InOrder([.. piece.CutLine.Edges.Select(Side)]);
        return new(
            flat.Max(point => point.X) - left,
            flat.Max(point => point.Y) - low,
            [.. sides.Select(side => new ChalkCorner(side.Along[0], side.Length, side.Rise))],
            [
                .. piece
                    .Marks.Select(mark => Marked(mark, piece, sides, Placed))
                    .OrderBy(mark => mark.From.Corner ?? int.MaxValue)
                    .ThenBy(mark => mark.From.Distance),
            ]
        )
        {
            Circle = CircleOf(piece.CutLine) is { } circle ? (Placed(circle.Centre), circle.Radius) : null,
            Outline = [.. flat.Select(point => point.Moved(-left, -low))],
            StitchLine = [.. Flattening.Flatten(piece.StitchLineOnCloth).Select(Placed)],
        };

        Point Turned(Point point) => FromBehind(new Point(isMirrored ? -point.X : point.X, point.Y).Turned(turn / 90));

        Point FromBehind(Point point) => isWrongSide ? new(-point.X, point.Y) : point;

        Point Placed(Point point) => Turned(point).Moved(-left, -low);

        ChalkSide Side(Edge edge)
        {
            var along = Flattening.Along([edge]).Select(Placed).ToList();
            var rise = RiseOf(edge);
            return isReversed ? new([.. along.AsEnumerable().Reverse()], edge.Length, rise) : new(along, edge.Length, rise);
        }

        List<ChalkSide> InOrder(List<ChalkSide> all)
        {
            if (isReversed)
            {
                all.Reverse(); // turned over, the outline runs the other way round
            }

            all = Merged(all);
            var first = all.Select((side, place) => (side.Along[0], place))
                .OrderBy(corner => corner.Item1.Y.RoundedTo(Length.FromMillimetres(0.1m)))
                .ThenBy(corner => corner.Item1.X)
                .First()
                .place;
            return [.. all.Skip(first), .. all.Take(first)];
        }
    }

    /// <summary>The circle that all edges go round; null where they do not.</summary>
    private static (Point Centre, Length Radius)? CircleOf(Outline line) =>
        line.Edges.All(edge => edge.Arc is { } arc && arc.Centre == line.Edges[0].Arc!.Centre)
            ? (line.Edges[0].Arc!.Centre, Length.FromNanometresRounded(line.Edges[0].Arc!.RadiusAt(line.Edges[0].Start)))
            : null;

    /// <summary>How far an arc stands off its chord at its middle; outwards above nothing.</summary>
    private static Length RiseOf(Edge edge)
    {
        if (edge.Arc is not { } arc)
        {
            return Length.Zero;
        }

        var rise = arc.RadiusAt(edge.Start) * (1 - Math.Cos(Math.Abs(arc.Sweep(edge.Start, edge.End)) / 2));
        return Length.FromNanometresRounded(arc.CounterClockwise ? rise : -rise);
    }

    /// <summary>Straight edges that go on in one line are one to whoever chalks them.</summary>
    private static List<ChalkSide> Merged(List<ChalkSide> sides)
    {
        var merged = new List<ChalkSide>();
        foreach (var side in sides)
        {
            if (merged.Count > 0 && GoesOn(merged[^1], side))
            {
                merged[^1] = merged[^1].With(side);
            }
            else
            {
                merged.Add(side);
            }
        }

        if (merged.Count > 3 && GoesOn(merged[^1], merged[0]))
        {
            merged[0] = merged[^1].With(merged[0]);
            merged.RemoveAt(merged.Count - 1);
        }

        return merged;
    }

    private static bool GoesOn(ChalkSide one, ChalkSide next) =>
        one.Rise.IsZero
        && next.Rise.IsZero
        && (one.Along[^1] - one.Along[0]).Unit is var before
        && (next.Along[^1] - next.Along[0]).Unit is var after
        && Math.Abs(before.Cross(after)) < Straight
        && before.Dot(after) > 0;

    private static ChalkMark Marked(Mark mark, Piece piece, List<ChalkSide> sides, Func<Point, Point> placed)
    {
        var (from, to) = (placed(piece.OnCloth(mark.From)), placed(piece.OnCloth(mark.To)));
        var isOnEdge =
            mark.Kind is MarkKind.Notch or MarkKind.Top or MarkKind.ZipStop or MarkKind.GapEnd or MarkKind.UnpickPoint
            || mark.From != mark.To;
        var widest = piece.Allowances.Values.DefaultIfEmpty(Length.Zero).Max() + Length.FromMillimetres(1m);
        return new(mark.Kind, mark.Label, Place(from), mark.From == mark.To ? null : Place(to));

        // A line is told on the edges it runs out on; from an edge beside it one could not say where it begins.
        ChalkPlace Place(Point at)
        {
            var near = isOnEdge
                ? sides
                    .Select(
                        (side, place) =>
                            (
                                Corner: place + 1,
                                Distance: side.Nearest(at, out var away),
                                Away: away,
                                IsBeside: from != to && side.Lies(to - from, Alongside)
                            )
                    )
                    .Where(found => found.Away <= widest.Nanometres)
                    .ToList()
                : [];
            if (near.Count == 0)
            {
                return new(at, null, Length.Zero);
            }

            var (corner, distance, _, _) = near.MinBy(found => (found.IsBeside, found.Away));
            return new(at, corner, distance);
        }
    }
}
