using Wrapper.Core.Pattern;
using Wrapper.Core.Sewing.Operations;

namespace Wrapper.Core.Sewing.Covers;

/// <summary>
/// Every line of a cover's ledger that is sewn, and what it is: nothing is asked but how its pieces lie. See docs/handbook.md,
/// "Operations".
/// </summary>
internal sealed class SeamLines
{
    private readonly IReadOnlyDictionary<string, Piece> _pieces;
    private readonly CoverPoints _points;
    private readonly ILookup<int, Seam> _closuresAt;
    private readonly bool _isLayered;

    /// <summary>The lines of one cover.</summary>
    public SeamLines(Draft draft, IReadOnlyDictionary<string, Piece> pieces)
    {
        _pieces = pieces;
        _points = new(pieces, draft.Seams);
        Points = _points;
        Laid = draft.Seams.Where(seam => seam.IsLaid).ToList();
        var laidOn = Laid.SelectMany(seam => seam.Edges).ToHashSet();
        var closures = draft.Seams.Where(seam => seam.Takes is Caught.Zip or Caught.HookAndLoop).ToList();
        _closuresAt = closures.SelectMany(seam => Ends(seam).Select(point => (point, seam))).ToLookup(at => at.point, at => at.seam);
        _isLayered = draft.Pieces.Any(piece => piece.CopyRoles.Contains(PieceRole.Inner));
        var overBase = draft.Seams.Where(IsCornerOverBase).ToList();
        All =
        [
            .. draft
                .Ledger.Where(entry => !entry.Seam.IsLaid)
                .SelectMany(entry => Split(Line(entry, laidOn), overBase.IndexOf(entry.Seam))),
        ];
    }

    /// <summary>The lines, in the ledger's order.</summary>
    public IReadOnlyList<SeamLine> All { get; }

    /// <summary>What is folded and caught, not sewn by itself.</summary>
    public IReadOnlyList<Seam> Laid { get; }

    /// <summary>The points of the cover.</summary>
    public CoverPoints Points { get; }

    private bool IsCornerOverBase(Seam seam) =>
        !seam.IsFlat
        && _pieces[seam.First.Piece] is { Kind: PieceKind.Wall } first
        && _pieces[seam.Second.Piece].Kind == PieceKind.Wall
        && first.StitchLine.FindLength("right-return") is not null;

    /// <summary>
    /// Of the corners over a base two that lie across from each other, the first and the third, are sewn half the drop before the
    /// try-on; the third is closed by hand.
    /// </summary>
    private IEnumerable<SeamLine> Split(SeamLine line, int cornerOverBase)
    {
        if (cornerOverBase is not (0 or 2))
        {
            yield return line;
            yield break;
        }

        var (upper, lower, between) = (line.Sewn.End, line.Sewn.Start, _points.Between());
        var half = line.Sewn.Millimetres / 2;
        yield return line with
        {
            Sewn = line.Sewn with { Start = upper, End = between, Millimetres = half },
        };
        yield return line with
        {
            Kind = cornerOverBase == 2 ? OperationKind.CloseByHand : line.Kind,
            Waits = true,
            Sewn = line.Sewn with { Id = $"{line.Seam.Id}-rest", Start = between, End = lower, Millimetres = half },
        };
    }

    private SeamLine Line(LedgerEntry entry, HashSet<SeamSide> laidOn)
    {
        var seam = entry.Seam;
        var path = _points.Path([.. seam.SecondGoesOn.Count > 0 ? seam.SecondSide : seam.FirstSide]);
        // sewn on one face while it is flat, it crosses nothing
        var through = _pieces[seam.First.Piece].Use == PieceUse.Applied ? [] : path[1..^1];
        return new(
            seam,
            KindOf(seam, laidOn),
            new(seam.Id, [.. seam.Edges], path[0], path[^1], through, Units.Length.Max(entry.FirstLength, entry.SecondLength).Millimetres)
        )
        {
            Places =
            [
                .. seam
                    .Edges.Select(_points.PlacesOf)
                    .SelectMany(places =>
                        new[] { (places.Start, _points.PointOf(places.Start)), (places.End, _points.PointOf(places.End)) }
                    ),
            ],
            Waits = _isLayered && RoleOf(seam.First) != RoleOf(seam.Second), // the layers are put into each other when both were tried
        };
    }

