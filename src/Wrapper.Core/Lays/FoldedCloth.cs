using Wrapper.Core.Checks;
using Wrapper.Core.Geometry;
using Wrapper.Core.Lays.Shapes;
using Wrapper.Core.Units;

namespace Wrapper.Core.Lays;

/// <summary>
/// Lays pieces on cloth folded along its middle, right side in, so that each is cut twice at once: two alike where a piece is
/// its own mirror image, left and right hands where two pieces are each other's. The odd one that is its own mirror image is
/// cut as a half on the fold; what is left is cut from the single cloth after it. The lay is given unfolded, as the cloth lies
/// when everything is cut. See docs/handbook.md, "On the fold".
/// </summary>
internal sealed class FoldedCloth
{
    private const string Half = " on the fold";

    private readonly LayRequest _request;
    private readonly List<LayPiece> _double = [];
    private readonly List<LayPiece> _single = [];

    /// <summary>By piece: whose mirror image the upper layer gives, where that is another piece.</summary>
    private readonly Dictionary<string, string> _partners = [];
    private readonly Dictionary<string, string> _wholes = []; // of a half that lies on the fold, the piece it opens to

    /// <summary>By piece: the first copy that is not cut as one of a pair.</summary>
    private readonly Dictionary<string, int> _next = [];

    /// <summary>What lies beside the fold keeps half the space from it, for its other copy lies as near on the other side.</summary>
    private readonly Length _clear;

    /// <summary>The width of the folded cloth up to there.</summary>
    private readonly Length _half;

    private FoldedCloth(LayRequest request)
    {
        _request = request;
        var curved = request.Pieces.Any(piece => LayShape.Of(piece.Corners, 0).IsCurved);
        _clear = Length.FromNanometres(((curved ? Length.Max(request.Space, request.CurveSpace) : request.Space).Nanometres + 1) / 2);
        _half = Length.FromNanometres(request.UsableWidth.Nanometres / 2) - _clear;
        foreach (var piece in request.Pieces)
        {
            Part(piece);
        }
    }

    /// <summary>The lay; nothing is pinned on a folded cloth and remnants stay on the shelf.</summary>
    public static LayOutcome Plan(LayRequest request, int steps, Func<bool>? shouldStop, Action<Lay>? onShorter)
    {
        var open = request with { Pinned = [], Remnants = [], Known = [] };
        var checks = LayPlanner.Refuse(open);
        return checks.HasError() ? new(null, checks) : new FoldedCloth(open).Run(steps, shouldStop, onShorter, request.Known);
    }

    private LayOutcome Run(int steps, Func<bool>? shouldStop, Action<Lay>? onShorter, IReadOnlyList<Placement> known)
    {
        if (_double.Count == 0)
        {
            return LayPlanner.Plan(_request with { Known = known }, steps, shouldStop, onShorter);
        }

        var below = LayPlanner
            .Plan(
                _request with
                {
                    UsableWidth = _half,
                    Pieces = _double,
                    Flaws = [.. _request.Flaws.SelectMany(Folded)],
                    Known = Refolded(known),
                },
                steps,
                shouldStop
            )
            .Lay!;
        if (_single.Count == 0)
        {
            var whole = Unfolded(below, null, Length.Zero);
            onShorter?.Invoke(whole);
            return new(whole, []);
        }

        var from = below.Length + Length.Max(_request.Space, _request.CurveSpace);
        var above = _request with
        {
            Pieces = _single,
            Flaws =
            [
                .. _request
                    .Flaws.Where(flaw => flaw.To > from)
                    .Select(flaw => flaw with { From = Length.Max(Length.Zero, flaw.From - from), To = flaw.To - from }),
            ],
            Known = Above(known, from),
        };
        var last = LayPlanner.Plan(above, steps, shouldStop, onShorter is null ? null : lay => onShorter(Unfolded(below, lay, from))).Lay!;
        return new(Unfolded(below, last, from), []);
    }

