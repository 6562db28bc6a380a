using Wrapper.Core.English.Workroom;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Sewing;
using Wrapper.Core.Sewing.Cards;
using Wrapper.Core.Sewing.Covers;
using Wrapper.Core.Sewing.Operations;
using Wrapper.Core.Units;

namespace Wrapper.Core.Fitting;

/// <summary>One thing to do after a try-on, in words.</summary>
/// <param name="Mend">What sort of thing.</param>
/// <param name="Operation">The operation its seams are sewn by.</param>
/// <param name="Seams">The seams.</param>
/// <param name="Text">What to do.</param>
public sealed record FittingLine(SeamMend Mend, string Operation, IReadOnlyList<string> Seams, string Text);

/// <summary>What a finding makes of a cover, in words. See docs/handbook.md, "Trying on".</summary>
public sealed class FittingWords
{
    private readonly SewingCover _sewing;
    private readonly Dictionary<string, Operation> _sewnBy;
    private readonly Dictionary<string, Operation> _operations;
    private readonly LengthFormat _format;

    /// <summary>Words for the pieces of a cover.</summary>
    /// <param name="draft">Its draft.</param>
    /// <param name="specification">What the draft was made from.</param>
    public FittingWords(Draft draft, CoverSpecification specification)
    {
        (_sewing, _format) = (new(draft, specification), draft.Format);
        _operations = SewingPlanner.Of(draft, specification).Order.ToDictionary(operation => operation.Id);
        _sewnBy = _operations
            .Values.Where(operation => operation.IsSewing)
            .SelectMany(operation => operation.Seams.Select(seam => (seam, operation)))
            .ToDictionary(at => at.seam, at => at.operation);
    }

    /// <summary>What to do, in the order it is done; what is done to several seams of one run in the same way is one line.</summary>
    public IReadOnlyList<FittingLine> Of(FittingAnswer answer) =>
        [
            .. answer
                .Seams.GroupBy(seam => (seam.Mend, _sewnBy[seam.Seam.Id].Id, Ends: EndsOf(seam)))
                .Select(group => new FittingLine(
                    group.Key.Mend,
                    group.Key.Id,
                    [.. group.Select(seam => seam.Seam.Id)],
                    TextOf(group.Key.Mend, [.. group])
                )),
        ];

    /// <summary>What each operation that has to be done again asks for, as it is read on its card.</summary>
    public IReadOnlyList<(string Operation, IReadOnlyList<string> Texts)> Again(FittingAnswer answer)
    {
        var lines = Of(answer);
        return [.. answer.Reopened.Select(reopened => (reopened.Operation, (IReadOnlyList<string>)Again(lines, reopened)))];
    }

    private List<string> Again(IReadOnlyList<FittingLine> lines, ReopenedOperation reopened)
    {
        var operation = _operations[reopened.Operation];
        if (!operation.IsSewing)
        {
            return
            [
                reopened.Edges.Count > 0
                    ? FittingText.SetAnew(Spoken(operation), Distances(reopened.Edges))
                    : FittingText.DoAgain(Spoken(operation)),
            ];
        }

        var own = lines.Where(line => line.Operation == operation.Id && line.Mend != SeamMend.Sew).Select(line => line.Text).ToList();
        return own.Count > 0 ? own : [FittingText.CloseCrossing(NameOf(operation))];
    }

    /// <summary>What a copy is called.</summary>
    public string NameOf(PieceCopy copy) => _sewing.Words.Of(copy);

    private string TextOf(SeamMend mend, IReadOnlyList<FittedSeam> seams)
    {
        var where = Where(seams);
        var how = Distances(seams.SelectMany(seam => seam.Sides));
        var over = Said(seams.Max(seam => seam.LiesOver));
        switch (mend)
        {
            case SeamMend.Sew:
                return how.Length > 0 ? FittingText.Sew(Capital(where), how) : FittingText.ChalkAnew(Capital(where), over);
            case SeamMend.Unpick:
                var first = seams.SelectMany(seam => seam.OpenFirst).Distinct().Select(id => NameOf(_operations[id])).Distinct().ToList();
                var opened = first.Count == 0 ? "" : $" {FittingText.OpenFirst(string.Join(" and ", first))}";
                var anew =
                    how.Length > 0 ? FittingText.SewAnew(how)
                    : seams.Any(seam => seam.LiesOver > SeamChanges.Same) ? FittingText.SewAnewOnLine(over)
                    : FittingText.SewAnewAsBefore;
                return $"{FittingText.Unpick(where)}{opened} {anew}";
            default:
                return FittingText.Stays(Capital(where), EndsOf(seams[0]));
        }
    }

