using Wrapper.Core.Catalogue;
using Wrapper.Core.Catalogue.Measuring;
using Wrapper.Core.Constructions.Bags;
using Wrapper.Core.Constructions.Boxing;
using Wrapper.Core.Forms.Finished;
using Wrapper.Core.Forms.Things;
using Wrapper.Core.Pattern;

namespace Wrapper.Core.Forms.Seating;

/// <summary>A flat pad on a chair.</summary>
internal static class SeatPad
{
    private static readonly string[] PadWays = [Bag.Id, BoxingStrip.Id];

    private static readonly Closure[] PadClosures = [Closure.Gap, Closure.Zip, Closure.Ties];

    private static readonly MeasureDefinition PadThickness = Measures.Thickness with { MayBeZero = true, LikelyLeast = Units.Length.Zero };

    /// <summary>How it is measured and offered, how it is drafted, and what its cover has to measure.</summary>
    public static Form Form { get; } =
        new(
            new FormDefinition(
                "seat-pad",
                "Seat pad",
                [
                    .. BoxedShapes
                        .All(PadWays, PadWays, PadClosures)
                        .Select(shape =>
                            shape with
                            {
                                Measures =
                                [
                                    .. shape.Measures.Select(measure => measure.Measure == Measure.Thickness ? PadThickness : measure),
                                ],
                            }
                        ),
                    new("stations", "Widths at stations", [Measures.Depth, PadThickness], PadWays)
                    {
                        HasCurvedPlan = true,
                        List = MeasureList.Stations,
                        Closures = PadClosures,
                    },
                ]
            )
            {
                MayBeSnug = true,
                Filling = Filling.Firm,
            },
            specification => FormDraft.Of(specification, BoxedDraft.Draft),
            thing => Expectation.Plain(BoxedFinish.Of(thing))
        );
}
