using Wrapper.Core.Catalogue;
using Wrapper.Core.Units;

namespace Wrapper.Core.Forms;

/// <summary>Things one lies on and under. See docs/handbook.md, "Forms".</summary>
public static class BeddingForms
{
    private static readonly Dictionary<string, string> Light = new() { ["seam"] = "lightSeam" };

    private static readonly MeasureDefinition MattressWidth = Measures.Width with { ExampleInches = "36", ExampleMillimetres = "900 mm" };

    /// <summary>A mattress; in a berth with one corner cut off.</summary>
    public static FormDefinition Mattress { get; } = new(
        "mattress",
        "Mattress",
        [
            new("rectangle", "Square or rounded corners", [MattressWidth, Measures.Length, Measures.Thickness, Measures.CornerRadius, .. Measures.Diagonals], ["boxing-strip", "panels-folded"]) { Closures = ["zip"] },
            new(
                "cut-corner",
                "Cut corner",
                [
                    MattressWidth,
                    Measures.Length,
                    Measures.Detail("cutWidth", "Cut, across", "How much of the foot end the cut takes.", "10", "250 mm") with { RunsAcross = true },
                    Measures.Detail("cutLength", "Cut, along", "How much of the side the cut takes.", "24", "600 mm", 6000m),
                    Measures.Thickness,
                    Measures.CornerRadius,
                ],
                ["boxing-strip"]) { Closures = ["zip"] },
            new("outline", "Free outline", [Measures.Thickness, Measures.CornerRadius], ["boxing-strip"]) { List = MeasureList.Points, Closures = ["zip"] },
        ]);

    /// <summary>A sheet with boxed corners drawn under.</summary>
    public static FormDefinition FittedSheet { get; } = new(
        "fitted-sheet",
        "Fitted sheet",
        [
            new(
                "rectangle",
                "Square corners",
                [
                    MattressWidth,
                    Measures.Length,
                    Measures.Thickness,
                    Measures.Detail("tuckUnder", "Tuck-under", "How far it reaches under on each side.", "2 1/2", "60 mm") with { Optional = true, MayBeZero = true, Rule = "tuckUnder" },
                    .. Measures.Diagonals,
                ],
                ["tub-notched"]) { Edges = ["casing-elastic", "stretched-elastic"] },
        ])
    { RuleVariants = new Dictionary<string, string> { ["seam"] = "lightSeam", ["hem"] = "sheetHem" } };

    /// <summary>A pad for changing a child.</summary>
    public static FormDefinition ChangingPad { get; } = new(
        "changing-pad",
        "Changing pad",
        [
            new(
                "flat",
                "Flat",
                [MattressWidth with { ExampleInches = "16", ExampleMillimetres = "400 mm" }, Measures.Length with { ExampleInches = "31", ExampleMillimetres = "780 mm" }, Measures.Thickness, Measures.Detail("tuckUnder", "Tuck-under", "How far it reaches under on each side.", "2 1/2", "60 mm") with { Optional = true, MayBeZero = true, Rule = "tuckUnder" }],
                ["tub-notched"]) { Edges = ["casing-elastic", "stretched-elastic"] },
            new(
                "contoured",
                "Contoured",
                [
                    Measures.Length with { ExampleInches = "28", ExampleMillimetres = "700 mm" },
                    Measures.Across("overallWidth", "Overall width", "Side to side at the base.", "14", "360 mm"),
                    Measures.Up("sideHeight", "Side height", "From the base to the rim.", "2 3/4", "70 mm", 10m, 400m),
                    Measures.Detail("rim", "Rim", "The flat on top of one raised side.", "1 3/4", "45 mm") with { RunsAcross = true },
                    Measures.Detail("flatWidth", "Flat width", "The flat hollow in the middle, side to side.", "7", "180 mm") with { RunsAcross = true },
                    Measures.Detail("flatHeight", "Flat height", "From the base to the flat hollow.", "1", "25 mm"),
                    Measures.Detail("tuckUnder", "Tuck-under", "How far it reaches under on each side.", "2 1/2", "60 mm") with { Optional = true, MayBeZero = true, Rule = "tuckUnder" },
                ],
                ["band-ends"]) { Edges = ["casing-elastic", "stretched-elastic", "drawstring"] },
        ])
    { RuleVariants = new Dictionary<string, string> { ["seam"] = "lightSeam", ["hem"] = "padHem" } };

    /// <summary>A duvet cover.</summary>
    public static FormDefinition Duvet { get; } = new(
        "duvet",
        "Duvet",
        [
            new(
                "rectangle",
                "Duvet cover",
                [Measures.Width with { ExampleInches = "78", ExampleMillimetres = "2000 mm" }, Measures.Length with { ExampleInches = "81", ExampleMillimetres = "2000 mm" }],
                ["bag"]) { Closures = ["buttons", "snaps", "zip", "overlap", "ties", "plain"] },
        ])
    { RuleVariants = new Dictionary<string, string> { ["hem"] = "doubleHem" } };

    /// <summary>A pillowcase.</summary>
    public static FormDefinition Pillowcase { get; } = new(
        "pillowcase",
        "Pillowcase",
        [
            new("plain", "Plain hem", Pillow(), ["bag"]),
            new("flap", "With flap", Pillow(Measures.Detail("flap", "Flap", "How far the flap folds in over the pillow.", "7", "180 mm") with { Optional = true, Rule = "flap" }), ["bag"]),
            new("flange", "With flange", Pillow(Measures.Detail("flange", "Flange", "The flat border beyond the pillow, on each side.", "2", "50 mm") with { Optional = true, Rule = "flange" }), ["bag"]),
        ])
    { RuleVariants = new Dictionary<string, string>(Light) { ["hem"] = "pillowHem" } };

    private static MeasureDefinition[] Pillow(params MeasureDefinition[] more) =>
        [Measures.Width with { ExampleInches = "20", ExampleMillimetres = "500 mm" }, Measures.Length with { ExampleInches = "26", ExampleMillimetres = "700 mm" }, .. more];
}
