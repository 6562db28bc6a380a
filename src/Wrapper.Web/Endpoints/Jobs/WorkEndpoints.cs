using System.Globalization;
using Microsoft.AspNetCore.Http.HttpResults;
using Wrapper.Formats.Documents;
using Wrapper.Formats.Validation;
using Wrapper.Store;
using Wrapper.Web.Answers;
using Wrapper.Web.Requests;
using Wrapper.Web.Stored;

namespace Wrapper.Web.Endpoints.Jobs;

/// <summary>What was done on a job, told one or many at a time.</summary>
/// <param name="Entries">What was done.</param>
/// <param name="From">How many entries of the job whoever tells knows already: only those after them are answered. Null for none.</param>
public sealed record WorkToldJson(IReadOnlyList<WorkEntry> Entries, int? From);

/// <summary>Why an entry that was stored deserves a look.</summary>
public enum WorkNoteCode
{
    /// <summary>Its cover was removed from the job.</summary>
    CoverGone,

    /// <summary>Another entry had told of the same before.</summary>
    DoneBefore,
}

/// <summary>A word about an entry that was told.</summary>
/// <param name="Entry">Its id.</param>
/// <param name="Code">Why.</param>
/// <param name="Text">What to know of it.</param>
public sealed record WorkNoteJson(string Entry, WorkNoteCode Code, string Text);

/// <summary>Where the record of a cover is found.</summary>
/// <param name="Cover">The cover’s id.</param>
/// <param name="Number">Which of those alike.</param>
/// <param name="Address">The address.</param>
/// <param name="Code">The same as a square code: an SVG.</param>
public sealed record RecordCodeJson(string Cover, int Number, string Address, string Code);

/// <summary>The work on a job as it was told.</summary>
/// <param name="Entries">Entries in the order they came in, without those that are known already: a page of them. Entries are only added:
/// what is known stays where it is.</param>
/// <param name="Total">How many there are in all. Where more are to come, ask again from the last that came.</param>
/// <param name="Notes">What there is to know of entries that were told just now.</param>
public sealed record WorkJson(IReadOnlyList<WorkEntry> Entries, int Total, IReadOnlyList<WorkNoteJson> Notes);

internal static class WorkEndpoints
{
    /// <summary>How long the entries of one answer are together; an answer in JSON has room for twice as much.</summary>
    private const int MostCharactersOfPage = 900_000;

