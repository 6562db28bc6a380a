using Wrapper.Core.Lays.Rectangles;
using Wrapper.Core.Lays.Repeats;
using Wrapper.Core.Lays.Shapes;
using Wrapper.Core.Units;

namespace Wrapper.Core.Lays.Search;

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
    private readonly LayCloth _cloth;
    private readonly LayGround _ground;

    /// <summary>Every copy, pinned or not.</summary>
    private readonly List<LayItem> _all;

    /// <summary>What has to find a place.</summary>
    private readonly List<LayItem> _items;

    /// <summary>A search for pieces that can be laid: what <see cref="LayChecks"/> has nothing against.</summary>
    /// <param name="request">What is to be laid on what.</param>
    /// <param name="elsewhere">Copies that lie on something else.</param>
    public LaySearch(LayRequest request, IReadOnlySet<(string Piece, int Copy)>? elsewhere = null)
    {
        _request = request;
        _cloth = LayCloth.Of(request);
        _all =
        [
            .. request
                .Pieces.SelectMany(piece => LayItem.CopiesOf(piece, _cloth))
                .Where(item => elsewhere?.Contains((item.Piece.Id, item.Copy)) != true),
        ];
        var pinned = LayPins.PlacesOf(request, _all);
        _items = [.. _all.Except(pinned.Select(place => place.Item))];
        _ground = new(_cloth, PatternAcross.Of(_all, pinned, _cloth).Across!, pinned) { IsCrowded = LayGround.Crowded(_items) };
        Bound =
            _all.Count == 0
                ? 0
                : Math.Max(LayBound.Of(_all, _cloth.Usable), pinned.Select(place => place.Y + place.Shape.Height).DefaultIfEmpty().Max());
        (BestLength, Best) = First();
        if (LayStart.Of(request.Known, _items, _ground) is { } known && known.Length < BestLength)
        {
            (BestLength, Best) = known;
        }
    }

    /// <summary>A length that no lay is below.</summary>
    public long Bound { get; }

    /// <summary>The length of the best lay so far.</summary>
    public long BestLength { get; private set; }

    private List<LaidShape> Best { get; set; }

    /// <summary>
    /// A shorter lay is worth having below this: the best so far, or what there is of the cloth and the little by which each try aims
    /// lower.
    /// </summary>
    private long ToBeat =>
        _request.Available is { Nanometres: var there } ? Math.Min(BestLength, (long)(there / (1 - ShapeSearch.Aim)) + 2) : BestLength;

    /// <summary>Improves the lay for so many steps, or until told to stop or nothing shorter can be; and then tidies it.</summary>
    public Lay Run(int steps, Func<bool> shouldStop, Action<Lay>? onShorter = null)
    {
        Shorten(steps, shouldStop, onShorter);
        if (_items.Count > 0)
        {
            Best = LayTidying.Tidied(Best, _ground, steps, shouldStop);
            BestLength = LayTidying.LengthOf(Best);
        }

        return Lay();
    }

    private void Shorten(int steps, Func<bool> shouldStop, Action<Lay>? onShorter)
    {
        onShorter?.Invoke(Lay());
        if (_request.Available is { } available)
        {
            if (BestLength <= available.Nanometres || Bound > available.Nanometres)
            {
                return;
            }

            var goesOn = shouldStop;
            shouldStop = () => BestLength <= available.Nanometres || goesOn();
        }

        if (_items.Count == 0)
        {
            return; // nothing is left to be laid
        }

        var boxes = Boxes();
        if (boxes is not null && _items.TrueForAll(item => item.Shapes.TrueForAll(shape => shape.Slabs is null)))
        {
            LayBoxes(boxes, steps, shouldStop, onShorter);
            return;
        }

        var shapes = new ShapeSearch(_items, _ground, Bound);
        var (turn, spent) = (FirstTurn, 0);
        while (spent < steps && BestLength > Bound && !shouldStop())
        {
            spent += Math.Min(turn, steps - spent);
            turn = Math.Min(2 * turn, MostTurn);
            LayBoxes(boxes, spent, shouldStop, onShorter);
            shapes.Run(Best, ToBeat, spent, shouldStop, (length, places) => Take(length, places, onShorter));
        }
    }

    /// <summary>The paper lay; round flaws and pinned pieces the same order, each piece at its lowest place.</summary>
    private (long Length, List<LaidShape> Places) First()
    {
        if (_cloth.Flaws.Count == 0 && _ground.Pinned.Count == 0)
        {
            return RuleOfThumb.LayOut(_items, _cloth, _ground.Across);
        }

        var laying = new Laying(_ground);
        foreach (var item in _items)
        {
            laying.Put(laying.Lowest(item)!.Value);
        }

        return (laying.Top, laying.Places());
    }

    /// <summary>
    /// The boxes round the pieces; null where they would not do: something already lies, a place across is prescribed, or a
    /// piece lies only in a turn that is no quarter of its first.
    /// </summary>
    private RectanglePlanner? Boxes()
    {
        var isBound =
            _cloth.Flaws.Count > 0
            || _ground.Pinned.Count > 0
            || _items.Exists(item => item.Piece.OnFold || (item.IsMatched && _cloth.Pattern.Width > 0));
        if (isBound)
        {
            return null;
        }

        // The longest piece of a group that meets begins at the cut end, the others follow it in the pattern.
        var first = _items
            .Where(item => item.IsMatched)
            .GroupBy(item => _cloth.Pattern.GroupOf(item.Match!))
            .ToDictionary(group => group.Key, group => group.MaxBy(item => item.Shapes[0].Height)!.Match!.Y);
        var (space, repeat) = (BoxSpace, _cloth.Pattern.Length);
        var rectangles = _items
            .Select(item => new RectangleItem(
                item.Shapes[0].Width + space,
                item.Shapes[0].Height + space,
                Quarter(item) is not null,
                item.Match is { } match ? (((first[_cloth.Pattern.GroupOf(match)] - match.Y) % repeat) + repeat) % repeat : -1
            ))
            .ToArray();
        return rectangles.Any(rectangle => rectangle.Least > _cloth.Usable + space)
            ? null
            : new(rectangles, _cloth.Usable + space, repeat, Bound + space);
    }

    /// <summary>Between boxes there is one space: that of curves where there are any.</summary>
    private long BoxSpace => _items.Exists(item => item.Shapes[0].IsCurved) ? _cloth.CurveSpace : _cloth.Space;

    /// <summary>The turn of a piece whose box is the first one's turned a quarter.</summary>
    private static LayShape? Quarter(LayItem item) =>
        item.Shapes.Find(shape =>
            shape.Width == item.Shapes[0].Height && shape.Height == item.Shapes[0].Width && shape.Width != shape.Height
        );

    private void LayBoxes(RectanglePlanner? boxes, int steps, Func<bool> shouldStop, Action<Lay>? onShorter)
    {
        var space = BoxSpace;
        boxes?.Run(ToBeat + space, steps * BeamSteps, shouldStop, lay =>
            Take(lay.Length - space, [.. lay.Places.Select(Placed)], onShorter)
        );

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

    private Lay Lay() =>
        new(
            Length.FromNanometres(BestLength),
            Length.FromNanometres(Math.Min(Bound, BestLength)),
            Length.FromNanometres(RuleOfThumb.Figure(_all, _cloth, _ground.Across)),
            _all.Sum(item => item.Shapes[0].Area),
            [
                .. Best.Select(place => new Placement(
                    place.Item.Piece.Id,
                    place.Item.Copy,
                    place.Shape.Turn,
                    Length.FromNanometres(place.X),
                    Length.FromNanometres(place.Y)
                )),
            ]
        );
}
