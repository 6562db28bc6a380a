using Wrapper.Core.Units;

namespace Wrapper.Core.Geometry;

/// <summary>
/// An outline grown all round by one margin with round joins: every place of it lies the margin away from the old
/// outline. Parts keep the names of the edges they lie along; the arcs round corners belong to the edge before.
/// </summary>
public static class RoundOffset
{
    /// <summary>The grown outline; null where an inward curve or corner is too tight for the margin.</summary>
    public static Outline? Grow(Outline outline, Length margin)
    {
        var edges = outline.Edges;
        var moved = new List<Edge>();
        var by = margin.Nanometres;
        for (var i = 0; i < edges.Length; i++)
        {
            var (edge, next) = (edges[i], edges[(i + 1) % edges.Length]);
            if (edge.Arc is { CounterClockwise: false } inner && inner.RadiusAt(edge.Start) <= by)
            {
                return null;
            }

            moved.Add(
                edge with
                {
                    Start = edge.Start + (by * edge.DirectionAtStart.Outward),
                    End = edge.End + (by * edge.DirectionAtEnd.Outward),
                }
            );
            var turn = edge.DirectionAtEnd.Cross(next.DirectionAtStart);
            if (turn > 1e-6)
            {
                moved.Add(
                    new(
                        edge.Name,
                        moved[^1].End,
                        next.Start + (by * next.DirectionAtStart.Outward),
                        new Arc(edge.End, CounterClockwise: true)
                    )
                );
            }
            else if (turn < -1e-6)
            {
                return null; // an inward corner: round it first
            }
        }

        return new(SmoothCurve.Closed(moved));
    }
}