    public static void MapWork(this IEndpointRouteBuilder routes)
    {
        routes
            .MapGet("/api/jobs/{id}/work", Get)
            .WithName("work")
            .WithSummary("What was cut, sewn and found on a job, as it was told: from a place on, a page at a time.")
            .ProducesProblem(StatusCodes.Status404NotFound);
        routes
            .MapPost("/api/jobs/{id}/work", Tell)
            .Ruled(DocumentRules.WorkTold)
            .WithName("tellWork")
            .WithSummary(
                "Tells what was done, all of it or none. Entries are only added; one that is sent "
                    + "again is stored once, so that a retry is safe."
            )
            .ProducesProblem(StatusCodes.Status409Conflict)
            .ProducesProblem(StatusCodes.Status404NotFound)
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity);
        routes
            .MapGet("/api/jobs/{id}/record-codes", Codes)
            .WithName("recordCodes")
            .WithSummary("The address of each cover’s record, also as a square code for its label.")
            .ProducesProblem(StatusCodes.Status404NotFound);
    }

    /// <summary>The address of each cover’s record, as this house is reached.</summary>
    private static Results<Ok<IReadOnlyList<RecordCodeJson>>, ProblemHttpResult> Codes(string id, JobStore jobs, HttpContext context)
    {
        if (StoredJobs.Find(jobs, id) is not { } job)
        {
            return Versions.Missing();
        }

        return TypedResults.Ok<IReadOnlyList<RecordCodeJson>>([
            .. job.Covers.SelectMany(cover =>
                Enumerable
                    .Range(1, CountOf(cover))
                    .Select(number =>
                    {
                        var address =
                            $"{context.Request.Scheme}://{context.Request.Host}/jobs/{Uri.EscapeDataString(id)}"
                            + $"/hand-over/{Uri.EscapeDataString(cover.Id)}/{number}";
                        return new RecordCodeJson(cover.Id, number, address, QrCode.Svg(address, "#ffffff"));
                    })
            ),
        ]);
    }

    /// <summary>How many are alike, as far as that can be read; no more than a sheet has labels for.</summary>
    private static int CountOf(CoverJson cover) =>
        int.TryParse(cover.Cover.ToInput().Count.ToString("0", CultureInfo.InvariantCulture), out var count)
            ? Math.Clamp(count, 1, 100)
            : 1;

    private static Results<Ok<WorkJson>, ProblemHttpResult> Get(string id, int? from, JobStore jobs, WorkStore work) =>
        jobs.Stands(id) ? TypedResults.Ok(After(from, work, id, [])) : Versions.Missing();

    private static WorkJson After(int? from, WorkStore work, string job, IReadOnlyList<WorkNoteJson> notes)
    {
        var page = work.Page(job, Math.Max(0, from ?? 0), MostCharactersOfPage);
        return new([.. page.Entries.Select(StoredEntries.Read)], page.Total, notes);
    }

    private static Results<Ok<WorkJson>, ProblemHttpResult> Tell(
        string id,
        WorkToldJson told,
        JobStore jobs,
        WorkStore work,
        JobChanges changes
    )
    {
        if (jobs.CoverIds(id) is not { } covers)
        {
            return Versions.Missing();
        }

        var broken = told
            .Entries.Index()
            .SelectMany(entry => StoredEntries.Violations(entry.Item, "entries", entry.Index.ToString(CultureInfo.InvariantCulture)))
            .ToList();
        if (broken.Count > 0)
        {
            return Refusals.Broken(broken);
        }

        if (StoredEntries.NoRoom(work, id, told.Entries.Count) is { } full)
        {
            return TypedResults.Problem(full, statusCode: StatusCodes.Status422UnprocessableEntity);
        }

        if (work.Add(id, [.. told.Entries.Select(StoredEntries.Stored)]) is not { } added)
        {
            return Versions.Missing();
        }

        if (added.Conflicts.Count > 0)
        {
            return Conflict(added.Conflicts);
        }

        if (added.Added.Count > 0)
        {
            changes.Tell(id, "work");
        }

        return TypedResults.Ok(
            After(told.From, work, id, [.. told.Entries.Select(entry => Note(entry, covers, added)).OfType<WorkNoteJson>()])
        );
    }

    /// <summary>What there is to know of an entry that was stored; null for nothing.</summary>
    private static WorkNoteJson? Note(WorkEntry entry, IReadOnlySet<string> covers, WorkAdded added)
    {
        if (entry.Cover.Length > 0 && !covers.Contains(entry.Cover))
        {
            return new(
                entry.Id,
                WorkNoteCode.CoverGone,
                "The cover was removed from the job meanwhile. What was done on it is kept. Bring the cover back, or put its pieces aside."
            );
        }

        if (!added.DoneBefore.TryGetValue(entry.Id, out var document))
        {
            return null;
        }

        var by = DocumentReading.Read<WorkEntry>(document, DocumentRules.Work).Document?.By ?? "";
        return new(
            entry.Id,
            WorkNoteCode.DoneBefore,
            $"This was ticked already{(by.Length > 0 ? $" by {by}" : "")}. Check whether it was done twice."
        );
    }

    /// <summary>Ids that stand there with other content: nothing was stored.</summary>
    private static ProblemHttpResult Conflict(IReadOnlyList<string> ids) =>
        TypedResults.Problem(
            $"Entry “{ids[0]}” is stored already with other content. Nothing was stored: give it another id.",
            statusCode: StatusCodes.Status409Conflict,
            extensions: new Dictionary<string, object?> { ["entries"] = ids }
        );
}
