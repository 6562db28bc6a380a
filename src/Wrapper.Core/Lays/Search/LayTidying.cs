using Wrapper.Core.Lays.Shapes;

namespace Wrapper.Core.Lays.Search;

/// <summary>
/// Among lays of the same length, one that a person cuts well: few straight cuts, as many as can be right across, like pieces
/// beside like. See docs/lay.md, "What is cut well".
/// </summary>
internal static class LayTidying
{
    /// <summary>Orders tried at the most.</summary>
    private const int MostOrders = 120;

    /// <summary>Beyond this many pieces only the orders to begin with are tried.</summary>
    private const int Many = 150;
    private const int Seed = 20_120_814;

    /// <summary>The lay itself or a tidier one that is no longer.</summary>
    public static List<LaidShape> Tidied(List<LaidShape> lay, LayGround ground, int steps, Func<bool> shouldStop)
    {
        var pinned = ground.Pinned.ToHashSet();
        List<LayItem> order =
        [
            .. lay.Where(place => !pinned.Contains(place)).OrderBy(place => place.Y).ThenBy(place => place.X).Select(place => place.Item),
        ];
        if (order.Count == 0 || steps == 0 || ground.IsCrowded)
        {
            return lay;
        }

        var (laying, random) = (new Laying(ground), new Random(Seed));
        var (best, length, cuts) = (lay, LengthOf(lay), StraightCuts.Of(lay, ground.Cloth));
        void Try(List<LayItem> tried, Func<bool> isOver)
        {
            if (
                PutDown(tried, laying, length, isOver) is { } places
                && StraightCuts.Of(places, ground.Cloth) is var needed
                && needed <= cuts
            )
            {
                (order, best, cuts) = (tried, places, needed);
            }
        }

        // The usual orders of a lay that is not large are gone through even when the time is over; asked is all the same.
        Func<bool> isCutShort = order.Count > Many ? shouldStop : () => shouldStop() && false;
        foreach (var usual in LikeWithLike(order).Take(steps))
        {
            Try(usual, isCutShort);
        }

        for (var step = 0; step < Math.Min(steps, MostOrders) && order.Count is > 1 and <= Many && !shouldStop(); step++)
        {
            Try(Moved(order, random), shouldStop);
        }

        return Sections(best, ground);
    }

    public static long LengthOf(IEnumerable<LaidShape> lay) => lay.Max(place => place.Y + place.Shape.Height);

    private static IEnumerable<List<LayItem>> LikeWithLike(List<LayItem> order)
    {
        var byKind = order.GroupBy(item => item.Piece.Id).ToList();
        yield return [.. byKind.SelectMany(like => like)];
        yield return
        [
            .. byKind
                .OrderByDescending(like => like.First().Shapes[0].Height)
                .ThenByDescending(like => like.First().Shapes[0].Width)
                .SelectMany(like => like),
        ];
        yield return
        [
            .. byKind
                .OrderByDescending(like => like.First().Shapes[0].Width)
                .ThenByDescending(like => like.First().Shapes[0].Height)
                .SelectMany(like => like),
        ];
    }

    private static List<LaidShape>? PutDown(List<LayItem> order, Laying laying, long length, Func<bool> shouldStop)
    {
        laying.Begin();
        foreach (var item in order)
        {
            if (shouldStop() || laying.Lowest(item, length, shouldStop) is not { } place)
            {
                return null;
            }

            laying.Put(place);
        }

        return laying.Places();
    }

    /// <summary>One piece, or all of a kind, at another place in the order.</summary>
    private static List<LayItem> Moved(List<LayItem> order, Random random)
    {
        var chosen = order[random.Next(order.Count)];
        List<LayItem> moved = random.Next(2) == 0 ? [chosen] : [.. order.Where(item => item.Piece.Id == chosen.Piece.Id)];
        List<LayItem> rest = [.. order.Except(moved)];
        rest.InsertRange(random.Next(rest.Count + 1), moved);
        return rest;
    }

    /// <summary>
    /// Stretches between cuts right across change places so that like follows like; not where the place along the roll
    /// matters: on a pattern, beside flaws, pinned pieces and curves.
    /// </summary>
    private static List<LaidShape> Sections(List<LaidShape> lay, LayGround ground)
    {
        if (ground.Pinned.Count > 0 || ground.Cloth.Flaws.Count > 0 || lay.Exists(place => place.Item.IsMatched || place.Shape.IsCurved))
        {
            return lay;
        }

        var sections = Stretches.Parted(
            lay.OrderBy(place => place.Y),
            place => place.Y,
            place => place.Y + place.Shape.Height,
            ground.Cloth.Space
        );
        var order = sections.GroupBy(KindsOf).SelectMany(like => like).ToList();
        var (y, placed) = (0L, new List<LaidShape>());
        foreach (var section in order)
        {
            var from = section.Min(place => place.Y);
            placed.AddRange(section.Select(place => place with { Y = place.Y - from + y }));
            y += section.Max(place => place.Y + place.Shape.Height) - from + ground.Cloth.Space;
        }

        return placed;
    }

    private static string KindsOf(List<LaidShape> section) =>
        string.Join('|', section.Select(place => place.Item.Piece.Id).Distinct().Order());
}
