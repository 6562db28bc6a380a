using Wrapper.Core.Lays.Repeats;
using Wrapper.Core.Lays.Shapes;

namespace Wrapper.Core.Lays.Search;

/// <summary>A piece's copy laid: which of its shapes, and the least corner of its box.</summary>
internal readonly record struct LaidShape(LayItem Item, LayShape Shape, long X, long Y)
{
    /// <summary>It lies within the cloth and, where it is half of a piece, against the fold.</summary>
    public bool IsOn(LayCloth cloth) =>
        X >= 0 && Y >= 0 && X + Shape.Width <= cloth.Usable && !(Item.Piece.OnFold && X + Shape.Width < cloth.Usable);
}

/// <summary>What a lay begins from.</summary>
/// <param name="Cloth">The cloth.</param>
/// <param name="Across">Where the groups that meet stand across.</param>
/// <param name="Pinned">What already lies.</param>
internal sealed record LayGround(LayCloth Cloth, IReadOnlyDictionary<string, long> Across, IReadOnlyList<LaidShape> Pinned)
{
    /// <summary>More pieces, each of its own kind, than any job has; and more that are not rectangles.</summary>
    private const int ManyPieces = 400;
    private const int ManyShapes = 200;

    /// <summary>
    /// There are so many different pieces that one order would take a minute: gaps far below what was laid last are
    /// then given up, a piece lies right of the box of another, not in its notches, and the lay is not tidied.
    /// </summary>
    public bool IsCrowded { get; init; }

    /// <summary>Whether pieces are so many and so different.</summary>
    public static bool Crowded(IEnumerable<LayItem> items)
    {
        var kinds = items.DistinctBy(item => item.Piece.Id).ToList();
        return kinds.Count > ManyPieces || kinds.Count(item => item.Shapes.Exists(shape => shape.Slabs is not null)) > ManyShapes;
    }
}

/// <summary>
/// One lay in the making: the pinned pieces first, then piece after piece at the lowest place the cloth and the pattern leave
/// open to it.
/// </summary>
internal sealed class Laying
{
    private readonly LayField _field;
    private readonly PatternPhases _phases;
    private readonly IReadOnlyList<LaidShape> _pinned;
    private readonly List<LaidShape> _places = [];

    public Laying(LayGround ground)
    {
        (_field, _phases, _pinned) = (new(ground.Cloth, ground.IsCrowded), new(ground.Cloth.Pattern, ground.Across), ground.Pinned);
        Begin();
    }

    /// <summary>Where the uppermost of what is laid ends.</summary>
    public long Top => _field.Top;

    /// <summary>Begins anew: nothing lies but what is pinned.</summary>
    public void Begin()
    {
        _field.Clear();
        _phases.Clear();
        _places.Clear();
        foreach (var place in _pinned)
        {
            Put(place);
        }
    }

    /// <summary>Where the piece's top comes lowest; null where it has no place whose top is within this length.</summary>
    /// <param name="item">The piece.</param>
    /// <param name="length">Its top lies within this.</param>
    /// <param name="shouldStop">Asked meanwhile, so that a planner can stand aside; the place is looked for to the end all the
    /// same.</param>
    public LaidShape? Lowest(LayItem item, long length = long.MaxValue, Func<bool>? shouldStop = null)
    {
        LaidShape? best = null;
        var lattice = _phases.For(item.Match);
        foreach (var shape in item.Shapes)
        {
            var highest = (best is { } lowest ? lowest.Y + lowest.Shape.Height : length) - shape.Height;
            if (
                _field.Lowest(shape, lattice, item.Piece.OnFold, highest, shouldStop) is { } place
                && (
                    best is not { } found
                    || (place.Y + shape.Height, place.X + shape.Width).CompareTo(
                        (found.Y + found.Shape.Height, found.X + found.Shape.Width)
                    ) < 0
                )
            )
            {
                best = new(item, shape, place.X, place.Y);
            }
        }

        return best;
    }

    /// <summary>Whether a piece could not lie here.</summary>
    public bool IsTaken(in LaidShape place) =>
        _field.IsTaken(place.Shape, place.X, place.Y) || !_phases.For(place.Item.Match).Has(place.X, place.Y);

    public void Put(in LaidShape place)
    {
        _field.Put(place.Shape, place.X, place.Y);
        _phases.Settle(place.Item.Match, place.X, place.Y);
        _places.Add(place);
    }

    /// <summary>What lies so far, the pinned pieces among it.</summary>
    public List<LaidShape> Places() => [.. _places];
}
