using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Sewing.Covers;
using Wrapper.Core.Sewing.Operations;

namespace Wrapper.Core.Sewing.Cards;

/// <summary>From the order of sewing to what is shown at the machine, one thing at a time. See docs/handbook.md, "Sewing cards".</summary>
public static class SewingCards
{
    /// <summary>The id of the card on which all pieces are marked.</summary>
    public const string Marking = "mark";

    /// <summary>The cards of one cover, in the order of work.</summary>
    /// <param name="plan">Its order.</param>
    /// <param name="draft">Its draft.</param>
    /// <param name="specification">What the draft was made from.</param>
    /// <param name="fitted">Edges that are sewn otherwise than they were cut for, since the cover was tried on; null for none.</param>
    public static IReadOnlyList<SewingCard> Of(
        SewingPlan plan,
        Draft draft,
        CoverSpecification specification,
        IReadOnlyDictionary<SeamSide, FromEdge>? fitted = null
    )
    {
        var cover = new SewingCover(draft, specification);
        var (figures, edges, hints) = (
            new CardFigures(cover, fitted ?? new Dictionary<SeamSide, FromEdge>()),
            new CardEdges(cover),
            new CardHints(cover)
        );
        var cards = new List<SewingCard>();
        var hanging = new HashSet<PieceCopy>();
        if (plan.Order.Where(operation => operation.Kind == OperationKind.Mark).ToList() is { Count: > 0 } marks)
        {
            cards.Add(
                new(
                    Marking,
                    marks,
                    string.Join(" ", marks.Select(mark => mark.Text)),
                    [.. marks.SelectMany(mark => mark.Pieces).Select(Under)]
                )
            );
        }

        var last = plan.Steps.LastOrDefault();
        foreach (var step in plan.Steps)
        {
            var all = plan.With(step);
            hanging.UnionWith(Joined(step, draft));
            var lit = edges.Of(step);
            cards.Add(
                new(step.Id, all, string.Join(" ", all.Select(operation => operation.Text).Distinct()), InHand(step, lit))
                {
                    Figure = figures.Of(step),
                    // with the last the cover leaves the machine
                    Hints = [.. figures.Fitted(step).Concat(hints.Of(step)).Concat(step == last ? draft.Cautions : []).Distinct()],
                    Lit = lit,
                    SoFar = [.. hanging],
                }
            );
        }

        return cards;

        CardPiece Under(PieceCopy copy) => new(copy, cover.Words.Of(copy), IsOver: false);

        IReadOnlyList<CardPiece> InHand(Operation step, IReadOnlyList<LitEdge> lit) =>
            lit.Count == 0
                ? [.. step.Pieces.Select(Under)]
                :
                [
                    .. lit.OrderBy(edge => edge.IsOver)
                        .DistinctBy(edge => edge.Copy)
                        .Select(edge => Under(edge.Copy) with { IsOver = edge.IsOver }),
                ];
    }

    /// <summary>What hangs together by this step; of strips that make a face, the face too.</summary>
    private static IEnumerable<PieceCopy> Joined(Operation step, Draft draft)
    {
        if (!step.IsSewing)
        {
            return [];
        }

        return step.Pieces.Concat(
            step.Pieces.SelectMany(strip => draft.Pieces.Where(whole => whole.JoinedFrom.Contains(strip.Piece)).SelectMany(PieceCopy.AllOf))
        );
    }
}
