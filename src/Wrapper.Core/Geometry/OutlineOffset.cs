using Wrapper.Core.Units;

namespace Wrapper.Core.Geometry;

/// <summary>
/// Turns a stitch line into a cut line: every edge moves outwards by its own allowance and neighbours meet in true
/// mitres. See docs/handbook.md, "Pieces".
/// </summary>
public static class OutlineOffset
{
    private static readonly Length Smooth = Length.FromNanometres(1000);

    /// <summary>The sine of a turn so slight that a mitre between different allowances would run far along the edges: about 3°.</summary>
    private const double NearlyStraight = 0.05;

    /// <summary>
    /// The outline with every edge moved outwards by its allowance. Corners are mitred, inside corners too; a mitre
    /// reaches at most twice the larger allowance from its corner and is cut off square beyond that. Where neighbours run
    /// on in one line with different allowances, a short edge named after the first steps from one to the other.
    /// </summary>
    /// <exception cref="KeyNotFoundException">An edge has no allowance.</exception>
    public static Outline Offset(Outline outline, IReadOnlyDictionary<string, Length> allowances) => new(Moved(outline, allowances));

    private static List<Edge> Moved(Outline outline, IReadOnlyDictionary<string, Length> allowances)
    {
        var edges = outline.Edges;
        var corners = new (Point EndOfBefore, Point StartOfAfter)[edges.Length];
        var (before, beforeBy) = (edges[^1], allowances[edges[^1].Name]);
        for (var i = 0; i < edges.Length; i++)
        {
            var by = edges[i].Name == before.Name ? beforeBy : allowances[edges[i].Name]; // a curve is many parts of one name
            corners[i] = Corner(before, beforeBy, edges[i], by);
            (before, beforeBy) = (edges[i], by);
        }

        var moved = new List<Edge>(edges.Length + 2);
        for (var i = 0; i < edges.Length; i++)
        {
            var (end, nextStart) = corners[(i + 1) % edges.Length];
            if (corners[i].StartOfAfter != end)
            {
                moved.Add(edges[i] with { Start = corners[i].StartOfAfter, End = end });
            }

            if (end != nextStart)
            {
                moved.Add(new(edges[i].Name.As(edges[i].Name.Function, "step"), end, nextStart));
            }
        }

        return moved;
    }

    /// <summary>
    /// The outline of straight edges with every edge moved inwards by the same length; null where nothing of its shape is left.
    /// </summary>
    public static Outline? Within(Outline outline, Length by)
    {
        var moved = Moved(outline, outline.Names.ToDictionary(name => name.Word, _ => -by));
        if (
            moved.Count < 3
            || moved.Sum(edge =>
                ((double)edge.Start.X.Nanometres * edge.End.Y.Nanometres) - ((double)edge.End.X.Nanometres * edge.Start.Y.Nanometres)
            ) <= 0
        )
        {
            return null;
        }

        var within = new Outline(moved);
        return KeepsShape(outline, within) ? within : null;
    }

    /// <summary>The outline with every edge moved outwards by the same length.</summary>
    public static Outline Offset(Outline outline, Length by) => Offset(outline, outline.Names.ToDictionary(name => name.Word, _ => by));

    /// <summary>
    /// True when an outline that was moved is still the same shape: every edge is there and runs the way it did, and none
    /// crosses another. A slot narrower than what it is filled with, or an edge shorter than what is taken from it, is not kept.
    /// </summary>
    public static bool KeepsShape(Outline outline, Outline moved) => KeepsEdges(outline, moved) && Crossing.Find(moved.Edges) is null;

    /// <summary>
    /// The first half of the same: no edge was lost or turned round. Enough where edges do not face each other across a slot.
    /// </summary>
    public static bool KeepsEdges(Outline outline, Outline moved)
    {
        var at = 0;
        foreach (var edge in outline.Edges)
        {
            while (at < moved.Edges.Length && moved.Edges[at].Name != edge.Name)
            {
                at++; // the short edge that cuts off a mitre
            }

            if (
                at == moved.Edges.Length
                || (edge.Arc is null && (moved.Edges[at].End - moved.Edges[at].Start).Dot(edge.End - edge.Start) <= 0)
            )
            {
                return false;
            }

            at++;
        }

        return true;
    }

    /// <summary>Closer than a hair; most are in the one place, which needs no root to see.</summary>
    private static bool AreNear(Point one, Point other) =>
        (other.X - one.X).Abs() + (other.Y - one.Y).Abs() <= Smooth || one.DistanceTo(other) <= Smooth;

    private static (Point EndOfBefore, Point StartOfAfter) Corner(Edge before, Length beforeBy, Edge after, Length afterBy)
    {
        var corner = after.Start;
        var incoming = before.DirectionAtEnd;
        var outgoing = after.DirectionAtStart;
        var onBefore = corner + (beforeBy.Nanometres * incoming.Outward);
        var onAfter = corner + (afterBy.Nanometres * outgoing.Outward);
        if (AreNear(onBefore, onAfter))
        {
            return (onBefore, onBefore); // straight on, or the smooth passage from one part of a curve to the next
        }

        if (Math.Abs(incoming.Cross(outgoing)) < 1e-9)
        {
            return (onBefore, onAfter);
        }

        var mitre =
            before.Arc is null && after.Arc is null
                ? corner + LineMitre(incoming, beforeBy, outgoing, afterBy)
                : OffsetMeeting.Of(before, beforeBy, after, afterBy, corner);
        if (mitre is not { } point)
        {
            return (onBefore, onAfter);
        }

        var (turn, away) = (incoming.Cross(outgoing), point.DistanceTo(corner));
        if (Math.Abs(turn) < NearlyStraight && away > 2 * Length.Max(beforeBy.Abs(), afterBy.Abs()))
        {
            return (onBefore, onAfter); // neighbours all but in one line with different allowances meet far off or nowhere
        }

        var reach = 2 * Length.Max(beforeBy, afterBy);
        return turn > 0 && reach.IsPositive && away > reach ? CutOff(corner, incoming, outgoing, beforeBy, afterBy, reach) : (point, point);
    }

    /// <summary>Where two straight edges meet after moving out: solved from the corner, so that right angles stay exact.</summary>
    private static Vector LineMitre(Vector incoming, Length beforeBy, Vector outgoing, Length afterBy)
    {
        var cross = incoming.Cross(outgoing);
        return (1 / cross) * ((afterBy.Nanometres * incoming) - (beforeBy.Nanometres * outgoing));
    }

    /// <summary>A sharp mitre cut off square to its own direction, <paramref name="reach"/> from the corner.</summary>
    private static (Point, Point) CutOff(Point corner, Vector incoming, Vector outgoing, Length beforeBy, Length afterBy, Length reach)
    {
        var axis = (incoming - outgoing).Unit;
        return (corner + Along(incoming, beforeBy), corner + Along(-1 * outgoing, afterBy, afterSide: true));

        Vector Along(Vector run, Length by, bool afterSide = false)
        {
            // A point by·outward + k·run whose part along the axis is the reach.
            var outward = by.Nanometres * (afterSide ? (-1 * run).Outward : run.Outward);
            return outward + ((reach.Nanometres - outward.Dot(axis)) / run.Dot(axis) * run);
        }
    }
}
