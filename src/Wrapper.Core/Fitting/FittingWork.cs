using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Sewing;
using Wrapper.Core.Sewing.Covers;
using Wrapper.Core.Sewing.Operations;

namespace Wrapper.Core.Fitting;

/// <summary>
/// What findings make of one cover: where each cut copy lies now, which seams that moves, and what of it is unpicked, sewn again or cut
/// again. See docs/handbook.md, "Trying on".
/// </summary>
internal sealed class FittingWork
{
    private const double DearAgain = 1e6;
    private const double DearUnpick = 1e3;

    private readonly FittedCover _before;
    private readonly Draft _after;
    private readonly FoldedMoves _moves;
    private readonly SewingCover _sewing;
    private readonly SewingPlan _plan;
    private readonly List<Operation> _done;
    private readonly HashSet<string> _sewn;
    private readonly (PlacedLines Before, PlacedLines After) _lines;
    private readonly List<SeamSide> _edges;
    private readonly double _least;

    /// <summary>Prepares it.</summary>
    /// <param name="before">The cover as it was sewn until now.</param>
    /// <param name="specification">What its draft was made from.</param>
    /// <param name="after">The corrected draft.</param>
    /// <param name="moves">How its copies may lie after the findings.</param>
    /// <param name="done">The operations that were done, in the order they were told.</param>
    public FittingWork(FittedCover before, CoverSpecification specification, Draft after, FoldedMoves moves, IReadOnlyList<string> done)
    {
        (_before, _after, _moves) = (before, after, moves);
        _plan = SewingPlanner.Of(before.Draft, specification);
        _sewing = new SewingCover(before.Draft, specification);
        _done = [.. _plan.Order.Where(operation => done.Contains(operation.Id))];
        _sewn = _done.Where(operation => operation.IsSewing).SelectMany(operation => operation.Seams).ToHashSet();
        _lines = (new PlacedLines(_sewing.Pieces), new PlacedLines(after.Pieces.ToDictionary(piece => piece.Key)));
        _edges = [.. before.Draft.Seams.SelectMany(seam => seam.Edges).Distinct()];
        _least = FittingPlanner.Least(before.Draft.Format).Millimetres - SeamChanges.Same;
    }

    /// <summary>Works it out.</summary>
    public FittingAnswer Answer()
    {
        var lies = Chosen();
        var (tooSmall, shortest) = TooSmall(lies);
        IReadOnlyList<PieceCopy> again = [.. tooSmall.Concat(OfAnotherShape(_before, _after)).Distinct()];
        // A piece that is cut again fits by itself: what is sewn of it comes off, and the rest is looked at without it.
        var kept = Kept(lies, again);
        var changes = Changes(kept);
        var seams = _sewing
            .Lines.All.Select(changes.Of)
            .OfType<FittedSeam>()
            .Select(seam => seam.Mend == SeamMend.Unpick ? seam with { OpenFirst = Crossing(seam, _done) } : seam)
            .ToList();
        return new(
            InOrder(seams),
            again,
            kept,
            [
                .. Reopened(seams, changes, again)
                    .Select(operation => new ReopenedOperation(
                        operation.Id,
                        operation.IsSewing ? [] : changes.SidesOf(operation.Edges.Where(changes.IsMoved))
                    )),
            ],
            Math.Max(0, FittingPlanner.Least(_before.Draft.Format).Millimetres - shortest)
        );
    }

    private SeamChanges Changes(Dictionary<PieceCopy, CutCopy> kept) => new(_sewing, _before, new(_after, kept), _sewn, _lines);

    /// <summary>What is unpicked, the last sewn first; then what is sewn, in the order of sewing.</summary>
    private IReadOnlyList<FittedSeam> InOrder(List<FittedSeam> seams)
    {
        var place = _plan
            .Order.Select((operation, i) => (operation, i))
            .Where(at => at.operation.IsSewing)
            .SelectMany(at => at.operation.Seams.Select(seam => (seam, at.i)))
            .ToDictionary(at => at.seam, at => at.i);
        return
        [
            .. seams.Where(seam => seam.Mend == SeamMend.Unpick).OrderByDescending(seam => place.GetValueOrDefault(seam.Seam.Id)),
            .. seams.Where(seam => seam.Mend != SeamMend.Unpick).OrderBy(seam => place.GetValueOrDefault(seam.Seam.Id)),
        ];
    }

    /// <summary>The operations that were done and are not done any more.</summary>
    private IEnumerable<Operation> Reopened(List<FittedSeam> seams, SeamChanges changes, IReadOnlyList<PieceCopy> again)
    {
        var touched = seams.Where(seam => seam.Mend != SeamMend.Sew).Select(seam => seam.Seam.Id).ToHashSet();
        var opened = seams.SelectMany(seam => seam.OpenFirst).ToHashSet();
        return _done.Where(operation => opened.Contains(operation.Id) || IsUndone(operation));

        bool IsUndone(Operation operation) =>
            operation.IsSewing
                ? operation.Seams.Any(touched.Contains)
                : operation.Kind is OperationKind.ApplyPiping or OperationKind.Hem or OperationKind.Casing
                    && (operation.Edges.Any(changes.IsMoved) || operation.Edges.Any(side => again.Contains(PieceCopy.Of(side))));
    }

