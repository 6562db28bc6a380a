using Microsoft.AspNetCore.Http.HttpResults;
using Wrapper.Core.Checks;
using Wrapper.Core.Proof;
using Wrapper.Core.Sewing;
using Wrapper.Core.Sewing.Cards;
using Wrapper.Core.Units;
using Wrapper.Formats.Answers;
using Wrapper.Jobs;
using Wrapper.Jobs.Fitting;
using Wrapper.Store;
using Wrapper.Web.Answers;
using Wrapper.Web.Endpoints.Open;
using Wrapper.Web.Requests;
using Wrapper.Web.Stored;

namespace Wrapper.Web.Endpoints.Jobs;

/// <summary>What is shown at the machine of one cover of a job.</summary>
/// <param name="Cover">The cover’s id.</param>
/// <param name="Letter">Its letter.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Count">How many are alike.</param>
/// <param name="Pieces">Its pieces, as they are cut from the job’s cloths.</param>
/// <param name="Facets">The finished cover folded up, as the thing stands.</param>
/// <param name="Cards">What is done, one thing after another.</param>
/// <param name="Changed">Pieces that were cut at another size than they have now, each with what to do.</param>
/// <param name="Schools">The schools it is sewn by, by name: its own, those it was begun by, or the house’s; what is not said is as
/// usual.</param>
/// <param name="Closing">What whoever has the cover is told of it.</param>
/// <param name="Fitted">Of those alike that were tried on and corrected, what their cards say otherwise.</param>
public sealed record SewingCardsJson(
    string Cover,
    string Letter,
    string Name,
    int Count,
    IReadOnlyList<PieceJson> Pieces,
    IReadOnlyList<FacetJson> Facets,
    IReadOnlyList<SewingCardJson> Cards,
    IReadOnlyList<CutTroubleJson> Changed,
    IReadOnlyDictionary<string, string> Schools,
    HandingOverJson Closing,
    IReadOnlyList<FittedCardsJson> Fitted
);

internal static class SewingCardEndpoints
{
    public static void MapSewingCards(this IEndpointRouteBuilder routes) =>
        routes
            .MapGet("/api/jobs/{id}/covers/{coverId}/sewing-cards", Cards)
            .WithName("sewingCards")
            .WithSummary(
                "The sewing of a stored cover, one thing at a time: the edges in the hand, the number that "
                    + "matters, what to see to first, what hangs together by then."
            )
            .ProducesProblem(StatusCodes.Status404NotFound)
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity);

    private static Results<Ok<SewingCardsJson>, ProblemHttpResult> Cards(string id, string coverId, JobStore store, WorkStore work)
    {
        if (StoredJobs.Find(store, id) is not { } job)
        {
            return Versions.Missing();
        }

        if (job.Covers.FirstOrDefault(cover => cover.Id == coverId) is not { } stored)
        {
            return TypedResults.Problem(
                "This cover was taken off the job. What was done on it is kept: bring the cover back to go on.",
                statusCode: StatusCodes.Status404NotFound
            );
        }

        var entries = StoredEntries.All(work, id);
        var cover = SchoolsOfCover.Said(stored.Cover, coverId, StoredHouse.Schools(store), entries);
        var (unit, rules) = (JobUnits.Read(job.Unit)!.Value, StoredHouse.RulesAndPace(store));
        var outcome = CoverInJob.Draft(cover, job.Cloth.Cloth, unit, rules);
        if (outcome is not { Draft: { } draft, Reading.Specification: { } specification })
        {
            return Refusals.Unprocessable([
                Check.Error(
                    "unfinished",
                    $"“{JobPlan.NameOf(stored.Cover)}” is not finished, and has no order of sewing yet: take its measures first.",
                    null
                ),
                .. outcome.Checks,
            ]);
        }

        var changed = CuttingEndpoints.Of(job, store, entries).ChangedOf(coverId);
        var plan = SewingPlanner.Of(draft, specification);
        IReadOnlyList<SewingCardJson> cards = [.. SewingCards.Of(plan, draft, specification).Select(SewingCardJson.Of)];
        return TypedResults.Ok(
            new SewingCardsJson(
                coverId,
                stored.Letter,
                JobPlan.NameOf(stored.Cover),
                specification.Count,
                PieceJson.Of(draft),
                FoldUpJson.Of(FoldUp.Of(draft), draft, outcome.Reading, specification.Shape.Stands).Facets,
                cards,
                changed,
                cover.Schools ?? [],
                HandingOverJson.Of(HandingOver.Of(plan, draft, specification), draft.Cautions),
                FittedCards.Of(new(coverId, cover, stored.Letter), job.Cloth.Cloth, unit, rules, entries, cards)
            )
        );
    }
}
