using Wrapper.Core.Units;

namespace Wrapper.Core.Geometry;

/// <summary>
/// Whether a shape moved outwards grows by just so much on each side of its box, so that a sum gives its size; where it ends
/// in a point, the mitre reaches further and can only be read off. See docs/handbook.md, "Pieces".
/// </summary>
public static class Extents
{
    private const double Parallel = 1e-5;

    /// <summary>Half a thousandth of a millimetre: corners of one side that differ by less stand on it alike.</summary>
    private static readonly Length Near = Length.FromNanometres(500);

    /// <summary>Its left and right are straight edges or curves, not points.</summary>
    public static bool AreSquareAcross(Outline outline) =>
        IsSquare(outline, point => point.X, outline.Bounds.Left, new(0, 1))
        && IsSquare(outline, point => point.X, outline.Bounds.Right, new(0, 1));

    /// <summary>Its lower and upper side are straight edges or curves, not points.</summary>
    public static bool AreSquareAlong(Outline outline) =>
        IsSquare(outline, point => point.Y, outline.Bounds.Bottom, new(1, 0))
        && IsSquare(outline, point => point.Y, outline.Bounds.Top, new(1, 0));

    /// <summary>
    /// An edge lies along a side of the box or bulges out to it; one that only ends there is moved aside by another's allowance.
    /// </summary>
    /// <param name="edge">The edge.</param>
    /// <param name="beyond">How far a box reaches beyond the side: 0 where it just reaches it, less where it does not.</param>
    public static bool Reaches(Edge edge, Func<Box, Length> beyond) =>
        edge.Arc is null
            ? beyond(Box.Around([edge with { End = edge.Start }])) >= -Near && beyond(Box.Around([edge with { Start = edge.End }])) >= -Near
            : beyond(Box.Around([edge])) >= -Near;

    /// <summary>
    /// How far the cut line reaches beyond the left and the right of a shape that ends in points between straight edges;
    /// null where a curve meets in the point, or the mitre is so long that it is cut off.
    /// </summary>
    public static (Length Left, Length Right)? MitresAcross(Outline outline, Func<EdgeName, Length> allowance) =>
        Mitre(outline, allowance, new(-1, 0)) is { } left && Mitre(outline, allowance, new(1, 0)) is { } right ? (left, right) : null;

    /// <summary>The furthest that the mitres reach which stand on one side of the box.</summary>
    private static Length? Mitre(Outline outline, Func<EdgeName, Length> allowance, Vector outwards)
    {
        double Out(Point point) => (point.X.Nanometres * outwards.X) + (point.Y.Nanometres * outwards.Y);
        var side = outline.Edges.Max(edge => Out(edge.Start));
        var furthest = double.NegativeInfinity;
        for (var i = 0; i < outline.Edges.Length; i++)
        {
            var (before, after) = (outline.Edges[i], outline.Edges[(i + 1) % outline.Edges.Length]);
            if (side - Out(after.Start) > Near.Nanometres)
            {
                continue;
            }

            var (first, second) = (before.DirectionAtEnd.Outward, after.DirectionAtStart.Outward);
            var turn = first.Cross(second);
            if (before.Arc is not null || after.Arc is not null || first.Dot(second) < -0.5 || turn < Parallel)
            {
                return null; // a curve runs into the point, or it is more acute than 60°
            }

            // Where the two moved edges meet, from the corner: each moved out along its own normal.
            var (a, b) = (allowance(before.Name).Nanometres, allowance(after.Name).Nanometres);
            var (x, y) = (((a * second.Y) - (b * first.Y)) / turn, ((b * first.X) - (a * second.X)) / turn);
            furthest = Math.Max(furthest, (x * outwards.X) + (y * outwards.Y));
        }

        return Length.FromNanometresRounded(furthest);
    }

    /// <summary>Every corner on this side of the box has an edge that lies along the side, or touches it smoothly.</summary>
    private static bool IsSquare(Outline outline, Func<Point, Length> place, Length side, Vector along)
    {
        for (var i = 0; i < outline.Edges.Length; i++)
        {
            var (before, after) = (outline.Edges[i], outline.Edges[(i + 1) % outline.Edges.Length]);
            if (
                (place(after.Start) - side).Abs() <= Near
                && Math.Abs(before.DirectionAtEnd.Cross(along)) > Parallel
                && Math.Abs(after.DirectionAtStart.Cross(along)) > Parallel
            )
            {
                return false;
            }
        }

        return true;
    }
}
