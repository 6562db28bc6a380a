using Wrapper.Core.Catalogue;
using Wrapper.Core.Catalogue.Measuring;
using Wrapper.Core.Constructions.PinnedBlocks;
using Wrapper.Core.Forms.Finished;
using Wrapper.Core.Forms.Things;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Working;

namespace Wrapper.Core.Forms.Seating;

/// <summary>A sofa base covered by three big tucked pieces.</summary>
internal static class ThrowOver
{
    private static readonly Measure FreeTuck = new("freeTuck");

    private static readonly Measure SeatWidth = new("seatWidth");

    private static readonly Measure SeatRun = new("seatRun");

    private static readonly Measure ArmDepth = new("armDepth");

    private static readonly Measure ArmRun = new("armRun");

    private static readonly string[] Hands = ["left", "right"];

    /// <summary>How it is measured and offered, how it is drafted, and what its cover has to measure.</summary>
    public static Form Form { get; } =
        new(
            new FormDefinition(
                "throw-over",
                "Throw-over",
                [
                    new(
                        "three-pieces",
                        "Seat and two arms",
                        [
                            Measures.Across(SeatWidth, "Seat, width", "Between the arms.", "60", "1500 mm", 6000m),
                            Measures.Along(
                                SeatRun,
                                "Seat run",
                                "From the floor up the front, over the seat and up the back to where it shall end.",
                                "72",
                                "1800 mm",
                                6000m
                            ),
                            Measures.Along(
                                ArmRun,
                                "Arm run",
                                "From the floor up the outside, over the arm and down to the seat.",
                                "52",
                                "1300 mm",
                                6000m
                            ),
                            Measures.Across(ArmDepth, "Arm, depth", "Along the arm from front to back.", "34", "850 mm"),
                            Measures.Detail(FreeTuck, "Gap to tuck into", "How deep a hand goes between seat and arm.", "4", "100 mm") with
                            {
                                MayBeZero = true,
                            },
                        ],
                        [Blocks.Id]
                    ),
                ]
            )
            {
                IsMeasuredBare = true,
                Covers = "seat",
            },
            specification => FormDraft.Of(specification, Draft),
            thing => new(null, Finished(thing), null, 0)
        );

    private static ConstructedCover Draft(CoverSpecification specification, FinishedSizes sizes)
    {
        var rules = specification.Rules;
        var tuck = Tuck.Used(rules[Rule.Tuck], sizes.AsTaken(FreeTuck));
        var spare = rules[Rule.TuckSpare];
        var seat = new BlockZone(
            "block-seat",
            "Seat",
            sizes.Of(SeatWidth),
            sizes.Of(SeatRun),
            new(tuck, tuck, Worked.Zero, spare),
            1,
            rules[Rule.Hem],
            rules[Rule.Hem]
        );
        var arms = Hands.Select(side => new BlockZone(
            $"block-arm-{side}",
            side == "left" ? "Left arm" : "Right arm",
            sizes.Of(ArmDepth),
            sizes.Of(ArmRun),
            new(spare, Worked.Zero, Worked.Zero, tuck),
            1,
            rules[Rule.Hem],
            rules[Rule.Hem]
        ));
        return Blocks.Construct([seat, .. arms], rules[Rule.Hem], specification);
    }

    private static IReadOnlyList<ExpectedZone> Finished(MeasuredThing thing)
    {
        var (tuck, spare, hem) = (
            Math.Min(thing.Figure(Rule.Tuck), thing.Taken(FreeTuck)),
            thing.Figure(Rule.TuckSpare),
            thing.Figure(Rule.Hem)
        );
        var arm = new ExpectedZone("block-arm-left", thing.Across(ArmDepth) + spare, thing.Along(ArmRun) + tuck, hem, hem);
        return
        [
            new("block-seat", thing.Across(SeatWidth) + (2 * tuck), thing.Along(SeatRun) + spare, hem, hem),
            arm,
            arm with
            {
                Zone = "block-arm-right",
            },
        ];
    }
}
