namespace Wrapper.Core.Cloth;

/// <summary>
/// A length below which no lay can be, proved three ways and the largest taken: the longest piece; the area; and, for
/// rectangles, the area after widths over a threshold are counted as the whole cloth and small ones left out, because
/// nothing of importance fits beside a wide piece. See docs/lay.md.
/// </summary>
internal static class LayBound
{
    public static long Of(IReadOnlyList<LayItem> items, long usable)
    {
        var longest = items.Max(item => item.Shapes.Min(shape => shape.Height));
        var best = Math.Max(longest, Ceiling(items.Aggregate((Int128)0, (sum, item) => sum + Area(item.Shapes[0])), usable));
        var rectangles = items.Select(Least).ToList();
        foreach (var threshold in rectangles.SelectMany(size => (long[])[size.Width, usable - size.Width + 1]).Append(0).Distinct().Where(width => width >= 0 && 2 * width <= usable))
        {
            var weighed = rectangles.Aggregate((Int128)0, (sum, size) => sum + ((Int128)Weighed(size.Width, usable, threshold) * size.Height));
            best = Math.Max(best, Ceiling(weighed, usable));
        }

        return best;
    }

    /// <summary>In square nanometres: exact for a rectangle, never above the truth for another shape.</summary>
    private static Int128 Area(LayShape shape) =>
        shape.Slabs is null ? (Int128)shape.Width * shape.Height : (Int128)(shape.Area * 1e12 * (1 - 1e-9));

    /// <summary>Least width and least height over the turns; a shape that is no rectangle proves nothing by its box.</summary>
    private static (long Width, long Height) Least(LayItem item) => item.Shapes.TrueForAll(shape => shape.Slabs is null)
        ? (item.Shapes.Min(shape => shape.Width), item.Shapes.Min(shape => shape.Height))
        : (0, 0);

    private static long Weighed(long width, long usable, long threshold) =>
        width > usable - threshold ? usable : width < threshold ? 0 : width;

    private static long Ceiling(Int128 area, long usable) => (long)((area + usable - 1) / usable);
}
