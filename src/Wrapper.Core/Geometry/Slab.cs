using Wrapper.Core.Units;

namespace Wrapper.Core.Geometry;

/// <summary>The part of a shape between two upright lines.</summary>
public static class Slab
{
    /// <summary>
    /// What lies between the lines, closed along them; null where that is not one part with one straight side along each line.
    /// </summary>
    /// <param name="outline">The shape.</param>
    /// <param name="from">The line on its left; null for its own left end.</param>
    /// <param name="to">The line on its right; null for its own right end.</param>
    /// <param name="atFrom">What the side along the left line is called.</param>
    /// <param name="atTo">What the side along the right line is called.</param>
    public static Outline? Of(Outline outline, Length? from, Length? to, EdgeName atFrom, EdgeName atTo)
    {
        var kept = outline.Edges.SelectMany(edge => Parts(edge, from, to)).ToList();
        if (kept.Count == 0)
        {
            return null;
        }

        var edges = new List<Edge>();
        var (closedFrom, closedTo) = (0, 0);
        for (var i = 0; i < kept.Count; i++)
        {
            edges.Add(kept[i]);
            var (end, next) = (kept[i].End, kept[(i + 1) % kept.Count].Start);
            if (end == next)
            {
                continue;
            }

            var isAtFrom = from is { } left && (to is not { } right || (end.X - left).Abs() < (end.X - right).Abs());
            edges.Add(new(isAtFrom ? atFrom : atTo, end, next));
            (closedFrom, closedTo) = isAtFrom ? (closedFrom + 1, closedTo) : (closedFrom, closedTo + 1);
        }

        return closedFrom == (from is null ? 0 : 1) && closedTo == (to is null ? 0 : 1) ? new(edges) : null;
    }

    /// <summary>The parts of an edge that lie between the lines: cut where it crosses them, and told by any place inside each.</summary>
    private static IEnumerable<Edge> Parts(Edge edge, Length? from, Length? to)
    {
        Length?[] lines = [from, to];
        List<Length> stops =
        [
            Length.Zero,
            .. lines.OfType<Length>().SelectMany(line => Partition.Crossings(edge, line)).Order(),
            edge.Length,
        ];
        for (var i = 0; i + 1 < stops.Count; i++)
        {
            var part = stops.Count == 2 ? edge : Partition.Cut(edge, stops[i], stops[i + 1], edge.Name);
            var x = Partition.PointAlong(part, part.Length.Half()).X;
            if ((from is null || x > from) && (to is null || x < to))
            {
                yield return part;
            }
        }
    }
}
