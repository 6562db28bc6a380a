using Wrapper.Core.Catalogue;
using Wrapper.Core.Constructions.Bags;
using Wrapper.Core.Forms.Finished;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Working;

namespace Wrapper.Core.Forms;

/// <summary>The board at the head of a bed: a bag dropped over it from above, open and hemmed below. See docs/handbook.md, "Headboards".</summary>
internal static class Headboard
{
    /// <summary>How it is measured and offered, how it is drafted, and what its cover has to measure.</summary>
    public static Form Form { get; } = new(
        new FormDefinition(
            "headboard",
            "Headboard",
            [
                new(
                    "square",
                    "Square top",
                    [
                        Measures.Width with { Guidance = "Side to side at the widest, over its padding.", ExampleInches = "58", ExampleMillimetres = "1450 mm" },
                        Measures.Along("height", "Height", "From where the cover shall end up to the top.", "26", "650 mm", 2000m),
                        Measures.Up("thickness", "Thickness", "Front to back at the thickest, without pressing the padding.", "3", "75 mm", 5m, 300m),
                    ],
                    ["bag"]) { Stands = Standing.Upright, Closures = ["gap"] },
            ])
        { RuleVariants = new Dictionary<string, string> { ["hem"] = "chairBackHem", ["gap"] = "chairBackGap" } },
        specification => FormDraft.Of(specification, Draft),
        thing => Expectation.Plain(PlainCover.OverBack(thing.Across("width"), thing.Up("thickness"), thing.Along("height"), thing.Cover.Choices.Reversible ? 2 : 1)));

    private static ConstructedCover Draft(CoverSpecification specification, FinishedSizes sizes) =>
        BagOverBack.Construct(sizes.Of("width"), sizes.Of("thickness"), sizes.Of("height"), UpperCorners.Boxed, Worked.Zero, specification);
}
