using Wrapper.Core.Catalogue;
using Wrapper.Core.English.Workroom;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Sewing.Cards;
using Wrapper.Core.Sewing.Covers;
using Wrapper.Core.Sewing.Operations;

namespace Wrapper.Core.Sewing;

/// <summary>What whoever has a cover has to know of its making. See docs/handbook.md, "Handing over".</summary>
/// <param name="Opening">How it goes on and comes off, in sentences.</param>
/// <param name="Unpick">The one place that was closed by hand, and how long it is; null where it opens by itself.</param>
/// <param name="IsFilled">A filling was put in: whether it was the old one is the maker’s to say.</param>
public sealed record HandingOver(IReadOnlyList<string> Opening, string? Unpick, bool IsFilled)
{
    /// <summary>What is known of a cover by how it is sewn.</summary>
    /// <param name="plan">Its order of sewing.</param>
    /// <param name="draft">Its draft.</param>
    /// <param name="specification">What the draft was made from.</param>
    public static HandingOver Of(SewingPlan plan, Draft draft, CoverSpecification specification)
    {
        var cover = new SewingCover(draft, specification);
        var byHand = plan.Order.FirstOrDefault(operation => operation.Kind == OperationKind.CloseByHand);
        var opening = Ways(plan, cover).ToList();
        return new(
            byHand is not null ? [.. opening, HandingOverText.SewnShut]
                : opening.Count > 0 ? opening
                : [AsItIs(cover)],
            byHand is null ? null : HandingOverText.ClosedByHand(Where(byHand, cover), cover.Said(byHand.Millimetres ?? 0)),
            plan.Order.Any(operation => operation.Kind == OperationKind.Fill)
        );
    }

    /// <summary>Every way in there is: a cover may have a closure and an edge that is drawn up.</summary>
    private static IEnumerable<string> Ways(SewingPlan plan, SewingCover cover)
    {
        if (plan.Order.Any(operation => operation.Kind == OperationKind.Zip))
        {
            yield return HandingOverText.OpenZip;
        }
        else if (plan.Order.Any(operation => operation.Kind == OperationKind.Tape && operation.Seams.Count > 0))
        {
            yield return HandingOverText.PeelTape;
        }
        else if (AtClosure(cover) is { } closed)
        {
            yield return closed;
        }

        var edge = cover.Edge switch
        {
            LowerEdge.CasingElastic or LowerEdge.StretchedElastic => HandingOverText.EaseElastic,
            LowerEdge.Drawstring or LowerEdge.OverlockedCord => HandingOverText.LoosenCord,
            LowerEdge.HookAndLoop => HandingOverText.PeelTapeUnderBase,
            _ => null,
        };
        if (edge is not null)
        {
            yield return edge;
        }
    }

    /// <summary>How a closure opens that is no seam’s; null where there is none.</summary>
    private static string? AtClosure(SewingCover cover) =>
        cover.Closure switch
        {
            Closure.Buttons => HandingOverText.AtButtons,
            Closure.Snaps => HandingOverText.AtSnaps,
            Closure.Ties => cover.Lines.All.Any(line => line.Kind == OperationKind.CloseByHand) || cover.Runs.IsBoxed
                ? HandingOverText.UndoTies
                : HandingOverText.AtTies,
            Closure.PinnedTail => HandingOverText.AtPins,
            Closure.Overlap => HandingOverText.AtLap,
            Closure.Plain => HandingOverText.AtOpenEnd,
            _ => cover.Hemmed.Lapped.Count > 0 ? HandingOverText.AtLap : null,
        };

    /// <summary>Nothing closes it: what is put in goes in at an open end, a tub goes over from above, a flat cloth lies.</summary>
    private static string AsItIs(SewingCover cover) =>
        cover.Specification.Form.Filling != Filling.None ? HandingOverText.AtOpenEnd
        : cover.Lines.All.Any(line => line.Kind is OperationKind.Seam or OperationKind.Corner) ? HandingOverText.DrawnOn
        : HandingOverText.LaidOn;

    /// <summary>Which seam, or which part of one, was closed by hand.</summary>
    private static string Where(Operation byHand, SewingCover cover)
    {
        if (cover.LinesOf(byHand).FirstOrDefault() is { } line)
        {
            return line.Waits
                ? PieceWords.CornerAfter(line.Seam.At)
                : HandingOverText.OpeningAt(PieceWords.Along(line.Seam.FirstSide.Select(side => side.Edge)));
        }

        return cover.SeamWithGap ?? HandingOverText.OpeningAt("");
    }
}
