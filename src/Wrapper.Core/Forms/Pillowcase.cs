using Wrapper.Core.Catalogue;
using Wrapper.Core.Constructions.Bags;
using Wrapper.Core.Forms.Finished;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Working;

namespace Wrapper.Core.Forms;

/// <summary>A pillowcase.</summary>
internal static class Pillowcase
{
    private static readonly Dictionary<string, string> Light = new() { ["seam"] = "lightSeam" };

    /// <summary>How it is measured and offered, how it is drafted, and what its cover has to measure.</summary>
    public static Form Form { get; } = new(
        new FormDefinition(
            "pillowcase",
            "Pillowcase",
            [
                new("plain", "Plain hem", Pillow(), ["bag"]),
                new("flap", "With flap", Pillow(Measures.Detail("flap", "Flap", "How far the flap folds in over the pillow.", "7", "180 mm") with { Optional = true, Rule = "flap" }), ["bag"]),
                new("flange", "With flange", Pillow(Measures.Detail("flange", "Flange", "The flat border beyond the pillow, on each side.", "2", "50 mm") with { Optional = true, Rule = "flange" }), ["bag"]),
            ])
        { RuleVariants = new Dictionary<string, string>(Light) { ["hem"] = "pillowHem" } },
        specification => FormDraft.Of(specification, Draft, FormChecks.NeverSnug(specification)),
        thing => Expectation.Plain(Finished(thing)));

    private static ConstructedCover Draft(CoverSpecification specification, FinishedSizes sizes)
    {
        var (width, length) = (sizes.Of("width"), sizes.Of("length"));
        return specification.Shape.Id switch
        {
            "flange" => BagPillow.Flanged(width, length, sizes.Of("flange"), specification),
            "flap" => BagPillow.Open(width, length, sizes.Of("flap"), specification),
            _ => BagPillow.Open(width, length, Worked.Zero, specification),
        };
    }

    private static MeasureDefinition[] Pillow(params MeasureDefinition[] more) =>
        [Measures.Width with { ExampleInches = "20", ExampleMillimetres = "500 mm" }, Measures.Length with { ExampleInches = "26", ExampleMillimetres = "700 mm" }, .. more];

    private static ExpectedCover Finished(MeasuredThing thing)
    {
        var (w, l) = (thing.Across("width"), thing.Along("length"));
        if (thing.Cover.Shape.Id != "flange")
        {
            return new() { Sizes = [w, l, 0], Opening = 2 * w, Area = 2 * w * l, Round = 2 * (w + l) };
        }

        var (flange, overlap) = (thing.Detail("flange", rule: "flange"), thing.Rule("backOverlap"));
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
