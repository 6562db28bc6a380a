using System.Net.ServerSentEvents;
using Microsoft.AspNetCore.Http.HttpResults;
using Wrapper.Core.Buying;
using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Checks;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Web.Answers;
using Wrapper.Web.Planning;
using Wrapper.Web.Yardages;

namespace Wrapper.Web.Endpoints.Open;

internal static class YardageEndpoints
{
    /// <summary>What a keystroke asks for, and no more.</summary>
    private const int QuickSteps = 12;

    public static void MapYardage(this IEndpointRouteBuilder routes)
    {
        routes
            .MapPost("/api/yardage", Buy)
            .WithName("yardage")
            .TakesTime()
            .KeepsAnswers()
            .WithSummary("Drafts all covers of a job for a cloth, lays them together and says what to buy.")
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity);
        routes
            .MapPost("/api/yardage/live", Look)
            .WithName("yardageLive")
            .TakesTime()
            .WithSummary(
                "Looks for a shorter lay, two minutes at the most: server-sent events “lay” with the first and every "
                    + "shorter one, “end” when nothing shorter is to be had. Who leaves stops it."
            )
            .Produces<YardageLiveJson>(StatusCodes.Status200OK, "text/event-stream")
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity);
    }

    private static async Task<Results<Ok<YardageJson>, ProblemHttpResult>> Buy(
        YardageRequestJson request,
        Planners planners,
        CancellationToken aborted
    )
    {
        if (YardageRequests.Refusal(request) is { } refusal)
        {
            return refusal;
        }

        var unit = JobUnits.Read(request.Unit)!.Value;
        return TypedResults.Ok(
            await planners.Run(
                KindOf(request),
                goesOn => YardageAnswer.Of(request, unit, new(Planners.Limited(goesOn), Remembered(request, planners))),
                aborted
            )
        );
    }

    private static Results<ServerSentEventsResult<YardageLiveJson>, ProblemHttpResult> Look(
        YardageRequestJson request,
        Planners planners,
        CancellationToken left
    )
    {
        if (YardageRequests.Refusal(request) is { } refusal)
        {
            return refusal;
        }

        var unit = JobUnits.Read(request.Unit)!.Value;
        if (request.Cloth is null)
        {
            return Refusals.Unprocessable([
                Check.Error("cloth-missing", "Say which cloth to lay: a shorter lay is looked for on one cloth at a time.", "cloth"),
            ]);
        }

        var asked = new AskedCloths(request.Cloth, request.Cloths, unit);
        return asked.Cloth is { } cloth
            ? TypedResults.ServerSentEvents(Lays(request, unit, cloth, asked, planners, left))
            : Refusals.Unprocessable(asked.Checks);
    }

    private static IAsyncEnumerable<SseItem<YardageLiveJson>> Lays(
        YardageRequestJson request,
        LengthUnit unit,
        ClothSpecification cloth,
        AskedCloths asked,
        Planners planners,
        CancellationToken left
    )
    {
        var house = HouseRules.Readable(request.HouseRules ?? [], unit);
        var buyer = new ClothBuyer(YardageRequests.Covers(request, asked, example: false), unit, house);
        return Improving.Told<YardageLiveJson>(
            planners,
            (tell, goesOn) =>
                buyer.Buy(
                    cloth,
                    request.Steps is null ? int.MaxValue : YardageRequests.StepsOf(request),
                    Planners.Limited(goesOn),
                    onShorter: shorter => tell(Live(shorter))
                )
                    is { Lay: not null } last
                    ? Live(last)
                    : null,
            left
        );

        YardageLiveJson Live(Yardage yardage) => new(LayJson.Of(yardage.Lay!), YardageWriting.Bought(yardage, unit, asked.Price, null)!);
    }

    /// <summary>A few orders of one lay are an answer to a keystroke.</summary>
    private static PlannerKind KindOf(YardageRequestJson request) =>
        YardageRequests.StepsOf(request) <= QuickSteps && request.Compare != true ? PlannerKind.Quick : PlannerKind.Patient;

    /// <summary>A lay of a few orders is there at once; only one that is looked for as long as a file’s is remembered.</summary>
    private static LayMemory? Remembered(YardageRequestJson request, Planners planners) =>
        YardageRequests.StepsOf(request) >= FileEndpoints.Steps ? planners.Lays : null;
}