    private double Cost(IReadOnlyDictionary<PieceCopy, Shift> tried)
    {
        var small = TooSmall(tried).Again;
        var tries = Changes(Kept(tried, small));
        var changed = _sewing.Lines.All.Select(tries.Of).OfType<FittedSeam>().ToList();
        return (DearAgain * small.Count)
            + (DearUnpick * changed.Count(seam => seam.Mend == SeamMend.Unpick))
            + changed.Count
            + changed.Sum(seam => seam.Sides.Sum(side => Math.Abs(side.From - side.To)))
            // what is taken in is shared out, where that is as good
            + (1e-4 * changed.Sum(seam => seam.Sides.Sum(side => side.From * side.From)))
            + (1e-6 * tried.Values.Sum(shift => shift.DistanceTo(default)));
    }

    /// <summary>The copies that became too small: an edge of theirs has less beyond it than it may have.</summary>
    private (IReadOnlyList<PieceCopy> Again, double Shortest) TooSmall(IReadOnlyDictionary<PieceCopy, Shift> tried)
    {
        var all = Changes(Kept(tried, []));
        var lefts = _edges
            .Select(side => (side, lines: all.LinesOf(side)))
            .Where(at => at.lines is { After.Least: { } left, Before.Least: { } had } && left < had - SeamChanges.Same)
            .Select(at => (at.side, left: at.lines!.Value.After.Least!.Value))
            .ToList();
        return (
            [.. lefts.Where(at => at.left < _least).Select(at => PieceCopy.Of(at.side)).Distinct()],
            lefts.Select(at => at.left).DefaultIfEmpty(double.MaxValue).Min()
        );
    }

    private Dictionary<PieceCopy, CutCopy> Kept(IReadOnlyDictionary<PieceCopy, Shift> tried, IReadOnlyList<PieceCopy> without) =>
        _before
            .Cut.Where(cut => !without.Contains(cut.Key))
            .ToDictionary(cut => cut.Key, cut => cut.Value with { Lies = cut.Value.Lies + tried.GetValueOrDefault(cut.Key) });

    /// <summary>
    /// Copies of pieces that the corrected draft does not have, or has with other edges: a strip that is joined elsewhere.
    /// </summary>
    private static IEnumerable<PieceCopy> OfAnotherShape(FittedCover before, Draft after)
    {
        var pieces = after.Pieces.ToDictionary(piece => piece.Key);
        return before
            .Cut.Where(cut =>
                !pieces.TryGetValue(cut.Key.Piece, out var piece)
                || piece.PerCover < cut.Key.Copy
                || !piece.StitchLine.Names.ToHashSet().SetEquals(cut.Value.CutAs.StitchLine.Names)
            )
            .Select(cut => cut.Key);
    }

    /// <summary>
    /// How each cut copy lies: where the folded cover leaves no choice, so; of a strip that goes round, the way by which least is
    /// cut again, then least unpicked, then least changed.
    /// </summary>
    private Dictionary<PieceCopy, Shift> Chosen()
    {
        var pieces = _after.Pieces.ToDictionary(piece => piece.Key);
        var ways = _before
            .Cut.Keys.Where(copy => pieces.ContainsKey(copy.Piece))
            .ToDictionary(copy => copy, copy => _moves.WaysOf(copy, pieces[copy.Piece]));
        var chosen = ways.ToDictionary(way => way.Key, way => way.Value[0]);
        var least = double.MaxValue;
        for (var isBetter = true; isBetter; )
        {
            isBetter = false;
            foreach (var (copy, known) in ways.Where(way => way.Value.Count > 1))
            {
                foreach (var way in known)
                {
                    var tried = new Dictionary<PieceCopy, Shift>(chosen) { [copy] = way };
                    var price = Cost(tried);
                    if (price < least - 1e-9)
                    {
                        (chosen, least, isBetter) = (tried, price, true);
                    }
                }
            }
        }

        return chosen;
    }

    /// <summary>What was sewn across an end of a seam, and holds it: the last sewn first.</summary>
    private static List<string> Crossing(FittedSeam seam, IReadOnlyList<Operation> operations)
    {
        var own = operations.ToList().FindIndex(operation => operation.IsSewing && operation.Seams.Contains(seam.Seam.Id));
        var ends = new HashSet<int> { seam.Seam.Start, seam.Seam.End };
        return
        [
            .. operations
                .Skip(own + 1)
                .Where(operation =>
                    operation.IsSewing && (operation.IsRing ? operation.Points : operation.Points.Skip(1).SkipLast(1)).Any(ends.Contains)
                )
                .Reverse()
                .Select(operation => operation.Id),
        ];
    }
}
