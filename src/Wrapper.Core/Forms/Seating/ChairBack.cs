using Wrapper.Core.Catalogue;
using Wrapper.Core.Catalogue.Measuring;
using Wrapper.Core.Checks;
using Wrapper.Core.Constructions.Bags;
using Wrapper.Core.English;
using Wrapper.Core.Forms.Finished;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Forms.Seating;

/// <summary>The back of a dining chair.</summary>
internal static class ChairBack
{
    private static readonly Measure PostWidth = new("postWidth");

    /// <summary>How it is measured and offered, how it is drafted, and what its cover has to measure.</summary>
    public static Form Form { get; } =
        new(
            new FormDefinition(
                "chair-back",
                "Chair back",
                [
                    Back("square", "Square top"),
                    Back(
                        "rounded",
                        "Rounded top",
                        Measures.CornerRadius with
                        {
                            Optional = false,
                            MayBeZero = false,
                            ExampleInches = "4",
                            ExampleMillimetres = "100 mm",
                        }
                    ),
                    Back(
                        "posts",
                        "With posts",
                        Measures.Detail(PostWidth, "Post width", "Across one post where it comes through the top.", "1 1/2", "40 mm") with
                        {
                            Place = MeasurePlace.AtTheBackRight,
                            RunsAcross = true,
                        }
                    ),
                ]
            )
            {
                MayBeReversible = true,
                RuleVariants = new Dictionary<Rule, Rule> { [Rule.Hem] = Rule.ChairBackHem, [Rule.Gap] = Rule.ChairBackGap },
            },
            specification => FormDraft.Of(specification, Draft),
            thing => Expectation.Plain(Finished(thing))
        );

    private static ConstructedCover Draft(CoverSpecification specification, FinishedSizes sizes)
    {
        var width = (sizes.Of(Measure.Width) + specification.Rules[Rule.Ease]).Named("width with its ease");
        var (corners, corner) = specification.Shape.Id switch
        {
            "rounded" => (UpperCorners.Rounded, sizes.Of(Measure.CornerRadius) + (sizes.Of(Measure.Thickness) / 2)),
            "posts" => (UpperCorners.Open, sizes.Of(PostWidth) + specification.Rules[Rule.PostEase]),
            _ => (UpperCorners.Boxed, Worked.Zero),
        };
        var cover = BagOverBack.Construct(width, sizes.Of(Measure.Thickness), sizes.Of(Measure.Height), corners, corner, specification);
        return cover with { Checks = [.. cover.Checks, .. Ease(specification)] };
    }

    private static IEnumerable<Check> Ease(CoverSpecification specification)
    {
        if (specification.Rules[Rule.Ease].Value.IsZero)
        {
            yield return Check.Warning(
                "no-ease",
                FormText.NoEase,
                "ease",
                new Mend(FormText.ToUsualEase, "rules.ease", specification.Unit.IsImperial() ? "3/4 in" : "20 mm")
            );
        }
    }

    private static ShapeDefinition Back(string id, string label, params MeasureDefinition[] more) =>
        new(
            id,
            label,
            [
                Measures.Width with
                {
                    ExampleInches = "18 1/2",
                    ExampleMillimetres = "470 mm",
                },
                Measures.Up(
                    Measure.Thickness,
                    "Thickness",
                    "Front to back at the thickest, upholstery at rest.",
                    "2 1/4",
                    "60 mm",
                    5m,
                    300m
                ) with
                {
                    Place = MeasurePlace.RightBottom,
                },
                Measures.Along(Measure.Height, "Height", "From the seat to the top of the back.", "21", "530 mm") with
                {
                    Place = MeasurePlace.FrontLeft,
                },
                .. more,
            ],
            [Bag.Id]
        )
        {
            Stands = Standing.Upright,
            Closures = [Closure.Gap],
        };

    private static ExpectedCover Finished(MeasuredThing thing)
    {
        var (w, t, h) = (thing.Across(Measure.Width) + thing.Figure(Rule.Ease), thing.Up(Measure.Thickness), thing.Along(Measure.Height));
        var layers = thing.Cover.Choices.Reversible ? 2 : 1;
        if (thing.Cover.Shape.Id is not ("rounded" or "posts"))
        {
            return PlainCover.OverBack(w, t, h, layers);
        }

        // Cut to its curve, or open at its posts, it lies flat: as wide as the back and its thickness, half of that higher.
        var (across, up) = (w + t, h + (t / 2));
        var radius = thing.Cover.Shape.Id == "rounded" ? thing.Detail(Measure.CornerRadius) + (t / 2) : 0;
        var posts =
            thing.Cover.Shape.Id == "posts" ? 4 * layers * (thing.Detail(PostWidth, across: true) + thing.Figure(Rule.PostEase)) : 0;
        var face = (across * up) - ((2 - (Math.PI / 2)) * radius * radius);
        return new()
        {
            Sizes = [across, layers * up, 0],
            Opening = (layers == 2 ? 0 : 2 * across) + posts,
            Area = 2 * layers * face,
            Round = (2 * across) + (2 * layers * up) - (layers * (4 - Math.PI) * radius),
        };
    }
}
