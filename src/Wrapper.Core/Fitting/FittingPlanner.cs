using Wrapper.Core.Cutting;
using Wrapper.Core.English.Workroom;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Sewing;
using Wrapper.Core.Sewing.Cards;
using Wrapper.Core.Sewing.Covers;
using Wrapper.Core.Sewing.Operations;
using Wrapper.Core.Units;

namespace Wrapper.Core.Fitting;

/// <summary>From what was found at the try-on to what is unpicked, sewn and cut again. See docs/handbook.md, "Trying on".</summary>
public static class FittingPlanner
{
    private const double DearAgain = 1e6;
    private const double DearUnpick = 1e3;

    /// <summary>The least that may be left beyond a seam.</summary>
    public static Length Least(LengthFormat format) => CutChanges.Least(format, frays: false);

    /// <summary>The edges of a cover that are not sewn as far from the raw edge as they were cut for.</summary>
    public static IReadOnlyDictionary<SeamSide, FromEdge> DistancesOf(FittedCover cover)
    {
        var pieces = cover.Draft.Pieces.ToDictionary(piece => piece.Key);
        var distances = new Dictionary<SeamSide, FromEdge>();
        foreach (var side in cover.Draft.Seams.SelectMany(seam => seam.Edges).Distinct())
        {
            if (PlacedLine.Of(cover, pieces, side) is { IsUnusual: true, From: { } from, To: { } to })
            {
                distances.Add(side, new(from, to));
            }
        }

        return distances;
    }

    /// <summary>Why pieces have to be cut again, and how far the cover can be let out instead.</summary>
    /// <param name="answer">What the findings make of it.</param>
    /// <param name="most">The most it can be let out; nothing or less where that is no way.</param>
    /// <param name="format">How lengths are said.</param>
    public static string TooShort(FittingAnswer answer, Length most, LengthFormat format)
    {
        var (lacking, least) = (
            format.RoundedWithUnit(Length.FromMillimetres((decimal)answer.Lacking)),
            format.RoundedWithUnit(Least(format))
        );
        return most.IsPositive
            ? FittingText.TooShort(lacking, least, format.RoundedWithUnit(most))
            : FittingText.TooShortAnyway(lacking, least);
    }

