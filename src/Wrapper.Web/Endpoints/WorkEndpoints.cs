using System.Text;
using System.Text.Json;
using Microsoft.AspNetCore.Http.HttpResults;
using Wrapper.Formats;
using Wrapper.Store;

namespace Wrapper.Web.Endpoints;

/// <summary>What was done on a job, told one or many at a time.</summary>
/// <param name="Entries">What was done.</param>
/// <param name="From">How many entries of the job whoever tells knows already: only those after them are answered. Null for none.</param>
public sealed record WorkToldJson(IReadOnlyList<WorkEntry> Entries, int? From);

/// <summary>A word about an entry that was told.</summary>
/// <param name="Entry">Its id.</param>
/// <param name="Code"><c>cover-gone</c>: kept, but its cover was taken off the job; <c>done-before</c>: kept, but it had been told already; <c>refused</c>: not kept.</param>
/// <param name="Text">What to know of it.</param>
public sealed record WorkNoteJson(string Entry, string Code, string Text);

/// <summary>Where the record of a cover is found.</summary>
/// <param name="Cover">The cover’s id.</param>
/// <param name="Number">Which of those alike.</param>
/// <param name="Address">The address.</param>
/// <param name="Code">The same as a square code: an SVG.</param>
public sealed record RecordCodeJson(string Cover, int Number, string Address, string Code);

/// <summary>The work on a job as it was told.</summary>
/// <param name="Entries">It, in the order it came in; without those that are known already. Entries are only added: what is known stays where it is.</param>
/// <param name="Total">How many there are with those.</param>
/// <param name="Notes">What there is to know of entries that were told just now.</param>
public sealed record WorkJson(IReadOnlyList<WorkEntry> Entries, int Total, IReadOnlyList<WorkNoteJson> Notes);

internal static class WorkEndpoints
{
    /// <summary>The most entries that are kept with one job.</summary>
    public const int MostEntries = 20_000;
    private const int MostBytesOfEntry = 256 * 1024;
    private const long MostCharacters = 16_000_000;

    public static void MapWork(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/jobs/{id}/work", Get).WithName("work").WithSummary("What was cut, sewn and found on a job, as it was told.").ProducesProblem(StatusCodes.Status404NotFound);
        routes.MapPost("/api/jobs/{id}/work", Tell).WithName("tellWork")
            .WithSummary("Tells what was done. Entries are only added; one that is sent again is kept once, so that what waited for a connection can be sent whole.")
            .ProducesProblem(StatusCodes.Status404NotFound).ProducesProblem(StatusCodes.Status422UnprocessableEntity);
        routes.MapGet("/api/jobs/{id}/record-codes", Codes).WithName("recordCodes").WithSummary("The address of each cover’s record, also as a square code for its label.").ProducesProblem(StatusCodes.Status404NotFound);
    }

    /// <summary>The address of each cover’s record, as this house is reached.</summary>
    private static Results<Ok<IReadOnlyList<RecordCodeJson>>, ProblemHttpResult> Codes(string id, JobStore jobs, HttpContext context)
    {
        if (JobEndpoints.Find(jobs, id) is not { } job)
        {
            return Versions.Missing();
        }

        return TypedResults.Ok<IReadOnlyList<RecordCodeJson>>([.. job.Covers.SelectMany(cover => Enumerable.Range(1, CountOf(cover)).Select(number =>
        {
            var address = $"{context.Request.Scheme}://{context.Request.Host}/jobs/{Uri.EscapeDataString(id)}/hand-over/{Uri.EscapeDataString(cover.Id)}/{number}";
            return new RecordCodeJson(cover.Id, number, address, SquareCode.Svg(address, "#ffffff"));
        }))]);
    }

    /// <summary>How many are alike, as far as that can be read; no more than a sheet has labels for.</summary>
    private static int CountOf(CoverJson cover) => int.TryParse(cover.Cover.ToInput().Count.ToString("0", System.Globalization.CultureInfo.InvariantCulture), out var count) ? Math.Clamp(count, 1, 100) : 1;

    /// <summary>An entry as it is kept.</summary>
    public static StoredWork Stored(WorkEntry entry) => new(entry.Id, entry.Kind, entry.Cover, JsonSerializer.Serialize(entry, OpenFormat.Json));