    /// <summary>Sorts the copies of a piece into pairs, halves on the fold, and single ones.</summary>
    private void Part(LayPiece piece)
    {
        var paired = PairsWith(piece);
        var (count, next) = (piece.Quantity - paired, 1 + paired);
        var shape = LayShape.Of(piece.Corners, 0);
        var isOwnMirror = MirrorImage.Are(piece.Corners, piece.Corners);
        var turns = LayPlanner
            .TurnsOf(piece, _request.OneWay)
            .Where(turn => piece.Turns.Contains((360 - turn) % 360) && (!_request.OneWay || turn is 0 or 180))
            .ToList();
        var isNarrow = turns.Exists(turn => LayShape.Of(piece.Corners, turn).Width <= _half.Nanometres);
        var isMatched = piece.Match is not null && (_request.RepeatLength.IsPositive || _request.RepeatWidth.IsPositive);
        if (isMatched || turns.Count == 0)
        {
            Single(piece, count, next);
        }
        else if (isOwnMirror)
        {
            var pairs = isNarrow ? count / 2 : 0;
            Add(_double, piece with { Turns = turns }, piece.Id, pairs);
            next += 2 * pairs;
            var onFold =
                turns[0] == 0 && shape.Width <= _request.UsableWidth.Nanometres && shape.Width > 4 * _clear.Nanometres
                    ? count - (2 * pairs)
                    : 0;
            Add(_double, piece with { Corners = LeftHalf(piece.Corners), Turns = [0], OnFold = true }, piece.Id + Half, onFold);
            _wholes[piece.Id + Half] = piece.Id;
            _next[piece.Id] = next;
            Single(piece, count - (2 * pairs) - onFold, next);
        }
        else if (isNarrow && !_partners.ContainsValue(piece.Id) && PartnerOf(piece) is { } partner)
        {
            var pairs = Math.Min(count, partner.Quantity);
            _partners[piece.Id] = partner.Id;
            Add(_double, piece with { Turns = turns }, piece.Id, pairs);
            Single(piece, count - pairs, next + pairs);
        }
        else
        {
            Single(piece, count, next);
        }
    }

    /// <summary>Copies that are the upper layer of an earlier piece's.</summary>
    private int PairsWith(LayPiece piece) =>
        _partners
            .Where(partner => partner.Value == piece.Id)
            .Select(partner => _double.Find(other => other.Id == partner.Key)!.Quantity)
            .FirstOrDefault();

    /// <summary>A later piece that is this one's mirror image and may lie the same ways.</summary>
    private LayPiece? PartnerOf(LayPiece piece) =>
        _request
            .Pieces.SkipWhile(other => other.Id != piece.Id)
            .Skip(1)
            .FirstOrDefault(other =>
                !_partners.ContainsValue(other.Id)
                && other.Turns.Order().SequenceEqual(piece.Turns.Order())
                && MirrorImage.Are(piece.Corners, other.Corners)
            );

    private void Single(LayPiece piece, int count, int from)
    {
        _next.TryAdd(piece.Id, from);
        Add(_single, piece, piece.Id, count);
    }

    private static void Add(List<LayPiece> to, LayPiece piece, string id, int count)
    {
        if (count > 0)
        {
            to.Add(piece with { Id = id, Quantity = count });
        }
    }

    /// <summary>
    /// What lies left of the middle and clear of it: the outline clipped there, as high and as low at that end as the outline
    /// comes between there and the fold.
    /// </summary>
    private List<Point> LeftHalf(IReadOnlyList<Point> corners)
    {
        var middle = Length.FromNanometres((corners.Min(corner => corner.X) + corners.Max(corner => corner.X)).Nanometres / 2);
        var (half, within) = (
            ClippedAt(corners, middle - _clear),
            ClippedAt(corners, middle).Where(corner => corner.X >= middle - _clear).ToList()
        );
        var ends = half.Where(corner => corner.X == middle - _clear).ToList();
        var (top, bottom) = (ends.Max(corner => corner.Y), ends.Min(corner => corner.Y));
        var (highest, lowest) = (Length.Max(top, within.Max(corner => corner.Y)), Length.Min(bottom, within.Min(corner => corner.Y)));
        return half.ConvertAll(corner =>
            corner.X < middle - _clear
                ? corner
                : corner with
                {
                    Y =
                        corner.Y == top ? highest
                        : corner.Y == bottom ? lowest
                        : corner.Y,
                }
        );
    }

