using Wrapper.Core.Units;

namespace Wrapper.Core.Cloth;

/// <summary>Searches over the orders in which pieces are put down.</summary>
internal sealed class LaySearch
{
    private const int Seed = 20_040_527;

    private readonly LayRequest _request;
    private readonly long _usable;
    private readonly long _space;
    private readonly long _repeat;
    private readonly List<LayItem> _items;
    private readonly LayField _field;
    private List<(LayItem Item, LayShape Shape, long X, long Y)> _best;
    private long _bestLength;

    public LaySearch(LayRequest request)
    {
        _request = request;
        _usable = request.UsableWidth.Nanometres;
        _space = request.Space.Nanometres;
        _repeat = request.RepeatLength.Nanometres;
        _items = [.. request.Pieces.SelectMany(Copies)];
        _field = new(_usable, _space);
        (_bestLength, _best) = RuleOfThumb.LayOut(_items, _usable, _space, _repeat);
    }

    public Lay Run(int steps, Func<bool> shouldStop)
    {
        var bound = Math.Min(LayBound.Of(_items, _usable), _bestLength);
        var orders = StartingOrders().ToList();
        var random = new Random(Seed);
        List<LayItem>? current = null;
        var currentLength = long.MaxValue;
        for (var step = 0; step < steps && _bestLength > bound && !shouldStop(); step++)
        {
            var order = step < orders.Count ? orders[step] : Changed(current!, random);
            var length = PutDown(order);
            if (length <= currentLength)
            {
                (current, currentLength) = (order, length);
            }
        }

        return new(
            Length.FromNanometres(_bestLength),
            Length.FromNanometres(bound),
            Length.FromNanometres(RuleOfThumb.Figure(_items, _usable, _space, _repeat)),
            _items.Sum(item => item.Shapes[0].Area),
            [.. _best.Select(place => new Placement(
                place.Item.Piece.Id, place.Item.Copy, place.Shape.Turn, Length.FromNanometres(place.X), Length.FromNanometres(place.Y)))]);
    }

    private IEnumerable<LayItem> Copies(LayPiece piece)
    {
        var shapes = new List<LayShape>();
        foreach (var turn in LayPlanner.TurnsOf(piece, _request.OneWay))
        {
            var shape = LayShape.Of(piece.Corners, turn);
            if (shape.Slabs is not null || !shapes.Exists(known => known.Slabs is null && known.Width == shape.Width && known.Height == shape.Height))
            {
                shapes.Add(shape);
            }
        }

        var phase = piece.MatchLine is { } line && _repeat > 0 ? ((-line.Nanometres % _repeat) + _repeat) % _repeat : -1;
        for (var copy = 1; copy <= piece.Quantity; copy++)
        {
            yield return new(piece, copy, shapes, phase);
        }
    }

    private IEnumerable<List<LayItem>> StartingOrders()
    {
        LayShape Paper(LayItem item) => item.OnPaper(_usable);
        yield return [.. _items.OrderByDescending(item => Paper(item).Height).ThenByDescending(item => Paper(item).Width)];
        yield return [.. _items.OrderByDescending(item => Paper(item).Width).ThenByDescending(item => Paper(item).Height)];
        yield return [.. _items.OrderByDescending(item => Paper(item).Area).ThenByDescending(item => Paper(item).Height)];
        yield return [.. _items.OrderByDescending(item => Math.Max(Paper(item).Width, Paper(item).Height))];
        yield return [.. _items];
        yield return [.. _items.OrderByDescending(item => Paper(item).Width + Paper(item).Height)];
    }

    private static List<LayItem> Changed(List<LayItem> order, Random random)
    {
        var changed = new List<LayItem>(order);
        var (from, to) = (random.Next(changed.Count), random.Next(changed.Count));
        if (random.Next(2) == 0)
        {
            (changed[from], changed[to]) = (changed[to], changed[from]);
        }
        else
        {
            var moved = changed[from];
            changed.RemoveAt(from);
            changed.Insert(to, moved);
        }

        return changed;
    }

    /// <summary>Puts every piece down in this order and keeps the lay if it is the shortest so far.</summary>
    private long PutDown(List<LayItem> order)
    {
        _field.Clear();
        var places = new List<(LayItem, LayShape, long, long)>(order.Count);
        foreach (var item in order)
        {
            (LayShape Shape, long X, long Y)? best = null;
            foreach (var shape in item.Shapes)
            {
                if (_field.Lowest(shape, item.IsMatched ? _repeat : 0, item.Phase) is { } place
                    && (best is not { } found || place.Y + shape.Height < found.Y + found.Shape.Height))
                {
                    best = (shape, place.X, place.Y);
                }
            }

            var (laid, x, y) = best!.Value;
            _field.Put(laid, x, y);
            if (_field.Top > _bestLength)
            {
                return _field.Top + 1; // already longer than the best: no need to finish
            }

            places.Add((item, laid, x, y));
        }

        if (_field.Top < _bestLength)
        {
            (_best, _bestLength) = (places, _field.Top);
        }

        return _field.Top;
    }
}
