using System.Text.Json;
using Microsoft.AspNetCore.Http.HttpResults;
using Wrapper.Core.Checks;
using Wrapper.Core.Pattern;
using Wrapper.Formats.Documents;
using Wrapper.Formats.Rules;
using Wrapper.Formats.Validation;
using Wrapper.Jobs;
using Wrapper.Store;
using Wrapper.Web.Answers;
using Wrapper.Web.Requests;
using Wrapper.Web.Stored;

namespace Wrapper.Web.Endpoints.Jobs;

/// <summary>A cover to write: its inputs and its place in the job.</summary>
public sealed record CoverWriteJson(int Position, CoverDocument Cover);

internal static class CoverEndpoints
{
    public static void MapCovers(this IEndpointRouteBuilder routes)
    {
        var covers = routes.MapGroup("/api/jobs/{jobId}/covers/{coverId}");
        covers
            .MapPut("/", Save)
            .Ruled(DocumentRules.CoverWrite)
            .WithName("saveCover")
            .WithSummary("Writes a cover, finished or not.")
            .ProducesProblem(StatusCodes.Status412PreconditionFailed);
        covers
            .MapDelete("/", Delete)
            .WithName("deleteCover")
            .WithSummary("Marks a cover as deleted; writing it anew brings it back.")
            .ProducesProblem(StatusCodes.Status412PreconditionFailed);
    }

    private static Results<Ok<SavedJson>, ProblemHttpResult> Save(
        string jobId,
        string coverId,
        CoverWriteJson body,
        JobStore store,
        JobChanges changes,
        HttpContext context
    )
    {
        if (!IdRule.IsId(coverId))
        {
            return Refusals.Unprocessable([Check.Error("unusable-id", $"“coverId” {IdRule.Problem}", "coverId")]);
        }

        if (store.Find(jobId) is not { } job)
        {
            return Versions.Missing();
        }

        var document = JsonSerializer.Serialize(body.Cover.Migrate(), OpenFormat.Json);
        if (JobSizeLimits.Refusal(store, jobId, coverId, document) is { } refusal)
        {
            return refusal;
        }

        var complete = CoverInJob.IsComplete(body.Cover, job.Job.Heading.Unit, StoredHouse.Rules(store));
        WriteResult result;
        if (Versions.IsNew(context))
        {
            result = store.AddCover(jobId, coverId, body.Position, document, complete);
        }
        else if (Versions.Expected(context) is { } version)
        {
            result = store.SaveCover(jobId, coverId, body.Position, document, complete, version);
        }
        else
        {
            return Versions.NotSaid();
        }

        changes.Drafts(jobId, result);
        var letter = PieceCodes.Letter(
            job.Covers.FirstOrDefault(cover => cover.Id == coverId)?.Letter ?? store.LetterOf(jobId, coverId) ?? 0
        );
        return Versions.Answer(context, result, (complete, letter), () => Stored(store, jobId, coverId), body.Cover);
    }

    private static Results<Ok<SavedJson>, ProblemHttpResult> Delete(
        string jobId,
        string coverId,
        JobStore store,
        JobChanges changes,
        HttpContext context
    ) =>
        Versions.Write(
            context,
            version => changes.Drafts(jobId, store.DeleteCover(jobId, coverId, version)),
            () => Stored(store, jobId, coverId),
            null
        );

    private static CoverJson? Stored(JobStore store, string jobId, string coverId) =>
        StoredJobs.Find(store, jobId)?.Covers.FirstOrDefault(cover => cover.Id == coverId);
}
