using System.Collections.Immutable;
using Wrapper.Core.Units;

namespace Wrapper.Core.Geometry;

/// <summary>Whether a piece is its own mirror image, so that a pair needs no left and right.</summary>
public static class Symmetry
{
    private static readonly Length Near = Length.FromMillimetres(0.01m);

    /// <summary>True when the outline's shape is the same after turning it over left to right, however its edges are divided.</summary>
    public static bool IsLeftRight(Outline outline)
    {
        var axis = outline.Bounds.Left + outline.Bounds.Right;
        var runs = Runs(outline.Edges);
        if (runs.Count == 0)
        {
            return true; // a circle
        }

        // Turned over, the corners come in the opposite order: one that has its mirror image fixes all the others.
        var first = runs.FindIndex(run => IsMirrored(runs[0].Start, run.Start, axis));
        return first >= 0 && IsMirroredFrom(runs, first, axis);
    }

    private static bool IsMirroredFrom(List<Run> runs, int first, Length axis)
    {
        for (var i = 0; i < runs.Count; i++)
        {
            var corner = runs[(first - i + runs.Count) % runs.Count];
            var leading = runs[(first - i - 1 + (2 * runs.Count)) % runs.Count];
            if (!IsMirrored(runs[i].Start, corner.Start, axis) || !IsMirrored(runs[i].Middle, leading.Middle, axis))
            {
                return false;
            }
        }

        return true;
    }

    private static bool IsMirrored(Point point, Point other, Length axis) =>
        (other.X - (axis - point.X)).Abs() <= Near && (other.Y - point.Y).Abs() <= Near;

    /// <summary>The straights and circles the shape is made of; what only divides one of them is left out.</summary>
    private static List<Run> Runs(ImmutableArray<Edge> edges)
    {
        var begins = new List<Edge>(edges.Length);
        for (var i = 0; i < edges.Length; i++)
        {
            if (!GoesOn(edges[(i + edges.Length - 1) % edges.Length], edges[i]))
            {
                begins.Add(edges[i]);
            }
        }

        var runs = new List<Run>(begins.Count);
        for (var i = 0; i < begins.Count; i++)
        {
            var end = begins[(i + 1) % begins.Count].Start;
            var whole = begins[i].End == end ? begins[i] : begins[i] with { End = end };
            runs.Add(new(whole.Start, Partition.PointAlong(whole, whole.Length.Half())));
        }

        return runs;
    }

    private static bool GoesOn(Edge before, Edge after) =>
        (before.Arc, after.Arc) switch
        {
            (null, null) => Math.Abs(before.DirectionAtEnd.Cross(after.DirectionAtStart)) < 1e-7,
            ({ } one, { } other) => one.CounterClockwise == other.CounterClockwise && one.Centre.DistanceTo(other.Centre) <= Near,
            _ => false,
        };

    /// <summary>One straight or one arc: where it begins and where its middle lies, which says how it bulges.</summary>
    private readonly record struct Run(Point Start, Point Middle);
}
