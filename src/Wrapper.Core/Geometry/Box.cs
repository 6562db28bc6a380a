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
                foreach (var side in Sides)
                {
                    if (Reaches(edge, arc, side))
                    {
                        Include(arc.Centre + (arc.RadiusAt(edge.Start) * side));
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

    /// <summary>
    /// The arc comes past the point of its circle that lies furthest to this side. A curve is many short arcs and hardly one of
    /// them does: on which hand of its two ends the side lies says so without an angle, but where it all but lies on one of them.
    /// </summary>
    private static bool Reaches(Edge edge, Arc arc, Vector side)
    {
        var (first, last) = arc.CounterClockwise
            ? (edge.Start - arc.Centre, edge.End - arc.Centre)
            : (edge.End - arc.Centre, edge.Start - arc.Centre);
        var (opening, past, before) = (first.Cross(last), first.Cross(side), side.Cross(last));
        var near = Close * (Math.Abs(first.X) + Math.Abs(first.Y));
        if (Math.Abs(past) > near && Math.Abs(before) > near && Math.Abs(opening) > near * near)
        {
            return opening > 0 ? past > 0 && before > 0 : past > 0 || before > 0;
        }

        var from = edge.Start - arc.Centre;
        var (angle, sweep) = (Math.Atan2(from.Cross(side), from.Dot(side)), arc.Sweep(edge.Start, edge.End));
        return arc.CounterClockwise ? Positive(angle) < sweep : Positive(-angle) < -sweep;
    }

    /// <summary>The sine of an angle too small to trust its sign to.</summary>
    private const double Close = 1e-7;

    private static readonly Vector[] Sides = [new(1, 0), new(0, 1), new(-1, 0), new(0, -1)];

    private static double Positive(double angle) => angle < 0 ? angle + (2 * Math.PI) : angle;
}
