using Wrapper.Core.Catalogue;
using Wrapper.Core.Constructions.Boxing;
using Wrapper.Core.Constructions.Poufs;
using Wrapper.Core.Forms.Finished;
using Wrapper.Core.Forms.Things;
using Wrapper.Core.Parts;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;

namespace Wrapper.Core.Forms;

/// <summary>A soft cube or drum.</summary>
internal static class Pouf
{
    /// <summary>How it is measured and offered, how it is drafted, and what its cover has to measure.</summary>
    public static Form Form { get; } = new(
        new FormDefinition(
            "pouf",
            "Pouf",
            [
                new(
                    "cube",
                    "Cube",
                    [
                        Measures.Across("size", "Size", "One edge of the finished cube.", "22", "550 mm", 1200m),
                        Measures.Detail("wrap", "Wrap", "How far top and bottom come over the edges.", "2 1/4", "60 mm"),
                    ],
                    ["pouf-wrapped"]) { Closures = ["gap", "zip"] },
                new(
                    "drum",
                    "Drum",
                    [Measures.Diameter, Measures.Up("height", "Height", "From the floor to the top.", "15", "380 mm", 60m, 1200m)],
                    ["boxing-strip"]) { Closures = ["zip", "gap"] },
            ])
        { RuleVariants = new Dictionary<string, string> { ["seam"] = "lightSeam" } },
        specification => FormDraft.Of(specification, Draft),
        thing => Expectation.Plain(Finished(thing)));

    private static ConstructedCover Draft(CoverSpecification specification, FinishedSizes sizes)
    {
        var isCube = specification.Shape.Id == "cube";
        var cover = isCube
            ? PoufWrapped.Construct(sizes.Of("size"), sizes.Of("wrap"), specification)
            : BoxingStrip.Construct(PlanShapes.Round(sizes.Of("diameter")), sizes.Of("height"), specification);
        var (across, high) = (sizes.Of(isCube ? "size" : "diameter").Value, sizes.Of(isCube ? "size" : "height").Value);
        return cover with { Notions = cover.Pieces.Count == 0 ? [] : [.. cover.Notions, .. Stuffing.Of(specification, across, across, high, !isCube)] };
    }

    private static ExpectedCover Finished(MeasuredThing thing)
    {
        if (thing.Cover.Shape.Id == "drum")
        {
            return BoxedFinish.Boxed(thing, ThingPlans.Of(thing), thing.Up("height"));
        }

        var size = thing.Across("size");
        return PlainCover.Box(size, size, size, 4 * size);
    }
}
