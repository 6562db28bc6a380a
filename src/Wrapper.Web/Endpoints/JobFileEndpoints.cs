using System.Text;
using System.Text.Json;
using Microsoft.AspNetCore.Http.HttpResults;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Formats;
using Wrapper.Store;
using Wrapper.Web.Planning;

namespace Wrapper.Web.Endpoints;

internal static class JobFileEndpoints
{
    /// <summary>A job file may carry photographs.</summary>
    private const long MostBytes = 128 * 1024 * 1024;

    public static void MapJobFiles(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/jobs/{id}/export", Export)
            .WithName("exportJob").TakesTime().WithSummary("The whole job in one file: docs/format.md.").Produces<JobFile>().ProducesProblem(StatusCodes.Status404NotFound);
        routes.MapPost("/api/jobs/import", Import)
            .WithName("importJob").TakesTime().WithSummary("Takes a job file. Where a job of its id stands already: “copy” makes another, “merge” adds what is not there yet, “refuse” changes nothing.")
            .Accepts<JobFile>("application/json").Produces<JobImportedJson>().ProducesProblem(StatusCodes.Status409Conflict).ProducesProblem(StatusCodes.Status422UnprocessableEntity)
            .WithMetadata(new Microsoft.AspNetCore.Mvc.RequestSizeLimitAttribute(MostBytes));
        routes.MapGet("/api/job.schema.json", () => TypedResults.Text(JobFile.Schema(), "application/schema+json")).WithName("jobSchema").WithSummary("The schema of a job file.");
    }

    private static Results<FileContentHttpResult, ProblemHttpResult> Export(string id, JobStore store, PhotoStore photos, WorkStore work)
    {
        if (JobEndpoints.Find(store, id) is not { } job)
        {
            return Versions.Missing();
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
            Work = [.. WorkEndpoints.Entries(work, id)],
            Photos = [.. photos.List(id).Select(photo => (Photo: photo, Picture: photos.Find(id, photo.Id))).Where(found => found.Picture is not null)
                .Select(found => new PhotoDocument(found.Photo.CoverId, found.Photo.Measure, found.Photo.Name, found.Picture!.Value.Type, found.Picture.Value.Content))],
        };
        return TypedResults.File(Encoding.UTF8.GetBytes(file.Write()), "application/json", $"{NameOfFile(job.Name)}.json");
    }

    private static async Task<Results<Ok<JobImportedJson>, ProblemHttpResult>> Import(string? conflict, HttpRequest request, JobStore store, JobImport import)
    {
        if ((conflict ?? "copy") is not ("copy" or "merge" or "refuse"))
        {
            return Refused($"“{conflict}” is nothing to do about a job that is there already: choose copy, merge or refuse.", StatusCodes.Status422UnprocessableEntity);
        }

        JobFile file;
        try
        {
            using var reader = new StreamReader(request.Body, Encoding.UTF8);
            var text = await reader.ReadToEndAsync(request.HttpContext.RequestAborted);
            if (!JsonLetters.AreWhole(Encoding.UTF8.GetBytes(text)))
            {
                return Refused("This job file holds half a letter, which is no text: save it again where it was made.", StatusCodes.Status422UnprocessableEntity);
            }

            file = JobFile.Read(text);
        }
        catch (JsonException error)
        {
            return Refused(error.Message, StatusCodes.Status422UnprocessableEntity);
        }

        if (JobUnit.Read(file.Unit) is null)
        {
            return Refused(UnknownUnit.Check(file.Unit).Text, StatusCodes.Status422UnprocessableEntity);
        }

        var there = file.Id is { Length: > 0 } id ? JobEndpoints.Find(store, id) : null;
        if (there is not null && conflict == "refuse")
        {
            return Refused($"The job “{there.Name}” is there already: nothing was changed. Take the file in as a copy, or merge it.", StatusCodes.Status409Conflict);
        }

        var merged = there is not null && conflict == "merge" ? there : null;
        if (JobCeilings.Refusal(file, merged is null ? (0, 0) : store.WeightWithout(merged.Id, "")) is { } refusal)
        {
            return refusal;
        }

        return TypedResults.Ok(there is not null && conflict == "merge" ? import.Merge(file, there) : import.Make(file, there is null ? file.Id : null));
    }

    /// <summary>The job’s name as a name of a file.</summary>
    private static string NameOfFile(string name)
    {
        var plain = string.Concat(name.ToLowerInvariant().Select(letter => char.IsLetterOrDigit(letter) ? letter : '-')).Trim('-');
        return plain.Length > 0 ? plain : "job";
    }

    private static ProblemHttpResult Refused(string text, int status) => TypedResults.Problem(text, statusCode: status);
}