    /// <summary>The entries of a job.</summary>
    /// <param name="work">Where they are kept.</param>
    /// <param name="job">The job.</param>
    /// <param name="from">How many of them are known already.</param>
    public static IReadOnlyList<WorkEntry> Entries(WorkStore work, string job, int from = 0) => [.. work.List(job, from).Select(Read)];

    /// <summary>An entry as it was told.</summary>
    public static WorkEntry Read(StoredWork stored) => JsonSerializer.Deserialize<WorkEntry>(stored.Document, OpenFormat.Json)!;

    /// <summary>Why an entry cannot be kept; null where it can.</summary>
    public static string? Problem(WorkEntry? entry) => entry is null ? "An entry is empty."
        : entry.Problem() ?? (Encoding.UTF8.GetByteCount(Stored(entry).Document) > MostBytesOfEntry ? $"It takes more than {MostBytesOfEntry / 1024} kB." : null);

    /// <summary>A job has room for so many more; what stands in the way in words, null for nothing.</summary>
    public static string? NoRoom(WorkStore work, string job, int more)
    {
        var (count, characters) = work.Weight(job);
        return count + more > MostEntries || characters > MostCharacters ? $"This job holds {count} entries of work: no more than {MostEntries} are kept with one job." : null;
    }

    private static Results<Ok<WorkJson>, ProblemHttpResult> Get(string id, int? from, JobStore jobs, WorkStore work) =>
        jobs.Find(id) is null ? Versions.Missing() : TypedResults.Ok(After(from, work, id, []));

    private static WorkJson After(int? from, WorkStore work, string job, IReadOnlyList<WorkNoteJson> notes) => new(Entries(work, job, from ?? 0), work.Weight(job).Count, notes);

    private static Results<Ok<WorkJson>, ProblemHttpResult> Tell(string id, WorkToldJson told, JobStore jobs, WorkStore work, JobChanges changes)
    {
        if (jobs.Find(id) is not { } job)
        {
            return Versions.Missing();
        }

        if (NoRoom(work, id, told.Entries.Count) is { } full)
        {
            return TypedResults.Problem(full, statusCode: StatusCodes.Status422UnprocessableEntity);
        }

        var before = Entries(work, id);
        var (fit, notes) = (new List<WorkEntry>(), new List<WorkNoteJson>());
        foreach (var entry in told.Entries)
        {
            if (Problem(entry) is { } problem)
            {
                notes.Add(new(entry?.Id ?? "", "refused", $"This was not kept. {problem}"));
                continue;
            }

            fit.Add(entry);
            if (entry.Cover.Length > 0 && !job.Covers.Any(cover => cover.Id == entry.Cover))
            {
                notes.Add(new(entry.Id, "cover-gone", "The cover was taken off the job meanwhile. What was done on it is kept; bring the cover back, or put its pieces aside."));
            }
            else if (DoneBefore(entry, before) is { } earlier)
            {
                notes.Add(new(entry.Id, "done-before", $"This was told already{(earlier.By.Length > 0 ? $" by {earlier.By}" : "")}: look whether it was done twice."));
            }
        }

        if (work.Add(id, [.. fit.Select(Stored)]) is not { } added)
        {
            return Versions.Missing();
        }

        if (added.Count > 0)
        {
            changes.Tell(id, "work");
        }

        return TypedResults.Ok(After(told.From, work, id, notes));
    }

    /// <summary>Another entry that tells the same and still counts.</summary>
    private static WorkEntry? DoneBefore(WorkEntry entry, IReadOnlyList<WorkEntry> before) => entry.What is not (WorkKind.Cut or WorkKind.Sewn) ? null
        : before.LastOrDefault(known => known.Cover == entry.Cover && known.Number == entry.Number && known.Subject == entry.Subject && known.What is WorkKind.Cut or WorkKind.Sewn or WorkKind.Spoiled) is { } last
            && last.Kind == entry.Kind && last.Id != entry.Id && !before.Any(undone => undone.What == WorkKind.Undone && undone.Subject == last.Id) ? last : null;
}
