using Wrapper.Core.English.Workroom;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Sewing.Covers;
using Wrapper.Core.Sewing.Operations;
using Wrapper.Core.Units;

namespace Wrapper.Core.Sewing;

/// <summary>From a draft to the order it is sewn in. Same draft and schools, same order. See docs/handbook.md, "Order of sewing".</summary>
public static class SewingPlanner
{
    /// <summary>The operations of one cover of a draft, in order.</summary>
    /// <param name="draft">The draft.</param>
    /// <param name="specification">What it was made from: its closure, its edge, its schools and the house's rates.</param>
    public static SewingPlan Of(Draft draft, CoverSpecification specification)
    {
        var cover = new SewingCover(draft, specification);
        var all = cover.IsPinned ? new PinnedOperations(cover).All() : Operations(cover);
        var before = new ComesFirst(cover, all).Before();
        var order = new OrderOfWork(
            all,
            before,
            [
                .. all.Select(operation =>
                    operation.Pieces.Aggregate(0L, (kinds, piece) => kinds | (1L << (int)cover.Pieces[piece.Piece].Kind))
                ),
            ]
        ).Of();
        return new(cover.Finish, [.. cover.Lines.All.Select(line => line.Sewn)], Ended(order, cover));
    }

    /// <summary>What a stop-sign says.</summary>
    public static string TextOf(StopSign stop) => SewingText.StopOf(stop.Word());

    private static List<Operation> Operations(SewingCover cover)
    {
        var (making, edges, closing) = (new MakingOperations(cover), new EdgeOperations(cover), new ClosingOperations(cover));
        var sewn = new SeamOperations(cover).All().ToList();
        var hems = edges.Hems();
        return
        [
            .. making.Finished(sewn),
            .. new PressOperations(cover).All(sewn),
            .. making.Piping(),
            .. making.Pockets(sewn),
            .. hems,
            .. edges.Trims(hems),
            .. closing.Ties(sewn),
            .. closing.Labels(sewn, hems),
            .. closing.Medallion(sewn),
            .. closing.All(sewn),
        ];
    }

    /// <summary>What is only known of the whole order: which seam closes the cover, and which closes a ring.</summary>
    private static IReadOnlyList<Operation> Ended(IReadOnlyList<Operation> order, SewingCover cover)
    {
        var closing = order.LastOrDefault(operation =>
            operation.Kind is OperationKind.Seam or OperationKind.Corner
            && !IsTrimmed(operation, order)
            && operation.Pieces.All(piece => cover.Pieces[piece.Piece].Use == PieceUse.Cover)
        );
        var faces = new CoverFaces(cover.Draft.Pieces);
        var rings = new HashSet<string>();
        var hasPlate = false;
        foreach (var operation in order.Where(operation => operation.IsSewing))
        {
            hasPlate |= cover.IsOnPlate(operation);
            var isNew = cover
                .LinesOf(operation)
                .Select(line => line.Seam.First != line.Seam.Second && faces.Join(line.Seam.First, line.Seam.Second))
                .ToList();
            if (
                !hasPlate
                && cover.Runs.FirstPlate is not null
                && operation.Kind is OperationKind.Seam or OperationKind.Join
                && operation.Pieces.Count > 1
                && !isNew.Contains(true)
            )
            {
                rings.Add(operation.Id);
            }
        }

        return
        [
            .. order.Select(operation =>
                Said(
                    operation with
                    {
                        Needs = cover.Needs.Of(operation),
                        Closes = operation.Id == closing?.Id,
                        Gap = operation.Id == closing?.Id ? new ClosingOperations(cover).Gap : null,
                        Stops =
                        [
                            .. operation.Stops,
                            .. rings.Contains(operation.Id) ? (StopSign[])[StopSign.RingNotTwisted] : [],
                            .. operation.Id == closing?.Id && cover.HasClosure ? (StopSign[])[StopSign.OpenZip] : [],
                        ],
                    }
                )
            ),
        ];
    }

    private static bool IsTrimmed(Operation corner, IReadOnlyList<Operation> order) =>
        order.Any(operation => operation.Kind == OperationKind.Trim && operation.Seams.SequenceEqual(corner.Seams));

    private static Operation Said(Operation operation) =>
        operation.Stops.Count == 0 ? operation : operation with { StopSign = string.Join(" ", operation.Stops.Select(TextOf)) };
}
