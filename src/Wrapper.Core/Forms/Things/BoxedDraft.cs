using System.Diagnostics;
using Wrapper.Core.Catalogue;
using Wrapper.Core.Catalogue.Measuring;
using Wrapper.Core.Checks;
using Wrapper.Core.Constructions.Bags;
using Wrapper.Core.Constructions.Bands;
using Wrapper.Core.Constructions.Boxing;
using Wrapper.Core.Constructions.Envelopes;
using Wrapper.Core.Constructions.FoldedPanels;
using Wrapper.Core.Constructions.FoldedWraps;
using Wrapper.Core.Constructions.NotchedWraps;
using Wrapper.Core.English;
using Wrapper.Core.Parts.Plans;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Working;

namespace Wrapper.Core.Forms.Things;

/// <summary>Hands a boxed thing's finished plan and thickness to the construction that was chosen.</summary>
internal static class BoxedDraft
{
    public static ConstructedCover Draft(CoverSpecification specification, FinishedSizes sizes, List<Check> checks)
    {
        if (Plans.Of(specification, sizes, checks) is not { } plan || checks.HasError())
        {
            return new();
        }

        var thickness = sizes.Of(Measure.Thickness);
        var cover = Make(plan, thickness, specification);
        return cover with
        {
            Checks = [.. FormChecks.OfPlan(plan, thickness, specification), .. cover.Checks],
            Notions = cover.Pieces.Count == 0 ? [] : [.. cover.Notions, .. Foam(specification, sizes, plan)],
        };
    }

    internal static ConstructedCover Make(ClosedPlan plan, Worked thickness, CoverSpecification specification) =>
        specification.Construction switch
        {
            WrapNotched.Id when IsPlain(plan) => WrapNotched.Construct(plan.Width, plan.Depth, thickness, specification),
            WrapFolded.Id when IsPlain(plan) => WrapFolded.Construct(plan.Width, plan.Depth, thickness, specification),
            PanelsFolded.Id when IsPlain(plan) => PanelsFolded.Construct(plan.Width, plan.Depth, thickness, specification),
            BandEnds.Id when IsPlain(plan) => Waterfall(plan, thickness, specification),
            WrapNotched.Id or WrapFolded.Id or PanelsFolded.Id or BandEnds.Id => new()
            {
                Checks =
                [
                    Check.Error(
                        "corners-need-boxing",
                        FormText.CornersNeedBoxing,
                        "cornerRadius",
                        new Mend(CommonText.ToMakeItWithABoxingStrip, "construction", BoxingStrip.Id),
                        new Mend(FormText.ToSquareCorners, "measures.cornerRadius", "0")
                    ),
                ],
            },
            Envelope.Id => Envelope.Construct(plan.Width, plan.Depth, thickness, !IsPlain(plan), specification),
            Bag.Id => Bag.Closed(plan, thickness, specification),
            BoxingStrip.Id => BoxingStrip.Construct(plan, thickness, specification),
            var other => throw new UnreachableException($"A boxed thing is not made as {other}."),
        };

    private static bool IsPlain(ClosedPlan plan) => plan.Outline.Edges.Length == 4 && plan.Outline.Edges.All(edge => edge.Arc is null);

    /// <summary>A band over front, top, back and bottom; the sides are the ends.</summary>
    private static ConstructedCover Waterfall(ClosedPlan plan, Worked thickness, CoverSpecification specification)
    {
        var rules = specification.Rules;
        var clear = rules.Says(Rule.ClosedEnd) ? rules[Rule.ClosedEnd] : rules[Rule.BandClosedEnd];
        return BandEnds.Closed(
            Profiles.Upright(plan.Depth, thickness),
            plan.Width,
            clear,
            [new("W", "Finished width", plan.Width), new("D", "Finished depth", plan.Depth), new("t", "Finished thickness", thickness)],
            specification
        );
    }

    private static IEnumerable<Notion> Foam(CoverSpecification specification, FinishedSizes sizes, ClosedPlan plan)
    {
        var thickness = sizes.Filling(Measure.Thickness);
        if (!thickness.Value.IsPositive)
        {
            yield break;
        }

        Worked Measured(Measure measure, Worked whole) =>
            specification.Shape.Measures.Any(known => known.Measure == measure) ? sizes.Filling(measure) : whole;
        var (width, depth) = specification.Shape.Id switch
        {
            "trapezoid" => (Wider(sizes), sizes.Filling(Measure.Depth)),
            "round" => (sizes.Filling(Measure.Diameter), sizes.Filling(Measure.Diameter)),
            _ => (Measured(Measure.Width, plan.Width), Measured(Measure.Depth, Measured(Measure.Length, plan.Depth))),
        };
        yield return new(NotionKind.Foam, "Foam block", specification.Count, depth, width, thickness);
    }

    private static Worked Wider(FinishedSizes sizes)
    {
        var (front, back) = (sizes.Filling(Measure.FrontWidth), sizes.Filling(Measure.BackWidth));
        return front.Value >= back.Value ? front : back;
    }
}
