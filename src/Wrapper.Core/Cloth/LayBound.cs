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
        var area = Ceiling(items.Sum(item => item.Shapes[0].Area) * 1e12 / usable);
        var best = Math.Max(longest, area);
        var rectangles = items.Select(Least).ToList();
        foreach (var threshold in rectangles.SelectMany(size => (long[])[size.Width, usable - size.Width + 1]).Append(0).Distinct().Where(width => width >= 0 && 2 * width <= usable))
        {
            best = Math.Max(best, Ceiling(rectangles.Sum(size => Weighed(size.Width, usable, threshold) * (double)size.Height) / usable));
        }

        return best;
    }

    /// <summary>Least width and least height over the turns; a shape that is no rectangle proves nothing by its box.</summary>
    private static (long Width, long Height) Least(LayItem item) => item.Shapes.TrueForAll(shape => shape.Slabs is null)
        ? (item.Shapes.Min(shape => shape.Width), item.Shapes.Min(shape => shape.Height))
        : (0, 0);

    private static long Weighed(long width, long usable, long threshold) =>
        width > usable - threshold ? usable : width < threshold ? 0 : width;

    /// <summary>Rounded so that double arithmetic can never lift the bound above the truth.</summary>
    private static long Ceiling(double nanometres) => (long)Math.Floor(nanometres * (1 - 1e-12));
}
