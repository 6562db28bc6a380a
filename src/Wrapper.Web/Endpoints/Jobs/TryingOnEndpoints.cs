using System.Globalization;
using System.Text.Json;
using Microsoft.AspNetCore.Http.HttpResults;
using Wrapper.Core.Checks;
using Wrapper.Core.Units;
using Wrapper.Formats.Answers;
using Wrapper.Formats.Documents;
using Wrapper.Jobs;
using Wrapper.Jobs.Fitting;
using Wrapper.Store;
using Wrapper.Web.Answers;
using Wrapper.Web.Planning;
using Wrapper.Web.Requests;
using Wrapper.Web.Stored;

namespace Wrapper.Web.Endpoints.Jobs;

/// <summary>What was found on one of the covers alike.</summary>
/// <param name="Number">Which, from 1.</param>
/// <param name="Found">The sides, each with how far it is moved: below 0 to take in. Empty to read what was found before.</param>
/// <param name="Carried">It holds for all covers alike; else for this one only.</param>
/// <param name="Keep">It is written down and the cover is corrected; else it is only worked out.</param>
/// <param name="Version">To keep it: the version of the cover it was worked out from.</param>
/// <param name="By">To keep it: who found it.</param>
public sealed record TryingOnRequestJson(
    int Number,
    IReadOnlyList<CorrectionTold> Found,
    bool Carried,
    bool Keep = false,
    long? Version = null,
    string? By = null
);

internal static class TryingOnEndpoints
{
    private const int MostFound = 12;
    private const int LongestBy = 300;

    public static void MapTryingOn(this IEndpointRouteBuilder routes) =>
        routes
            .MapPost("/api/jobs/{id}/covers/{coverId}/trying-on", Try)
            .WithName("tryingOn")
            .TakesTime()
            .WithSummary(
                "What was found when a cover was tried on: what is unpicked, how far from its raw edge each seam is "
                    + "sewn from now on, what is cut again, and what comes of it for the rest of the set. Kept, "
                    + "it is in the record and the cover is corrected."
            )
            .ProducesProblem(StatusCodes.Status404NotFound)
            .ProducesProblem(StatusCodes.Status412PreconditionFailed)
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity);

    private static Results<Ok<TryingOnJson>, ProblemHttpResult> Try(
        string id,
        string coverId,
        TryingOnRequestJson request,
        JobStore store,
        WorkStore work,
        JobChanges changes
    )
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

        if (Problem(request) is { } problem)
        {
            return TypedResults.Problem(problem, statusCode: StatusCodes.Status422UnprocessableEntity);
        }

        var tried = Of(job, stored, store, work, request);
        if (request.Number > tried.Count)
        {
            return TypedResults.Problem(
                $"There are {tried.Count} of this cover, and no number {request.Number}.",
                statusCode: StatusCodes.Status422UnprocessableEntity
            );
        }

        var answer = tried.Of(request.Number, stored.Version);
        if (answer is null || tried.Errors.Count > 0)
        {
            return Refusals.Unprocessable(tried.Errors);
        }

        if (!request.Keep)
        {
            return TypedResults.Ok(answer);
        }

        return Keep(job, stored, request, tried, store, work, changes) ?? Results(job, coverId, request, store, work);
    }

    /// <summary>Why a request cannot be heard; null where it can.</summary>
    private static string? Problem(TryingOnRequestJson request) =>
        request switch
        {
            { Number: < 1 } => "“number”: covers alike are counted from 1.",
            { Found: null } => "“found”: say what was found, or give an empty list.",
            { Found.Count: > MostFound } => $"“found”: no more than {MostFound} sides are corrected at once.",
            { By.Length: > LongestBy } => $"“by”: a name has at most {LongestBy} characters.",
            { Keep: true, Found.Count: 0 } => "There is nothing to keep: say first where it does not sit, and by how much.",
            { Keep: true, Version: null } => "“version”: say which version of the cover this was worked out from.",
            _ when request.Found.Any(told => told is null or { Side: null } or { By: null }) =>
                "“found”: each entry has a side and how far it is moved.",
            _ => null,
        };

    private static TryingOn Of(JobJson job, CoverJson stored, JobStore store, WorkStore work, TryingOnRequestJson request)
    {
        var entries = StoredEntries.All(work, job.Id);
        var cover = SchoolsOfCover.Said(stored.Cover, stored.Id, StoredHouse.Schools(store), entries);
        return new(
            new(stored.Id, cover, stored.Letter),
            job.Cloth.Cloth,
            JobUnits.Read(job.Unit)!.Value,
            StoredHouse.Rules(store),
            entries,
            new(request.Found, request.Carried)
        );
    }

    /// <summary>Writes down what was decided; what stands in the way, null for nothing.</summary>
    private static ProblemHttpResult? Keep(
        JobJson job,
        CoverJson stored,
        TryingOnRequestJson request,
        TryingOn tried,
        JobStore store,
        WorkStore work,
        JobChanges changes
    )
    {
        var entries = tried.Kept(request.Number, DateTimeOffset.UtcNow.ToString("O", CultureInfo.InvariantCulture), request.By ?? "");
        if (StoredEntries.NoRoom(work, job.Id, entries.Count) is { } full)
        {
            return TypedResults.Problem(full, statusCode: StatusCodes.Status422UnprocessableEntity);
        }

        if (job.IsBroken(JobPart.Cover(stored.Id)))
        {
            return Refusals.Unprocessable([BrokenCover(stored)]);
        }

        if (entries.SelectMany(entry => StoredEntries.Violations(entry)).ToList() is { Count: > 0 } broken)
        {
            return Refusals.Broken(broken);
        }

        if (
            stored.Version != request.Version
            || (request.Carried && Written(job, stored, tried.Corrected(), store, changes) != WriteEnd.Saved)
        )
        {
            return TypedResults.Problem(
                "The cover was changed elsewhere meanwhile. Nothing was written: look at what it comes to now, and keep it then.",
                statusCode: StatusCodes.Status412PreconditionFailed
            );
        }

        work.Add(job.Id, [.. entries.Select(StoredEntries.Stored)]);
        changes.Tell(job.Id, "work");
        return null;
    }

    /// <summary>Nothing is worked into a cover of which a part cannot be read: that part would be lost.</summary>
    internal static Check BrokenCover(CoverJson stored) =>
        Check.Error("broken", $"Part of cover {stored.Letter} cannot be read. Open the job on the bench and repair it first.", null);

    private static WriteEnd Written(JobJson job, CoverJson stored, CoverDocument corrected, JobStore store, JobChanges changes)
    {
        var complete = CoverInJob.IsComplete(corrected, job.Unit, StoredHouse.Rules(store));
        return changes
            .Drafts(
                job.Id,
                store.SaveCover(
                    job.Id,
                    stored.Id,
                    stored.Position,
                    JsonSerializer.Serialize(corrected, OpenFormat.Json),
                    complete,
                    stored.Version
                )
            )
            .End;
    }

    /// <summary>The cover as it stands when all is written.</summary>
    private static Results<Ok<TryingOnJson>, ProblemHttpResult> Results(
        JobJson job,
        string coverId,
        TryingOnRequestJson request,
        JobStore store,
        WorkStore work
    )
    {
        var stored = StoredJobs.Find(store, job.Id)!.Covers.First(cover => cover.Id == coverId);
        var now = Of(job, stored, store, work, request with { Found = [] });
        return now.Of(request.Number, stored.Version) is { } answer ? TypedResults.Ok(answer) : Refusals.Unprocessable(now.Errors);
    }
}
