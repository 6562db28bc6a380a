using Wrapper.Core.Lays.Shapes;

namespace Wrapper.Core.Lays.Search;

/// <summary>
/// A length below which no lay can be: the largest of several that are each proved. Widths are weighed so that the
/// weights of what lies side by side never come to more than the whole cloth; then no lay is shorter than the sum of
/// weight times length. See docs/lay.md.
/// </summary>
internal static class LayBound
{
    private const int MostParts = 12;
    private const int MostThresholds = 80;

    public static long Of(IReadOnlyList<LayItem> items, long usable)
    {
        var longest = items.Max(item => item.Shapes.Min(shape => shape.Height));
        var area = Ceiling(items.Aggregate((Int128)0, (sum, item) => sum + Area(item.Shapes[0])), usable);
        List<List<(long Width, long Height)>> rectangles =
        [
            .. items
                .Where(item => item.Shapes.TrueForAll(shape => shape.Slabs is null)) // a box proves nothing of another shape
                .Select(item => item.Shapes.Where(shape => shape.Width <= usable).Select(shape => (shape.Width, shape.Height)).ToList())
                .Where(turns => turns.Count > 0)
                .OrderByDescending(turns => turns.Min(turn => turn.Height)),
        ];
        return Math.Max(Math.Max(longest, area), rectangles.Count == 0 ? 0 : Weighed(rectangles, usable));
    }

    /// <summary>In square nanometres: exact for a rectangle, never above the truth for another shape.</summary>
    private static Int128 Area(LayShape shape) =>
        shape.Slabs is null ? (Int128)shape.Width * shape.Height : (Int128)(shape.Area * 1e12 * (1 - 1e-9));

    /// <summary>The best bound of all ways to weigh widths.</summary>
    private static long Weighed(List<List<(long Width, long Height)>> rectangles, long usable)
    {
        var best = 0L;
        var ends = new long[rectangles.Count + 1]; // the lengths of the longest so many, one after another
        for (var i = 0; i < rectangles.Count; i++)
        {
            ends[i + 1] = ends[i] + rectangles[i].Min(turn => turn.Height);
        }

        foreach (var threshold in Thresholds(rectangles, usable).Append(0))
        {
            // What is too wide to lie beside anything that matters counts as the whole cloth, what does not matter as nothing.
            long Whole(long width) =>
                width > usable - threshold ? usable
                : width < threshold ? 0
                : width;
            best = Math.Max(best, Of(width => Whole(width), usable));
            for (var parts = 1; parts <= MostParts; parts++)
            {
                // In steps of a cloth's (parts + 1)th, rounded down, yet measured by its parts: pieces just over a step gain.
                best = Math.Max(best, Of(width => Stepped(Whole(width), parts), (Int128)usable * parts));
            }

            if (threshold > 0)
            {
                // How many of the least that matters a width takes up.
                var fits = usable / threshold;
                best = Math.Max(
                    best,
                    Of(
                        width =>
                            2 * width > usable ? fits - ((usable - width) / threshold)
                            : width >= threshold ? 1
                            : 0,
                        fits
                    )
                );
            }
        }

        return best;

        Int128 Stepped(long width, int parts)
        {
            var steps = (Int128)width * (parts + 1);
            return steps % usable == 0 ? (Int128)width * parts : steps / usable * usable;
        }

        // Weight times length, summed; and: where the longest so many weigh more than so many cloths, somewhere one more
        // than so many of them lie one after another, and those are at least as long as the shortest of them.
        long Of(Func<long, Int128> weight, Int128 whole)
        {
            var (sum, across, stacked) = ((Int128)0, (Int128)0, 0L);
            for (var k = 0; k < rectangles.Count; k++)
            {
                var turns = rectangles[k];
                var width = weight(turns[0].Width);
                var (least, narrow) = (width * turns[0].Height, width);
                for (var i = 1; i < turns.Count; i++)
                {
                    width = weight(turns[i].Width);
                    (least, narrow) = (Int128.Min(least, width * turns[i].Height), Int128.Min(narrow, width));
                }

                sum += least;
                across += narrow;
                var deep = (int)((across + whole - 1) / whole);
                stacked = Math.Max(stacked, ends[k + 1] - ends[k + 1 - deep]);
            }

            return Math.Max(stacked, (long)((sum + whole - 1) / whole));
        }
    }

    /// <summary>The widths at which weighing changes, up to half the cloth; of very many only some, which proves no less rightly.</summary>
    private static List<long> Thresholds(List<List<(long Width, long Height)>> rectangles, long usable)
    {
        var all = rectangles
            .SelectMany(turns => turns)
            .SelectMany(size => (long[])[size.Width, usable - size.Width + 1])
            .Where(width => width > 0 && 2 * width <= usable)
            .Distinct()
            .Order()
            .ToList();
        var every = Math.Max(1, all.Count / MostThresholds);
        return [.. all.Where((_, i) => i % every == 0)];
    }

    private static long Ceiling(Int128 area, long usable) => (long)((area + usable - 1) / usable);
}
