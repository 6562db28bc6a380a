using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.Constructions.Tubs;
using Wrapper.Core.Forms.Finished;
using Wrapper.Core.Parts;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;

namespace Wrapper.Core.Forms;

/// <summary>A sheet with boxed corners drawn under.</summary>
internal static class FittedSheet
{
    /// <summary>How it is measured and offered, how it is drafted, and what its cover has to measure.</summary>
    public static Form Form { get; } = new(
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
                        Measures.Detail("tuckUnder", "Tuck-under", "How far it reaches under on each side.", "2 1/2", "60 mm") with { Optional = true, MayBeZero = true, Rule = "tuckUnder" },
                        .. Measures.Diagonals,
                    ],
                    ["tub-notched"]) { Edges = ["casing-elastic", "stretched-elastic"] },
            ])
        { RuleVariants = new Dictionary<string, string> { ["seam"] = "lightSeam", ["hem"] = "sheetHem" } },
        specification => FormDraft.Of(specification, Draft),
        thing => Expectation.Plain(Finished(thing)));

    public static ConstructedCover Draft(CoverSpecification specification, FinishedSizes sizes, List<Check> checks)
    {
        var (width, length, under) = (sizes.Of("width"), sizes.Of("length"), sizes.Of("tuckUnder"));
        checks.AddRange(FormChecks.Under(under.Value, PlanShapes.Tapered(width, width, length), "tuckUnder", specification));
        if (checks.HasError())
        {
            return new();
        }

        var cover = TubNotched.Construct(width, length, TubDepth.Of(sizes.Of("thickness"), under), specification.Rules["hem"], specification);
        return cover with { Checks = [.. cover.Checks, .. FormChecks.ForAChild(specification)] };
    }

    public static ExpectedCover Finished(MeasuredThing thing)
    {
        var fall = thing.Up("thickness") + thing.Detail("tuckUnder", rule: "tuckUnder");
        return OpenBelow.OnePiece(thing, thing.Across("width"), thing.Along("length"), fall);
    }
}
