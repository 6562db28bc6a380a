using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;

namespace Wrapper.Core.Proof.Folding;

/// <summary>
/// One copy of a piece on the flat, made ready to be cut into facets: its edges carry stations wherever something is joined
/// or bent across them. Read from the stitch line, the fold lines and nothing else.
/// </summary>
internal sealed class FlatPiece
{
    private const double Near = 0.01;

    /// <summary>How far a curve's corners may stand off the curve.</summary>
    private const double Sagitta = 0.02;

    private readonly List<FlatPart> _parts = [];
    private readonly Dictionary<string, List<double>> _stations = [];
    private readonly Dictionary<string, double> _lengths = [];
    private readonly List<(bool AlongX, double From, double To)> _rolls = [];
    private readonly List<double> _rulings = [];
    private readonly bool _mirrored;

    public FlatPiece(Piece piece, int copy)
    {
        (Piece, Copy) = (piece, copy);
        _mirrored = piece.LiesTurnedOver(copy);
        foreach (var edge in _mirrored ? piece.StitchLine.Edges.Reverse().Select(Mirrored) : piece.StitchLine.Edges)
        {
            AddPart(edge);
        }

        foreach (var roll in piece.Rolls)
        {
            var (from, to) = (roll.From.Millimetres, roll.To.Millimetres);
            _rolls.Add(roll.AlongX && _mirrored ? (true, -to, -from) : (roll.AlongX, from, to));
        }

        Folds = [.. piece.Folds.Select(fold => (Fold: fold, Points: PointsOf(fold))).OrderByDescending(fold => fold.Fold.TrimsRight)];
        foreach (var (_, points) in Folds)
        {
            AddStationAt(points[0]);
            AddStationAt(points[^1]);
        }
    }

    public Piece Piece { get; }

    public int Copy { get; }

    public IReadOnlyList<(Fold Fold, FlatPoint[] Points)> Folds { get; }

    /// <summary>Places across which the piece is bent along a curve.</summary>
    public IReadOnlyList<double> Rulings => _rulings;

    /// <summary>What seams and creases never are called.</summary>
    public static string RulingName(int index) => $"ruling {index}";

    public bool RollsAlongX => _rolls.Count > 0 && _rolls[0].AlongX;

    public IEnumerable<string> Edges => _stations.Keys;

    public double LengthOf(string edge) => _lengths[edge];

    /// <summary>The places along an edge where it is divided, its two ends not among them.</summary>
    public IReadOnlyList<double> StationsOf(string edge) => _stations[edge];

    public bool Has(string edge) => _stations.ContainsKey(edge);

    /// <summary>Divides an edge; true when it was not divided there before.</summary>
    public bool AddStation(string edge, double at)
    {
        return at >= Near && at <= _lengths[edge] - Near && Insert(_stations[edge], at);
    }

    /// <summary>
    /// Carries a station across the piece where it is rolled there: the other edge is divided at the same place. Gives what was added.
    /// </summary>
    public IEnumerable<(string Edge, double At)> Ruled(string edge, double at)
    {
        if (_rolls.Count == 0)
        {
            yield break;
        }

        var point = PointOn(edge, at);
        var along = RollsAlongX ? point.X : point.Y;
        if (!_rolls.Exists(roll => along > roll.From - Near && along < roll.To + Near) || !AddRuling(along))
        {
            yield break;
        }

        foreach (var part in _parts)
        {
            var (start, end) = (part.Start, part.End);
            var (low, high) = RollsAlongX ? (start.X, end.X) : (start.Y, end.Y);
            if ((low < along) == (high < along) || Math.Abs(high - low) < Near)
            {
                continue;
            }

            var station = part.From + ((part.To - part.From) * (along - low) / (high - low));
            if (AddStation(part.Name, station))
            {
                yield return (part.Name, station);
            }
        }
    }

    /// <summary>The corners all round with the edge and the place along it that each one's outgoing side begins at.</summary>
    public IEnumerable<(FlatPoint Corner, string Edge, double At)> Corners()
    {
        foreach (var part in _parts)
        {
            yield return (part.Start, part.Name, part.From);
            foreach (var station in _stations[part.Name])
            {
                if (station > part.From + Near && station < part.To - Near)
                {
                    yield return (part.At(station), part.Name, station);
                }
            }
        }
    }

    private bool AddRuling(double along) => Insert(_rulings, along);

