using Wrapper.Core.Catalogue;
using Wrapper.Core.Pattern;
using Wrapper.Core.Sewing.Covers;
using Wrapper.Core.Sewing.Operations;

namespace Wrapper.Core.Sewing;

/// <summary>What must come before what: each rule by itself, asked of two operations. See docs/handbook.md, "What comes first".</summary>
internal sealed class ComesFirst
{
    /// <summary>The rank of the last of what makes a flat piece whole: what is sewn to it comes later.</summary>
    private const int OfJoins = 3;

    private readonly SewingCover _cover;
    private readonly IReadOnlyList<Operation> _all;
    private readonly Facts[] _facts;

    /// <summary>The rules over the operations of a cover.</summary>
    public ComesFirst(SewingCover cover, IReadOnlyList<Operation> all)
    {
        (_cover, _all) = (cover, all);
        var byId = all.ToDictionary(operation => operation.Id);
        _facts = [.. all.Select(operation => FactsOf(operation, byId))];
    }

    /// <summary>For each operation the numbers of those that come before it.</summary>
    public IReadOnlyList<IReadOnlyList<int>> Before()
    {
        var before = new List<int>[_all.Count];
        for (var late = 0; late < _all.Count; late++)
        {
            before[late] = [];
            for (var early = 0; early < _all.Count; early++)
            {
                if (early != late && Precedes(early, late))
                {
                    before[late].Add(early);
                }
            }
        }

        return before;
    }

    private bool Precedes(int early, int late)
    {
        var (a, b) = (_all[early], _all[late]);
        var (one, other) = (_facts[early], _facts[late]);
        return b.After.Contains(a.Id)
            || a.HeldBy == b.Id
            || OnOnePiece(one, other)
            || a.Makes.Any(other.Keys.Contains)
            || (one.Sewn is { } sewn && Crossed(sewn, one, b, other))
            || TurnedEdge(a, one, b, other)
            || (!_cover.IsPinned && Trimmed(a, b, other))
            || LeavesGap(a, one, b, other)
            || Finishing(a, one, b, other)
            || InSchool(a, one, b, other);
    }

    /// <summary>On each piece: edges that are finished first, marks, joins, darts, then the rest.</summary>
    private static bool OnOnePiece(Facts one, Facts other) => one.Rank < other.Rank && one.Pieces.Overlaps(other.Pieces);

    /// <summary>
    /// A seam before one that crosses its end; a closure before what touches its ends; whatever touches an opened corner before it. What
    /// finishes edges comes where its seam does.
    /// </summary>
    private static bool Crossed(Operation sewn, Facts facts, Operation b, Facts other)
    {
        if (
            !b.IsSewing
            || b.Id == sewn.Id
            || b.Points.Count == 0
            || sewn.Points.Count == 0
            || (sewn.Waits && !b.Waits)
            || sewn.Kind == OperationKind.CloseByHand
        )
        {
            return false;
        }

        if (b.Kind == OperationKind.Corner)
        {
            return sewn.Kind != OperationKind.Corner && sewn.Points.Any(other.AllPoints.Contains);
        }

        var ends = !sewn.IsRing && sewn.Kind != OperationKind.Corner;
        if (ends && (other.Inside.Contains(sewn.Points[0]) || other.Inside.Contains(sewn.Points[^1])) && !IsBefore(b, sewn))
        {
            return true;
        }

        return ends
            && facts.IsClosure
            && b.Kind is OperationKind.Seam or OperationKind.CloseByHand
            && (other.AllPoints.Contains(sewn.Points[0]) || other.AllPoints.Contains(sewn.Points[^1]));
    }

    /// <summary>Joins come before everything else on their pieces, and darts before all but joins.</summary>
    private static bool IsBefore(Operation b, Operation sewn) =>
        b.Kind is OperationKind.Join or OperationKind.Dart && sewn.Kind is not (OperationKind.Join or OperationKind.Dart);

    /// <summary>A hem sewn flat before the seams that catch it; one sewn round, and a casing, after the seams and the try-on.</summary>
    private static bool TurnedEdge(Operation a, Facts one, Operation b, Facts other)
    {
        if (a.Turned == Turned.Flat && b.Kind is OperationKind.Seam or OperationKind.CloseByHand)
        {
            return a.Points.Any(other.AllPoints.Contains);
        }

        var isRound = b.Turned == Turned.Round;
        return isRound
            && (
                a.Kind == OperationKind.TryOn
                || (one.Sewn is { Kind: not OperationKind.CloseByHand } && one.AllPoints.Overlaps(other.AllPoints))
            );
    }