    /// <summary>What findings make of a cover; null where nothing of it can be folded up, and so nothing says where a seam lies.</summary>
    /// <param name="before">The cover as it was sewn until now.</param>
    /// <param name="specification">What its draft was made from.</param>
    /// <param name="after">The corrected draft.</param>
    /// <param name="findings">What lies between the two.</param>
    /// <param name="done">The operations that were done, in the order they were told.</param>
    public static FittingAnswer? Of(
        FittedCover before,
        CoverSpecification specification,
        Draft after,
        IReadOnlyList<Correction> findings,
        IReadOnlyList<string> done
    )
    {
        var moves = new FoldedMoves(before.Draft, after, findings);
        if (!moves.IsFolded)
        {
            return null;
        }

        var plan = SewingPlanner.Of(before.Draft, specification);
        var sewing = new SewingCover(before.Draft, specification);
        var operations = plan.Order.Where(operation => done.Contains(operation.Id)).ToList();
        var sewn = operations.Where(operation => operation.IsSewing).SelectMany(operation => operation.Seams).ToHashSet();
        var least = Least(before.Draft.Format).Millimetres - SeamChanges.Same;
        var lines = (new PlacedLines(sewing.Pieces), new PlacedLines(after.Pieces.ToDictionary(piece => piece.Key)));
        var edges = before.Draft.Seams.SelectMany(seam => seam.Edges).Distinct().ToList();
        var lies = Chosen(before, after, moves, Cost);
        var (tooSmall, shortest) = TooSmall(lies);
        IReadOnlyList<PieceCopy> again = [.. tooSmall.Concat(OfAnotherShape(before, after)).Distinct()];
        // A piece that is cut again fits by itself: what is sewn of it comes off, and the rest is looked at without it.
        var kept = Kept(lies, again);
        var changes = new SeamChanges(sewing, before, new(after, kept), sewn, lines);
        var seams = sewing
            .Lines.All.Select(changes.Of)
            .OfType<FittedSeam>()
            .Select(seam => seam.Mend == SeamMend.Unpick ? seam with { OpenFirst = Crossing(seam, operations) } : seam)
            .ToList();
        var place = plan
            .Order.Select((operation, i) => (operation, i))
            .Where(at => at.operation.IsSewing)
            .SelectMany(at => at.operation.Seams.Select(seam => (seam, at.i)))
            .ToDictionary(at => at.seam, at => at.i);
        var touched = seams.Where(seam => seam.Mend != SeamMend.Sew).Select(seam => seam.Seam.Id).ToHashSet();
        var opened = seams.SelectMany(seam => seam.OpenFirst).ToHashSet();
        return new(
            [
                .. seams.Where(seam => seam.Mend == SeamMend.Unpick).OrderByDescending(seam => place.GetValueOrDefault(seam.Seam.Id)),
                .. seams.Where(seam => seam.Mend != SeamMend.Unpick).OrderBy(seam => place.GetValueOrDefault(seam.Seam.Id)),
            ],
            again,
            kept,
            [
                .. operations
                    .Where(operation => opened.Contains(operation.Id) || IsUndone(operation))
                    .Select(operation => new ReopenedOperation(
                        operation.Id,
                        operation.IsSewing ? [] : changes.SidesOf(operation.Edges.Where(changes.IsMoved))
                    )),
            ],
            Math.Max(0, Least(before.Draft.Format).Millimetres - shortest)
        );

        double Cost(IReadOnlyDictionary<PieceCopy, Shift> tried)
        {
            var small = TooSmall(tried).Again;
            var tries = new SeamChanges(sewing, before, new(after, Kept(tried, small)), sewn, lines);
            var changed = sewing.Lines.All.Select(tries.Of).OfType<FittedSeam>().ToList();
            return (DearAgain * small.Count)
                + (DearUnpick * changed.Count(seam => seam.Mend == SeamMend.Unpick))
                + changed.Count
                + changed.Sum(seam => seam.Sides.Sum(side => Math.Abs(side.From - side.To)))
                // what is taken in is shared out, where that is as good
                + (1e-4 * changed.Sum(seam => seam.Sides.Sum(side => side.From * side.From)))
                + (1e-6 * tried.Values.Sum(shift => shift.DistanceTo(default)));
        }

        // Without what became too small: the edge of a piece with less beyond it than may be.
        (IReadOnlyList<PieceCopy> Again, double Shortest) TooSmall(IReadOnlyDictionary<PieceCopy, Shift> tried)
        {
            var all = new SeamChanges(sewing, before, new(after, Kept(tried, [])), sewn, lines);
            var lefts = edges
                .Select(side => (side, lines: all.LinesOf(side)))
                .Where(at => at.lines is { After.Least: { } left, Before.Least: { } had } && left < had - SeamChanges.Same)
                .Select(at => (at.side, left: at.lines!.Value.After.Least!.Value))
                .ToList();
            return (
                [.. lefts.Where(at => at.left < least).Select(at => PieceCopy.Of(at.side)).Distinct()],
                lefts.Select(at => at.left).DefaultIfEmpty(double.MaxValue).Min()
            );
        }

        Dictionary<PieceCopy, CutCopy> Kept(IReadOnlyDictionary<PieceCopy, Shift> tried, IReadOnlyList<PieceCopy> without) =>
            before
                .Cut.Where(cut => !without.Contains(cut.Key))
                .ToDictionary(cut => cut.Key, cut => cut.Value with { Lies = cut.Value.Lies + tried.GetValueOrDefault(cut.Key) });

        bool IsUndone(Operation operation) =>
            operation.IsSewing
                ? operation.Seams.Any(touched.Contains)
                : operation.Kind is OperationKind.ApplyPiping or OperationKind.Hem or OperationKind.Casing
                    && (operation.Edges.Any(changes.IsMoved) || operation.Edges.Any(side => again.Contains(PieceCopy.Of(side))));
    }

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
    private static Dictionary<PieceCopy, Shift> Chosen(
        FittedCover before,
        Draft after,
        FoldedMoves moves,
        Func<IReadOnlyDictionary<PieceCopy, Shift>, double> cost
    )
    {
        var pieces = after.Pieces.ToDictionary(piece => piece.Key);
        var ways = before
            .Cut.Keys.Where(copy => pieces.ContainsKey(copy.Piece))
            .ToDictionary(copy => copy, copy => moves.WaysOf(copy, pieces[copy.Piece]));
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
                    var price = cost(tried);
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
