using Wrapper.Core.Units;

namespace Wrapper.Core.Geometry;

/// <summary>Where two neighbouring edges, at least one of them an arc, meet after both have moved outwards.</summary>
internal static class OffsetMeeting
{
    /// <summary>The meeting nearest to the old corner; null when the moved edges no longer meet.</summary>
    public static Point? Of(Edge before, Length beforeBy, Edge after, Length afterBy, Point corner)
    {
        var candidates = (before.Arc, after.Arc) switch
        {
            ({ } first, { } second) => CircleWithCircle(Circle(before, first, beforeBy), Circle(after, second, afterBy)),
            ({ } first, null) => LineWithCircle(Line(after, afterBy), Circle(before, first, beforeBy)),
            (null, { } second) => LineWithCircle(Line(before, beforeBy), Circle(after, second, afterBy)),
            _ => throw new ArgumentException("At least one of the edges has to be an arc.", nameof(before)),
        };
        Point? nearest = null;
        foreach (var candidate in candidates)
        {
            if (nearest is not { } best || candidate.DistanceTo(corner) < best.DistanceTo(corner))
            {
                nearest = candidate;
            }
        }

        return nearest;
    }

    private static (Point On, Vector Direction) Line(Edge edge, Length by) =>
        (edge.Start + (by.Nanometres * edge.DirectionAtStart.Outward), edge.DirectionAtStart);

    private static (Point Centre, double Radius) Circle(Edge edge, Arc arc, Length by) =>
        (arc.Centre, arc.RadiusAt(edge.Start) + (arc.CounterClockwise ? by.Nanometres : -by.Nanometres));

    private static IEnumerable<Point> LineWithCircle((Point On, Vector Direction) line, (Point Centre, double Radius) circle)
    {
        var toCentre = circle.Centre - line.On;
        var along = toCentre.Dot(line.Direction);
        var away = toCentre.Cross(line.Direction);
        var half = (circle.Radius * circle.Radius) - (away * away);
        if (half < 0)
        {
            yield break;
        }

        yield return line.On + ((along - Math.Sqrt(half)) * line.Direction);
        yield return line.On + ((along + Math.Sqrt(half)) * line.Direction);
    }

    private static IEnumerable<Point> CircleWithCircle((Point Centre, double Radius) a, (Point Centre, double Radius) b)
    {
        var apart = b.Centre - a.Centre;
        var distance = apart.Size;
        var along = ((distance * distance) + (a.Radius * a.Radius) - (b.Radius * b.Radius)) / (2 * distance);
        var half = (a.Radius * a.Radius) - (along * along);
        if (distance == 0 || half < 0)
        {
            yield break;
        }

        var foot = along * apart.Unit;
        yield return a.Centre + (foot + (Math.Sqrt(half) * apart.Unit.Outward));
        yield return a.Centre + (foot - (Math.Sqrt(half) * apart.Unit.Outward));
    }
}
