using Wrapper.Core.Units;

namespace Wrapper.Core.Catalogue;

/// <summary>
/// Every rule there is, with its usual figures. Some stand for a general rule on a family of things: <c>lightSeam</c> is
/// the seam of table and bed goods; a house can change each. See docs/handbook.md, "Defaults".
/// </summary>
public static class RuleCatalogue
{
    /// <summary>All rules that are lengths, by name.</summary>
    public static IReadOnlyDictionary<string, RuleDefinition> All { get; } = new[]
    {
        Rule("seam", "seam", Inch(1, 2), 12, 1, 100),
        Rule("lightSeam", "seam", Inch(3, 8), 10, 1, 100),
        Rule("tubSeam", "seam", Inch(1, 4), 6, 1, 100),
        Rule("fittingSeam", "fitting seam", Length.FromInches(1, 1, 4), 30, 1, 200),
        Rule("trimSeam", "seam after fitting", Inch(3, 8), 10, 1, 100),
        Rule("zip", "zip turning", Inch(3, 4), 20, 0, 100),
        Rule("zipTurn", "zip turn", Length.FromInches(3), 75, -2000, 5000),
        Rule("zipReach", "zip reach", Length.FromInches(4), 100, 0, 5000),
        Rule("zipClear", "zip clearance", Inch(1, 2), 12, 0, 500),
        Rule("tapeWidth", "tape width", Length.FromInches(1), 25, 5, 100),
        Rule("pocketLap", "pocket lap", Length.FromInches(1), 25, 1, 200),
        Rule("pipingLap", "piping lap", Length.FromInches(3), 75, 0, 500),
        Rule("cord", "cord", Inch(3, 16), 5, 1, 50),
        Rule("clothThickness", "thickness of heavy cloth", Length.Zero, 0, 0, 20),
        Rule("joinSeam", "join seam", Inch(1, 2), 12, 1, 100),
        Rule("hem", "hem", Length.FromInches(1, 1, 4), 30, 0, 500),
        Rule("tableHem", "hem", Length.FromInches(1, 1, 4), 30, 0, 500),
        Rule("sheetHem", "hem", Length.FromInches(1), 25, 0, 500),
        Rule("padHem", "hem", Inch(5, 8), 15, 0, 500),
        Rule("pillowHem", "hem", Length.FromInches(1, 1, 4), 30, 0, 500),
        Rule("chairBackHem", "hem", Length.FromInches(1), 25, 0, 500),
        Rule("ottomanHem", "turn", Inch(1, 2), 12, 0, 500),
        Rule("boardHem", "turn", Inch(3, 8), 10, 0, 500),
        Rule("doubleHem", "double hem", Length.FromInches(2, 1, 2), 60, 0, 500),
        Rule("sideSeam", "side seam", Inch(5, 8), 15, 1, 100),
        Rule("closedEnd", "closed end", Inch(5, 8), 15, 0, 500),
        Rule("bolsterClosedEnd", "closed end", Length.FromInches(4), 100, 0, 2000),
        Rule("bandClosedEnd", "closed end", Inch(1, 2), 12, 0, 500),
        Rule("ease", "ease", Inch(3, 4), 20, 0, 300),
        Rule("pin", "pin allowance", Length.FromInches(1, 1, 2), 40, 0, 500),
        Rule("tuck", "tuck-in", Length.FromInches(3), 75, 0, 1000),
        Rule("tuckSpare", "spare", Length.FromInches(4), 100, 0, 1000),
        Rule("stripSpare", "strip spare", Length.FromInches(2), 50, 0, 500),
        Rule("tail", "tail", Length.FromInches(9), 230, 0, 1000),
        Rule("gap", "turning gap", Length.FromInches(5, 1, 2), 140, 0, 2000),
        Rule("chairBackGap", "turning gap", Length.FromInches(8), 200, 0, 2000),
        Rule("margin", "margin", Length.FromInches(2, 1, 4), 60, 1, 1000),
        Rule("wall", "wall", Length.FromInches(3, 1, 2), 90, 1, 1000),
        Rule("casing", "casing", Inch(7, 8), 22, 0, 200),
        Rule("casingTurn", "casing turn", Inch(3, 8), 10, 0, 200),
        Rule("casingEase", "casing ease", Inch(1, 8), 3, 0, 100),
        Rule("elasticWidth", "elastic width", Inch(1, 2), 12, 1, 100),
        Rule("elasticLap", "elastic lap", Length.FromInches(1), 25.4m, 0, 200),
        Rule("threadingGap", "threading gap", Length.FromInches(1, 1, 4), 30, 0, 200),
        Rule("cordTail", "cord tail", Length.FromInches(9), 230, 0, 1000),
        Rule("ironingTail", "cord tail", Length.FromInches(6), 150, 0, 1000),
        Rule("tuckUnder", "tuck-under", Length.FromInches(2, 1, 2), 60, 0, 1000),
        Rule("flap", "flap", Length.FromInches(7), 180, 0, 1000),
        Rule("overlapFlap", "flap", Length.FromInches(8), 200, 0, 1000),
        Rule("flange", "flange", Length.FromInches(2), 50, 0, 500),
        Rule("backOverlap", "overlap", Length.FromInches(6), 150, 0, 1000),
        Rule("buttonSpacing", "button spacing", Length.FromInches(8), 200, 10, 2000),
        Rule("loop", "loop", Length.FromInches(1, 3, 4), 45, 5, 300),
        Rule("tie", "tie", Length.FromInches(16), 400, 50, 2000),
        Rule("tieSpacing", "tie spacing", Length.FromInches(16), 400, 20, 3000),
        Rule("reach", "reach-in slit", Length.FromInches(6), 150, 0, 1000),
        Rule("pleatDepth", "pleat depth", Length.FromInches(3), 75, 0, 500),
        Rule("skirtDrop", "skirt drop", Length.FromInches(6), 150, 10, 2000),
        Rule("tailClear", "tail beyond the thickness", Length.FromInches(4), 100, 0, 500),
        Rule("postEase", "ease at a post", Inch(1, 2), 12, 0, 100),
        Rule("fit.width", "width fit", Length.Zero, 0, -300, 300),
        Rule("fit.depth", "depth fit", Length.Zero, 0, -300, 300),
        Rule("fit.thickness", "thickness fit", Length.Zero, 0, -300, 300),
        Rule("cutStep", "cut step", Inch(1, 16), 1, 0.1m, 25.4m),
        Rule("buyStep", "buying step", Length.FromInches(9), 100, 1, 2000),
        Rule("endTrim", "end trim", Length.FromInches(1), 25, 0, 500),
        Rule("keep", "least remnant kept", Length.FromInches(12), 300, 10, 5000),
    }.ToDictionary(rule => rule.Name);

