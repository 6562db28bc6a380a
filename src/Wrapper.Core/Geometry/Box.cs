using Wrapper.Core.Units;

namespace Wrapper.Core.Geometry;

/// <summary>An upright rectangle round a shape.</summary>
public sealed record Box(Length Left, Length Bottom, Length Right, Length Top)
{
    /// <summary>Across.</summary>
    public Length Width => Right - Left;

    /// <summary>Along.</summary>
    public Length Height => Top - Bottom;

    /// <summary>The least box round edges, bulges included.</summary>
    public static Box Around(IReadOnlyList<Edge> edges)
    {
        var points = edges.SelectMany(Extremes).ToList();
        return new(
            points.Min(point => point.X), points.Min(point => point.Y), points.Max(point => point.X), points.Max(point => point.Y));
    }

    private static IEnumerable<Point> Extremes(Edge edge)
    {
        yield return edge.Start;
        if (edge.Arc is not { } arc)
        {
            yield break;
        }

        var sweep = arc.Sweep(edge.Start, edge.End);
        var radius = arc.RadiusAt(edge.Start);
        var from = edge.Start - arc.Centre;
        foreach (var side in Sides)
        {
            var angle = Math.Atan2(from.Cross(side), from.Dot(side));
            if (arc.CounterClockwise ? Positive(angle) < sweep : Positive(-angle) < -sweep)
            {
                yield return arc.Centre + (radius * side);
            }
        }
    }

    private static readonly Vector[] Sides = [new(1, 0), new(0, 1), new(-1, 0), new(0, -1)];

    private static double Positive(double angle) => angle < 0 ? angle + (2 * Math.PI) : angle;
}
