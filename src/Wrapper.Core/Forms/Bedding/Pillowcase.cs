using Wrapper.Core.Catalogue;
using Wrapper.Core.Catalogue.Measuring;
using Wrapper.Core.Constructions.Bags;
using Wrapper.Core.Forms.Finished;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Working;

namespace Wrapper.Core.Forms.Bedding;

/// <summary>A pillowcase.</summary>
internal static class Pillowcase
{
    private static readonly Measure Flange = new("flange");

    private static readonly Measure Flap = new("flap");

    private static readonly Dictionary<Rule, Rule> Light = new() { [Rule.Seam] = Rule.LightSeam };

    /// <summary>How it is measured and offered, how it is drafted, and what its cover has to measure.</summary>
    public static Form Form { get; } =
        new(
            new FormDefinition(
                "pillowcase",
                "Pillowcase",
                [
                    new("plain", "Plain hem", Pillow(), [Bag.Id]),
                    new(
                        "flap",
                        "With flap",
                        Pillow(
                            Measures.Detail(Flap, "Flap", "How far the flap folds in over the pillow.", "7", "180 mm") with
                            {
                                Place = MeasurePlace.DownTheBackRight,
                                Optional = true,
                                Rule = Rule.Flap,
                            }
                        ),
                        [Bag.Id]
                    ),
                    new(
                        "flange",
                        "With flange",
                        Pillow(
                            Measures.Detail(Flange, "Flange", "The flat border beyond the pillow, on each side.", "2", "50 mm") with
                            {
                                Place = MeasurePlace.AtTheBackRight,
                                Optional = true,
                                Rule = Rule.Flange,
                            }
                        ),
                        [Bag.Id]
                    ),
                ]
            )
            {
                Filling = Filling.Soft,
                RuleVariants = new Dictionary<Rule, Rule>(Light) { [Rule.Hem] = Rule.PillowHem },
            },
            specification => FormDraft.Of(specification, Draft, FormChecks.NeverSnug(specification)),
            thing => Expectation.Plain(Finished(thing))
        );

    private static ConstructedCover Draft(CoverSpecification specification, FinishedSizes sizes)
    {
        var (width, length) = (sizes.Of(Measure.Width), sizes.Of(Measure.Length));
        return specification.Shape.Id switch
        {
            "flange" => BagPillow.Flanged(width, length, sizes.Of(Flange), specification),
            "flap" => BagPillow.Open(width, length, sizes.Of(Flap), specification),
            _ => BagPillow.Open(width, length, Worked.Zero, specification),
        };
    }

    private static MeasureDefinition[] Pillow(params MeasureDefinition[] more) =>
        [
            Measures.Width with
            {
                ExampleInches = "20",
                ExampleMillimetres = "500 mm",
            },
            Measures.Length with
            {
                ExampleInches = "26",
                ExampleMillimetres = "700 mm",
            },
            .. more,
        ];

    private static ExpectedCover Finished(MeasuredThing thing)
    {
        var (w, l) = (thing.Across(Measure.Width), thing.Along(Measure.Length));
        if (thing.Cover.Shape.Id != "flange")
        {
            return new()
            {
                Sizes = [w, l, 0],
                Opening = 2 * w,
                Area = 2 * w * l,
                Round = 2 * (w + l),
            };
        }

        var (flange, overlap) = (thing.Detail(Flange, rule: Rule.Flange), thing.Figure(Rule.BackOverlap));
        (w, l) = (w + (2 * flange), l + (2 * flange));
        return new()
        {
            Sizes = [w, l, 0],
            Opening = 2 * (w + overlap),
            Area = w * ((2 * l) + overlap),
            Round = 2 * (w + l),
        };
    }
}
