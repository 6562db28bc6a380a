using Wrapper.Core.Checks;
using Wrapper.Core.English.Parts;
using Wrapper.Core.Geometry;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;

namespace Wrapper.Core.Parts.Edges;

/// <summary>
/// The lower edge of a wall, which rises over what stands in its way: from the full drop to the limited one it eases in a
/// smooth curve. See docs/handbook.md, "Obstacles".
/// </summary>
internal static class HemLine
{
    /// <summary>
    /// The lower edge from left to right at height 0, for a wall that reaches so far down from the top's edge. Obstacles are
    /// measured from the left end, seen from outside.
    /// </summary>
    public static IEnumerable<Edge> Draw(EdgeName name, Length length, Length reach, IEnumerable<Obstacle> obstacles)
    {
        var at = Point.Origin;
        foreach (var obstacle in obstacles.OrderBy(obstacle => obstacle.From))
        {
            var rise = reach - obstacle.Drop;
            if (!rise.IsPositive)
            {
                continue;
            }

            var ease = Ease(rise);
            var (start, end) = (obstacle.From - ease, obstacle.From + obstacle.Length + ease);
            if (start > at.X)
            {
                yield return new(name, at, new(start, Length.Zero));
            }

            foreach (var edge in Step(name, new(start, Length.Zero), new(obstacle.From, rise)))
            {
                yield return edge;
            }

            var after = new Point(obstacle.From + obstacle.Length, rise);
            yield return new(name, new(obstacle.From, rise), after);
            at = new(end, Length.Zero);
            foreach (var edge in Step(name, after, at))
            {
                yield return edge;
            }
        }

        if (at.X < length)
        {
            yield return new(name, at, new(length, Length.Zero));
        }
    }

    /// <summary>What does not go on this side: an obstacle outside it, or two whose curves run into each other.</summary>
    public static IEnumerable<Check> Checks(string side, Length length, Length reach, IEnumerable<Obstacle> obstacles, LengthFormat format)
    {
        var done = Length.Zero;
        foreach (var obstacle in obstacles.OrderBy(obstacle => obstacle.From))
        {
            var rise = reach - obstacle.Drop;
            if (!rise.IsPositive)
            {
                yield return Check.Note("obstacle-clear", PartsText.ObstacleClear(side), "obstacles");
                continue;
            }

            var ease = Ease(rise);
            if (obstacle.From - ease < done || obstacle.From + obstacle.Length + ease > length)
            {
                yield return Check.Error("obstacle-too-near", PartsText.ObstacleTooNear(side, format.RoundedWithUnit(ease)), "obstacles");
            }

            done = obstacle.From + obstacle.Length + ease;
        }
    }

    private static Length Ease(Length rise) => 2 * rise;

    /// <summary>Two arcs from one height to the other, level at both ends.</summary>
    private static IEnumerable<Edge> Step(EdgeName name, Point from, Point to)
    {
        var level = new Vector(1, 0);
        return SmoothCurve.Arcs(name, t => t == 0 ? from : to, _ => level, 1);
    }
}
