namespace Wrapper.Core.Geometry;

/// <summary>Draws a smooth curve as circular arcs, two to a part, that meet without a corner. See docs/handbook.md, "Curves".</summary>
public static class SmoothCurve
{
    /// <summary>The arcs of a curve given by its place and its direction over 0 to 1.</summary>
    /// <param name="name">The name all its arcs have.</param>
    /// <param name="place">The point of the curve.</param>
    /// <param name="direction">The direction of travel, of size 1.</param>
    /// <param name="parts">In how many pairs of arcs.</param>
    public static IReadOnlyList<Edge> Arcs(EdgeName name, Func<double, Point> place, Func<double, Vector> direction, int parts)
    {
        var edges = new List<Edge>(2 * parts);
        var (from, leaving) = (place(0), direction(0));
        for (var i = 1; i <= parts; i++)
        {
            var (to, arriving) = (place(i / (double)parts), direction(i / (double)parts));
            AddPair(edges, name, from, leaving, to, arriving);
            (from, leaving) = (to, arriving);
        }

        return edges;
    }

    /// <summary>The parts with each end laid exactly on the next one's start, all round.</summary>
    public static IEnumerable<Edge> Closed(List<Edge> parts)
    {
        for (var i = 0; i < parts.Count; i++)
        {
            var end = parts[(i + 1) % parts.Count].Start;
            yield return parts[i].End == end ? parts[i] : parts[i] with { End = end };
        }
    }

    /// <summary>
    /// Two arcs from one place and direction to another: each leaves its end with equal tangents to the place where they meet.
    /// </summary>
    private static void AddPair(List<Edge> edges, EdgeName name, Point start, Vector out_, Point end, Vector in_)
    {
        var chord = end - start;
        var together = out_ + in_;
        var a = 2 * (1 - out_.Dot(in_));
        var b = 2 * chord.Dot(together);
        var c = -chord.Dot(chord);
        if (Math.Abs(chord.Unit.Cross(out_)) < 1e-9 && Math.Abs(chord.Unit.Cross(in_)) < 1e-9)
        {
            edges.Add(new(name, start, end));
            return;
        }

        // |chord − d·(out + in)|² = (2d)², with equal tangents d on both sides.
        var d = Math.Abs(a) < 1e-12 ? -c / b : (-b + Math.Sqrt((b * b) - (4 * a * c))) / (2 * a);
        var first = start + (d * out_);
        var second = end + (-d * in_);
        var middle = new Point((first.X + second.X).Half(), (first.Y + second.Y).Half());
        edges.Add(Tangent(name, start, out_, middle));
        edges.Add(Tangent(name, middle, (second - first).Unit, end));
    }

    /// <summary>The arc that leaves a place in a direction and reaches another.</summary>
    private static Edge Tangent(EdgeName name, Point start, Vector direction, Point end)
    {
        var chord = end - start;
        var normal = -1 * direction.Outward;
        var away = chord.Dot(normal);
        if (Math.Abs(away) < 1e-7 * chord.Size)
        {
            return new(name, start, end);
        }

        var radius = chord.Dot(chord) / (2 * away);
        return new(name, start, end, new Arc(start + (radius * normal), radius > 0));
    }
}
