using System.Runtime.CompilerServices;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

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
public sealed record Rule(string Name, string Label, Length Imperial, Length Metric, Length Least, Length Most) : IFigureSubject
{
    private static readonly List<Rule> InOrder = [];

    internal static Rule Seam { get; } = Listing(RuleGroup.Seams, "seam", "seam", Inch(1, 2), 12, 1, 100);

    internal static Rule LightSeam { get; } = Listing(RuleGroup.Seams, "lightSeam", "seam", Inch(3, 8), 10, 1, 100);

    internal static Rule TubSeam { get; } = Listing(RuleGroup.Seams, "tubSeam", "seam", Inch(1, 4), 6, 1, 100);

    internal static Rule FittingSeam { get; } =
        Listing(RuleGroup.Seams, "fittingSeam", "fitting seam", Length.FromInches(1, 1, 4), 30, 1, 200);

    internal static Rule TrimSeam { get; } = Rare(RuleGroup.Seams, "trimSeam", "seam after fitting", Inch(3, 8), 10, 1, 100);

    internal static Rule Zip { get; } = Listing(RuleGroup.Closing, "zip", "zip turning", Inch(3, 4), 20, 0, 100);

    internal static Rule ZipTurn { get; } = Listing(RuleGroup.Closing, "zipTurn", "zip turn", Length.FromInches(3), 75, -2000, 5000);

    internal static Rule ZipReach { get; } = Listing(RuleGroup.Closing, "zipReach", "zip reach", Length.FromInches(4), 100, 0, 5000);

    internal static Rule ZipClear { get; } = Listing(RuleGroup.Closing, "zipClear", "zip clearance", Inch(1, 2), 12, 0, 500);

    internal static Rule TapeWidth { get; } = Rare(RuleGroup.Closing, "tapeWidth", "tape width", Length.FromInches(1), 25, 5, 100);

    internal static Rule PocketLap { get; } = Listing(RuleGroup.Closing, "pocketLap", "pocket lap", Length.FromInches(1), 25, 1, 200);

    internal static Rule PipingLap { get; } = Listing(RuleGroup.Piping, "pipingLap", "piping lap", Length.FromInches(3), 75, 0, 500);

    internal static Rule Cord { get; } = Listing(RuleGroup.Piping, "cord", "cord", Inch(3, 16), 5, 1, 50);

    internal static Rule ClothThickness { get; } =
        Rare(RuleGroup.Seams, "clothThickness", "thickness of heavy cloth", Length.Zero, 0, 0, 20);

    internal static Rule JoinSeam { get; } = Listing(RuleGroup.Seams, "joinSeam", "join seam", Inch(1, 2), 12, 1, 100);

    internal static Rule Hem { get; } = Listing(RuleGroup.Hems, "hem", "hem", Length.FromInches(1, 1, 4), 30, 0, 500);

    internal static Rule TableHem { get; } = Listing(RuleGroup.Hems, "tableHem", "hem", Length.FromInches(1, 1, 4), 30, 0, 500);

    internal static Rule SheetHem { get; } = Listing(RuleGroup.Hems, "sheetHem", "hem", Length.FromInches(1), 25, 0, 500);

    internal static Rule PadHem { get; } = Listing(RuleGroup.Hems, "padHem", "hem", Inch(5, 8), 15, 0, 500);

    internal static Rule PillowHem { get; } = Listing(RuleGroup.Hems, "pillowHem", "hem", Length.FromInches(1, 1, 4), 30, 0, 500);

    internal static Rule ChairBackHem { get; } = Listing(RuleGroup.Hems, "chairBackHem", "hem", Length.FromInches(1), 25, 0, 500);

    internal static Rule OttomanHem { get; } = Listing(RuleGroup.Hems, "ottomanHem", "turn", Inch(1, 2), 12, 0, 500);

    internal static Rule BoardHem { get; } = Listing(RuleGroup.Hems, "boardHem", "turn", Inch(3, 8), 10, 0, 500);

    internal static Rule SheetInset { get; } = Rare(RuleGroup.Hems, "sheetInset", "inset from a sheet’s hems", Inch(3, 8), 10, 3, 50);

    internal static Rule RollHem { get; } = Rare(RuleGroup.Hems, "rollHem", "each fold of a roll hem", Inch(1, 2), 12, 3, 50);

