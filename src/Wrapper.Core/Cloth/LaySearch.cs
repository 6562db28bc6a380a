using Wrapper.Core.Cloth.Rectangles;
using Wrapper.Core.Units;

namespace Wrapper.Core.Cloth;

/// <summary>
/// Looks for the shortest lay: first the paper lay, then the pieces' boxes as rectangles, then, where pieces are no
/// rectangles, their true shapes.
/// </summary>
internal sealed class LaySearch
{
    /// <summary>Where there are true shapes, boxes and shapes take turns, each turn twice as long as the one before.</summary>
    private const int FirstTurn = 8;
    private const int MostTurn = 1 << 20;

    /// <summary>Steps of the rectangles' beam that count as one step.</summary>
    private const long BeamSteps = 200;

    private readonly LayRequest _request;
    private readonly long _usable;
    private readonly long _space;
    private readonly long _repeat;
    private readonly List<LayItem> _items;

    public LaySearch(LayRequest request)
    {
        _request = request;
        _usable = request.UsableWidth.Nanometres;
        _space = request.Space.Nanometres;
        _repeat = request.RepeatLength.Nanometres;
        _items = [.. request.Pieces.SelectMany(Copies)];
        Bound = LayBound.Of(_items, _usable);
        (BestLength, Best) = RuleOfThumb.LayOut(_items, _usable, _space, _repeat);
    }

    /// <summary>A length that no lay is below.</summary>
    public long Bound { get; }

    /// <summary>The length of the best lay so far.</summary>
    public long BestLength { get; private set; }

    private List<LaidShape> Best { get; set; }

    /// <summary>A shorter lay is worth having below this: the best so far, or what there is of the cloth.</summary>
    private long ToBeat => Math.Min(BestLength, (_request.Available?.Nanometres ?? long.MaxValue - 1) + 1);

    /// <summary>Improves the lay for so many steps, or until told to stop or nothing shorter can be.</summary>
    public Lay Run(int steps, Func<bool> shouldStop, Action<Lay>? onShorter = null)
    {
        onShorter?.Invoke(Lay());
        if (_request.Available is { } available)
        {
            if (BestLength <= available.Nanometres || Bound > available.Nanometres)
            {
                return Lay();
            }

            var goesOn = shouldStop;
            shouldStop = () => BestLength <= available.Nanometres || goesOn();
        }

        var areBoxes = _items.TrueForAll(item => item.Shapes.TrueForAll(shape => shape.Slabs is null));
        var boxes = Boxes();
        if (areBoxes)
        {
            LayBoxes(boxes, steps, shouldStop, onShorter);
            return Lay();
        }

        var shapes = new ShapeSearch(_items, _usable, _space, _repeat, Bound);
        var (turn, spent) = (FirstTurn, 0);
        while (spent < steps && BestLength > Bound && !shouldStop())
        {
            spent += Math.Min(turn, steps - spent);
            turn = Math.Min(2 * turn, MostTurn);
            LayBoxes(boxes, spent, shouldStop, onShorter);
            shapes.Run(Best, ToBeat, spent, shouldStop, (length, places) => Take(length, places, onShorter));
        }

        return Lay();
    }

    /// <summary>The boxes round the pieces; null where one lies only in a turn that is no quarter of its first.</summary>
    private RectanglePlanner? Boxes()
    {
        var rectangles = _items.Select(item => new RectangleItem(item.Shapes[0].Width + _space, item.Shapes[0].Height + _space, Quarter(item) is not null, item.Phase)).ToArray();
        return rectangles.Any(rectangle => rectangle.Least > _usable + _space) ? null : new(rectangles, _usable + _space, _repeat, Bound + _space);
    }

    /// <summary>The turn of a piece whose box is the first one's turned a quarter.</summary>
    private static LayShape? Quarter(LayItem item) =>
        item.Shapes.Find(shape => shape.Width == item.Shapes[0].Height && shape.Height == item.Shapes[0].Width && shape.Width != shape.Height);

    private void LayBoxes(RectanglePlanner? boxes, int steps, Func<bool> shouldStop, Action<Lay>? onShorter)
    {
        boxes?.Run(ToBeat + _space, steps * BeamSteps, shouldStop, lay => Take(lay.Length - _space, [.. lay.Places.Select(Placed)], onShorter));

        LaidShape Placed(RectanglePlace place)
        {
            var item = _items[place.Item];
            return new(item, place.Turned ? Quarter(item)! : item.Shapes[0], place.X, place.Y);
        }
    }

    private void Take(long length, List<LaidShape> places, Action<Lay>? onShorter)
    {
        var isShorter = length < BestLength;
        if (length <= BestLength)
        {
            (BestLength, Best) = (length, places);
        }

        if (isShorter)
        {
            onShorter?.Invoke(Lay());
        }
    }

    private Lay Lay() => new(
        Length.FromNanometres(BestLength),
        Length.FromNanometres(Math.Min(Bound, BestLength)),
        Length.FromNanometres(RuleOfThumb.Figure(_items, _usable, _space, _repeat)),
        _items.Sum(item => item.Shapes[0].Area),
        [.. Best.Select(place => new Placement(
            place.Item.Piece.Id, place.Item.Copy, place.Shape.Turn, Length.FromNanometres(place.X), Length.FromNanometres(place.Y)))]);

    private IEnumerable<LayItem> Copies(LayPiece piece)
    {
        var shapes = new List<LayShape>();
        foreach (var turn in LayPlanner.TurnsOf(piece, _request.OneWay))
        {
            var shape = LayShape.Of(piece.Corners, turn);
            if (!shapes.Exists(shape.IsAs))
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
}

/// <summary>A piece's copy laid: which of its shapes, and the least corner of its box.</summary>
internal readonly record struct LaidShape(LayItem Item, LayShape Shape, long X, long Y);
