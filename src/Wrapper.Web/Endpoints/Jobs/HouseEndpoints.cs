using System.Text;
using System.Text.Json;
using Microsoft.AspNetCore.Http.HttpResults;
using Wrapper.Formats.Documents;
using Wrapper.Formats.Rules;
using Wrapper.Formats.Validation;
using Wrapper.Store;
using Wrapper.Web.Answers;
using Wrapper.Web.Requests;
using Wrapper.Web.Stored;

namespace Wrapper.Web.Endpoints.Jobs;

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

    private static Ok<HouseJson> Get(JobStore store, HttpContext context)
    {
        var house = StoredHouse.Read(store);
        Versions.Tag(context, house.Version);
        return TypedResults.Ok(house);
    }

    private static Results<Ok<SavedJson>, ProblemHttpResult> Put(HouseDocument house, JobStore store, HttpContext context)
    {
        var document = JsonSerializer.Serialize(house, OpenFormat.Json);
        return JobSizeLimits.Refusal("house", document, JobLimits.MostBytesOfCloth) is { } refusal
            ? refusal
            : Versions.Write(context, version => store.SaveHouse(document, version), () => StoredHouse.Read(store), house);
    }
}
