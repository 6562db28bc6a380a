namespace Wrapper.Core.Geometry;

/// <summary>Whether a closed line crosses or touches itself.</summary>
public static class Crossing
{
    private const int StepsOfArc = 16;

    /// <summary>The indices of two edges that cross or touch away from their common corner; null when there are none.</summary>
    public static (int First, int Second)? Find(IReadOnlyList<Edge> edges)
    {
        var segments = new List<(Point From, Point To, int Edge)>();
        for (var i = 0; i < edges.Count; i++)
        {
            var steps = edges[i].Arc is null ? 1 : StepsOfArc;
            var from = edges[i].Start;
            var length = edges[i].Length;
            for (var step = 1; step <= steps; step++)
            {
                var to = step == steps ? edges[i].End : Partition.PointAlong(edges[i], step * length / steps);
                segments.Add((from, to, i));
                from = to;
            }
        }

        for (var i = 0; i < segments.Count; i++)
        {
            for (var j = i + 2; j < segments.Count; j++)
            {
                if ((i != 0 || j != segments.Count - 1) && Meet(segments[i].From, segments[i].To, segments[j].From, segments[j].To))
                {
                    return (segments[i].Edge, segments[j].Edge);
                }
            }
        }

        return null;
    }

    private static bool Meet(Point a, Point b, Point c, Point d)
    {
        if (
            Max(a.X, b.X) < Min(c.X, d.X)
            || Max(c.X, d.X) < Min(a.X, b.X)
            || Max(a.Y, b.Y) < Min(c.Y, d.Y)
            || Max(c.Y, d.Y) < Min(a.Y, b.Y)
        )
        {
            return false;
        }

        var (ab, cd) = (b - a, d - c);
        return ab.Cross(c - a) * ab.Cross(d - a) <= 0 && cd.Cross(a - c) * cd.Cross(b - c) <= 0;
    }

    private static Units.Length Max(Units.Length a, Units.Length b) => Units.Length.Max(a, b);

    private static Units.Length Min(Units.Length a, Units.Length b) => Units.Length.Min(a, b);
}