    /// <summary>Turned when all is sewn, tried on then or before the edge, trimmed after that, filled, closed by hand.</summary>
    private bool Trimmed(Operation a, Operation b, Facts other) =>
        b.Kind switch
        {
            OperationKind.Turn => a.IsSewing && a.Kind != OperationKind.CloseByHand,
            OperationKind.TryOn => IsTriedOn(a),
            OperationKind.Trim => a.Kind == OperationKind.TryOn,
            OperationKind.Fill => a.Kind is OperationKind.Turn or OperationKind.TryOn or OperationKind.Trim,
            OperationKind.CloseByHand => a.Kind is OperationKind.Turn or OperationKind.TryOn or OperationKind.Fill or OperationKind.Tape
                || a.Turned == Turned.Round,
            OperationKind.EdgeStitch => b.After.Count == 0 && a.Kind == OperationKind.Turn,
            OperationKind.Thread => a.Kind == OperationKind.TryOn,
            _ => b.Waits && (a.Kind == OperationKind.TryOn || (a.Kind == OperationKind.Trim && a.Pieces.Any(other.Pieces.Contains))),
        };

    /// <summary>What is turned is tried on turned; what is open below or has two layers, before its edge is sewn.</summary>
    private bool IsTriedOn(Operation a) =>
        a.Kind == OperationKind.Turn
            ? !_cover.IsLayered
            : a.IsSewing && !a.Waits && a.Kind != OperationKind.CloseByHand && a.Id != "tape-under-base";

    /// <summary>The run that leaves the gap is the last: what is sewn after it would have to be sewn through the gap.</summary>
    private static bool LeavesGap(Operation a, Facts one, Operation b, Facts other) =>
        other.LeavesGap && a.Kind == OperationKind.Seam && !one.LeavesGap && (b.Waits || !a.Waits);

    /// <summary>Each seam is finished before it is crossed or the cover turned; a trimmed corner after it is trimmed.</summary>
    private static bool Finishing(Operation a, Facts one, Operation b, Facts other) =>
        (
            a.BelongsTo is not null
            && one.Sewn is { Kind: not OperationKind.Corner }
            && ((b.Kind == OperationKind.Turn) || (b.Kind == OperationKind.TryOn && !one.Sewn.Waits))
        )
        || (
            b.Kind == OperationKind.Finish
            && other.Sewn is { Kind: OperationKind.Corner } corner
            && a.Kind == OperationKind.Trim
            && a.Seams.SequenceEqual(corner.Seams)
        );

    private bool InSchool(Operation a, Facts one, Operation b, Facts other)
    {
        if (a.Kind == OperationKind.Pocket)
        {
            return b.Kind == OperationKind.Seam
                && one.Keys.Overlaps(other.Keys)
                && (other.IsOnPlate ? !IsFirstOfFront(other) : _cover.Schools.Ring == RingSchool.Ring && IsLaterEnd(a, b));
        }

        if (a is { Kind: OperationKind.Press, BelongsTo: null })
        {
            return other.Rank > OfJoins && one.Pieces.Overlaps(other.Pieces) && !a.After.Contains(b.Id);
        }

        if (a.Kind == OperationKind.EdgeStitch && a.After.Count > 0)
        {
            return b.Kind == OperationKind.Seam && other.Pieces.Overlaps(one.Pieces) && !a.After.Contains(b.Id);
        }

        if (a.Kind == OperationKind.MakePiping)
        {
            return b.Kind == OperationKind.Seam && b.Edges.Count > 0;
        }

        if (a.Kind == OperationKind.ApplyPiping)
        {
            return b.Kind == OperationKind.Seam && other.Edges.Overlaps(a.Edges);
        }

        return a.Kind == OperationKind.Seam && b.Kind == OperationKind.Seam && !a.Waits && !b.Waits && StripsFirst(one, other);
    }

