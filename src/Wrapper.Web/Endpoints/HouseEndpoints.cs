using System.Text.Json;
using Microsoft.AspNetCore.Http.HttpResults;
using Wrapper.Formats;
using Wrapper.Store;

namespace Wrapper.Web.Endpoints;

/// <summary>A piece of cloth on the house's shelf, as typed: what cloth it is, how wide and long, and which job it is left of.</summary>
public sealed record ShelfDocument(string Cloth = "", string Width = "", string Length = "", string From = "");

/// <summary>What the house has: its own rules, as typed, and the remnants on its shelf.</summary>
public sealed record HouseDocument
{
    /// <summary>Rules by name; what is not here is as usual.</summary>
    public Dictionary<string, string> Rules { get; init; } = [];

    /// <summary>The remnants on the shelf.</summary>
    public List<ShelfDocument> Shelf { get; init; } = [];
}

/// <summary>The house's settings with their version.</summary>
public sealed record HouseJson(long Version, HouseDocument House);

internal static class HouseEndpoints
{
    public static void MapHouse(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/house", Get).WithName("house").WithSummary("The house’s own rules and the remnants on its shelf.");
        routes.MapPut("/api/house", Put).WithName("saveHouse").WithSummary("Writes the house’s own rules and the remnants on its shelf.")
            .ProducesProblem(StatusCodes.Status412PreconditionFailed).ProducesProblem(StatusCodes.Status428PreconditionRequired);
    }

    /// <summary>The house's rules as they stand.</summary>
    public static IReadOnlyDictionary<string, string> Rules(JobStore store) => Read(store.House()).House.Rules;

    private static HouseJson Read(StoredDocument stored) =>
        new(stored.Version, JsonSerializer.Deserialize<HouseDocument>(stored.Document, OpenFormat.Json)!);

    private static Ok<HouseJson> Get(JobStore store, HttpContext context)
    {
        var house = Read(store.House());
        Versions.Tag(context, house.Version);
        return TypedResults.Ok(house);
    }

    private static Results<Ok<SavedJson>, ProblemHttpResult> Put(HouseDocument house, JobStore store, HttpContext context)
    {
        var document = JsonSerializer.Serialize(house, OpenFormat.Json);
        return JobCeilings.Refusal("house", document, JobCeilings.MostBytesOfCloth) is { } refusal ? refusal
            : Versions.Write(context, version => store.SaveHouse(document, version), () => Read(store.House()), house);
    }
}
