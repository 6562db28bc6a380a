using Wrapper.Core.Catalogue;
using Wrapper.Core.Units;

namespace Wrapper.Core.Forms;

/// <summary>Tables and boards, covered from above. See docs/handbook.md, "Forms".</summary>
public static class TableForms
{
    private static readonly MeasureDefinition Drop = Measures.Up("drop", "Drop", "From the top down to where the cover shall end.", "6 1/2", "160 mm", 10m, 1500m);

    /// <summary>Less is no table: probably a slip of the unit.</summary>
    private static readonly Units.Length Least = Units.Length.FromMillimetres(200m);

    private static readonly string[] TableEdges = ["double-hem", "casing-elastic", "stretched-elastic", "drawstring", "hook-and-loop"];

    private static readonly string[] BoardEdges = ["drawstring", "casing-elastic", "stretched-elastic", "overlocked-cord"];

    /// <summary>A table cover, fitted or hanging.</summary>
    public static FormDefinition Table { get; } = new(
        "table",
        "Table",
        [
            new("rectangle", "Oblong", [Measures.Width with { LikelyLeast = Least, ExampleInches = "46", ExampleMillimetres = "1200 mm" }, Measures.Depth with { LikelyLeast = Least, ExampleInches = "30", ExampleMillimetres = "750 mm" }, Drop, Measures.FloorHeight, .. Measures.Diagonals], ["tub-walls", "tub-notched", "flat"]) { Edges = TableEdges },
            new("round", "Round", [Measures.Diameter with { LikelyLeast = Least, ExampleInches = "36", ExampleMillimetres = "900 mm" }, Drop, Measures.FloorHeight], ["tub-walls", "flat"]) { Edges = TableEdges },
            new("oval", "Oval", [Measures.Width with { LikelyLeast = Least, Guidance = "Across the longer way, edge to edge.", ExampleInches = "60", ExampleMillimetres = "1500 mm" }, Measures.Depth with { LikelyLeast = Least, Guidance = "Across the shorter way, edge to edge.", ExampleInches = "40", ExampleMillimetres = "1000 mm" }, Drop, Measures.FloorHeight], ["tub-walls", "flat"]) { Edges = TableEdges },
        ])
    { RuleVariants = new Dictionary<string, string> { ["seam"] = "lightSeam", ["hem"] = "tableHem" } };

    /// <summary>A board that is worked on.</summary>
    public static FormDefinition Board { get; } = new(
        "board",
        "Board",
        [
            new("tray", "Tray board", [Measures.Width with { ExampleInches = "18", ExampleMillimetres = "450 mm" }, Measures.Depth with { ExampleInches = "12", ExampleMillimetres = "300 mm" }], ["tub-notched"]) { Edges = BoardEdges },
            new(
                "ironing",
                "Ironing board",
                [
                    Measures.Length with { ExampleInches = "48", ExampleMillimetres = "1220 mm" },
                    Measures.Across("widest", "Widest", "Side to side at the broad end.", "14", "360 mm"),
                    Measures.Detail("noseWidth", "Nose width", "Side to side where the nose begins to round.", "6", "150 mm") with { RunsAcross = true },
                    Measures.Detail("taperLength", "Taper length", "From the tip back to where the sides run straight; a third of the length if not taken.", "", "") with { Optional = true },
                ],
                ["outline-margin"]) { Edges = ["overlocked-cord", "drawstring", "casing-elastic"] },
            new("outline", "Traced outline", [], ["outline-margin"]) { List = MeasureList.Points, Edges = ["overlocked-cord", "drawstring", "casing-elastic"] },
            new(
                "pressing-table",
                "Pressing table",
                [
                    Measures.Width with { ExampleInches = "48", ExampleMillimetres = "1200 mm" },
                    Measures.Depth with { ExampleInches = "30", ExampleMillimetres = "750 mm" },
                    Measures.Up("drop", "Drop", "From the padded top down to where the cover shall end.", "3", "75 mm", 10m, 1000m),
                    Measures.CornerRadius,
                ],
                ["tub-notched"]) { Edges = BoardEdges },
        ])
    { RuleVariants = new Dictionary<string, string> { ["seam"] = "tubSeam", ["hem"] = "boardHem" } };
}
