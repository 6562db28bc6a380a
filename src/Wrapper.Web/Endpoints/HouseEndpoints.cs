using System.Text;
using System.Text.Json;
using Microsoft.AspNetCore.Http.HttpResults;
using Wrapper.Core.Units;
using Wrapper.Formats;
using Wrapper.Formats.Documents;
using Wrapper.Formats.Rules;
using Wrapper.Store;

namespace Wrapper.Web.Endpoints;

/// <summary>A piece of cloth on the house's shelf, as typed: what cloth it is, how wide and long, and which job it is left of.</summary>
public sealed record ShelfDocument(string Cloth = "", string Width = "", string Length = "", string From = "");

/// <summary>What the house has: its own rules, as typed, and the remnants on its shelf.</summary>
public sealed record HouseDocument
{
    /// <summary>Rules by name; what is not here is as usual.</summary>
    public Dictionary<string, string> Rules { get; init; } = [];

    /// <summary>The schools it sews by, by name; what is not here is as usual.</summary>
    public Dictionary<string, string> Schools { get; init; } = [];

    /// <summary>The remnants on the shelf.</summary>
    public List<ShelfDocument> Shelf { get; init; } = [];
}

/// <summary>The house's settings with their version.</summary>
/// <param name="Version">Goes up by one at every write.</param>
/// <param name="House">The settings.</param>
/// <param name="Pace">The minutes its own ticks say, by the names of the rules: they count where the house has no rule of its own.</param>
/// <param name="Problems">The rules the stored settings break; empty for sound ones. What can be read of them is in <c>house</c>.</param>
public sealed record HouseJson(long Version, HouseDocument House, IReadOnlyDictionary<string, string> Pace, IReadOnlyList<string> Problems);

internal static class HouseEndpoints
{
    public static void MapHouse(this IEndpointRouteBuilder routes)
    {
        routes
            .MapGet("/api/house", Get)
            .WithName("house")
            .WithSummary("The house’s own rules, the schools it sews by and the remnants on its shelf.");
        routes
            .MapPut("/api/house", Put)
            .Ruled(DocumentRules.House)
            .WithName("saveHouse")
            .WithSummary("Writes the house’s own rules and the remnants on its shelf.")
            .ProducesProblem(StatusCodes.Status412PreconditionFailed)
            .ProducesProblem(StatusCodes.Status428PreconditionRequired);
        routes
            .MapGet("/api/house/stored", (JobStore store) =>
                TypedResults.File(Encoding.UTF8.GetBytes(store.House().Document), "text/plain", "house.txt")
            )
            .WithName("storedHouse")
            .WithSummary("The house’s settings just as they are stored, readable or not.")
            .Produces<byte[]>(StatusCodes.Status200OK, "text/plain");
    }

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

    private static HouseJson Read(JobStore store)
    {
        var (stored, work) = (store.House(), store.Work);
        var latest = work.Latest(WorkKind.Sewn.Word(), LatestSewn).Concat(work.Latest(WorkKind.Cut.Word(), LatestCut));
        return new(stored.Version, Document(stored), HousePace.Of(latest.Select(StoredEntries.Read)), Problems(stored));
    }

    private static Ok<HouseJson> Get(JobStore store, HttpContext context)
    {
        var house = Read(store);
        Versions.Tag(context, house.Version);
        return TypedResults.Ok(house);
    }

    private static Results<Ok<SavedJson>, ProblemHttpResult> Put(HouseDocument house, JobStore store, HttpContext context)
    {
        var document = JsonSerializer.Serialize(house, OpenFormat.Json);
        return JobCeilings.Refusal("house", document, JobLimits.MostBytesOfCloth) is { } refusal
            ? refusal
            : Versions.Write(context, version => store.SaveHouse(document, version), () => Read(store), house);
    }
}
