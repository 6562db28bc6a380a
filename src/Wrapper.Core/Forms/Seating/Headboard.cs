using Wrapper.Core.Catalogue;
using Wrapper.Core.Catalogue.Measuring;
using Wrapper.Core.Constructions.Bags;
using Wrapper.Core.Forms.Finished;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Working;

namespace Wrapper.Core.Forms.Seating;

/// <summary>
/// The board at the head of a bed: a bag dropped over it from above, open and hemmed below. See docs/handbook.md, "Headboards".
/// </summary>
internal static class Headboard
{
    /// <summary>How it is measured and offered, how it is drafted, and what its cover has to measure.</summary>
    public static Form Form { get; } =
        new(
            new FormDefinition(
                "headboard",
                "Headboard",
                [
                    new(
                        "square",
                        "Square top",
                        [
                            Measures.Width with
                            {
                                Guidance = "Side to side at the widest, over its padding.",
                                ExampleInches = "58",
                                ExampleMillimetres = "1450 mm",
                            },
                            Measures.Along(
                                Measure.Height,
                                "Height",
                                "From where the cover shall end up to the top.",
                                "26",
                                "650 mm",
                                2000m
                            ) with
                            {
                                Place = MeasurePlace.FrontLeft,
                            },
                            Measures.Up(
                                Measure.Thickness,
                                "Thickness",
                                "Front to back at the thickest, without pressing the padding.",
                                "3",
                                "75 mm",
                                5m,
                                300m
                            ) with
                            {
                                Place = MeasurePlace.RightBottom,
                            },
                        ],
                        [Bag.Id]
                    )
                    {
                        Stands = Standing.Upright,
                        Closures = [Closure.Gap],
                    },
                ]
            )
            {
                IsHeavy = true,
                RuleVariants = new Dictionary<Rule, Rule> { [Rule.Hem] = Rule.ChairBackHem, [Rule.Gap] = Rule.ChairBackGap },
            },
            specification => FormDraft.Of(specification, Draft),
            thing =>
                Expectation.Plain(
                    PlainCover.OverBack(
                        thing.Across(Measure.Width),
                        thing.Up(Measure.Thickness),
                        thing.Along(Measure.Height),
                        thing.Cover.Choices.Reversible ? 2 : 1
                    )
                )
        );

    private static ConstructedCover Draft(CoverSpecification specification, FinishedSizes sizes) =>
        BagOverBack.Construct(
            sizes.Of(Measure.Width),
            sizes.Of(Measure.Thickness),
            sizes.Of(Measure.Height),
            UpperCorners.Boxed,
            Worked.Zero,
            specification
        );
}
