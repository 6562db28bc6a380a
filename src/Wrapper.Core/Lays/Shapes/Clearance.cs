namespace Wrapper.Core.Lays.Shapes;

/// <summary>How far along the roll two shapes have to be from one another that stand so far apart across it.</summary>
internal static class Clearance
{
    /// <summary>
    /// The open stretch of places along the roll, counted from the laid shape's own, in which the other would come nearer
    /// to it than the space allows. Nothing (a stretch that ends before it begins) where they never meet.
    /// </summary>
    /// <param name="laid">The shape that lies.</param>
    /// <param name="shape">The one that is put beside it.</param>
    /// <param name="across">How far right of the laid one it stands.</param>
    /// <param name="straightSpace">Kept between straight edges, across and along.</param>
    /// <param name="curveSpace">Kept where one of the edges is a curve; not less.</param>
    public static (long From, long To) Between(LayShape laid, LayShape shape, long across, long straightSpace, long curveSpace)
    {
        var (from, to) = (long.MaxValue, long.MinValue);
        var under = laid.Slabs ?? Whole(laid);
        var over = shape.Slabs ?? Whole(shape);
        var first = 0;
        foreach (var a in under)
        {
            while (first < over.Length && across + over[first].Right + curveSpace <= a.Left)
            {
                first++;
            }

            for (var k = first; k < over.Length && across + over[k].Left - curveSpace < a.Right; k++)
            {
                Meet(a, over[k]);
            }
        }

        return (from, to);

        void Meet(in LayShape.Slab a, in LayShape.Slab b)
        {
            var (left, right) = (across + b.Left, across + b.Right);
            var space = a.IsCurved || b.IsCurved ? curveSpace : straightSpace;
            if (right + space <= a.Left || left - space >= a.Right)
            {
                return;
            }

            if (space == 0)
            {
                At(a, b, Math.Max(a.Left, left), Math.Max(a.Left, left), space);
                At(a, b, Math.Min(a.Right, right), Math.Min(a.Right, right), space);
                return;
            }

            // Edges are straight within a slab, so the nearest approach is at a corner of what lies within the space.
            ReadOnlySpan<long> corners = [a.Left, a.Right, left - space, left + space, right - space, right + space];
            foreach (var corner in corners)
            {
                var at = Math.Clamp(corner, a.Left, a.Right);
                At(a, b, at, Math.Clamp(at - space, left, right), space);
                At(a, b, at, Math.Clamp(at + space, left, right), space);
            }
        }

        void At(in LayShape.Slab a, in LayShape.Slab b, long onLaid, long onShape, long space)
        {
            if (Math.Abs(onLaid - onShape) <= space)
            {
                to = Math.Max(to, LayShape.High(a, onLaid) - LayShape.Low(b, onShape - across) + space);
                from = Math.Min(from, LayShape.Low(a, onLaid) - LayShape.High(b, onShape - across) - space);
            }
        }
    }

    private static LayShape.Slab[] Whole(LayShape shape) => [new(0, shape.Width, 0, 0, shape.Height, shape.Height, false)];
}
