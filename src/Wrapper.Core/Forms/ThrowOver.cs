using Wrapper.Core.Catalogue;
using Wrapper.Core.Constructions.PinnedBlocks;
using Wrapper.Core.Forms.Finished;
using Wrapper.Core.Forms.Things;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Working;

namespace Wrapper.Core.Forms;

/// <summary>A sofa base covered by three big tucked pieces.</summary>
internal static class ThrowOver
{
    private static readonly string[] Hands = ["left", "right"];

    /// <summary>How it is measured and offered, how it is drafted, and what its cover has to measure.</summary>
    public static Form Form { get; } = new(
        new FormDefinition(
            "throw-over",
            "Throw-over",
            [
                new(
                    "three-pieces",
                    "Seat and two arms",
                    [
                        Measures.Across("seatWidth", "Seat, width", "Between the arms.", "60", "1500 mm", 6000m),
                        Measures.Along("seatRun", "Seat run", "From the floor up the front, over the seat and up the back to where it shall end.", "72", "1800 mm", 6000m),
                        Measures.Along("armRun", "Arm run", "From the floor up the outside, over the arm and down to the seat.", "52", "1300 mm", 6000m),
                        Measures.Across("armDepth", "Arm, depth", "Along the arm from front to back.", "34", "850 mm"),
                        Measures.Detail("freeTuck", "Gap to tuck into", "How deep a hand goes between seat and arm.", "4", "100 mm") with { MayBeZero = true },
                    ],
                    ["blocks"]),
            ]),
        specification => FormDraft.Of(specification, Draft),
        thing => new(null, Finished(thing), null, 0));

    private static ConstructedCover Draft(CoverSpecification specification, FinishedSizes sizes)
    {
        var rules = specification.Rules;
        var tuck = Tuck.Used(rules["tuck"], sizes.AsTaken("freeTuck"));
        var spare = rules["tuckSpare"];
        var seat = new BlockZone("block-seat", "Seat", sizes.Of("seatWidth"), sizes.Of("seatRun"), new(tuck, tuck, Worked.Zero, spare), 1, rules["hem"], rules["hem"]);
        var arms = Hands.Select(side => new BlockZone(
            $"block-arm-{side}", side == "left" ? "Left arm" : "Right arm", sizes.Of("armDepth"), sizes.Of("armRun"), new(spare, Worked.Zero, Worked.Zero, tuck), 1, rules["hem"], rules["hem"]));
        return Blocks.Construct([seat, .. arms], rules["hem"], specification);
    }

    private static IReadOnlyList<ExpectedZone> Finished(MeasuredThing thing)
    {
        var (tuck, spare, hem) = (Math.Min(thing.Rule("tuck"), thing.Taken("freeTuck")), thing.Rule("tuckSpare"), thing.Rule("hem"));
        var arm = new ExpectedZone("block-arm-left", thing.Across("armDepth") + spare, thing.Along("armRun") + tuck, hem, hem);
        return
        [
            new("block-seat", thing.Across("seatWidth") + (2 * tuck), thing.Along("seatRun") + spare, hem, hem),
            arm,
            arm with { Zone = "block-arm-right" },
        ];
    }
}
