namespace Wrapper.Core.Lays.Search;

/// <summary>A lay found before, to begin from: it counts only while every piece still lies where it may.</summary>
internal static class LayStart
{
    /// <summary>The length and places of a known lay; null when anything about it has changed.</summary>
    /// <param name="known">Where every copy lay.</param>
    /// <param name="items">What has to find a place.</param>
    /// <param name="ground">What it lies on.</param>
    public static (long Length, List<LaidShape> Places)? Of(IReadOnlyList<Placement> known, IReadOnlyList<LayItem> items, LayGround ground)
    {
        var places = known
            .Where(placement => placement.Remnant is null)
            .DistinctBy(placement => (placement.Piece, placement.Copy))
            .ToDictionary(placement => (placement.Piece, placement.Copy));
        if (places.Count != items.Count + ground.Pinned.Count || items.Count == 0)
        {
            return null;
        }

        var laying = new Laying(ground);
        foreach (var item in items)
        {
            if (!places.TryGetValue((item.Piece.Id, item.Copy), out var placement) || !MayLie(item, placement.Turn, ground.Cloth))
            {
                return null;
            }

            var place = new LaidShape(item, item.ShapeIn(placement.Turn), placement.X.Nanometres, placement.Y.Nanometres);
            if (!place.IsOn(ground.Cloth) || laying.IsTaken(place))
            {
                return null;
            }

            laying.Put(place);
        }

        return (laying.Top, laying.Places());
    }

    private static bool MayLie(LayItem item, int turn, LayCloth cloth) =>
        item.IsMatched ? item.Shapes[0].Turn == turn : LayPlanner.TurnsOf(item.Piece, cloth.OneWay).Contains(turn);
}
