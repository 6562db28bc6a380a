using Wrapper.Core.Checks;
using Wrapper.Core.English.Workroom;
using Wrapper.Core.Lays.Repeats;
using Wrapper.Core.Lays.Search;

namespace Wrapper.Core.Lays;

/// <summary>Pieces that a person has put down: where they lie, and what stands in the way of leaving them there.</summary>
internal static class LayPins
{
    /// <summary>The pinned copies in their places.</summary>
    public static List<LaidShape> PlacesOf(LayRequest request, IReadOnlyList<LayItem> all)
    {
        var byCopy = all.ToDictionary(item => (item.Piece.Id, item.Copy));
        return [.. request.Pinned.Select(pin => PlaceOf(pin, byCopy[(pin.Piece, pin.Copy)]))];
    }

    /// <summary>A pin that cannot stay, and why; in the order of the request, each held against those before it.</summary>
    public static IEnumerable<(Placement Pin, Check Check)> Problems(LayRequest request)
    {
        var cloth = LayCloth.Of(request);
        var byCopy = new Dictionary<(string, int), LayItem>();
        var pieces = request.Pieces.ToDictionary(piece => piece.Id);
        var lying = new List<LaidShape>();
        foreach (var pin in request.Pinned)
        {
            if (!pieces.TryGetValue(pin.Piece, out var piece) || pin.Copy < 1 || pin.Copy > piece.Quantity)
            {
                yield return (pin, Check.Error("pinned-unknown", LaysText.PinnedUnknown(pin.Copy, pin.Piece), pin.Piece));
                continue;
            }

            if (!LayPlanner.TurnsOf(piece, request.OneWay).Contains(pin.Turn))
            {
                yield return (pin, Check.Error("pinned-turn", LaysText.PinnedTurn(pin.Piece, pin.Turn), pin.Piece));
                continue;
            }

            if (lying.Exists(other => other.Item.Piece.Id == pin.Piece && other.Item.Copy == pin.Copy))
            {
                yield return (pin, Check.Error("pinned-twice", LaysText.PinnedTwice(pin.Copy, pin.Piece), pin.Piece));
                continue;
            }

            var item = ItemOf(byCopy, piece, pin.Copy, cloth);
            if (item.IsMatched && item.Shapes[0].Turn != pin.Turn)
            {
                yield return (pin, Check.Error("pinned-turn", LaysText.PinnedTurnOffPattern(pin.Piece), pin.Piece));
                continue;
            }

            var place = PlaceOf(pin, item);
            if (!place.IsOn(cloth))
            {
                yield return (pin, Check.Error("pinned-outside", LaysText.PinnedOutside(pin.Piece, piece.OnFold), pin.Piece));
                continue;
            }

            var (across, _) = PatternAcross.Of([.. lying.Select(other => other.Item), item], [.. lying, place], cloth);
            if (across is null || new Laying(new(cloth, across, lying)).IsTaken(place))
            {
                var why = across is null || !IsFree(place, lying, cloth) ? LaysText.OverAnotherPinnedPiece : LaysText.OutOfThePattern;
                yield return (pin, Check.Error("pinned-taken", LaysText.PinnedTaken(pin.Piece, why), pin.Piece));
                continue;
            }

            lying.Add(place);
        }
    }

    private static bool IsFree(in LaidShape place, List<LaidShape> lying, LayCloth cloth)
    {
        var field = new LayField(cloth);
        foreach (var other in lying)
        {
            field.Put(other.Shape, other.X, other.Y);
        }

        return !field.IsTaken(place.Shape, place.X, place.Y);
    }

    private static LayItem ItemOf(Dictionary<(string, int), LayItem> known, LayPiece piece, int copy, LayCloth cloth)
    {
        if (!known.ContainsKey((piece.Id, 1)))
        {
            foreach (var item in LayItem.CopiesOf(piece, cloth))
            {
                known[(piece.Id, item.Copy)] = item;
            }
        }

        return known[(piece.Id, copy)];
    }

    private static LaidShape PlaceOf(Placement pin, LayItem item) => new(item, item.ShapeIn(pin.Turn), pin.X.Nanometres, pin.Y.Nanometres);
}
