using Wrapper.Core.Catalogue;
using Wrapper.Core.English.Judgement;
using Wrapper.Core.English.Workroom;
using Wrapper.Core.Pattern;
using Wrapper.Core.Sewing.Covers;
using Wrapper.Core.Sewing.Operations;
using Wrapper.Core.Units;

namespace Wrapper.Core.Sewing.Cards;

/// <summary>
/// Where an operation begins and stops, what is snipped for it, what is eased in and what stays open. See docs/handbook.md, "Sewing cards".
/// </summary>
/// <param name="cover">The cover.</param>
internal sealed class CardHints(SewingCover cover)
{
    /// <summary>Shorter than this pins hold what slides.</summary>
    private const double Long = 200;

    /// <summary>
    /// The points that some run passes, and those that edges no seam takes end on: a seam that ends there goes on to the raw edge.
    /// </summary>
    private readonly HashSet<int> _passed = [.. cover.Runs.Passed, .. cover.OpenEdges.SelectMany(path => path.Points)];

    /// <summary>What is said besides the sentence, each in one of its own.</summary>
    public IReadOnlyList<string> Of(Operation operation) =>
        operation.Kind switch
        {
            OperationKind.ApplyPiping => [JoinedPiping(operation)],
            OperationKind.Seam or OperationKind.Join =>
            [
                .. Basted(operation),
                .. operation.Edges.Count > 0 && cover.Schools.Piping == PipingSchool.Sandwich ? [JoinedPiping(operation)] : (string[])[],
                .. Snipped(operation),
                .. Eased(operation),
                .. Ends(operation),
                .. Shut(operation),
                .. Graded(operation),
                .. Open(operation),
            ],
            OperationKind.Zip => [.. ZipSetIn(operation), .. Basted(operation)],
            OperationKind.Hem or OperationKind.Casing => cover.Edge == LowerEdge.OverlockedCord
                ? []
                : [SewingText.PressFolds, .. Flap(operation)],
            OperationKind.Press => [SewingText.TryTheIron],
            OperationKind.Turn when !cover.Runs.All.Any(run => run.Kind == OperationKind.Corner) => [SewingText.ClipBeforeTurning],
            OperationKind.Thread =>
            [
                cover.Edge is LowerEdge.Drawstring or LowerEdge.OverlockedCord ? CautionText.Cords : CautionText.Elastic,
            ],
            OperationKind.Fill => [CautionText.Filling],
            OperationKind.Tape when operation.Seams.Count == 0 => [CautionText.Staples],
            OperationKind.TryOn when cover.Specification.Form.IsHeavy => [CautionText.Heavy],
            OperationKind.Pocket or OperationKind.Turn or OperationKind.TryOn or OperationKind.Mark => [],
            _ => [.. Open(operation)],
        };

    /// <summary>The folds of a zip that lies under them, or the groove of one that does not show.</summary>
    private IEnumerable<string> ZipSetIn(Operation operation)
    {
        var sides = cover.LinesOf(operation).SelectMany(line => line.Seam.Edges).ToList();
        if (cover.Closure == Closure.InvisibleZip)
        {
            yield return SewingText.ZipInTheGroove;
        }
        else if (sides.Count > 0)
        {
            yield return SewingText.ZipFolds(cover.Said(cover.Pieces[sides[0].Piece].Allowances[sides[0].Edge].Millimetres));
            yield return SewingText.ZipBothSides;
        }
    }

    /// <summary>What becomes of the ends of piping: joined where it goes all round, run out where it does not.</summary>
    private static string JoinedPiping(Operation operation) =>
        operation.PipingGoesRound ? SewingText.BeginPiping : SewingText.BeginPipingAtEnd;

    /// <summary>Long seams and zips of cloth that slides are basted.</summary>
    private IEnumerable<string> Basted(Operation operation) =>
        operation.Millimetres >= Long && cover.Needs.Has(operation, ClothTrait.Slips) ? [SewingText.BasteFirst] : [];

    /// <summary>Straight edges that are sewn round a curve are snipped first.</summary>
    private IEnumerable<string> Snipped(Operation operation)
    {
        var straight = new List<PieceCopy>();
        foreach (var seam in cover.LinesOf(operation).Select(line => line.Seam))
        {
            var (first, second) = (seam.FirstSide.Any(IsCurved), seam.SecondSide.Any(IsCurved));
            if (first != second)
            {
                straight.AddRange(PieceCopy.Of(first ? seam.SecondSide : seam.FirstSide));
            }
        }

        return straight.Count == 0
            ? []
            :
            [
                SewingText.SnipFirst(
                    operation.IsRing ? cover.Words.Ring(straight.Distinct()) : cover.Words.List(straight.Distinct()),
                    cover.Specification.Format.Unit.IsImperial()
                ),
            ];
    }

    private IEnumerable<string> Eased(Operation operation) =>
        cover
            .LinesOf(operation)
            .Where(line => line.Seam.Ease.IsPositive)
            .Take(1)
            .Select(line => SewingText.EaseIn(cover.Words.List(PieceCopy.Of(line.Seam.FirstSide)), cover.Said(line.Seam.Ease.Millimetres)));

    /// <summary>
    /// A seam that nothing passes at its end stops where the stitch lines meet, or the corner cannot be turned; hemmed edges have no raw
    /// edge to go on to.
    /// </summary>
    private IEnumerable<string> Ends(Operation operation)
    {
        if (
            operation.IsRing
            || operation.Points.Count < 2
            || cover.LinesOf(operation).SelectMany(line => line.Seam.Edges).All(cover.Hemmed.Has)
        )
        {
            return [];
        }

        var (start, end) = (!_passed.Contains(operation.Points[0]), !_passed.Contains(operation.Points[^1]));
        return start && end ? [SewingText.BothAtCorners]
            : start ? [SewingText.BeginAtCorner]
            : end ? [SewingText.StopAtCorner]
            : [];
    }

    private IEnumerable<string> Flap(Operation hem) =>
        cover.Hemmed.FlapOf(hem.Edges) is { IsPositive: true } flap ? [SewingText.FlapFoldsIn(cover.Said(flap.Millimetres))] : [];

    /// <summary>Five layers end in a piped allowance: trimmed alike they would show as a ridge.</summary>
    private IEnumerable<string> Graded(Operation operation) =>
        operation.Kind == OperationKind.Seam && cover.LinesOf(operation).Any(line => line.Seam.Takes == Caught.Piping)
            ? [SewingText.GradePiped]
            : [];

    private IEnumerable<string> Shut(Operation operation) =>
        cover.LinesOf(operation).SelectMany(line => line.Seam.Edges).Any(cover.Hemmed.Shut.Contains)
            ? [SewingText.StitchShut(cover.Said(CardFigures.FromFolds(cover.Specification.Format.Unit).Millimetres))]
            : [];

    private IEnumerable<string> Open(Operation operation) =>
        operation is { Gap: > 0 and { } gap, Kind: not OperationKind.CloseByHand } ? [SewingText.LeaveOpen(cover.Said(gap))] : [];

    private bool IsCurved(SeamSide side) => cover.Pieces[side.Piece].StitchLine.PartsOf(side.Edge).Any(edge => edge.Arc is not null);
}
