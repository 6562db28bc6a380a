using System.Runtime.CompilerServices;
using Wrapper.Core.Units;

namespace Wrapper.Core.Catalogue;

/// <summary>
/// A rule of the workroom that has a usual figure in inches and a twin in metric, not a conversion. Some stand for a general
/// rule on a family of things: <see cref="LightSeam"/> is the seam of table and bed goods; a house can change each. See
/// docs/handbook.md, "Defaults".
/// </summary>
/// <param name="Name">Its name in the open format.</param>
/// <param name="Label">What it is called on screen and in the working.</param>
/// <param name="Imperial">The usual figure in an inch house.</param>
/// <param name="Metric">The usual figure in a metric house.</param>
/// <param name="Least">Less than this cannot be.</param>
/// <param name="Most">More than this cannot be.</param>
public sealed record Rule(string Name, string Label, Length Imperial, Length Metric, Length Least, Length Most)
{
    private static readonly List<Rule> Listed = [];

    internal static Rule Seam { get; } = Listing("seam", "seam", Inch(1, 2), 12, 1, 100);

    internal static Rule LightSeam { get; } = Listing("lightSeam", "seam", Inch(3, 8), 10, 1, 100);

    internal static Rule TubSeam { get; } = Listing("tubSeam", "seam", Inch(1, 4), 6, 1, 100);

    internal static Rule FittingSeam { get; } = Listing("fittingSeam", "fitting seam", Length.FromInches(1, 1, 4), 30, 1, 200);

    internal static Rule TrimSeam { get; } = Listing("trimSeam", "seam after fitting", Inch(3, 8), 10, 1, 100);

    internal static Rule Zip { get; } = Listing("zip", "zip turning", Inch(3, 4), 20, 0, 100);

    internal static Rule ZipTurn { get; } = Listing("zipTurn", "zip turn", Length.FromInches(3), 75, -2000, 5000);

    internal static Rule ZipReach { get; } = Listing("zipReach", "zip reach", Length.FromInches(4), 100, 0, 5000);

    internal static Rule ZipClear { get; } = Listing("zipClear", "zip clearance", Inch(1, 2), 12, 0, 500);

    internal static Rule TapeWidth { get; } = Listing("tapeWidth", "tape width", Length.FromInches(1), 25, 5, 100);

    internal static Rule PocketLap { get; } = Listing("pocketLap", "pocket lap", Length.FromInches(1), 25, 1, 200);

    internal static Rule PipingLap { get; } = Listing("pipingLap", "piping lap", Length.FromInches(3), 75, 0, 500);

    internal static Rule Cord { get; } = Listing("cord", "cord", Inch(3, 16), 5, 1, 50);

    internal static Rule ClothThickness { get; } = Listing("clothThickness", "thickness of heavy cloth", Length.Zero, 0, 0, 20);

    internal static Rule JoinSeam { get; } = Listing("joinSeam", "join seam", Inch(1, 2), 12, 1, 100);

    internal static Rule Hem { get; } = Listing("hem", "hem", Length.FromInches(1, 1, 4), 30, 0, 500);

    internal static Rule TableHem { get; } = Listing("tableHem", "hem", Length.FromInches(1, 1, 4), 30, 0, 500);

    internal static Rule SheetHem { get; } = Listing("sheetHem", "hem", Length.FromInches(1), 25, 0, 500);

    internal static Rule PadHem { get; } = Listing("padHem", "hem", Inch(5, 8), 15, 0, 500);

    internal static Rule PillowHem { get; } = Listing("pillowHem", "hem", Length.FromInches(1, 1, 4), 30, 0, 500);

    internal static Rule ChairBackHem { get; } = Listing("chairBackHem", "hem", Length.FromInches(1), 25, 0, 500);

    internal static Rule OttomanHem { get; } = Listing("ottomanHem", "turn", Inch(1, 2), 12, 0, 500);

    internal static Rule BoardHem { get; } = Listing("boardHem", "turn", Inch(3, 8), 10, 0, 500);

    internal static Rule SheetInset { get; } = Listing("sheetInset", "inset from a sheet’s hems", Inch(3, 8), 10, 3, 50);

    internal static Rule RollHem { get; } = Listing("rollHem", "each fold of a roll hem", Inch(1, 2), 12, 3, 50);

    internal static Rule DoubleHem { get; } = Listing("doubleHem", "double hem", Length.FromInches(2, 1, 2), 60, 0, 500);

    internal static Rule SideSeam { get; } = Listing("sideSeam", "side seam", Inch(5, 8), 15, 1, 100);

    internal static Rule ClosedEnd { get; } = Listing("closedEnd", "closed end", Inch(5, 8), 15, 0, 500);

    internal static Rule BolsterClosedEnd { get; } = Listing("bolsterClosedEnd", "closed end", Length.FromInches(4), 100, 0, 2000);

    internal static Rule BandClosedEnd { get; } = Listing("bandClosedEnd", "closed end", Inch(1, 2), 12, 0, 500);

    internal static Rule Ease { get; } = Listing("ease", "ease", Inch(3, 4), 20, 0, 300);

    internal static Rule Pin { get; } = Listing("pin", "pin allowance", Length.FromInches(1, 1, 2), 40, 0, 500);

    internal static Rule Tuck { get; } = Listing("tuck", "tuck-in", Length.FromInches(3), 75, 0, 1000);

    internal static Rule TuckSpare { get; } = Listing("tuckSpare", "spare", Length.FromInches(4), 100, 0, 1000);

    internal static Rule StripSpare { get; } = Listing("stripSpare", "strip spare", Length.FromInches(2), 50, 0, 500);

