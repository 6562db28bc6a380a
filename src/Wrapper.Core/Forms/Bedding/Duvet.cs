using Wrapper.Core.Catalogue;
using Wrapper.Core.Catalogue.Measuring;
using Wrapper.Core.Constructions.Bags;
using Wrapper.Core.Forms.Finished;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;

namespace Wrapper.Core.Forms.Bedding;

/// <summary>A duvet cover.</summary>
internal static class Duvet
{
    /// <summary>How it is measured and offered, how it is drafted, and what its cover has to measure.</summary>
    public static Form Form { get; } =
        new(
            new FormDefinition(
                "duvet",
                "Duvet",
                [
                    new(
                        "rectangle",
                        "Duvet cover",
                        [
                            Measures.Width with
                            {
                                ExampleInches = "78",
                                ExampleMillimetres = "2000 mm",
                            },
                            Measures.Length with
                            {
                                ExampleInches = "81",
                                ExampleMillimetres = "2000 mm",
                            },
                        ],
                        [Bag.Id]
                    )
                    {
                        Closures = [Closure.Buttons, Closure.Snaps, Closure.Zip, Closure.Overlap, Closure.Ties, Closure.Plain],
                    },
                ]
            )
            {
                Filling = Filling.Soft,
                LargestOfInfants = (Units.Length.FromMillimetres(1100m), Units.Length.FromMillimetres(1500m)),
                MayHaveReadyBack = true,
                RuleVariants = new Dictionary<Rule, Rule> { [Rule.Hem] = Rule.DoubleHem },
            },
            specification => FormDraft.Of(specification, Draft, FormChecks.NeverSnug(specification)),
            thing => Expectation.Plain(Finished(thing))
        );

    private static ConstructedCover Draft(CoverSpecification specification, FinishedSizes sizes) =>
        BagOpenEnd.Construct(sizes.Of(Measure.Width), sizes.Of(Measure.Length), specification);

    private static ExpectedCover Finished(MeasuredThing thing)
    {
        // A ready sheet is as wide as it is: the cover comes out to what its hems leave.
        var w =
            thing.Cover.Choices.HasReadyBack && thing.Sheet is { } hemmed
                ? hemmed - (2 * thing.Figure(Rule.SheetInset))
                : thing.Across(Measure.Width);
        var l = thing.Along(Measure.Length);
        var open = w * (1 - (2 * (double)thing.Cover.Rules.Number(NumberRule.OpeningShare)));
        return new()
        {
            Sizes = [w, l, 0],
            Opening = thing.Cover.Choices.Closure == Closure.Zip ? 0 : 2 * open,
            Area = 2 * w * l,
            Round = 2 * (w + l),
        };
    }
}
