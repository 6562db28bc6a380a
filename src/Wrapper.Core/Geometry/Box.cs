using System.Collections.Immutable;
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
    public static Box Around(ImmutableArray<Edge> edges)
    {
        var first = edges[0].Start;
        var (left, bottom, right, top) = (first.X, first.Y, first.X, first.Y);
        foreach (var edge in edges)
        {
            Include(edge.Start);
            if (edge.Arc is { } arc)
            {
                var (sweep, radius) = (arc.Sweep(edge.Start, edge.End), arc.RadiusAt(edge.Start));
                foreach (var side in Sides)
                {
                    if (Reaches(edge, arc, sweep, side))
                    {
                        Include(arc.Centre + (radius * side));
                    }
                }
            }
        }

        return new(left, bottom, right, top);

        void Include(Point point)
        {
            (left, right) = (Length.Min(left, point.X), Length.Max(right, point.X));
            (bottom, top) = (Length.Min(bottom, point.Y), Length.Max(top, point.Y));
        }
    }

    /// <summary>The arc comes past the point of its circle that lies furthest to this side.</summary>
    private static bool Reaches(Edge edge, Arc arc, double sweep, Vector side)
    {
        var from = edge.Start - arc.Centre;
        var angle = Math.Atan2(from.Cross(side), from.Dot(side));
        return arc.CounterClockwise ? Positive(angle) < sweep : Positive(-angle) < -sweep;
    }

    private static readonly Vector[] Sides = [new(1, 0), new(0, 1), new(-1, 0), new(0, -1)];

    private static double Positive(double angle) => angle < 0 ? angle + (2 * Math.PI) : angle;
}