    private static List<Point> ClippedAt(IReadOnlyList<Point> corners, Length right)
    {
        var clipped = new List<Point>();
        for (var i = 0; i < corners.Count; i++)
        {
            var (a, b) = (corners[i], corners[(i + 1) % corners.Count]);
            if (a.X <= right)
            {
                clipped.Add(a);
            }

            if ((a.X < right && b.X > right) || (a.X > right && b.X < right))
            {
                clipped.Add(new(right, a.Y + (b.Y - a.Y).Times((right - a.X).RatioTo(b.X - a.X))));
            }
        }

        return clipped;
    }

    /// <summary>A flaw is in the way in whichever layer it is.</summary>
    private IEnumerable<Flaw> Folded(Flaw flaw)
    {
        var (left, right) = (flaw.Left ?? Length.Zero, flaw.Right ?? _request.UsableWidth);
        if (left < _half)
        {
            yield return flaw with
            {
                Left = left,
                Right = Length.Min(right, _half),
            };
        }

        if (_request.UsableWidth - right < _half)
        {
            yield return flaw with
            {
                Left = _request.UsableWidth - right,
                Right = Length.Min(_half, _request.UsableWidth - left),
            };
        }
    }

    private Lay Unfolded(Lay below, Lay? above, Length from)
    {
        var placements = new List<Placement>();
        foreach (var place in below.Placements)
        {
            placements.AddRange(_wholes.ContainsKey(place.Piece) ? [Opened(place)] : BothOf(place));
        }

        placements.AddRange(
            (above?.Placements ?? []).Select(place => place with { Copy = place.Copy + _next[place.Piece] - 1, Y = place.Y + from })
        );
        return new(
            above is null ? below.Length : from + above.Length,
            above is null ? below.Bound : from + above.Bound - below.Length + below.Bound,
            above is null ? below.RuleOfThumb : below.RuleOfThumb + above.RuleOfThumb + from - below.Length,
            (2 * below.PieceArea) + (above?.PieceArea ?? 0),
            placements
        )
        {
            FoldedTo = below.Length,
        };
    }

    private Placement Opened(Placement place)
    {
        var id = _wholes[place.Piece];
        return place with { Piece = id, Copy = place.Copy + _next[id] - 1 };
    }

    private IEnumerable<Placement> BothOf(Placement place)
    {
        var shape = LayShape.Of(_double.Find(piece => piece.Id == place.Piece)!.Corners, place.Turn);
        var right = _request.UsableWidth - place.X - Length.FromNanometres(shape.Width);
        var mirrored = (360 - place.Turn) % 360;
        if (_partners.TryGetValue(place.Piece, out var partner))
        {
            return [place, place with { Piece = partner, X = right, Turn = mirrored }];
        }

        return [place with { Copy = (2 * place.Copy) - 1 }, place with { Copy = 2 * place.Copy, X = right, Turn = mirrored }];
    }

    /// <summary>A known lay as it lay on the folded cloth.</summary>
    private List<Placement> Refolded(IReadOnlyList<Placement> known)
    {
        var byCopy = known.DistinctBy(place => (place.Piece, place.Copy)).ToDictionary(place => (place.Piece, place.Copy));
        var folded = new List<Placement>();
        foreach (var piece in _double)
        {
            var isHalf = piece.OnFold;
            var id = isHalf ? _wholes[piece.Id] : piece.Id;
            for (var copy = 1; copy <= piece.Quantity; copy++)
            {
                var lay =
                    isHalf ? copy + _next[id] - 1
                    : _partners.ContainsKey(id) ? copy
                    : (2 * copy) - 1;
                if (byCopy.TryGetValue((id, lay), out var place))
                {
                    folded.Add(place with { Piece = piece.Id, Copy = copy });
                }
            }
        }

        return folded;
    }

    /// <summary>A known lay of what is cut single.</summary>
    private List<Placement> Above(IReadOnlyList<Placement> known, Length from) =>
        [
            .. _single
                .SelectMany(piece => known.Where(place => place.Piece == piece.Id && place.Copy >= _next[piece.Id]))
                .Select(place => place with { Copy = place.Copy - _next[place.Piece] + 1, Y = place.Y - from }),
        ];
}