    private PieceRole RoleOf(SeamSide side) => _pieces[side.Piece].CopyRoles[side.Copy - 1];

    private OperationKind KindOf(Seam seam, HashSet<SeamSide> laidOn)
    {
        if (seam.Takes is Caught.Zip or Caught.HookAndLoop)
        {
            return seam.Takes == Caught.Zip ? OperationKind.Zip : OperationKind.Tape;
        }

        if (seam.IsWayIn)
        {
            return OperationKind.CloseByHand;
        }

        if (IsJoin(seam))
        {
            return OperationKind.Join;
        }

        if (seam.First.Piece != seam.Second.Piece || seam.First.Copy != seam.Second.Copy)
        {
            return OperationKind.Seam;
        }

        if (FoldOf(seam) is { } fold)
        {
            return HasLaidEar(seam, fold, laidOn) ? OperationKind.Dart : OperationKind.Corner;
        }

        return _pieces[seam.First.Piece].Kind == PieceKind.Wrap && IsNotch(seam) ? KindOfNotch(seam) : OperationKind.Seam;
    }

    /// <summary>Parts of one face, and of one strip that goes round.</summary>
    private bool IsJoin(Seam seam)
    {
        var (first, second) = (_pieces[seam.First.Piece], _pieces[seam.Second.Piece]);
        var differ = seam.First.Piece != seam.Second.Piece || seam.First.Copy != seam.Second.Copy;
        return seam.IsFlat
            || (
                differ
                && first.Kind == second.Kind
                && (
                    first.Kind is PieceKind.Boxing or PieceKind.ZipBoxing or PieceKind.Skirt
                    || (first.Kind == PieceKind.Wall && first.Rolls.Count > 0)
                )
            );
    }

    private Fold? FoldOf(Seam seam) => _pieces[seam.First.Piece].Folds.FirstOrDefault(fold => fold.IndexOf(seam.First.Edge) is not null);

    /// <summary>The ear beyond the line is folded and laid, not sewn in other seams: the line is a dart.</summary>
    private bool HasLaidEar(Seam seam, Fold fold, HashSet<SeamSide> laidOn)
    {
        var (from, to) = (fold.Through[0], fold.Through[^1]);
        return _pieces[seam.First.Piece]
            .StitchLine.Edges.Any(edge =>
                (edge.Start == from || edge.End == from || edge.Start == to || edge.End == to)
                && laidOn.Contains(new(seam.First.Piece, edge.Name, seam.First.Copy))
            );
    }

    /// <summary>Its edges meet inside the piece, at the bottom of a notch.</summary>
    private bool IsNotch(Seam seam)
    {
        var line = _pieces[seam.First.Piece].StitchLine;
        var (one, other) = (line[seam.First.Edge], line[seam.Second.Edge]);
        var (before, after) = one.End == other.Start ? (one, other) : (other, one);
        return before.End == after.Start && before.DirectionAtEnd.Cross(after.DirectionAtStart) < 0; // it turns inwards
    }

    /// <summary>
    /// Of two notches that meet in one line where a zip passes, each is a dart; where seams meet there, both are one corner.
    /// </summary>
    private OperationKind KindOfNotch(Seam seam) =>
        Ends(seam).Any(point => _closuresAt[point].Count() > 1) ? OperationKind.Dart : OperationKind.Corner;

    private IEnumerable<int> Ends(Seam seam)
    {
        var (start, end) = _points.EndsOf(seam.First);
        return [start, end];
    }
}
