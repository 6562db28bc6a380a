using Wrapper.Core.Units;

namespace Wrapper.Core.Geometry;

/// <summary>
/// Curves become corners only at the door: for the screen, files and the lay. The corners lie on or outside the true
/// curve, by no more than <see cref="Tolerance"/>, so that nothing is cut short.
/// </summary>
public static class Flattening
{
    /// <summary>How far a flattened curve may stand outside the true one: 0.05 mm.</summary>
    public static readonly Length Tolerance = Length.FromMillimetres(0.05m);

    /// <summary>The corners of the outline, counter-clockwise, with arcs as short straights.</summary>
    public static IReadOnlyList<Point> Flatten(Outline outline) => Corners(outline.Edges);

    /// <summary>The corners along edges that follow one another, from the start of the first to the end of the last.</summary>
    public static IReadOnlyList<Point> Along(IReadOnlyList<Edge> edges) => edges.Count == 0 ? [] : [.. Corners(edges), edges[^1].End];

    private static List<Point> Corners(IReadOnlyList<Edge> edges)
    {
        var corners = new List<Point>(8 * edges.Count);
        foreach (var edge in edges)
        {
            corners.Add(edge.Start);
            if (edge.Arc is { } arc)
            {
                AddArc(corners, edge, arc);
            }
        }

        return corners;
    }

    private static void AddArc(List<Point> corners, Edge edge, Arc arc)
    {
        var sweep = arc.Sweep(edge.Start, edge.End);
        var radius = arc.RadiusAt(edge.Start);
        var steps = Math.Max(2, (int)Math.Ceiling(Math.Abs(sweep) / (2 * Math.Acos(1 / (1 + (Tolerance.Nanometres * 0.9 / radius))))));
        var step = sweep / steps;
        var from = edge.Start - arc.Centre;

        // An outward bulge is followed by its tangents, an inward one by its chords: both lie outside the piece.
        var reach = arc.CounterClockwise ? 1 / Math.Cos(step / 2) : 1;
        var first = arc.CounterClockwise ? step / 2 : step;
        var count = arc.CounterClockwise ? steps : steps - 1;
        for (var i = 0; i < count; i++)
        {
            var angle = first + (i * step);
            var turned = new Vector(
                (from.X * Math.Cos(angle)) - (from.Y * Math.Sin(angle)),
                (from.X * Math.Sin(angle)) + (from.Y * Math.Cos(angle))
            );
            corners.Add(arc.Centre + (reach * turned));
        }
    }
}
