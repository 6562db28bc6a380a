using System.Diagnostics;
using Microsoft.AspNetCore.Http.HttpResults;
using Wrapper.Core.Checks;
using Wrapper.Core.Lays;
using Wrapper.Web.Answers;
using Wrapper.Web.Planning;
using Wrapper.Web.Yardages;

namespace Wrapper.Web.Endpoints.Open;

internal static class LayEndpoints
{
    public static void MapLays(this IEndpointRouteBuilder routes)
    {
        routes
            .MapPost("/api/lay", Plan)
            .WithName("lay")
            .TakesTime()
            .WithSummary("Lays pieces on a cloth as short as can be found, with a proven lower bound.")
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity);
        routes
            .MapPost("/api/lay/live", Improve)
            .WithName("layLive")
            .TakesTime()
            .WithSummary(
                "The same as server-sent events: “lay” with the first lay at once and with every shorter one as it "
                    + "is found, “end” with the last. Who leaves stops the planner."
            )
            .Produces<LayJson>(StatusCodes.Status200OK, "text/event-stream")
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity);
    }

    private static async Task<Results<Ok<LayJson>, ProblemHttpResult>> Plan(
        LayRequestJson request,
        Planners planners,
        CancellationToken left
    )
    {
        var checks = new List<Check>();
        if (LayReading.Read(request, checks) is not { } lay)
        {
            return Refusals.Unprocessable(checks);
        }

        var outcome = await planners.Run(
            PlannerKind.Patient,
            goesOn => LayPlanner.Plan(lay, StepsOf(request), Stops(request, goesOn)),
            left
        );
        return outcome.Lay is { } planned ? TypedResults.Ok(LayJson.Of(planned)) : Refusals.Unprocessable(outcome.Checks);
    }

    private static Results<ServerSentEventsResult<LayJson>, ProblemHttpResult> Improve(
        LayRequestJson request,
        Planners planners,
        CancellationToken left
    )
    {
        var checks = new List<Check>();
        if (LayReading.Read(request, checks) is not { } lay)
        {
            return Refusals.Unprocessable(checks);
        }

        var refused = LayPlanner.Refuse(lay);
        return refused.HasError()
            ? Refusals.Unprocessable(refused)
            : TypedResults.ServerSentEvents(
                Improving.Told<LayJson>(
                    planners,
                    (tell, goesOn) =>
                        LayJson.Of(
                            LayPlanner.Plan(lay, StepsOf(request), Stops(request, goesOn), shorter => tell(LayJson.Of(shorter))).Lay!
                        ),
                    left
                )
            );
    }

    private static int StepsOf(LayRequestJson request) => request.Steps ?? int.MaxValue;

    /// <summary>
    /// Until the client leaves, or its seconds are over; where steps are said they are, but no longer than any lay may take.
    /// </summary>
    private static Func<bool> Stops(LayRequestJson request, Func<bool> goesOn)
    {
        var seconds = request.Steps is null ? request.Seconds ?? 2 : LayReading.MostSeconds;
        var clock = Stopwatch.StartNew();
        return () => goesOn() || clock.Elapsed.TotalSeconds >= seconds;
    }
}
