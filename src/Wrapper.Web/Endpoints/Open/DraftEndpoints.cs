using Microsoft.AspNetCore.Http.HttpResults;
using Wrapper.Core.Drafting;
using Wrapper.Formats.Answers;
using Wrapper.Formats.Documents;
using Wrapper.Web.Answers;

namespace Wrapper.Web.Endpoints.Open;

internal static class DraftEndpoints
{
    public static void MapDrafting(this IEndpointRouteBuilder routes) =>
        routes
            .MapPost("/api/draft", Draft)
            .WithName("draft")
            .WithSummary("Drafts a cover: pieces, seams, notions, working, steps and checks.")
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity);

    private static Results<Ok<DraftResponse>, ProblemHttpResult> Draft(CoverDocument request)
    {
        var outcome = Proved.Draft(request.ToInput());
        return outcome.Draft is { } draft
            ? TypedResults.Ok(DraftResponse.Of(draft, outcome.Reading))
            : Refusals.Unprocessable(outcome.Checks, ("measures", DraftResponse.ReadMeasures(outcome.Reading)));
    }
}
