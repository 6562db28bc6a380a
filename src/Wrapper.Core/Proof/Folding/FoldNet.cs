using Wrapper.Core.English;
using Wrapper.Core.Pattern;

namespace Wrapper.Core.Proof.Folding;

/// <summary>
/// The facets of a cover and how they are joined, at creases and at seams: everything the fold-up knows. What cannot be
/// joined is written down as a problem.
/// </summary>
internal sealed class FoldNet
{
    private const double Near = 0.02;

    /// <summary>More divisions than any cover has: seams whose sides differ a little would go on dividing each other for ever.</summary>
    private const int MostStations = 50_000;

    private readonly List<FlatPiece> _pieces = [];
    private readonly Dictionary<(string Piece, int Copy), FlatPiece> _byKey = [];
    private readonly Dictionary<(string Piece, int Copy, string Edge), List<(double At, Facet Facet, int Side)>> _sides = [];
    private readonly HashSet<(string Piece, int Copy, string Edge)> _trimmed = [];

    public FoldNet(IReadOnlyList<Piece> pieces, IReadOnlyList<Seam> seams)
    {
        foreach (var piece in pieces.Where(piece => piece.Use == PieceUse.Cover))
        {
            for (var copy = 1; copy <= piece.PerCover; copy++)
            {
                var flat = new FlatPiece(piece, copy);
                _pieces.Add(flat);
                _byKey[(piece.Key, copy)] = flat;
            }
        }

        // What hangs is gathered, and what is applied lies flat on a face: neither is folded up with the rest.
        var hanging = pieces.Where(piece => piece.Use == PieceUse.Hung).ToDictionary(piece => piece.Key);
        List<Seam> folded = [.. seams.Where(seam => seam.Edges.All(side => _byKey.ContainsKey((side.Piece, side.Copy))))];
        ShareStations(folded);
        foreach (var piece in _pieces)
        {
            CutIntoFacets(piece);
        }

        foreach (var seam in folded)
        {
            Join(seam);
            _trimmed.Remove(KeyOf(seam.First));
            _trimmed.Remove(KeyOf(seam.Second));
        }

        foreach (
            var seam in seams.Where(seam =>
                hanging.ContainsKey(seam.First.Piece) && _byKey.ContainsKey((seam.Second.Piece, seam.Second.Copy))
            )
        )
        {
            Hang(hanging[seam.First.Piece], seam);
        }

        foreach (var (piece, _, edge) in _trimmed)
        {
            Problems.Add(ProofText.EdgeTrimmedAway(piece, edge));
        }
    }

    /// <summary>
    /// What is gathered to an edge hangs from it drawn in to the edge's length, as deep as it is: a flat part below every part of
    /// the edge, each sewn to the next all round.
    /// </summary>
    private void Hang(Piece piece, Seam seam)
    {
        var drop = piece.StitchLine.Bounds.Height.Millimetres;
        var hung = new List<Facet>();
        foreach (var side in seam.SecondSide)
        {
            foreach (var (_, facet, at) in _sides.GetValueOrDefault(KeyOf(side), []).OrderBy(part => part.At).ToList())
            {
                var length = facet.Corners[at].DistanceTo(facet.Corners[(at + 1) % facet.Corners.Length]);
                var below = new Facet(piece.Key, hung.Count + 1, [new(0, 0), new(length, 0), new(length, drop), new(0, drop)]);
                hung.Add(below);
                Glue(facet, at, below, 2, isFlat: true, seam.Id);
            }
        }

        Facets.AddRange(hung);
        for (var i = 0; i < hung.Count; i++)
        {
            Glue(hung[i], 1, hung[(i + 1) % hung.Count], 3, isFlat: false, seam.Id);
        }
    }

    public List<Facet> Facets { get; } = [];

    public List<string> Problems { get; } = [];

    /// <summary>What is trimmed away at opened corners, of all copies, in square millimetres.</summary>
    public double TrimmedArea { get; private set; }

    /// <summary>Stations go from one side of a seam to the other and across rolled strips until none is new.</summary>
    private void ShareStations(IReadOnlyList<Seam> seams)
    {
        var partners = new Dictionary<(string, int, string), SeamSide>();
        foreach (var seam in seams)
        {
            partners[(seam.First.Piece, seam.First.Copy, seam.First.Edge)] = seam.Second;
            partners[(seam.Second.Piece, seam.Second.Copy, seam.Second.Edge)] = seam.First;
        }

        var open = new Stack<(FlatPiece Piece, string Edge, double At)>();
        foreach (var piece in _pieces)
        {
            foreach (var edge in piece.Edges)
            {
                open.Push((piece, edge, 0)); // where one edge goes over into the next, a rolled strip bends too
                foreach (var station in piece.StationsOf(edge))
                {
                    open.Push((piece, edge, station));
                }
            }
        }

        for (var steps = 0; open.TryPop(out var station); steps++)
        {
            if (steps > MostStations)
            {
                Problems.Add(ProofText.SidesDisagree);
                return;
            }

            foreach (var (edge, at) in station.Piece.Ruled(station.Edge, station.At).ToList())
            {
                open.Push((station.Piece, edge, at));
            }

            if (
                station.At > 0
                && partners.TryGetValue((station.Piece.Piece.Key, station.Piece.Copy, station.Edge), out var other)
                && _byKey.TryGetValue((other.Piece, other.Copy), out var partner)
                && partner.Has(other.Edge)
            )
            {
                var at = partner.LengthOf(other.Edge) * (1 - (station.At / station.Piece.LengthOf(station.Edge)));
                if (partner.AddStation(other.Edge, at))
                {
                    open.Push((partner, other.Edge, at));
                }
            }
        }
    }