    internal static Rule DoubleHem { get; } = Listing(RuleGroup.Hems, "doubleHem", "double hem", Length.FromInches(2, 1, 2), 60, 0, 500);

    internal static Rule SideSeam { get; } = Listing(RuleGroup.Seams, "sideSeam", "side seam", Inch(5, 8), 15, 1, 100);

    internal static Rule ClosedEnd { get; } = Rare(RuleGroup.Seams, "closedEnd", "closed end", Inch(5, 8), 15, 0, 500);

    internal static Rule BolsterClosedEnd { get; } =
        Rare(RuleGroup.Seams, "bolsterClosedEnd", "closed end", Length.FromInches(4), 100, 0, 2000);

    internal static Rule BandClosedEnd { get; } = Rare(RuleGroup.Seams, "bandClosedEnd", "closed end", Inch(1, 2), 12, 0, 500);

    internal static Rule Ease { get; } = Listing(RuleGroup.Shape, "ease", "ease", Inch(3, 4), 20, 0, 300);

    internal static Rule Pin { get; } = Rare(RuleGroup.Shape, "pin", "pin allowance", Length.FromInches(1, 1, 2), 40, 0, 500);

    internal static Rule Tuck { get; } = Listing(RuleGroup.Shape, "tuck", "tuck-in", Length.FromInches(3), 75, 0, 1000);

    internal static Rule TuckSpare { get; } = Rare(RuleGroup.Shape, "tuckSpare", "spare", Length.FromInches(4), 100, 0, 1000);

    internal static Rule StripSpare { get; } = Rare(RuleGroup.Piping, "stripSpare", "strip spare", Length.FromInches(2), 50, 0, 500);

    internal static Rule Tail { get; } = Rare(RuleGroup.Closing, "tail", "tail", Length.FromInches(9), 230, 0, 1000);

    internal static Rule Gap { get; } = Listing(RuleGroup.Closing, "gap", "turning gap", Length.FromInches(5, 1, 2), 140, 0, 2000);

    internal static Rule ChairBackGap { get; } =
        Listing(RuleGroup.Closing, "chairBackGap", "turning gap", Length.FromInches(8), 200, 0, 2000);

    internal static Rule Margin { get; } = Listing(RuleGroup.Hems, "margin", "margin", Length.FromInches(2, 1, 4), 60, 1, 1000);

    internal static Rule Wall { get; } = Listing(RuleGroup.Hems, "wall", "wall", Length.FromInches(3, 1, 2), 90, 1, 1000);

    internal static Rule Casing { get; } = Rare(RuleGroup.Elastic, "casing", "casing", Inch(7, 8), 22, 0, 200);

    internal static Rule CasingTurn { get; } = Rare(RuleGroup.Elastic, "casingTurn", "casing turn", Inch(3, 8), 10, 0, 200);

    internal static Rule CasingEase { get; } = Rare(RuleGroup.Elastic, "casingEase", "casing ease", Inch(1, 8), 3, 0, 100);

    internal static Rule ElasticWidth { get; } = Listing(RuleGroup.Elastic, "elasticWidth", "elastic width", Inch(1, 2), 12, 1, 100);

    internal static Rule ElasticLap { get; } = Rare(RuleGroup.Elastic, "elasticLap", "elastic lap", Length.FromInches(1), 25.4m, 0, 200);

    internal static Rule ThreadingGap { get; } =
        Rare(RuleGroup.Elastic, "threadingGap", "threading gap", Length.FromInches(1, 1, 4), 30, 0, 200);

    internal static Rule CordTail { get; } = Rare(RuleGroup.Elastic, "cordTail", "cord tail", Length.FromInches(9), 230, 0, 1000);

    internal static Rule IroningTail { get; } = Rare(RuleGroup.Elastic, "ironingTail", "cord tail", Length.FromInches(6), 150, 0, 1000);

    internal static Rule TuckUnder { get; } = Listing(RuleGroup.Shape, "tuckUnder", "tuck-under", Length.FromInches(2, 1, 2), 60, 0, 1000);

    internal static Rule Flap { get; } = Listing(RuleGroup.Closing, "flap", "flap", Length.FromInches(7), 180, 0, 1000);

    internal static Rule OverlapFlap { get; } = Listing(RuleGroup.Closing, "overlapFlap", "flap", Length.FromInches(8), 200, 0, 1000);

    internal static Rule Flange { get; } = Listing(RuleGroup.Shape, "flange", "flange", Length.FromInches(2), 50, 0, 500);

