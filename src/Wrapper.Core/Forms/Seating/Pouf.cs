using Wrapper.Core.Catalogue;
using Wrapper.Core.Catalogue.Measuring;
using Wrapper.Core.Constructions.Boxing;
using Wrapper.Core.Constructions.Poufs;
using Wrapper.Core.Forms.Finished;
using Wrapper.Core.Forms.Things;
using Wrapper.Core.Parts.Plans;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;

namespace Wrapper.Core.Forms.Seating;

/// <summary>A soft cube or drum.</summary>
internal static class Pouf
{
    private static readonly Measure Size = new("size");

    private static readonly Measure Wrap = new("wrap");

    /// <summary>How it is measured and offered, how it is drafted, and what its cover has to measure.</summary>
    public static Form Form { get; } =
        new(
            new FormDefinition(
                "pouf",
                "Pouf",
                [
                    new(
                        "cube",
                        "Cube",
                        [
                            Measures.Across(Size, "Size", "One edge of the finished cube.", "22", "550 mm", 1200m),
                            Measures.Detail(Wrap, "Wrap", "How far top and bottom come over the edges.", "2 1/4", "60 mm") with
                            {
                                Place = MeasurePlace.DownTheRight,
                            },
                        ],
                        [PoufWrapped.Id]
                    )
                    {
                        Closures = [Closure.Gap, Closure.Zip],
                    },
                    new(
                        "drum",
                        "Drum",
                        [
                            Measures.Diameter,
                            Measures.Up(Measure.Height, "Height", "From the floor to the top.", "15", "380 mm", 60m, 1200m),
                        ],
                        [BoxingStrip.Id]
                    )
                    {
                        Closures = [Closure.Zip, Closure.Gap],
                    },
                ]
            )
            {
                Filling = Filling.Soft,
                RuleVariants = new Dictionary<Rule, Rule> { [Rule.Seam] = Rule.LightSeam },
            },
            specification => FormDraft.Of(specification, Draft),
            thing => Expectation.Plain(Finished(thing))
        );

    private static ConstructedCover Draft(CoverSpecification specification, FinishedSizes sizes)
    {
        var isCube = specification.Shape.Id == "cube";
        var cover = isCube
            ? PoufWrapped.Construct(sizes.Of(Size), sizes.Of(Wrap), specification)
            : BoxingStrip.Construct(PlanShapes.Round(sizes.Of(Measure.Diameter)), sizes.Of(Measure.Height), specification);
        var (across, high) = (sizes.Of(isCube ? Size : Measure.Diameter).Value, sizes.Of(isCube ? Size : Measure.Height).Value);
        return cover with
        {
            Notions = cover.Pieces.Count == 0 ? [] : [.. cover.Notions, .. Stuffing.Of(specification, across, across, high, !isCube)],
        };
    }

    private static ExpectedCover Finished(MeasuredThing thing)
    {
        if (thing.Cover.Shape.Id == "drum")
        {
            return BoxedFinish.Boxed(thing, ThingPlans.Of(thing), thing.Up(Measure.Height));
        }

        var size = thing.Across(Size);
        return PlainCover.Box(size, size, size, 4 * size);
    }
}