    private void CutIntoFacets(FlatPiece piece)
    {
        var polygons = new List<FlatPolygon> { new([.. piece.Corners()]) };
        foreach (var (fold, points) in piece.Folds)
        {
            var at = polygons.FindIndex(polygon => polygon.Reaches(points));
            if (at < 0)
            {
                Problems.Add(ProofText.FoldOffTheEdges(piece.Piece.Key, fold.Name));
                continue;
            }

            var (left, right) = polygons[at].Split(points, segment => piece.NameOf(fold, segment));
            polygons[at] = left;
            if (fold.TrimsRight)
            {
                TrimmedArea += new Facet(piece.Piece.Key, piece.Copy, right.Points).Area;
                foreach (var edge in right.Edges)
                {
                    _trimmed.Add((piece.Piece.Key, piece.Copy, edge));
                }
            }
            else
            {
                polygons.Add(right);
            }
        }

        if (piece.Rulings.Count > 0)
        {
            polygons = [.. polygons.SelectMany(polygon => Ruled(polygon, piece, 0, piece.Rulings.Count))];
        }

        foreach (var polygon in polygons)
        {
            Add(piece, polygon);
        }
    }

    /// <summary>Cuts a polygon at its rulings, the middle one first, so that no part is copied more often than need be.</summary>
    private static IEnumerable<FlatPolygon> Ruled(FlatPolygon polygon, FlatPiece piece, int first, int end)
    {
        if (first >= end)
        {
            return [polygon];
        }

        var middle = (first + end) / 2;
        var (along, ruling) = (piece.RollsAlongX, piece.Rulings[middle]);
        if (polygon.Across(along, ruling) is not { } chord)
        {
            // It does not reach from one side of this ruling to the other: only rulings on its own side matter.
            var (low, high) = polygon.Extent(along);
            return high <= ruling + Near ? Ruled(polygon, piece, first, middle)
                : low >= ruling - Near ? Ruled(polygon, piece, middle + 1, end)
                : Ruled(polygon, piece, first, middle).SelectMany(part => Ruled(part, piece, middle + 1, end));
        }

        var (left, right) = polygon.Split(chord, _ => FlatPiece.RulingName(middle));
        var (before, after) = left.Extent(along).Low < right.Extent(along).Low ? (left, right) : (right, left);
        return Ruled(before, piece, first, middle).Concat(Ruled(after, piece, middle + 1, end));
    }

    private void Add(FlatPiece piece, FlatPolygon polygon)
    {
        var facet = new Facet(piece.Piece.Key, piece.Copy, polygon.Points);
        Facets.Add(facet);
        for (var i = 0; i < polygon.Sides.Length; i++)
        {
            var (edge, at) = polygon.Sides[i];
            var key = (piece.Piece.Key, piece.Copy, edge);
            if (!_sides.TryGetValue(key, out var sides))
            {
                _sides[key] = sides = [];
            }

            // The two sides of a crease meet under one name: the second one found is joined to the first.
            if (at < 0 && sides.Count == 1 && !_trimmed.Contains(key))
            {
                Glue(sides[0].Facet, sides[0].Side, facet, i, isFlat: false, seam: null);
            }

            sides.Add((at, facet, i));
        }
    }

    private void Join(Seam seam)
    {
        var (first, second) = (KeyOf(seam.First), KeyOf(seam.Second));
        if (!_sides.TryGetValue(first, out var one) || !_sides.TryGetValue(second, out var other))
        {
            if (!_trimmed.Contains(first) || !_trimmed.Contains(second))
            {
                Problems.Add(ProofText.EdgeMissing(seam.Id));
            }

            return;
        }

        if (one.Count != other.Count)
        {
            // Two stations that all but coincide may have been taken for one on one side only: what lies between is nothing to sew.
            one = [.. one.Where(IsMoreThanNothing)];
            other = [.. other.Where(IsMoreThanNothing)];
        }

        if (one.Count != other.Count)
        {
            Problems.Add(ProofText.SidesDividedElsewhere(seam.Id));
            return;
        }

        one.Sort((a, b) => a.At.CompareTo(b.At));
        other.Sort((a, b) => b.At.CompareTo(a.At));
        for (var i = 0; i < one.Count; i++)
        {
            Glue(one[i].Facet, one[i].Side, other[i].Facet, other[i].Side, seam.IsFlat, seam.Id);
        }
    }

    private static bool IsMoreThanNothing((double At, Facet Facet, int Side) side) =>
        side.Facet.Corners[side.Side].DistanceTo(side.Facet.Corners[(side.Side + 1) % side.Facet.Corners.Length]) > 2 * Near;

    private static (string, int, string) KeyOf(SeamSide side) => (side.Piece, side.Copy, side.Edge);

    private void Glue(Facet a, int sideOfA, Facet b, int sideOfB, bool isFlat, string? seam)
    {
        if (a.Joints[sideOfA] is not null || b.Joints[sideOfB] is not null)
        {
            Problems.Add(ProofText.EdgeSewnTwice(a.Piece));
            return;
        }

        a.Joints[sideOfA] = new(b, sideOfB, isFlat, seam);
        b.Joints[sideOfB] = new(a, sideOfA, isFlat, seam);
    }

    internal static bool Meets(FlatPoint a, FlatPoint b) => a.DistanceTo(b) < Near;
}