    internal static Rule BackOverlap { get; } = Listing(RuleGroup.Closing, "backOverlap", "overlap", Length.FromInches(6), 150, 0, 1000);

    internal static Rule ButtonSpacing { get; } =
        Rare(RuleGroup.Closing, "buttonSpacing", "button spacing", Length.FromInches(8), 200, 10, 2000);

    internal static Rule Loop { get; } = Rare(RuleGroup.Closing, "loop", "loop", Length.FromInches(1, 3, 4), 45, 5, 300);

    internal static Rule Tie { get; } = Listing(RuleGroup.Ties, "tie", "tie", Length.FromInches(16), 400, 50, 2000);

    internal static Rule TieSpacing { get; } = Listing(RuleGroup.Ties, "tieSpacing", "tie spacing", Length.FromInches(16), 400, 20, 3000);

    internal static Rule Reach { get; } = Rare(RuleGroup.Closing, "reach", "reach-in slit", Length.FromInches(6), 150, 0, 1000);

    internal static Rule PleatDepth { get; } = Listing(RuleGroup.Shape, "pleatDepth", "pleat depth", Length.FromInches(3), 75, 0, 500);

    internal static Rule SkirtDrop { get; } = Listing(RuleGroup.Shape, "skirtDrop", "skirt drop", Length.FromInches(6), 150, 10, 2000);

    internal static Rule TailClear { get; } =
        Rare(RuleGroup.Closing, "tailClear", "tail beyond the thickness", Length.FromInches(4), 100, 0, 500);

    internal static Rule PostEase { get; } = Rare(RuleGroup.Shape, "postEase", "ease at a post", Inch(1, 2), 12, 0, 100);

    internal static Rule FitWidth { get; } = Listing(RuleGroup.Fit, "fit.width", "width fit", Length.Zero, 0, -300, 300);

    internal static Rule FitDepth { get; } = Listing(RuleGroup.Fit, "fit.depth", "depth fit", Length.Zero, 0, -300, 300);

    internal static Rule FitThickness { get; } = Listing(RuleGroup.Fit, "fit.thickness", "thickness fit", Length.Zero, 0, -300, 300);

    internal static Rule CutStep { get; } = Rare(RuleGroup.Cutting, "cutStep", "cut step", Inch(1, 16), 1, 0.1m, 25.4m);

    /// <summary>The step a merchant sells cloth by.</summary>
    public static Rule BuyStep { get; } = Rare(RuleGroup.Cutting, "buyStep", "buying step", Length.FromInches(9), 100, 1, 2000);

    internal static Rule EndTrim { get; } = Rare(RuleGroup.Cutting, "endTrim", "end trim", Length.FromInches(1), 25, 0, 500);

    internal static Rule Keep { get; } = Rare(RuleGroup.Cutting, "keep", "least remnant kept", Length.FromInches(12), 300, 10, 5000);

    /// <summary>All rules that are lengths, by name, in the order they are shown.</summary>
    public static IReadOnlyDictionary<string, Rule> All { get; } = InOrder.ToDictionary(rule => rule.Name);

    private static Length Inch(int numerator, int denominator) => Length.FromInches(0, numerator, denominator);

    /// <summary>Each is listed once: one is the same as itself only, and found without comparing its figures.</summary>
    public bool Equals(Rule? other) => ReferenceEquals(this, other);

    /// <inheritdoc />
    public override int GetHashCode() => RuntimeHelpers.GetHashCode(this);

    /// <summary>What it is about.</summary>
    public RuleGroup Group { get; private init; }

    /// <summary>It is seldom changed on one cover, and is shown one level down.</summary>
    public bool IsRare { get; private init; }

    private static Rule Rare(RuleGroup group, string name, string label, Length imperial, decimal metric, decimal least, decimal most) =>
        Listed(new(name, label, imperial, InMetric(metric), InMetric(least), InMetric(most)) { Group = group, IsRare = true });

    private static Rule Listing(RuleGroup group, string name, string label, Length imperial, decimal metric, decimal least, decimal most) =>
        Listed(new(name, label, imperial, InMetric(metric), InMetric(least), InMetric(most)) { Group = group });

    private static Length InMetric(decimal millimetres) => Length.FromMillimetres(millimetres);

    private static Rule Listed(Rule rule)
    {
        InOrder.Add(rule);
        return rule;
    }
}
