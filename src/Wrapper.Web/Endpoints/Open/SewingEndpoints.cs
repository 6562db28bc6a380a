using Microsoft.AspNetCore.Http.HttpResults;
using Wrapper.Core.Drafting;
using Wrapper.Core.Sewing;
using Wrapper.Formats.Answers;
using Wrapper.Formats.Documents;
using Wrapper.Web.Answers;

namespace Wrapper.Web.Endpoints.Open;

/// <summary>A cover to be drafted and sewn, with the schools it is sewn by.</summary>
public sealed record SewingRequestJson : CoverDocument
{
    /// <summary>All covers alike are sewn together, each operation on all of them before the next.</summary>
    public bool Batch { get; init; }
}

internal static class SewingEndpoints
{
    public static void MapSewing(this IEndpointRouteBuilder routes) =>
        routes
            .MapPost("/api/sewing", Sew)
            .WithName("sewing")
            .WithSummary(
                "The order a cover is sewn in: its seams between points, its operations, what must come first, worked out from its draft."
            )
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity);

    private static Results<Ok<IReadOnlyList<SewingResponse>>, ProblemHttpResult> Sew(SewingRequestJson request)
    {
        var outcome = Proved.Draft(request.ToInput());
        return outcome is { Draft: { } draft, Reading.Specification: { } specification }
            ? TypedResults.Ok(SewingResponse.Of(SewingPlanner.Of(draft, specification), draft, specification.Count, request.Batch))
            : Refusals.Unprocessable(outcome.Checks, ("measures", DraftResponse.ReadMeasures(outcome.Reading)));
    }
}
