using Wrapper.Core.Lays.Search;

namespace Wrapper.Core.Lays.Repeats;

/// <summary>Where across the cloth the pieces that meet have their match points, so that each of them has a place at all.</summary>
internal static class PatternAcross
{
    /// <summary>
    /// A place for every group; the piece with the least room lies against a selvage if it can. Null in <c>Across</c> where a
    /// piece (<c>Without</c>) finds no place that goes with the others, with the motif or with what is pinned.
    /// </summary>
    public static (Dictionary<string, long>? Across, LayItem? Without) Of(
        IReadOnlyList<LayItem> items,
        IReadOnlyList<LaidShape> pinned,
        LayCloth cloth
    )
    {
        var across = new Dictionary<string, long>();
        if (cloth.Pattern.Width == 0)
        {
            return (across, null);
        }

        foreach (
            var group in items.Where(item => item.IsMatched && !item.Match!.AlongOnly).GroupBy(item => cloth.Pattern.GroupOf(item.Match!))
        )
        {
            List<LayItem> members = [.. group.DistinctBy(item => item.Piece.Id).OrderByDescending(item => item.Shapes[0].Width)];
            var fixedAt = pinned
                .Where(place =>
                    place.Item.IsMatched && !place.Item.Match!.AlongOnly && cloth.Pattern.GroupOf(place.Item.Match!) == group.Key
                )
                .Select(place => (long?)(place.X + place.Item.Match!.X))
                .FirstOrDefault();
            List<long> candidates = (cloth.Pattern.MotifAcross ?? fixedAt) is { } only
                ? [only]
                : [.. members.SelectMany(item => (long[])[item.Match!.X, item.Match!.X + RoomOf(item, cloth)])];
            var found = candidates.FindIndex(at => members.TrueForAll(item => HasPlace(item, at, cloth)));
            if (found < 0)
            {
                return (null, members.Find(item => !HasPlace(item, candidates[0], cloth)));
            }

            across[group.Key] = candidates[found];
        }

        return (across, null);
    }

    private static long RoomOf(LayItem item, LayCloth cloth) => cloth.Usable - item.Shapes[0].Width;

    private static bool HasPlace(LayItem item, long at, LayCloth cloth)
    {
        var room = RoomOf(item, cloth);
        var lattice = new Lattice(0, cloth.Pattern.Width, false, at - item.Match!.X, 0);
        return item.Piece.OnFold ? lattice.Has(room, 0) : lattice.FirstAcross <= room;
    }
}
