using Wrapper.Core.Catalogue;
using Wrapper.Core.Units;

namespace Wrapper.Core.Forms;

/// <summary>Things one sits on and leans against. See docs/handbook.md, "Forms".</summary>
public static class SeatForms
{
    private static readonly string[] PadWays = ["bag", "boxing-strip"];
    private static readonly string[] PadClosures = ["gap", "zip", "ties"];

    private static readonly MeasureDefinition PadThickness = Measures.Thickness with { MayBeZero = true, LikelyLeast = Units.Length.Zero };

    /// <summary>A flat pad on a chair.</summary>
    public static FormDefinition SeatPad { get; } = new(
        "seat-pad",
        "Seat pad",
        [
            .. BoxCushion.Shapes(PadWays, PadWays, PadClosures).Select(shape => shape with { Measures = [.. shape.Measures.Select(measure => measure.Name == "thickness" ? PadThickness : measure)] }),
            new("stations", "Widths at stations", [Measures.Depth, PadThickness], PadWays) { List = MeasureList.Stations, Closures = PadClosures },
        ]);

    /// <summary>A round roll.</summary>
    public static FormDefinition Bolster { get; } = new(
        "bolster",
        "Bolster",
        [
            new(
                "round",
                "Round",
                [
                    Measures.Diameter with { Guidance = "Across the end, not pressed in.", ExampleInches = "7", ExampleMillimetres = "180 mm", Optional = true },
                    Measures.Across("circumference", "Circumference", "Once round with the tape, snug but not tight: instead of the diameter.", "", "") with { Optional = true },
                    Measures.Length with { ExampleInches = "24", ExampleMillimetres = "600 mm" },
                ],
                ["band-ends"]) { Closures = ["invisible-zip", "zip"] },
        ])
    { RuleVariants = new Dictionary<string, string> { ["closedEnd"] = "bolsterClosedEnd" } };

    /// <summary>A boxed footstool or chest covered to below its rim.</summary>
    public static FormDefinition Ottoman { get; } = new(
        "ottoman",
        "Ottoman",
        [
            new(
                "rectangle",
                "Square corners",
                [
                    Measures.Width,
                    Measures.Depth,
                    Measures.Up("height", "Height", "From the top of the padding to the underside.", "15", "380 mm", 40m, 1200m),
                    Measures.Detail("topDrop", "Top drop", "How far the top comes over the edge before the piping; 0 for none.", "0", "0 mm") with { Optional = true, MayBeZero = true },
                    Measures.Detail("return", "Return", "How far it turns under, to the middle of the tape.", "2 1/2", "60 mm") with { Optional = true, MayBeZero = true, Rule = "tuckUnder" },
                    Measures.FloorHeight,
                    .. Measures.Diagonals,
                ],
                ["tub-walls"]) { Edges = ["hook-and-loop", "double-hem", "skirt"] },
        ])
    { RuleVariants = new Dictionary<string, string> { ["hem"] = "ottomanHem" } };

    /// <summary>A soft cube or drum.</summary>
    public static FormDefinition Pouf { get; } = new(
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
    { RuleVariants = new Dictionary<string, string> { ["seam"] = "lightSeam" } };

    /// <summary>The back of a dining chair.</summary>
    public static FormDefinition ChairBack { get; } = new(
        "chair-back",
        "Chair back",
        [Back("square", "Square top"), Back("rounded", "Rounded top", Measures.CornerRadius with { Optional = false, MayBeZero = false, ExampleInches = "4", ExampleMillimetres = "100 mm" }), Back("posts", "With posts", Measures.Detail("postWidth", "Post width", "Across one post where it comes through the top.", "1 1/2", "40 mm") with { RunsAcross = true })])
    { RuleVariants = new Dictionary<string, string> { ["hem"] = "chairBackHem", ["gap"] = "chairBackGap" } };

    private static ShapeDefinition Back(string id, string label, params MeasureDefinition[] more) => new(
        id,
        label,
        [
            Measures.Width with { ExampleInches = "18 1/2", ExampleMillimetres = "470 mm" },
            Measures.Up("thickness", "Thickness", "Front to back at the thickest, upholstery at rest.", "2 1/4", "60 mm", 5m, 300m),
            Measures.Along("height", "Height", "From the seat to the top of the back.", "21", "530 mm"),
            .. more,
        ],
        ["bag"])
    { Closures = ["gap"] };
}
