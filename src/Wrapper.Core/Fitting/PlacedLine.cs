using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Wrapper.Core.Sewing.Covers;
using Wrapper.Core.Sewing.Operations;

namespace Wrapper.Core.Fitting;

/// <summary>A place on a piece as it was cut, in millimetres.</summary>
internal readonly record struct CutPlace(double X, double Y);

/// <summary>The lines of a cover on what is cut, each worked out once for each way its copy lies.</summary>
/// <param name="pieces">The pieces of the draft the lines are of.</param>
internal sealed class PlacedLines(IReadOnlyDictionary<string, Piece> pieces)
{
    private readonly Dictionary<(SeamSide Side, Shift Lies), PlacedLine?> _known = [];

    /// <summary>A line on what is cut; null where its copy is not cut or the cut piece has no such edge.</summary>
    public PlacedLine? Of(FittedCover cover, SeamSide side)
    {
        if (!cover.Cut.TryGetValue(PieceCopy.Of(side), out var cut))
        {
            return null;
        }

        if (!_known.TryGetValue((side, cut.Lies), out var line))
        {
            line = PlacedLine.Of(cover, pieces, side);
            _known.Add((side, cut.Lies), line);
        }

        return line;
    }
}

/// <summary>
/// An edge as it is sewn, where it lies on the piece as it was cut. See docs/handbook.md, "Trying on".
/// </summary>
internal sealed class PlacedLine
{
    private readonly IReadOnlyList<CutPlace> _along;

    private PlacedLine(IReadOnlyList<CutPlace> along) => _along = along;

    /// <summary>How far from the raw edge it is sewn where it begins; null for a line inside the piece.</summary>
    public double? From { get; private init; }

    /// <summary>The same where it ends.</summary>
    public double? To { get; private init; }

    /// <summary>The least of it anywhere.</summary>
    public double? Least { get; private init; }

    /// <summary>It is not sewn as far from the raw edge as the piece was cut for.</summary>
    public bool IsUnusual { get; private init; }

    /// <summary>A line of a cover on what is cut of it; null where its copy is not cut or the cut piece has no such edge.</summary>
    public static PlacedLine? Of(FittedCover cover, IReadOnlyDictionary<string, Piece> pieces, SeamSide side)
    {
        if (
            !cover.Cut.TryGetValue(PieceCopy.Of(side), out var cut)
            || !pieces.TryGetValue(side.Piece, out var piece)
            || cut.CutAs.FindLength(side.Edge) is null
            || piece.FindLength(side.Edge) is null
        )
        {
            return null;
        }

        var along = Moved(EdgeLine.Of(piece, side.Edge), cut.Lies);
        if (!cut.CutAs.Allowances.TryGetValue(side.Edge, out var allowance))
        {
            return new(along);
        }

        var raw = new PlacedLine(Moved(EdgeLine.Of(cut.CutAs, side.Edge), default));
        var inward = along.Select(raw.InwardOf).ToList();
        return new(along)
        {
            From = allowance.Millimetres + inward[0],
            To = allowance.Millimetres + inward[^1],
            Least = allowance.Millimetres + inward.Min(),
            IsUnusual = Math.Abs(inward[0]) > SeamChanges.Same || Math.Abs(inward[^1]) > SeamChanges.Same,
        };
    }

    /// <summary>How far a line lies further in than this one, where that is most; below nothing where it lies further out.</summary>
    public double InwardTo(PlacedLine other)
    {
        var inward = other._along.Select(InwardOf).ToList();
        return inward.MaxBy(Math.Abs);
    }

    /// <summary>How far the beginning and the end of another line lie from this one's towards its middle.</summary>
    public (double Start, double End) Shortened(PlacedLine other)
    {
        var (first, last) = (Direction(_along[0], _along[1]), Direction(_along[^2], _along[^1]));
        return (Along(first, _along[0], other._along[0]), -Along(last, _along[^1], other._along[^1]));
    }

    /// <summary>
    /// The signed distance of a place from the line, which goes on straight beyond its ends: in is to the left, where the piece is.
    /// </summary>
    private double InwardOf(CutPlace place)
    {
        var (nearest, inward) = (double.MaxValue, 0d);
        for (var i = 0; i + 1 < _along.Count; i++)
        {
            var (from, to) = (_along[i], _along[i + 1]);
            var (dx, dy) = Direction(from, to);
            var length = double.Hypot(to.X - from.X, to.Y - from.Y);
            if (length < 1e-9)
            {
                continue;
            }

            var at = Along((dx, dy), from, place);
            var beyond = Math.Max(i == 0 ? 0 : -at, i + 2 == _along.Count ? 0 : at - length);
            var side = (dx * (place.Y - from.Y)) - (dy * (place.X - from.X));
            var distance = double.Hypot(side, Math.Max(0, beyond));
            if (distance < nearest)
            {
                (nearest, inward) = (distance, side);
            }
        }

        return inward;
    }

    private static double Along((double X, double Y) direction, CutPlace from, CutPlace to) =>
        (direction.X * (to.X - from.X)) + (direction.Y * (to.Y - from.Y));

    private static (double X, double Y) Direction(CutPlace from, CutPlace to)
    {
        var length = double.Hypot(to.X - from.X, to.Y - from.Y);
        return length < 1e-9 ? (0, 0) : ((to.X - from.X) / length, (to.Y - from.Y) / length);
    }

    private static IReadOnlyList<CutPlace> Moved(IReadOnlyList<Point> along, Shift by) =>
        [.. along.Select(point => new CutPlace(point.X.Millimetres + by.X, point.Y.Millimetres + by.Y))];
}