    /// <summary>Puts a place among others in their order, unless one of them is as good as it.</summary>
    private static bool Insert(List<double> places, double at)
    {
        var index = places.BinarySearch(at);
        index = index < 0 ? ~index : index;
        if ((index < places.Count && places[index] - at < Near) || (index > 0 && at - places[index - 1] < Near))
        {
            return false;
        }

        places.Insert(index, at);
        return true;
    }

    private FlatPoint PointOn(string edge, double at)
    {
        foreach (var part in _parts)
        {
            if (part.Name == edge && at >= part.From - Near && at <= part.To + Near)
            {
                return part.At(at);
            }
        }

        throw new KeyNotFoundException(edge);
    }

    private void AddStationAt(FlatPoint point)
    {
        foreach (var part in _parts)
        {
            var (start, end) = (part.Start, part.End);
            var length = part.To - part.From;
            var along = (((point.X - start.X) * (end.X - start.X)) + ((point.Y - start.Y) * (end.Y - start.Y))) / length;
            if (along > Near && along < length - Near && part.At(part.From + along).DistanceTo(point) < Near)
            {
                AddStation(part.Name, part.From + along);
            }
        }
    }

    /// <summary>What a part of a fold is called; turned over, a line runs the other way.</summary>
    public string NameOf(Fold fold, int segment) => fold.NameOf(_mirrored ? fold.Through.Count - 2 - segment : segment);

    private FlatPoint[] PointsOf(Fold fold)
    {
        var points = fold.Through.Select(point => new FlatPoint(
            _mirrored ? -point.X.Millimetres : point.X.Millimetres,
            point.Y.Millimetres
        ));
        return _mirrored ? [.. points.Reverse()] : [.. points];
    }

    private static Edge Mirrored(Edge edge) =>
        new(
            edge.Name,
            new(-edge.End.X, edge.End.Y),
            new(-edge.Start.X, edge.Start.Y),
            edge.Arc is { } arc ? new Arc(new(-arc.Centre.X, arc.Centre.Y), arc.CounterClockwise) : null
        );

    private void AddPart(Edge edge)
    {
        var from = _lengths.GetValueOrDefault(edge.Name);
        var to = from + edge.Length.Millimetres;
        if (_stations.TryAdd(edge.Name, []) is false)
        {
            _stations[edge.Name].Add(from); // where one part of an edge goes over into the next
        }

        _lengths[edge.Name] = to;
        var (start, end) = (
            new FlatPoint(edge.Start.X.Millimetres, edge.Start.Y.Millimetres),
            new FlatPoint(edge.End.X.Millimetres, edge.End.Y.Millimetres)
        );
        if (edge.Arc is not { } arc)
        {
            _parts.Add(new(edge.Name, from, to, start, end, at => Between(start, end, (at - from) / (to - from))));
            return;
        }

        var (cx, cy) = (arc.Centre.X.Millimetres, arc.Centre.Y.Millimetres);
        var (radius, sweep) = (arc.RadiusAt(edge.Start) / 1e6, arc.Sweep(edge.Start, edge.End));
        var first = Math.Atan2(start.Y - cy, start.X - cx);
        var steps = Math.Max(1, (int)Math.Ceiling(Math.Abs(sweep) / (2 * Math.Acos(Math.Max(0, 1 - (Sagitta / radius))))));
        var half = Math.Abs(sweep) / steps / 2;
        var reach = radius * half / Math.Sin(half); // so that every chord is as long as its arc
        for (var i = 1; i < steps; i++)
        {
            _stations[edge.Name].Add(from + ((to - from) * i / steps));
        }

        _parts.Add(new(edge.Name, from, to, start, end, at =>
            {
                var share = (at - from) / (to - from);
                return share <= 0 ? start
                    : share >= 1 ? end
                    : new(cx + (reach * Math.Cos(first + (share * sweep))), cy + (reach * Math.Sin(first + (share * sweep))));
            }));
    }

    private static FlatPoint Between(FlatPoint from, FlatPoint to, double share) =>
        share <= 0 ? from
        : share >= 1 ? to
        : new(from.X + (share * (to.X - from.X)), from.Y + (share * (to.Y - from.Y)));

    /// <summary>One straight or arc of an edge, by the lengths along the edge at which it begins and ends.</summary>
    private sealed record FlatPart(string Name, double From, double To, FlatPoint Start, FlatPoint End, Func<double, FlatPoint> At);
}