    internal static Rule Tail { get; } = Listing("tail", "tail", Length.FromInches(9), 230, 0, 1000);

    internal static Rule Gap { get; } = Listing("gap", "turning gap", Length.FromInches(5, 1, 2), 140, 0, 2000);

    internal static Rule ChairBackGap { get; } = Listing("chairBackGap", "turning gap", Length.FromInches(8), 200, 0, 2000);

    internal static Rule Margin { get; } = Listing("margin", "margin", Length.FromInches(2, 1, 4), 60, 1, 1000);

    internal static Rule Wall { get; } = Listing("wall", "wall", Length.FromInches(3, 1, 2), 90, 1, 1000);

    internal static Rule Casing { get; } = Listing("casing", "casing", Inch(7, 8), 22, 0, 200);

    internal static Rule CasingTurn { get; } = Listing("casingTurn", "casing turn", Inch(3, 8), 10, 0, 200);

    internal static Rule CasingEase { get; } = Listing("casingEase", "casing ease", Inch(1, 8), 3, 0, 100);

    internal static Rule ElasticWidth { get; } = Listing("elasticWidth", "elastic width", Inch(1, 2), 12, 1, 100);

    internal static Rule ElasticLap { get; } = Listing("elasticLap", "elastic lap", Length.FromInches(1), 25.4m, 0, 200);

    internal static Rule ThreadingGap { get; } = Listing("threadingGap", "threading gap", Length.FromInches(1, 1, 4), 30, 0, 200);

    internal static Rule CordTail { get; } = Listing("cordTail", "cord tail", Length.FromInches(9), 230, 0, 1000);

    internal static Rule IroningTail { get; } = Listing("ironingTail", "cord tail", Length.FromInches(6), 150, 0, 1000);

    internal static Rule TuckUnder { get; } = Listing("tuckUnder", "tuck-under", Length.FromInches(2, 1, 2), 60, 0, 1000);

    internal static Rule Flap { get; } = Listing("flap", "flap", Length.FromInches(7), 180, 0, 1000);

    internal static Rule OverlapFlap { get; } = Listing("overlapFlap", "flap", Length.FromInches(8), 200, 0, 1000);

    internal static Rule Flange { get; } = Listing("flange", "flange", Length.FromInches(2), 50, 0, 500);

    internal static Rule BackOverlap { get; } = Listing("backOverlap", "overlap", Length.FromInches(6), 150, 0, 1000);

    internal static Rule ButtonSpacing { get; } = Listing("buttonSpacing", "button spacing", Length.FromInches(8), 200, 10, 2000);

    internal static Rule Loop { get; } = Listing("loop", "loop", Length.FromInches(1, 3, 4), 45, 5, 300);

    internal static Rule Tie { get; } = Listing("tie", "tie", Length.FromInches(16), 400, 50, 2000);

    internal static Rule TieSpacing { get; } = Listing("tieSpacing", "tie spacing", Length.FromInches(16), 400, 20, 3000);

    internal static Rule Reach { get; } = Listing("reach", "reach-in slit", Length.FromInches(6), 150, 0, 1000);

    internal static Rule PleatDepth { get; } = Listing("pleatDepth", "pleat depth", Length.FromInches(3), 75, 0, 500);

    internal static Rule SkirtDrop { get; } = Listing("skirtDrop", "skirt drop", Length.FromInches(6), 150, 10, 2000);

    internal static Rule TailClear { get; } = Listing("tailClear", "tail beyond the thickness", Length.FromInches(4), 100, 0, 500);

    internal static Rule PostEase { get; } = Listing("postEase", "ease at a post", Inch(1, 2), 12, 0, 100);

    internal static Rule FitWidth { get; } = Listing("fit.width", "width fit", Length.Zero, 0, -300, 300);

    internal static Rule FitDepth { get; } = Listing("fit.depth", "depth fit", Length.Zero, 0, -300, 300);

    internal static Rule FitThickness { get; } = Listing("fit.thickness", "thickness fit", Length.Zero, 0, -300, 300);

    internal static Rule CutStep { get; } = Listing("cutStep", "cut step", Inch(1, 16), 1, 0.1m, 25.4m);

    /// <summary>The step a merchant sells cloth by.</summary>
    public static Rule BuyStep { get; } = Listing("buyStep", "buying step", Length.FromInches(9), 100, 1, 2000);

    internal static Rule EndTrim { get; } = Listing("endTrim", "end trim", Length.FromInches(1), 25, 0, 500);

    internal static Rule Keep { get; } = Listing("keep", "least remnant kept", Length.FromInches(12), 300, 10, 5000);

    /// <summary>All rules that are lengths, by name, in the order they are shown.</summary>
    public static IReadOnlyDictionary<string, Rule> All { get; } = Listed.ToDictionary(rule => rule.Name);

    private static Length Inch(int numerator, int denominator) => Length.FromInches(0, numerator, denominator);

    /// <summary>Each is listed once: one is the same as itself only, and found without comparing its figures.</summary>
    public bool Equals(Rule? other) => ReferenceEquals(this, other);

    /// <inheritdoc />
    public override int GetHashCode() => RuntimeHelpers.GetHashCode(this);

    private static Rule Listing(string name, string label, Length imperial, decimal metric, decimal least, decimal most)
    {
        var rule = new Rule(
            name,
            label,
            imperial,
            Length.FromMillimetres(metric),
            Length.FromMillimetres(least),
            Length.FromMillimetres(most)
        );
        Listed.Add(rule);
        return rule;
    }
}
