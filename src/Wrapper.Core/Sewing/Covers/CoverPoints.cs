using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Wrapper.Core.Sewing.Cards;

namespace Wrapper.Core.Sewing.Covers;

/// <summary>
/// The points of the finished cover: every end of an edge or of a sewn line is one, and those that seams bring together are the
/// same. See docs/handbook.md, "Points and runs".
/// </summary>
internal sealed class CoverPoints
{
    private readonly Dictionary<string, Piece> _pieces;
    private readonly Dictionary<(string Piece, int Copy, Point At), int> _places = [];
    private readonly JoinedNumbers _points = new();

    /// <summary>The points of one cover.</summary>
    public CoverPoints(IReadOnlyDictionary<string, Piece> pieces, IReadOnlyList<Seam> seams)
    {
        _pieces = new(pieces);
        foreach (var seam in seams.Where(seam => seam.FirstGoesOn.Count == 0 && seam.SecondGoesOn.Count == 0))
        {
            var (first, second) = (EndsOf(seam.First), EndsOf(seam.Second));
            var (start, end) = seam.RunsAlike(pieces[seam.First.Piece], pieces[seam.Second.Piece])
                ? (second.Start, second.End)
                : (second.End, second.Start);
            _points.Join(first.Start, start);
            _points.Join(first.End, end);
        }

        // What goes on along several edges is brought to them when those hang together.
        foreach (var seam in seams.Where(seam => seam.FirstGoesOn.Count > 0 || seam.SecondGoesOn.Count > 0))
        {
            var (first, second) = (Path([.. seam.FirstSide]), Path([.. seam.SecondSide]));
            _points.Join(first[0], second[0]);
            _points.Join(first[^1], second[^1]);
        }
    }

    /// <summary>The points where an edge begins and ends as its piece lies flat, counter-clockwise.</summary>
    public (int Start, int End) EndsOf(SeamSide side)
    {
        var (start, end) = PlacesOf(_pieces[side.Piece], side.Edge);
        return (_points.Found(Place(side, start)), _points.Found(Place(side, end)));
    }

    /// <summary>The places on its own piece where an edge begins and ends: points of the flat piece, before anything is sewn.</summary>
    public (int Start, int End) PlacesOf(SeamSide side)
    {
        var (start, end) = PlacesOf(_pieces[side.Piece], side.Edge);
        return (Place(side, start), Place(side, end));
    }

    /// <summary>The point a place becomes.</summary>
    public int PointOf(int place) => _points.Found(place);

    /// <summary>The points along edges that follow one another, from the first end of the first.</summary>
    public List<int> Path(IReadOnlyList<SeamSide> sides)
    {
        var (start, end) = EndsOf(sides[0]);
        if (sides.Count > 1 && EndsOf(sides[1]) is var next && (start == next.Start || start == next.End))
        {
            (start, end) = (end, start);
        }

        List<int> path = [start, end];
        foreach (var side in sides.Skip(1))
        {
            var ends = EndsOf(side);
            path.Add(ends.Start == path[^1] ? ends.End : ends.Start);
        }

        return path;
    }

    private static (Point Start, Point End) PlacesOf(Piece piece, EdgeName edge)
    {
        foreach (var fold in piece.Folds)
        {
            if (fold.IndexOf(edge) is { } segment)
            {
                return (fold.Through[segment], fold.Through[segment + 1]);
            }
        }

        var parts = piece.StitchLine.PartsOf(edge);
        return parts.Count == 0
            ? throw new KeyNotFoundException($"The piece {piece.Key} has no edge “{edge}”.")
            : (parts[0].Start, parts[^1].End);
    }

    private int Place(SeamSide side, Point at)
    {
        if (!_places.TryGetValue((side.Piece, side.Copy, at), out var place))
        {
            place = _points.Next();
            _places.Add((side.Piece, side.Copy, at), place);
        }

        return place;
    }

    /// <summary>A point that is on no piece: where a seam stops for the try-on.</summary>
    public int Between() => _points.Next();
}
