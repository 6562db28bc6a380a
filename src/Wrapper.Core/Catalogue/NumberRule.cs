using System.Runtime.CompilerServices;

namespace Wrapper.Core.Catalogue;

/// <summary>A rule that is a plain number, the same in inches and metric. See docs/handbook.md, "Defaults".</summary>
/// <param name="Name">Its name in the open format.</param>
/// <param name="Label">What it is called.</param>
/// <param name="Usual">The usual figure.</param>
/// <param name="Least">Less than this cannot be.</param>
/// <param name="Most">More than this cannot be.</param>
public sealed record NumberRule(string Name, string Label, decimal Usual, decimal Least, decimal Most)
{
    private static readonly List<NumberRule> Listed = [];

    internal static NumberRule ElasticRatio { get; } =
        Listing(RuleGroup.Elastic, "elasticRatio", "elastic in a casing, as part of its opening", 0.7m, 0.3m, 1m);

    internal static NumberRule Stretch { get; } = Listing(RuleGroup.Elastic, "stretch", "how far elastic is stretched on", 1.4m, 1m, 3m);

    internal static NumberRule Fullness { get; } = Listing(RuleGroup.Shape, "fullness", "fullness of a skirt", 2m, 1m, 5m);

    internal static NumberRule GapShare { get; } = Listing(RuleGroup.Closing, "gapShare", "gap, as part of a side", 0.6m, 0.1m, 1m);

    internal static NumberRule OpeningShare { get; } =
        Listing(RuleGroup.Closing, "openingShare", "part of the end sewn shut at each side", 1m / 6, 0m, 0.45m);

    internal static NumberRule ThreadPerSeam { get; } =
        Listing(RuleGroup.Supplies, "threadPerSeam", "thread to a lockstitched seam", 2.8m, 1m, 20m);

    internal static NumberRule Stuffing { get; } =
        Listing(RuleGroup.Supplies, "stuffing", "stuffing, kilograms to the cubic metre", 20m, 1m, 200m);

    internal static NumberRule Labels { get; } = Listing(RuleGroup.Supplies, "labels", "labels sewn into a cover", 0m, 0m, 4m);

    internal static NumberRule MinutesPerPiece { get; } =
        Listing(RuleGroup.Time, "minutesPerPiece", "minutes to mark and cut a piece", 4m, 0m, 120m);

    internal static NumberRule MinutesPerSeam { get; } =
        Listing(RuleGroup.Time, "minutesPerSeam", "minutes to a metre of seam", 3m, 0m, 120m);

    internal static NumberRule MinutesPerPipedSeam { get; } =
        Listing(RuleGroup.Time, "minutesPerPipedSeam", "minutes to a metre of piped seam", 6m, 0m, 120m);

    internal static NumberRule MinutesPerZip { get; } = Listing(RuleGroup.Time, "minutesPerZip", "minutes to begin a zip", 10m, 0m, 120m);

    internal static NumberRule MinutesPerZipMetre { get; } =
        Listing(RuleGroup.Time, "minutesPerZipMetre", "minutes to a metre of zip", 4m, 0m, 120m);

    internal static NumberRule MinutesPerCorner { get; } =
        Listing(RuleGroup.Time, "minutesPerCorner", "minutes to a boxed corner", 3m, 0m, 120m);

    internal static NumberRule MinutesPerJoin { get; } = Listing(RuleGroup.Time, "minutesPerJoin", "minutes to a join", 2m, 0m, 120m);

    internal static NumberRule MinutesPerHem { get; } =
        Listing(RuleGroup.Time, "minutesPerHem", "minutes to a metre of hem or casing", 4m, 0m, 120m);

    internal static NumberRule MinutesToMakePiping { get; } =
        Listing(RuleGroup.Time, "minutesToMakePiping", "minutes to make a metre of piping", 3m, 0m, 120m);

    internal static NumberRule MinutesPerDart { get; } = Listing(RuleGroup.Time, "minutesPerDart", "minutes to a dart", 2m, 0m, 120m);

    internal static NumberRule MinutesPerFinish { get; } =
        Listing(RuleGroup.Time, "minutesPerFinish", "minutes to finish a metre of raw edge", 2m, 0m, 120m);

    internal static NumberRule MinutesToThread { get; } =
        Listing(RuleGroup.Time, "minutesToThread", "minutes to thread elastic or cord", 5m, 0m, 120m);

    internal static NumberRule MinutesPerFastener { get; } =
        Listing(RuleGroup.Time, "minutesPerFastener", "minutes to a button, loop or tie", 3m, 0m, 120m);

    internal static NumberRule MinutesPerLabel { get; } =
        Listing(RuleGroup.Time, "minutesPerLabel", "minutes to sew in a label", 2m, 0m, 120m);

    internal static NumberRule MinutesPerCover { get; } =
        Listing(RuleGroup.Time, "minutesPerCover", "minutes to try a cover on", 7m, 0m, 480m);

    internal static NumberRule MinutesToTurn { get; } = Listing(RuleGroup.Time, "minutesToTurn", "minutes to turn a cover", 3m, 0m, 120m);

    internal static NumberRule MinutesToTrim { get; } =
        Listing(RuleGroup.Time, "minutesToTrim", "minutes to trim a corner", 0.5m, 0m, 120m);

    internal static NumberRule MinutesToPress { get; } = Listing(RuleGroup.Time, "minutesToPress", "minutes to press a seam", 1m, 0m, 120m);

    internal static NumberRule MinutesPerBar { get; } =
        Listing(RuleGroup.Time, "minutesPerBar", "minutes to a bar at a zip’s end", 1m, 0m, 120m);

    internal static NumberRule MinutesByHand { get; } =
        Listing(RuleGroup.Time, "minutesByHand", "minutes to close a metre by hand", 12m, 0m, 240m);

    /// <summary>All rules that are plain numbers, by name, in the order they are shown.</summary>
    public static IReadOnlyDictionary<string, NumberRule> All { get; } = Listed.ToDictionary(rule => rule.Name);

    /// <summary>What it is about.</summary>
    public RuleGroup Group { get; private init; }

    /// <summary>Each is listed once: one is the same as itself only, and found without comparing its figures.</summary>
    public bool Equals(NumberRule? other) => ReferenceEquals(this, other);

    /// <inheritdoc />
    public override int GetHashCode() => RuntimeHelpers.GetHashCode(this);

    private static NumberRule Listing(RuleGroup group, string name, string label, decimal usual, decimal least, decimal most)
    {
        var rule = new NumberRule(name, label, usual, least, most) { Group = group };
        Listed.Add(rule);
        return rule;
    }
}
