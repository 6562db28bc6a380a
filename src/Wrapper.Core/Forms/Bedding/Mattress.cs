using Wrapper.Core.Catalogue;
using Wrapper.Core.Catalogue.Measuring;
using Wrapper.Core.Constructions.Boxing;
using Wrapper.Core.Constructions.FoldedPanels;
using Wrapper.Core.Forms.Finished;
using Wrapper.Core.Forms.Things;
using Wrapper.Core.Pattern;

namespace Wrapper.Core.Forms.Bedding;

/// <summary>A mattress; in a berth with one corner cut off.</summary>
internal static class Mattress
{
    /// <summary>How it is measured and offered, how it is drafted, and what its cover has to measure.</summary>
    public static Form Form { get; } =
        new(
            new FormDefinition(
                "mattress",
                "Mattress",
                [
                    new(
                        "rectangle",
                        "Square or rounded corners",
                        [Measures.MattressWidth, Measures.Length, Measures.Thickness, Measures.CornerRadius, .. Measures.Diagonals],
                        [BoxingStrip.Id, PanelsFolded.Id]
                    )
                    {
                        Closures = [Closure.Zip],
                    },
                    new(
                        "cut-corner",
                        "Cut corner",
                        [
                            Measures.MattressWidth,
                            Measures.Length,
                            Measures.Detail(Measure.CutWidth, "Cut, across", "How much of the foot end the cut takes.", "10", "250 mm") with
                            {
                                Place = MeasurePlace.AtTheBackRight,
                                RunsAcross = true,
                            },
                            Measures.Detail(
                                Measure.CutLength,
                                "Cut, along",
                                "How much of the side the cut takes.",
                                "24",
                                "600 mm",
                                6000m
                            ) with
                            {
                                Place = MeasurePlace.DownTheBackRight,
                            },
                            Measures.Thickness,
                            Measures.CornerRadius,
                        ],
                        [BoxingStrip.Id]
                    )
                    {
                        Closures = [Closure.Zip],
                    },
                    new("outline", "Free outline", [Measures.Thickness, Measures.CornerRadius], [BoxingStrip.Id])
                    {
                        HasCurvedPlan = true,
                        List = MeasureList.Points,
                        Closures = [Closure.Zip],
                    },
                ]
            )
            {
                MayBeSnug = true,
                LargestOfInfants = (Units.Length.FromMillimetres(800m), Units.Length.FromMillimetres(1500m)),
                Filling = Filling.Firm,
            },
            specification => FormDraft.Of(specification, BoxedDraft.Draft),
            thing => Expectation.Plain(BoxedFinish.Of(thing))
        );
}
