using System.Globalization;
using Wrapper.Core.Costing;
using Wrapper.Core.Sewing.Operations;
using Wrapper.Core.Units;
using Wrapper.Formats.Documents;

namespace Wrapper.Jobs;

/// <summary>The minutes that the house’s own ticks say, by the names of its rules.</summary>
public static class HousePace
{
    /// <summary>What was ticked of pieces that were cut, in the open format.</summary>
    private const string Cutting = "cut";

    /// <summary>The pace of a house.</summary>
    /// <param name="latest">The latest entries of work that was sewn and cut, the latest first.</param>
    public static IReadOnlyDictionary<string, string> Of(IEnumerable<WorkEntry> latest) =>
        OwnPace
            .Of(latest.Select(Ticked).OfType<TickedWork>())
            .ToDictionary(rule => rule.Key.Name, rule => rule.Value.ToString(CultureInfo.InvariantCulture));

    private static TickedWork? Ticked(WorkEntry entry) =>
        entry is TimedEntry { Minutes: { } minutes, Pace: { } pace } && KindOf(pace.Kind) is { } kind
            ? new(kind, minutes * Math.Clamp(pace.Share, 0, 1), pace.Metres, pace.Items)
            : null;

    /// <summary>A piece is marked and cut in one; the card on which pieces are marked again is no measure of that.</summary>
    private static OperationKind? KindOf(string word) =>
        word == Cutting ? OperationKind.Mark
        : Words.Read<OperationKind>(word) is { } kind and not OperationKind.Mark ? kind
        : null;
}
