using Wrapper.Core.Catalogue;
using Wrapper.Core.Catalogue.Measuring;
using Wrapper.Core.Checks;
using Wrapper.Core.Constructions.NotchedTubs;
using Wrapper.Core.Forms.Finished;
using Wrapper.Core.Parts;
using Wrapper.Core.Parts.Plans;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;

namespace Wrapper.Core.Forms.Bedding;

/// <summary>A sheet with boxed corners drawn under.</summary>
internal static class FittedSheet
{
    /// <summary>How it is measured and offered, how it is drafted, and what its cover has to measure.</summary>
    public static Form Form { get; } =
        new(
            new FormDefinition(
                "fitted-sheet",
                "Fitted sheet",
                [
                    new(
                        "rectangle",
                        "Square corners",
                        [
                            Measures.MattressWidth,
                            Measures.Length,
                            Measures.Thickness,
                            Measures.Detail(
                                Measure.TuckUnder,
                                "Tuck-under",
                                "How far it reaches under on each side.",
                                "2 1/2",
                                "60 mm"
                            ) with
                            {
                                Optional = true,
                                MayBeZero = true,
                                Rule = Rule.TuckUnder,
                            },
                            .. Measures.Diagonals,
                        ],
                        [TubNotched.Id]
                    )
                    {
                        Edges = [LowerEdge.CasingElastic, LowerEdge.StretchedElastic],
                    },
                ]
            )
            {
                Covers = "mattress",
                LargestOfInfants = (Units.Length.FromMillimetres(800m), null),
                RuleVariants = new Dictionary<Rule, Rule> { [Rule.Seam] = Rule.LightSeam, [Rule.Hem] = Rule.SheetHem },
            },
            specification => FormDraft.Of(specification, Draft),
            thing => Expectation.Plain(Finished(thing))
        );

    public static ConstructedCover Draft(CoverSpecification specification, FinishedSizes sizes, List<Check> checks)
    {
        var (width, length, under) = (sizes.Of(Measure.Width), sizes.Of(Measure.Length), sizes.Of(Measure.TuckUnder));
        checks.AddRange(FormChecks.Under(under.Value, PlanShapes.Tapered(width, width, length), "tuckUnder", specification));
        if (checks.HasError())
        {
            return new();
        }

        var cover = TubNotched.Construct(
            width,
            length,
            TubDepth.Of(sizes.Of(Measure.Thickness), under),
            specification.Rules[Rule.Hem],
            specification
        );
        return cover with { Checks = [.. cover.Checks, .. FormChecks.ForAChild(specification)] };
    }

    public static ExpectedCover Finished(MeasuredThing thing)
    {
        var fall = thing.Up(Measure.Thickness) + thing.Detail(Measure.TuckUnder, rule: Rule.TuckUnder);
        return OpenBelow.OnePiece(thing, thing.Across(Measure.Width), thing.Along(Measure.Length), fall);
    }
}
