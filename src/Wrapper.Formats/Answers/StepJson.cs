using Wrapper.Core.Pattern;
using Wrapper.Core.Sewing.Operations;

namespace Wrapper.Formats.Answers;

/// <summary>A step of the sewing: an operation of its order in short.</summary>
/// <param name="Text">What to do.</param>
/// <param name="StopSign">What must be seen to before, because it cannot be undone after; null for nothing.</param>
/// <param name="Kind">What is done: <c>seam</c>, <c>zip</c>, <c>try-on</c>.</param>
/// <param name="Pieces">The keys of the pieces it takes hold of; empty where it is the whole cover.</param>
/// <param name="Minutes">An estimate for one cover.</param>
/// <param name="Needs">Foot, needle.</param>
public sealed record StepJson(
    string Text,
    string? StopSign,
    OperationKind Kind,
    IReadOnlyList<string> Pieces,
    double Minutes,
    IReadOnlyList<string> Needs
)
{
    /// <summary>The steps of an order; finishing and pressing a seam count to the seam.</summary>
    public static IReadOnlyList<StepJson> Of(SewingPlan plan, Draft draft)
    {
        var covers = draft.Pieces.Where(piece => piece.Use == PieceUse.Cover).Sum(piece => piece.PerCover);
        return
        [
            .. plan.Steps.Select(step => new StepJson(
                step.Text,
                step.StopSign,
                step.Kind,
                step.Pieces.Count >= covers && covers > 2 ? [] : [.. step.Pieces.Select(piece => piece.Piece).Distinct()],
                plan.With(step).Sum(operation => operation.Minutes),
                step.Needs
            )),
        ];
    }
}
