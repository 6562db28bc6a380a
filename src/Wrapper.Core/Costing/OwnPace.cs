using Wrapper.Core.Catalogue;
using Wrapper.Core.Sewing.Operations;

namespace Wrapper.Core.Costing;

/// <summary>How long something took that was ticked.</summary>
/// <param name="Kind">What was done; marking stands for marking and cutting a piece.</param>
/// <param name="Minutes">How long it took.</param>
/// <param name="Metres">How much was sewn.</param>
/// <param name="Items">How many, where it is counted.</param>
public sealed record TickedWork(OperationKind Kind, double Minutes, double Metres, int Items);

/// <summary>The house's own pace, from what it ticked: it takes the place of the usual minutes. See docs/handbook.md, "Minutes".</summary>
public static class OwnPace
{
    /// <summary>So many of a kind, the latest, say its pace; fewer than <see cref="Fewest"/> say nothing.</summary>
    public const int Latest = 10;

    /// <summary>From so many on a kind has a pace.</summary>
    public const int Fewest = 5;

    /// <summary>What was ticked faster was ticked after the fact.</summary>
    private const double LeastMinutes = 0.1;

    private static readonly Dictionary<OperationKind, (NumberRule Rule, bool IsByMetre)> Paces = new()
    {
        [OperationKind.Mark] = (NumberRule.MinutesPerPiece, false),
        [OperationKind.Seam] = (NumberRule.MinutesPerSeam, true),
        [OperationKind.Corner] = (NumberRule.MinutesPerCorner, false),
        [OperationKind.Join] = (NumberRule.MinutesPerJoin, false),
        [OperationKind.Dart] = (NumberRule.MinutesPerDart, false),
        [OperationKind.Hem] = (NumberRule.MinutesPerHem, true),
        [OperationKind.MakePiping] = (NumberRule.MinutesToMakePiping, true),
        [OperationKind.Finish] = (NumberRule.MinutesPerFinish, true),
        [OperationKind.Thread] = (NumberRule.MinutesToThread, false),
        [OperationKind.Buttons] = (NumberRule.MinutesPerFastener, false),
        [OperationKind.Label] = (NumberRule.MinutesPerLabel, false),
        [OperationKind.TryOn] = (NumberRule.MinutesPerCover, false),
    };

    /// <summary>The minutes of each kind that was ticked often enough: the median of the latest, per metre or per item.</summary>
    /// <param name="ticked">What was ticked, the latest first.</param>
    public static IReadOnlyDictionary<NumberRule, decimal> Of(IEnumerable<TickedWork> ticked)
    {
        var pace = new Dictionary<NumberRule, decimal>();
        foreach (var kind in ticked.Where(work => work.Minutes >= LeastMinutes).GroupBy(work => work.Kind))
        {
            if (!Paces.TryGetValue(kind.Key, out var how))
            {
                continue;
            }

            var rates = kind.Select(work => work.Minutes / (how.IsByMetre ? work.Metres : work.Items))
                .Where(double.IsFinite)
                .Take(Latest)
                .Order()
                .ToList();
            if (rates.Count >= Fewest)
            {
                var median = rates.Count % 2 == 1 ? rates[rates.Count / 2] : (rates[(rates.Count / 2) - 1] + rates[rates.Count / 2]) / 2;
                pace[how.Rule] = Math.Clamp(Math.Round((decimal)median, 2), how.Rule.Least, how.Rule.Most);
            }
        }

        return pace;
    }
}
