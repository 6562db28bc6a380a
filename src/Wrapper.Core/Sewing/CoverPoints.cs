using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;

namespace Wrapper.Core.Sewing;

/// <summary>
/// The points of the finished cover: every end of an edge or of a sewn line is one, and those that seams bring together are the
/// same. See docs/handbook.md, "Points and runs".
/// </summary>
internal sealed class CoverPoints
{
    private readonly Dictionary<string, Piece> _pieces;
    private readonly Dictionary<(string Piece, int Copy, Point At), int> _places = [];
    private readonly List<int> _joinedTo = [];

    /// <summary>The points of one cover.</summary>
    public CoverPoints(IReadOnlyDictionary<string, Piece> pieces, IReadOnlyList<Seam> seams)
    {
        _pieces = new(pieces);
        foreach (var seam in seams.Where(seam => seam.FirstGoesOn.Count == 0 && seam.SecondGoesOn.Count == 0))
        {
            var (first, second) = (EndsOf(seam.First), EndsOf(seam.Second));
            var (start, end) = RunAlike(seam) ? (second.Start, second.End) : (second.End, second.Start);
            Unite(first.Start, start);
            Unite(first.End, end);
        }

        // What goes on along several edges is brought to them when those hang together.
        foreach (var seam in seams.Where(seam => seam.FirstGoesOn.Count > 0 || seam.SecondGoesOn.Count > 0))
        {
            var (first, second) = (Path([.. seam.FirstSide]), Path([.. seam.SecondSide]));
            Unite(first[0], second[0]);
            Unite(first[^1], second[^1]);
        }
    }

    /// <summary>The points where an edge begins and ends as its piece lies flat, counter-clockwise.</summary>
    public (int Start, int End) EndsOf(SeamSide side)
    {
        var (start, end) = PlacesOf(_pieces[side.Piece], side.Edge);
        return (Found(Place(side, start)), Found(Place(side, end)));
    }

    /// <summary>The places on its own piece where an edge begins and ends: points of the flat piece, before anything is sewn.</summary>
    public (int Start, int End) PlacesOf(SeamSide side)
    {
        var (start, end) = PlacesOf(_pieces[side.Piece], side.Edge);
        return (Place(side, start), Place(side, end));
    }

    /// <summary>The point a place becomes.</summary>
    public int PointOf(int place) => Found(place);

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

    private static (Point Start, Point End) PlacesOf(Piece piece, string edge)
    {
        foreach (var fold in piece.Folds)
        {
            if (fold.IndexOf(edge) is { } segment)
            {
                return (fold.Through[segment], fold.Through[segment + 1]);
            }
        }

        var edges = piece.StitchLine.Edges;
        var (first, last) = (-1, -1);
        for (var i = 0; i < edges.Length; i++)
        {
            if (edges[i].Name == edge)
            {
                first = first < 0 || edges[(i + edges.Length - 1) % edges.Length].Name != edge ? i : first;
                last = edges[(i + 1) % edges.Length].Name != edge ? i : last;
            }
        }

        return first < 0 ? throw new KeyNotFoundException($"The piece {piece.Key} has no edge “{edge}”.") : (edges[first].Start, edges[last < 0 ? first : last].End);
    }

    /// <summary>Of two pieces that face each other both edges run the same way, as of what is sewn flat on another; of two that lie side by side, opposite ways.</summary>
    private bool RunAlike(Seam seam)
    {
        var (first, second) = (_pieces[seam.First.Piece], _pieces[seam.Second.Piece]);
        return first.Use == PieceUse.Applied || second.Use == PieceUse.Applied || first.LiesTurnedOver(seam.First.Copy) != second.LiesTurnedOver(seam.Second.Copy);
    }

    private int Place(SeamSide side, Point at)
    {
        if (!_places.TryGetValue((side.Piece, side.Copy, at), out var place))
        {
            place = _joinedTo.Count;
            _joinedTo.Add(place);
            _places.Add((side.Piece, side.Copy, at), place);
        }

        return place;
    }

    private int Found(int place)
    {
        while (_joinedTo[place] != place)
        {
            place = _joinedTo[place] = _joinedTo[_joinedTo[place]];
        }

        return place;
    }

    private void Unite(int one, int other)
    {
        var (first, second) = (Found(one), Found(other));
        _joinedTo[Math.Max(first, second)] = Math.Min(first, second);
    }

    /// <summary>A point that is on no piece: where a seam stops for the try-on.</summary>
    public int Between()
    {
        _joinedTo.Add(_joinedTo.Count);
        return _joinedTo.Count - 1;
    }
}
