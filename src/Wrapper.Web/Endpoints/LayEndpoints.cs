using System.Diagnostics;
using System.Net.ServerSentEvents;
using Microsoft.AspNetCore.Http.HttpResults;
using Wrapper.Core.Checks;
using Wrapper.Core.Lays;

namespace Wrapper.Web.Endpoints;

internal static class LayEndpoints
{
    private const double MostSeconds = 60;
    private const int MostSteps = 100_000;

    public static void MapLays(this IEndpointRouteBuilder routes)
    {
        routes.MapPost("/api/lay", Plan)
            .WithName("lay")
            .WithSummary("Lays pieces on a cloth as short as can be found, with a proven lower bound.")
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity);
        routes.MapPost("/api/lay/live", Improve)
            .WithName("layLive")
            .WithSummary("The same as server-sent events: “lay” with the first lay at once and with every shorter one as it is found, “end” with the last. Who leaves stops the planner.")
            .Produces<LayJson>(StatusCodes.Status200OK, "text/event-stream")
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity);
    }

    private static async Task<Results<Ok<LayJson>, ProblemHttpResult>> Plan(LayRequestJson request, CancellationToken left)
    {
        var checks = new List<Check>();
        if (LayReading.Read(request, checks) is not { } lay)
        {
            return Refusals.Unprocessable(checks);
        }

        var outcome = await Task.Run(() => LayPlanner.Plan(lay, StepsOf(request), Stops(request, left)), left);
        return outcome.Lay is { } planned ? TypedResults.Ok(LayJson.Of(planned)) : Refusals.Unprocessable(outcome.Checks);
    }

    private static Results<ServerSentEventsResult<LayJson>, ProblemHttpResult> Improve(LayRequestJson request, CancellationToken left)
    {
        var checks = new List<Check>();
        if (LayReading.Read(request, checks) is not { } lay)
        {
            return Refusals.Unprocessable(checks);
        }

        var refused = LayPlanner.Refuse(lay);
        return refused.HasError() ? Refusals.Unprocessable(refused) : TypedResults.ServerSentEvents(Lays(lay, request, left));
    }

    private static IAsyncEnumerable<SseItem<LayJson>> Lays(LayRequest lay, LayRequestJson request, CancellationToken left)
    {
        var stops = Stops(request, left);
        return Improving.Told<LayJson>(
            tell => LayJson.Of(LayPlanner.Plan(lay, StepsOf(request), stops, shorter => tell(LayJson.Of(shorter))).Lay!), left);
    }

    private static int StepsOf(LayRequestJson request) => request.Steps is { } steps ? Math.Min(steps, MostSteps) : int.MaxValue;

    private static Func<bool> Stops(LayRequestJson request, CancellationToken left)
    {
        var seconds = Math.Min(request.Seconds ?? 2, MostSeconds);
        var clock = Stopwatch.StartNew();
        return () => left.IsCancellationRequested || (request.Steps is null && clock.Elapsed.TotalSeconds >= seconds);
    }
}