    /// <summary>All rules that are plain numbers, by name.</summary>
    public static IReadOnlyDictionary<string, NumberRuleDefinition> Numbers { get; } = new NumberRuleDefinition[]
    {
        new("elasticRatio", "elastic in a casing, as part of its opening", 0.7m, 0.3m, 1m),
        new("stretch", "how far elastic is stretched on", 1.4m, 1m, 3m),
        new("fullness", "fullness of a skirt", 2m, 1m, 5m),
        new("gapShare", "gap, as part of a side", 0.6m, 0.1m, 1m),
        new("openingShare", "part of the end sewn shut at each side", 1m / 6, 0m, 0.45m),
        new("threadPerSeam", "thread to a lockstitched seam", 2.8m, 1m, 20m),
        new("stuffing", "stuffing, kilograms to the cubic metre", 20m, 1m, 200m),
        new("minutesPerPiece", "minutes to mark and cut a piece", 4m, 0m, 120m),
        new("minutesPerSeam", "minutes to a metre of seam", 3m, 0m, 120m),
        new("minutesPerPipedSeam", "minutes to a metre of piped seam", 6m, 0m, 120m),
        new("minutesPerZip", "minutes to begin a zip", 10m, 0m, 120m),
        new("minutesPerZipMetre", "minutes to a metre of zip", 4m, 0m, 120m),
        new("minutesPerCorner", "minutes to a boxed corner", 3m, 0m, 120m),
        new("minutesPerJoin", "minutes to a join", 2m, 0m, 120m),
        new("minutesPerHem", "minutes to a metre of hem or casing", 4m, 0m, 120m),
        new("minutesPerCover", "minutes to turn and fit a cover", 10m, 0m, 480m),
    }.ToDictionary(rule => rule.Name);

    private static Length Inch(int numerator, int denominator) => Length.FromInches(0, numerator, denominator);

    private static RuleDefinition Rule(string name, string label, Length imperial, decimal metric, decimal least, decimal most) =>
        new(name, label, imperial, Length.FromMillimetres(metric), Length.FromMillimetres(least), Length.FromMillimetres(most));
}
