using Wrapper.Core.Units;
using Wrapper.Formats.Documents;
using Wrapper.Formats.Validation;
using Wrapper.Jobs;
using Wrapper.Store;
using Wrapper.Web.Answers;

namespace Wrapper.Web.Stored;

/// <summary>The house's settings as they are stored, read for whatever needs them.</summary>
internal static class StoredHouse
{
    /// <summary>Enough entries of each to hold the latest ten of every kind.</summary>
    private const int LatestSewn = 400;
    private const int LatestCut = 40;

    /// <summary>The house's rules as they stand.</summary>
    public static IReadOnlyDictionary<string, string> Rules(JobStore store) => Document(store.House()).Rules;

    /// <summary>The schools it sews by.</summary>
    public static IReadOnlyDictionary<string, string> Schools(JobStore store) => Document(store.House()).Schools;

    /// <summary>
    /// Its rules with its own pace where it has no rule: only what tells minutes asks for that, for every tick of late is read.
    /// </summary>
    public static IReadOnlyDictionary<string, string> RulesAndPace(JobStore store)
    {
        var house = Read(store);
        return house
            .Pace.Where(rule => !house.House.Rules.ContainsKey(rule.Key))
            .Concat(house.House.Rules)
            .ToDictionary(rule => rule.Key, rule => rule.Value);
    }

    private static HouseDocument Document(StoredDocument stored) =>
        DocumentReading.Read<HouseDocument>(stored.Document, DocumentRules.House).Document
        ?? StoredJobs.Repaired<HouseDocument>(stored.Document, DocumentRules.House);

    private static IReadOnlyList<string> Problems(StoredDocument stored) =>
        StoredJobs.Texts(DocumentReading.Read<HouseDocument>(stored.Document, DocumentRules.House).Violations);

    public static HouseJson Read(JobStore store)
    {
        var (stored, work) = (store.House(), store.Work);
        var latest = work.Latest(WorkKind.Sewn.Word(), LatestSewn).Concat(work.Latest(WorkKind.Cut.Word(), LatestCut));
        return new(stored.Version, Document(stored), HousePace.Of(latest.Select(StoredEntries.Read)), Problems(stored));
    }
}
