using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.English.Parts;
using Wrapper.Core.Geometry;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Parts.Plans;

/// <summary>
/// Rounds the outer corners of a plan between straight edges. Edges then run from mid-arc to mid-arc, so that they still
/// add up to the perimeter. See docs/handbook.md, "Rounded corners".
/// </summary>
internal static class CornerRounding
{
    private static readonly Length Near = Length.FromNanometres(10);

    /// <summary>The plan with its corners rounded; the same plan and a check when the radius is larger than it can be.</summary>
    public static (ClosedPlan Plan, Check? Check) Round(ClosedPlan plan, Worked radius, RoundedCorners which, LengthFormat format)
    {
        if (radius.Value.IsZero || plan.IsSmooth)
        {
            return (plan, null);
        }

        var edges = plan.Outline.Edges;
        var tangents = new double[edges.Length];
        var most = double.PositiveInfinity;
        for (var i = 0; i < edges.Length; i++)
        {
            // k/R = 1/tan(θ/2) at the corner where edge i begins
            tangents[i] = Rounds(plan, edges, i, which) ? Math.Tan(Turn(edges, i) / 2) : 0;
        }

        for (var i = 0; i < edges.Length; i++)
        {
            var both = tangents[i] + tangents[(i + 1) % edges.Length];
            if (both > 0)
            {
                most = Math.Min(most, edges[i].Length.Nanometres / both);
            }
        }

        if (radius.Value.Nanometres > most + Near.Nanometres)
        {
            var largest = Length.FromNanometresRounded(Math.Floor(most)).RoundedDownTo(format.Step);
            return (
                plan,
                Check.Error(
                    "corner-radius-too-large",
                    PartsText.CornerRadiusTooLarge(format.RoundedWithUnit(radius.Value), format.RoundedWithUnit(largest)),
                    "cornerRadius",
                    new Mend(
                        PartsText.ToCornerRadiusLargest(format.RoundedWithUnit(largest)),
                        "measures.cornerRadius",
                        format.RoundedWithUnit(largest)
                    )
                )
            );
        }

        return (Rounded(plan, radius, tangents), null);
    }

    private static ClosedPlan Rounded(ClosedPlan plan, Worked radius, double[] tangents)
    {
        var edges = plan.Outline.Edges;
        var count = edges.Length;
        var arcs = new (Edge First, Edge Second)?[count];
        var size = radius.Value.Nanometres;
        for (var i = 0; i < count; i++)
        {
            if (tangents[i] <= 0)
            {
                continue;
            }

            var before = edges[(i + count - 1) % count];
            var (incoming, outgoing, corner) = (before.DirectionAtEnd, edges[i].DirectionAtStart, edges[i].Start);
            var k = size * tangents[i];
            var (start, end) = (corner + (-k * incoming), corner + (k * outgoing));
            var centre = start + (size * -1.0 * incoming.Outward);
            var middle = centre + (-size * (outgoing - incoming).Unit);
            var circle = new Arc(centre, CounterClockwise: true);
            arcs[i] = (new(before.Name, start, middle, circle), new(edges[i].Name, middle, end, circle));
        }

        // The outline begins with the second half of its first corner, so that the first edge stays the first.
        var parts = new List<Edge>();
        var lengths = new Dictionary<string, Worked>();
        var square = radius - (radius.TimesPi() / 4);
        for (var i = 0; i < count; i++)
        {
            var next = (i + 1) % count;
            var (from, to) = (arcs[i]?.Second.End ?? edges[i].Start, arcs[next]?.First.Start ?? edges[i].End);
            if (arcs[i] is { } here)
            {
                parts.Add(here.Second);
            }

            if (from.DistanceTo(to) > Near)
            {
                parts.Add(edges[i] with { Start = from, End = to });
            }
            else if (parts.Count > 0)
            {
                parts[^1] = parts[^1] with { End = to };
            }

            if (arcs[next] is { } there)
            {
                parts.Add(there.First);
            }

            lengths[edges[i].Name] =
                plan.Edges[edges[i].Name] - Cut(plan, radius, square, tangents[i], i) - Cut(plan, radius, square, tangents[next], next);
        }

        var outline = new Outline(SmoothCurve.Closed(parts));
        return new ClosedPlan(
            outline,
            lengths,
            plan.Front,
            plan.Back,
            Extents.AreSquareAcross(plan.Outline) || !RoundsPoint(across: true)
                ? plan.Width
                : Worked.ReadOff("across, over the rounded points", outline.Bounds.Width),
            Extents.AreSquareAlong(plan.Outline) || !RoundsPoint(across: false)
                ? plan.Depth
                : Worked.ReadOff("along, over the rounded points", outline.Bounds.Height)
        );

        // Where a point that made the plan as wide as it is was rounded off, only the drawing knows the width.
        bool RoundsPoint(bool across)
        {
            var (box, near) = (plan.Outline.Bounds, Length.FromNanometres(500));
            return Enumerable
                .Range(0, count)
                .Any(i =>
                    tangents[i] > 0
                    && (
                        across
                            ? (edges[i].Start.X - box.Left).Abs() <= near || (edges[i].Start.X - box.Right).Abs() <= near
                            : (edges[i].Start.Y - box.Bottom).Abs() <= near || (edges[i].Start.Y - box.Top).Abs() <= near
                    )
                );
        }
    }

    /// <summary>What a rounded corner takes off the edge: the tangent less half the arc; for a right angle R − πR/4.</summary>
    private static Worked Cut(ClosedPlan plan, Worked radius, Worked square, double tangent, int corner)
    {
        if (tangent <= 0)
        {
            return Worked.Zero;
        }

        if (Math.Abs(tangent - 1) < 1e-12)
        {
            return square;
        }

        var turn = Turn(plan.Outline.Edges, corner);
        return Worked.ReadOff("what the rounding of a slanted corner saves", radius.Value.Times(tangent - (turn / 2)));
    }

    private static bool Rounds(ClosedPlan plan, IReadOnlyList<Edge> edges, int corner, RoundedCorners which)
    {
        var before = edges[(corner + edges.Count - 1) % edges.Count];
        var after = edges[corner];
        return before.Arc is null
            && after.Arc is null
            && Turn(edges, corner) > 1e-6
            && which switch
            {
                RoundedCorners.Front => before.Name == plan.Front || after.Name == plan.Front,
                RoundedCorners.Back => before.Name == plan.Back || after.Name == plan.Back,
                _ => true,
            };
    }

    /// <summary>How far the outline turns to the left at the corner where an edge begins: π less the inner angle.</summary>
    private static double Turn(IReadOnlyList<Edge> edges, int corner)
    {
        var (incoming, outgoing) = (edges[(corner + edges.Count - 1) % edges.Count].DirectionAtEnd, edges[corner].DirectionAtStart);
        return Math.Atan2(incoming.Cross(outgoing), incoming.Dot(outgoing));
    }
}
