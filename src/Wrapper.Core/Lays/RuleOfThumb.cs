using Wrapper.Core.Lays.Repeats;
using Wrapper.Core.Lays.Search;
using Wrapper.Core.Lays.Shapes;

namespace Wrapper.Core.Lays;

/// <summary>
/// The lay a maker works out on paper: like pieces side by side in rows, the rows one after another. It is shown beside
/// the planner's lay, and it is the planner's first, so that the planner never needs more. Flaws and pinned pieces are not
/// known on paper. See docs/handbook.md, "How much to buy".
/// </summary>
internal static class RuleOfThumb
{
    /// <summary>The length of the rows, and where each piece lies in them.</summary>
    public static (long Length, List<LaidShape> Rows) LayOut(
        IReadOnlyList<LayItem> items,
        LayCloth cloth,
        IReadOnlyDictionary<string, long> across
    )
    {
        var places = new List<LaidShape>();
        var phases = new PatternPhases(cloth.Pattern, across);
        var (next, end) = (0L, 0L);
        foreach (var group in items.GroupBy(item => item.Piece.Id))
        {
            var row = Row.Of(group.First(), cloth, phases);
            var y = places.Count == 0 ? 0 : Math.Max(next, end + row.Space);
            y = phases.For(row.Item.Match).Next(row.First, y);
            phases.Settle(row.Item.Match, row.First, y);
            var (lattice, at) = (phases.For(row.Item.Match), 0);
            foreach (var item in group)
            {
                if (at == row.Across)
                {
                    (y, at) = (y + row.Length, 0);
                }

                var x = row.First + (at++ * row.Step);
                var place = new LaidShape(item, row.Shape, x, lattice.Next(x, y));
                places.Add(place);
                end = Math.Max(end, place.Y + row.Shape.Height);
            }

            next = end + row.Space;
        }

        return (end, places);
    }

    /// <summary>
    /// The figure on paper: rows raised to whole repeats, half a repeat more a row where the pattern drops, and one repeat more
    /// for every group that has to meet; but never less than the rows really take.
    /// </summary>
    public static long Figure(IReadOnlyList<LayItem> items, LayCloth cloth, IReadOnlyDictionary<string, long> across)
    {
        var (total, space, repeat) = (0L, 0L, cloth.Pattern.Length);
        var phases = new PatternPhases(cloth.Pattern, across);
        foreach (var group in items.GroupBy(item => item.Piece.Id))
        {
            var row = Row.Of(group.First(), cloth, phases);
            space = row.Space;
            var length =
                (repeat > 0 ? Raised(row.Shape.Height + space, repeat) : row.Length)
                + (row.Item.IsMatched && cloth.Pattern.HalfDrop ? (repeat + 1) / 2 : 0);
            total += (group.Count() + row.Across - 1) / row.Across * length;
        }

        var groups = items.Where(item => item.IsMatched).Select(item => item.Match!.Group).Distinct().Count();
        return Math.Max(total + (groups * repeat) - (repeat > 0 ? 0 : space), LayOut(items, cloth, across).Length);
    }

    private static long Raised(long length, long step) => (length + step - 1) / step * step;

    /// <summary>A row of like pieces: where it begins, how far from one to the next, how many, and how long it is.</summary>
    private sealed record Row(LayItem Item, LayShape Shape, long Space, long First, long Step, long Across, long Length)
    {
        public static Row Of(LayItem item, LayCloth cloth, PatternPhases phases)
        {
            var (shape, pattern) = (item.OnPaper(cloth.Usable), cloth.Pattern);
            var space = shape.IsCurved ? cloth.CurveSpace : cloth.Space;
            var (step, length) = (shape.Width + space, shape.Height + space);
            if (item.IsMatched)
            {
                step = pattern.Width > 0 && !item.Match!.AlongOnly ? Raised(step, pattern.Width) : step;
                length = pattern.Length > 0 ? Raised(length, pattern.Length) : length;
            }

            var room = cloth.Usable - shape.Width;
            var first = item.Piece.OnFold ? room : phases.For(item.Match).FirstAcross;
            return new(item, shape, space, first, step, Math.Max(1, ((room - first) / step) + 1), length);
        }
    }
}
