namespace Wrapper.Core.Cloth;

/// <summary>
/// The lay a maker works out on paper: like pieces side by side in rows, the rows one after another. It is shown beside
/// the planner's lay, and it is the planner's first, so that the planner never needs more. See docs/handbook.md, "How much to buy".
/// </summary>
internal static class RuleOfThumb
{
    /// <summary>The length of the rows, and where each piece lies in them.</summary>
    public static (long Length, List<LaidShape> Rows) LayOut(
        IReadOnlyList<LayItem> items, long usable, long space, long repeat)
    {
        var places = new List<LaidShape>();
        var y = 0L;
        var end = 0L;
        foreach (var group in items.GroupBy(item => item.Piece.Id))
        {
            var like = group.ToList();
            var shape = like[0].OnPaper(usable);
            var across = Math.Max(1, (usable + space) / (shape.Width + space));
            var rowLength = shape.Height + space;
            if (like[0].IsMatched)
            {
                rowLength = (rowLength + repeat - 1) / repeat * repeat;
                y = RepeatPhase.Next(y, repeat, like[0].Phase);
            }

            for (var i = 0; i < like.Count; i++)
            {
                places.Add(new(like[i], shape, i % across * (shape.Width + space), y + (i / across * rowLength)));
            }

            var rows = (like.Count + across - 1) / across;
            end = y + ((rows - 1) * rowLength) + shape.Height;
            y += rows * rowLength;
        }

        return (end, places);
    }

    /// <summary>The figure on paper: rows raised to whole repeats, and one repeat more where pieces have to match.</summary>
    public static long Figure(IReadOnlyList<LayItem> items, long usable, long space, long repeat)
    {
        var total = 0L;
        var matching = false;
        foreach (var group in items.GroupBy(item => item.Piece.Id))
        {
            var shape = group.First().OnPaper(usable);
            var across = Math.Max(1, (usable + space) / (shape.Width + space));
            var rowLength = shape.Height + space;
            if (repeat > 0)
            {
                rowLength = (rowLength + repeat - 1) / repeat * repeat;
                matching |= group.First().IsMatched;
            }

            total += (group.Count() + across - 1) / across * rowLength;
        }

        return total + (matching ? repeat : 0) - (repeat > 0 ? 0 : space);
    }
}
