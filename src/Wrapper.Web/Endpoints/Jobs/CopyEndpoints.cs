using Microsoft.AspNetCore.Http.HttpResults;
using Wrapper.Store;
using Wrapper.Web.Planning;
using Wrapper.Web.Requests;

namespace Wrapper.Web.Endpoints.Jobs;

/// <summary>A copy of all that is kept, taken while work goes on.</summary>
internal static class CopyEndpoints
{
    public static void MapCopy(this IEndpointRouteBuilder routes) =>
        routes
            .MapGet("/api/backup", Take)
            .WithName("backup")
            .TakesTime()
            .WithSummary("A copy of all jobs, photographs and rules of the house in one file, for ./wrapper restore.")
            .Produces<byte[]>(StatusCodes.Status200OK, "application/vnd.sqlite3")
            .ProducesProblem(StatusCodes.Status507InsufficientStorage);

    private static FileStreamHttpResult Take(Database database, TimeProvider clock)
    {
        var path = TemporaryFile.Path("db");
        database.CopyTo(path);
        return TypedResults.Stream(TemporaryFile.Written(path), "application/vnd.sqlite3", $"wrapper-{clock.GetLocalNow():yyyy-MM-dd}.db");
    }
}
