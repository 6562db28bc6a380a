using System.Text.Json;
using Microsoft.AspNetCore.Http.HttpResults;
using Wrapper.Core.Checks;
using Wrapper.Formats.Documents;
using Wrapper.Formats.Rules;
using Wrapper.Formats.Validation;
using Wrapper.Store;
using Wrapper.Web.Answers;
using Wrapper.Web.Planning;
using Wrapper.Web.Requests;
using Wrapper.Web.Stored;

namespace Wrapper.Web.Endpoints.Jobs;

internal static class JobFileEndpoints
{
    /// <summary>One file is read at a time: what stands beside its photographs is in memory meanwhile.</summary>
    private static readonly SemaphoreSlim Turn = new(1, 1);

    /// <summary>Its longest text and its photographs, one after another, are each read into the same memory.</summary>
    private static readonly (LargeBuffer Text, LargeBuffer Photo) Room = (new(), new());

    private static string TooLarge { get; } =
        $"This file is larger than {JobLimits.MostBytesOfFile / 1024 / 1024} MB. Remove photographs from the job and export it again.";

    public static void MapJobFiles(this IEndpointRouteBuilder routes)
    {
        routes
            .MapGet("/api/jobs/{id}/export", Export)
            .WithName("exportJob")
            .TakesTime()
            .WithSummary("The whole job in one file: docs/format.md.")
            .Produces<JobFile>()
            .ProducesProblem(StatusCodes.Status404NotFound)
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity);
        routes
            .MapPost("/api/jobs/import", Import)
            .WithName("importJob")
            .TakesTime()
            .WithSummary(
                "Imports a job file, all of it or nothing. Where a job of its id stands already: “copy” makes "
                    + "another, “merge” adds what is not there yet, “refuse” changes nothing."
            )
            .Accepts<JobFile>("application/json")
            .Produces<JobImportedJson>()
            .ProducesProblem(StatusCodes.Status409Conflict)
            .ProducesProblem(StatusCodes.Status413PayloadTooLarge)
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity)
            .WithMetadata(new Microsoft.AspNetCore.Mvc.RequestSizeLimitAttribute(JobLimits.MostBytesOfFile + 1));
        routes
            .MapGet("/api/job.schema.json", () => TypedResults.Text(JobFile.Schema(), "application/schema+json"))
            .WithName("jobSchema")
            .WithSummary("The schema of a job file.");
    }

    private static Results<PushStreamHttpResult, ProblemHttpResult> Export(
        string id,
        JobStore store,
        PhotoStore photos,
        WorkStore work,
        HttpContext context
    )
    {
        if (StoredJobs.Find(store, id) is not { } job)
        {
            return Versions.Missing();
        }

        var entries = StoredEntries.All(work, id);
        if (Broken(job, entries) is { } broken)
        {
            return Refusals.Unprocessable([
                Check.Error(
                    "broken",
                    $"{broken} cannot be read, so the job cannot be exported. Open the job, then repair or remove that part.",
                    null
                ),
            ]);
        }

        var file = new JobFile
        {
            Id = id,
            Name = job.Name,
            Client = job.Client,
            Place = job.Place,
            Unit = job.Unit,
            Cloth = job.Cloth.Cloth,
            Covers = [.. job.Covers.Select(cover => cover.Cover with { Id = cover.Id })],
            Letters = job.Covers.ToDictionary(cover => cover.Id, cover => cover.Letter),
            Work = [.. entries.Where(entry => entry is not UnreadableEntry)],
        };
        var left = context.RequestAborted;
        return TypedResults.Stream(to => file.Write(to, Photos(id, photos), left), "application/json", $"{NameOfFile(job.Name)}.json");
    }

    /// <summary>
    /// A part of the job that would be missing in its file; null where none is. An entry of work that was taken back is not missed.
    /// </summary>
    private static string? Broken(JobJson job, IReadOnlyList<WorkEntry> entries)
    {
        var undone = entries.OfType<UndoneEntry>().Select(entry => entry.Subject).ToHashSet();
        return job.Broken.Count > 0 ? job.Broken[0].Name
            : entries.OfType<UnreadableEntry>().Any(entry => !undone.Contains(entry.Id)) ? "An entry of its work"
            : null;
    }

    private static IEnumerable<PhotoDocument> Photos(string id, PhotoStore photos) =>
        photos
            .List(id)
            .Select(photo => (Photo: photo, Picture: photos.Find(id, photo.Id)))
            .Where(found => found.Picture is not null)
            .Select(found => new PhotoDocument(
                found.Photo.CoverId,
                found.Photo.Measure,
                found.Photo.Name,
                found.Picture!.Value.Type,
                found.Picture.Value.Content
            ));

    private static async Task<Results<Ok<JobImportedJson>, ProblemHttpResult>> Import(
        string? conflict,
        HttpRequest request,
        JobStore store,
        JobImport import
    )
    {
        if ((conflict ?? "copy") is not ("copy" or "merge" or "refuse"))
        {
            return Refused($"“conflict” cannot be “{conflict}”. Choose copy, merge or refuse.", StatusCodes.Status422UnprocessableEntity);
        }

        var left = request.HttpContext.RequestAborted;
        await using var upload = await UploadedFile.Take(request, JobLimits.MostBytesOfFile, left);
        if (upload is null)
        {
            return Refused(TooLarge, StatusCodes.Status413PayloadTooLarge);
        }

        await Turn.WaitAsync(left);
        try
        {
            return await Read(upload, conflict, store, import, left);
        }
        catch (Exception error) when (error is JsonException or FormatException)
        {
            var line = error is JsonException { LineNumber: { } number } ? $" at line {number + 1}" : "";
            return Refused(
                $"This is not a job file: it cannot be read as JSON{line}. Export the job again.",
                StatusCodes.Status422UnprocessableEntity
            );
        }
        finally
        {
            Turn.Release();
        }
    }

    private static async Task<Results<Ok<JobImportedJson>, ProblemHttpResult>> Read(
        FileStream upload,
        string? conflict,
        JobStore store,
        JobImport import,
        CancellationToken left
    )
    {
        var (scan, exceeded) = await JobFileScan.Of(upload, Room.Text, left);
        if (exceeded is not null)
        {
            return Refusals.Unprocessable([Check.Error("too-much", exceeded.Text, exceeded.Name)]);
        }

        var reading = JobFile.Open(scan!.Json);
        if (reading.Document is not { } file)
        {
            return Refusals.Broken(reading.Violations);
        }

        var unfit = (file.Work ?? [])
            .Index()
            .SelectMany(entry => StoredEntries.Violations(entry.Item, "work", $"{entry.Index}"))
            .Take(1)
            .ToList();
        if (unfit.Count > 0)
        {
            return Refusals.Broken(unfit);
        }

        using var album = new PhotoAlbum(upload, scan.Photos, Room.Photo);
        if (album.Violations() is { Count: > 0 } violations)
        {
            return Refusals.Broken(violations);
        }

        var there = file.Id is { } id ? StoredJobs.Find(store, id) : null;
        if (there is not null && conflict == "refuse")
        {
            return Refused(
                $"The job “{there.Name}” is there already. Nothing was changed: import the file as a copy, or merge it.",
                StatusCodes.Status409Conflict
            );
        }

        var result =
            there is not null && conflict == "merge" ? import.Merge(file, there, album.Photos()) : import.Make(file, album.Photos());
        return result.Imported is { } imported ? TypedResults.Ok(imported) : result.Refusal!;
    }

    /// <summary>The job’s name as a name of a file.</summary>
    private static string NameOfFile(string name)
    {
        var plain = string.Concat(name.ToLowerInvariant().Select(letter => char.IsLetterOrDigit(letter) ? letter : '-')).Trim('-');
        return plain.Length > 0 ? plain : "job";
    }

    private static ProblemHttpResult Refused(string text, int status) => TypedResults.Problem(text, statusCode: status);
}
