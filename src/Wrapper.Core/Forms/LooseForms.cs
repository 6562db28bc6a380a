using Wrapper.Core.Catalogue;

namespace Wrapper.Core.Forms;

/// <summary>Loose covers fitted on the thing with pins. See docs/handbook.md, "Blocks".</summary>
public static class LooseForms
{
    /// <summary>A slipcover for upholstered furniture.</summary>
    public static FormDefinition Slipcover { get; } = new(
        "slipcover",
        "Slipcover",
        [
            new(
                "zones",
                "Zone by zone",
                [
                    Measures.Detail("skirtLength", "Skirt, length round", "Once round the base where the skirt hangs.", "", "", 20_000m) with { Optional = true },
                    Measures.Detail("skirtDrop", "Skirt, drop", "From the seam of the skirt to the floor, less what it shall clear.", "", "") with { Optional = true },
                    Measures.Detail("zipLength", "Zip, length", "Down one back corner, to the seam of the skirt.", "", "") with { Optional = true },
                ],
                ["blocks"]) { List = MeasureList.Zones, Closures = ["zip", "plain"] },
        ]);

    /// <summary>A sofa base covered by three big tucked pieces.</summary>
    public static FormDefinition ThrowOver { get; } = new(
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
        ]);
}
