using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.English.Constructions;
using Wrapper.Core.Geometry;
using Wrapper.Core.Parts;
using Wrapper.Core.Parts.Edges;
using Wrapper.Core.Parts.Plans;
using Wrapper.Core.Parts.Plates;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Constructions.Margins;

/// <summary>A board's outline with a margin all round that is drawn in underneath. See docs/handbook.md, "Outline with margin".</summary>
public static class OutlineMargin
{
    /// <summary>The construction's id.</summary>
    public const string Id = "outline-margin";

    /// <summary>How it is offered, how it closes and which choices it has.</summary>
    public static ConstructionDefinition Definition { get; } =
        new(
            Id,
            "Outline with margin",
            "The board’s outline and a margin that is drawn in underneath.",
            "smooth on top, gathered underneath",
            "drawn tight underneath",
            "off in a moment, dries flat",
            "boards and lids of any outline"
        )
        {
            Choices = [Choice.Plates, Choice.Edge, Choice.Hands],
        };

    /// <summary>Drafts the cover of a board.</summary>
    /// <param name="plan">The board's outline as it is covered.</param>
    /// <param name="margin">What is cut beyond it.</param>
    /// <param name="specification">The cover.</param>
    internal static ConstructedCover Construct(ClosedPlan plan, Worked margin, CoverSpecification specification)
    {
        if (RoundOffset.Grow(plan.Outline, margin.Value) is not { } rim)
        {
            return new()
            {
                Checks =
                [
                    Check.Error(
                        "inner-curve-too-tight",
                        MarginsText.InnerCurveTooTight(specification.Format.RoundedWithUnit(margin.Value)),
                        "margin"
                    ),
                ],
            };
        }

        var gather = (2 * margin).TimesPi().Named("gather");
        var cutEdge = (plan.Perimeter + gather).Named("cut edge, all round");
        var finish = new EdgeFinish(specification, cutEdge);
        var (cutWidth, cutDepth) = (plan.Width + (2 * margin), plan.Depth + (2 * margin));
        var onTop = specification.In(PieceRole.Top, PieceKind.Top);
        var lay = new WidePieceLay(onTop, "top", cutWidth.Value, cutDepth.Value, canJoin: true);
        var whole = PieceMaker.Make(specification, PieceKind.Top, "Cover", 1, rim, cutWidth, cutDepth, _ => Length.Zero) with
        {
            Turns = lay.Turns,
            Mirrored = specification.Choices.InPairs && !Symmetry.IsLeftRight(rim) ? specification.Count / 2 : 0,
            Marks = [.. plan.Outline.Names.Any(name => name.Side == EdgeSide.Nose) ? Nose(plan.Outline) : []],
        };
        var parts = lay.Lay == PlateLay.MiddleAndSides ? SheetSplit.Of(whole, cutWidth, onTop) : SheetSplit.None(whole);
        List<Check> checks = [.. lay.Checks, .. finish.Checks(), .. parts.Checks];
        if (checks.HasError())
        {
            return new() { Checks = checks };
        }

        return new()
        {
            Pieces = parts.Pieces,
            Seams = parts.Joins,
            Notions = [.. finish.Notions(cutEdge)],
            Finished =
            [
                new("W", "Width of the board", plan.Width),
                new("D", "Length of the board", plan.Depth),
                new("P", "Board, all round", plan.Perimeter),
                new("gather", "Drawn in by", gather),
                new("opening", "Cut edge, all round", cutEdge) { IsOpening = true },
            ],
            Checks = checks,
            Joins = parts.Joins.Count * specification.Count,
        };
    }

    private static IEnumerable<Mark> Nose(Outline outline)
    {
        var nose = outline["nose"];
        yield return Mark.At(MarkKind.MatchPoint, "cord, start mark", nose.Start);
        yield return Mark.At(MarkKind.MatchPoint, "cord, stop mark", nose.End);
    }
}
