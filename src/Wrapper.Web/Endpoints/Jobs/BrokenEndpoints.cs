using System.Text;
using Microsoft.AspNetCore.Http.HttpResults;
using Wrapper.Core.Checks;
using Wrapper.Formats.Documents;
using Wrapper.Formats.Validation;
using Wrapper.Jobs;
using Wrapper.Store;
using Wrapper.Web.Answers;
using Wrapper.Web.Requests;
using Wrapper.Web.Stored;

namespace Wrapper.Web.Endpoints.Jobs;

/// <summary>What one does about a part of a job that breaks a rule: take it away as it is stored, or keep what can be read of it.</summary>
internal static class BrokenEndpoints
{
    public static void MapBroken(this IEndpointRouteBuilder routes)
    {
        routes
            .MapGet("/api/jobs/{id}/stored", Stored)
            .WithName("storedPart")
            .WithSummary("A part of a job just as it is stored, readable or not: part=heading, cloth, cloth/KEY, cover/ID or work/ID.")
            .Produces<byte[]>(StatusCodes.Status200OK, "text/plain")
            .ProducesProblem(StatusCodes.Status404NotFound);
        routes
            .MapPost("/api/jobs/{id}/repair", Repair)
            .WithName("repairPart")
            .WithSummary(
                "Keeps what can be read of a part that breaks a rule (part=heading, cloth, cloth/KEY or cover/ID), and takes out the rest."
            )
            .ProducesProblem(StatusCodes.Status404NotFound)
            .ProducesProblem(StatusCodes.Status412PreconditionFailed)
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity);
    }

    private static Results<FileContentHttpResult, ProblemHttpResult> Stored(string id, string part, JobStore store, WorkStore work)
    {
        if (store.Find(id) is not { } job)
        {
            return Versions.Missing();
        }

        var text = part switch
        {
            JobPart.Heading => store.WholeHeading(id) is { } heading
                ? $"{heading.Name}\n{heading.Client}\n{heading.Place}\n{heading.Unit}\n"
                : null,
            _ when ClothOf(job, part) is { } cloth => cloth.Document,
            _ when JobPart.CoverOf(part) is { } cover => job.Covers.FirstOrDefault(known => known.Id == cover)?.Document,
            _ when JobPart.WorkOf(part) is { } entry => work.Find(id, entry)?.Document,
            _ => null,
        };
        return text is null
            ? Versions.Missing()
            : TypedResults.File(Encoding.UTF8.GetBytes(text), "text/plain", $"{part.Replace('/', '-')}.txt");
    }

    private static Results<Ok<SavedJson>, ProblemHttpResult> Repair(
        string id,
        string part,
        JobStore store,
        JobChanges changes,
        HttpContext context
    )
    {
        if (store.Find(id) is not { } job)
        {
            return Versions.Missing();
        }

        switch (part)
        {
            case JobPart.Heading:
                return Versions.Write(
                    context,
                    version => store.SaveHeading(id, StoredJobs.Shortened(job.Job.Heading), version),
                    () => StoredJobs.Find(store, id),
                    null
                );
            case var _ when ClothOf(job, part) is { } stored:
                var repaired = DocumentRepair.Repair(stored.Document, DocumentRules.Cloth);
                return Versions.Write(
                    context,
                    version => changes.Drafts(id, store.Cloths.Save(id, stored.Key, repaired, OwnVersion(job, stored, part, version))),
                    () => StoredJobs.Find(store, id)?.Cloths.FirstOrDefault(known => known.Key == stored.Key),
                    null
                );
            case var _ when JobPart.CoverOf(part) is { } coverId:
                return job.Covers.FirstOrDefault(known => known.Id == coverId) is { } cover
                    ? RepairCover(job, cover, store, changes, context)
                    : Versions.Missing();
            default:
                return Refusals.Unprocessable([
                    Check.Error("unknown-part", $"“{part}” cannot be repaired. Choose heading, cloth or a cover.", "part"),
                ]);
        }
    }

    /// <summary>The cloth a part is: by its key, or the first under the name that earlier clients know; null for another part.</summary>
    private static StoredCloth? ClothOf(WholeJob job, string part) =>
        part == JobPart.FirstCloth ? (job.Cloths.Count > 0 ? job.Cloths[0] : null)
        : JobPart.ClothOf(part) is { } key ? job.Cloths.FirstOrDefault(known => known.Key == key)
        : null;

    /// <summary>The version of a cloth itself, where the one that is said is that of all cloths together.</summary>
    private static long OwnVersion(WholeJob job, StoredCloth cloth, string part, long said) =>
        part == JobPart.FirstCloth && said == job.ClothsVersion ? cloth.Version : said;

    private static Results<Ok<SavedJson>, ProblemHttpResult> RepairCover(
        WholeJob job,
        StoredCover stored,
        JobStore store,
        JobChanges changes,
        HttpContext context
    )
    {
        var document = DocumentRepair.Repair(stored.Document, DocumentRules.Cover);
        var cover = DocumentReading.Read<CoverDocument>(document, DocumentRules.Cover).Document!;
        var complete = CoverInJob.IsComplete(cover, job.Job.Heading.Unit, StoredHouse.Rules(store));
        return Versions.Write(
            context,
            version => changes.Drafts(job.Job.Id, store.SaveCover(job.Job.Id, stored.Id, stored.Position, document, complete, version)),
            () => StoredJobs.Find(store, job.Job.Id)?.Covers.FirstOrDefault(known => known.Id == stored.Id),
            null
        );
    }
}