    private string EndsOf(FittedSeam seam)
    {
        string[] opened = [.. ((double[])[seam.Ends.Start, seam.Ends.End]).Where(end => end > 0).Select(Said)];
        string[] sewnOn = [.. ((double[])[seam.Ends.Start, seam.Ends.End]).Where(end => end < 0).Select(end => Said(-end))];
        return (opened, sewnOn) switch
        {
            ([], []) => "",
            ([var one], [var other]) => FittingText.OpenAndSewOn(one, other),
            ([var one], _) => FittingText.Open(one),
            ([var one, var other, ..], _) => one == other ? FittingText.OpenBoth(one) : FittingText.OpenEach(one, other),
            (_, [var one]) => FittingText.SewOn(one),
            (_, [var one, var other, ..]) => one == other ? FittingText.SewOnBoth(one) : FittingText.SewOnEach(one, other),
            _ => "",
        };
    }

    private string Where(IReadOnlyList<FittedSeam> seams) =>
        FittingText.SeamAlong(
            PlaceOf(_sewnBy[seams[0].Seam.Id], seams.Select(seam => seam.Seam)),
            List(seams.SelectMany(seam => PieceCopy.Of(seam.Seam.Edges)))
        );

    private static string PlaceOf(Operation operation, IEnumerable<SewnSeam> seams) =>
        operation.Kind is OperationKind.Corner or OperationKind.Dart
            ? FittingText.CornerAt(PieceWords.Corner(seams.First().Edges[0].Edge.At))
            : PieceWords.Along(seams.Select(seam => seam.Edges[0].Edge));

    private string List(IEnumerable<PieceCopy> copies) =>
        _sewing.Words.List(copies.Distinct().OrderBy(copy => copy.Piece, StringComparer.Ordinal).ThenBy(copy => copy.Copy));

    private string NameOf(Operation operation)
    {
        var lines = _sewing.LinesOf(operation).ToList();
        return operation.IsRing
            ? FittingText.SeamRound(NameOf(PieceCopy.Of(lines[0].Seam.First)))
            : FittingText.SeamAlong(
                PlaceOf(operation, lines.Select(line => line.Sewn)),
                List(lines.SelectMany(line => PieceCopy.Of(line.Seam.Edges)))
            );
    }

    private static string Spoken(Operation operation) =>
        operation.Kind switch
        {
            OperationKind.ApplyPiping => "the piping",
            OperationKind.Casing => "the casing",
            _ => "the hem",
        };

    /// <summary>
    /// “7/8 in from the raw edge of top plate; 1/2 in from the raw edge of boxing”; where all are sewn alike, “7/8 in from the raw edges”.
    /// </summary>
    private string Distances(IEnumerable<FittedSide> sides)
    {
        var alike = sides
            .Select(side => (copy: PieceCopy.Of(side.Side), shown: Shown(side)))
            .Distinct()
            .GroupBy(side => side.shown, side => side.copy)
            .ToList();
        return alike.Count == 1
            ? FittingText.FromRawEdges(alike[0].Key)
            : string.Join("; ", alike.Select(group => FittingText.FromRawEdge(group.Key, List(group))));
    }

    private string Shown(FittedSide side)
    {
        var (from, to) = (Said(side.From), Said(side.To));
        return from == to ? from : SewingText.RunningTo(from, to);
    }

    private string Said(double millimetres) => _format.RoundedWithUnit(Length.FromMillimetres((decimal)millimetres));

    private static string Capital(string text) => text.Length == 0 ? text : char.ToUpperInvariant(text[0]) + text[1..];
}