    /// <summary>
    /// The ring before its plates; from the front, the boxing, its ends, the zip strip, the other plate; one by one, the walls before their
    /// corners.
    /// </summary>
    private bool StripsFirst(Facts one, Facts other)
    {
        if (!one.IsOfRing || !other.IsOfRing)
        {
            return false;
        }

        if (_cover.Runs.HasWalls && _cover.Schools.Walls == WallSchool.OneByOne)
        {
            return one.IsOnPlate && !other.IsOnPlate;
        }

        return _cover.Runs.IsBoxed && _cover.Schools.Ring == RingSchool.Front && _cover.Runs.IsClosedByStrip
            ? StageFromFront(one) < StageFromFront(other)
            : !one.IsOnPlate && other.IsOnPlate;
    }

    private int StageFromFront(Facts facts) =>
        IsFirstOfFront(facts) ? 0
        : !facts.IsOnPlate ? 1
        : facts.Plate == _cover.Runs.FirstPlate ? 2
        : 3;

    private bool IsFirstOfFront(Facts facts) =>
        _cover.Schools.Ring == RingSchool.Front
        && _cover.Runs.IsClosedByStrip
        && facts.IsOnPlate
        && facts.Plate == _cover.Runs.FirstPlate
        && !facts.HasZipStrip;

    private bool IsLaterEnd(Operation pocket, Operation seam)
    {
        var order = _all.Where(operation => operation.Kind == OperationKind.Pocket).Select(operation => operation.Seams[0]).ToList();
        var at = order.IndexOf(seam.Seams[0]);
        return at > order.IndexOf(pocket.Seams[0]);
    }

    private Facts FactsOf(Operation operation, Dictionary<string, Operation> byId)
    {
        var sewn =
            operation.IsSewing ? operation
            : operation.BelongsTo is { } of ? byId[of]
            : null;
        var kinds = operation.Pieces.Select(piece => _cover.Pieces[piece.Piece].Kind).ToHashSet();
        var run = operation is { Kind: OperationKind.Seam, Seams.Count: > 0 }
            ? _cover.Runs.All.First(each => each.Lines[0].Sewn.Id == operation.Seams[0])
            : null;
        var plate = run is null ? null : _cover.Runs.PlateOf(run);
        return new()
        {
            Sewn = sewn,
            Pieces = [.. operation.Pieces],
            Keys = [.. operation.Pieces.Select(piece => piece.Piece)],
            AllPoints = [.. operation.Points],
            Inside = operation.IsRing ? [.. operation.Points] : [.. operation.Points.Skip(1).SkipLast(1)],
            Rank = operation.Kind switch
            {
                OperationKind.Finish when operation.After.Count == 0 => 0,
                OperationKind.Mark => 1,
                OperationKind.Join => 2,
                OperationKind.Dart => OfJoins,
                OperationKind.MakePiping => 2,
                _ => OfJoins + 1,
            },
            IsClosure = operation.Kind == OperationKind.Zip || (operation.Kind == OperationKind.Tape && operation.Seams.Count > 0),
            Plate = plate,
            IsOfRing = kinds.Overlaps([PieceKind.Boxing, PieceKind.ZipBoxing, PieceKind.Wall, PieceKind.Side, PieceKind.Strip]),
            HasZipStrip = kinds.Contains(PieceKind.ZipBoxing) && !kinds.Contains(PieceKind.Boxing),
            LeavesGap = run is not null && run.Lines.Any(line => line.Seam.Gap.IsPositive),
            Edges = run is null ? [] : [.. run.Lines.SelectMany(line => line.Seam.Edges)],
        };
    }

    private sealed class Facts
    {
        /// <summary>The sewing it is, or the one whose edges it finishes.</summary>
        public required Operation? Sewn { get; init; }

        public required HashSet<PieceCopy> Pieces { get; init; }

        public required HashSet<string> Keys { get; init; }

        public required HashSet<int> AllPoints { get; init; }

        public required HashSet<int> Inside { get; init; }

        public required int Rank { get; init; }

        public required bool IsClosure { get; init; }

        public required int? Plate { get; init; }

        public bool IsOnPlate => Plate is not null;

        public required bool IsOfRing { get; init; }

        public required bool HasZipStrip { get; init; }

        public required bool LeavesGap { get; init; }

        public required HashSet<SeamSide> Edges { get; init; }
    }
}
