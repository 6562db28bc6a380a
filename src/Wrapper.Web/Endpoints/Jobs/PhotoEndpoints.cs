using Microsoft.AspNetCore.Http.HttpResults;
using Wrapper.Formats.Pictures;
using Wrapper.Formats.Rules;
using Wrapper.Store;
using Wrapper.Web.Requests;
using Wrapper.Web.Stored;

namespace Wrapper.Web.Endpoints.Jobs;

/// <summary>A photograph that hangs on a thing or a measure.</summary>
public sealed record PhotoJson(string Id, string CoverId, string Measure, string Name, DateTimeOffset Added);

internal static class PhotoEndpoints
{
    public static void MapPhotos(this IEndpointRouteBuilder routes)
    {
        var photos = routes.MapGroup("/api/jobs/{jobId}/photos");
        photos
            .MapGet("/", (string jobId, PhotoStore store) => store.List(jobId).Select(Json).ToList())
            .WithName("photos")
            .WithSummary("The photographs of a job.");
        photos.MapGet("/{id}", Find).WithName("photo").WithSummary("One photograph.").ProducesProblem(StatusCodes.Status404NotFound);
        photos
            .MapGet("/{id}/thumbnail", Small)
            .WithName("photoThumbnail")
            .WithSummary("The same, small.")
            .ProducesProblem(StatusCodes.Status404NotFound);
        photos
            .MapDelete("/{id}", (string jobId, string id, PhotoStore store) =>
                store.Delete(jobId, id) ? Results.NoContent() : Versions.Missing()
            )
            .WithName("deletePhoto")
            .WithSummary("Takes a photograph off.")
            .Produces(StatusCodes.Status204NoContent)
            .ProducesProblem(StatusCodes.Status404NotFound);
        photos
            .MapPost(
                "/",
                (string jobId, string cover, string? measure, string? name, HttpRequest request, PhotoStore store, JobChanges changes) =>
                    Keep(jobId, cover, measure, name, request, store, changes)
            )
            .WithName("addPhoto")
            .WithSummary("Keeps a photograph (JPEG, PNG or WebP, at most 8 MB) of a thing or of one of its measures.")
            .Accepts<byte[]>("application/octet-stream")
            .Produces<PhotoJson>()
            .ProducesProblem(StatusCodes.Status404NotFound)
            .ProducesProblem(StatusCodes.Status413PayloadTooLarge)
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity);
    }

    /// <summary>Reads the picture out of the request and keeps it.</summary>
    public static async Task<IResult> Keep(
        string jobId,
        string cover,
        string? measure,
        string? name,
        HttpRequest request,
        PhotoStore store,
        JobChanges changes
    )
    {
        if (await BodyBuffer.Read(request, Photograph.MostBytes, request.HttpContext.RequestAborted) is not { } bytes)
        {
            return TypedResults.Problem(PhotoAlbum.TooLarge, statusCode: StatusCodes.Status413PayloadTooLarge);
        }

        if (cover.Length > 64 || measure?.Length > 64 || name?.Length > 200)
        {
            return Refused("The name of the photograph is too long: at most 200 characters.");
        }

        if (NoRoom(store, jobId, bytes.Length) is { } full)
        {
            return Refused(full);
        }

        var (photo, problem) = Photograph.Read(bytes);
        if (photo is null)
        {
            return Refused(problem!);
        }

        if (
            store.Add(
                Guid.CreateVersion7().ToString("N"),
                jobId,
                cover,
                measure ?? "",
                name ?? "",
                new(photo.Type, photo.Content, photo.Thumbnail)
            )
            is not { } kept
        )
        {
            return TypedResults.Problem(
                "There is no such thing to photograph in this job, or it was deleted.",
                statusCode: StatusCodes.Status404NotFound
            );
        }

        changes.Tell(jobId, "photos");
        return TypedResults.Ok(Json(kept));
    }

    /// <summary>Why there is no room for one more of a job's photographs, in words; null while there is.</summary>
    public static string? NoRoom(PhotoStore store, string jobId, int bytes)
    {
        var (count, weight) = store.Weight(jobId);
        return count < JobLimits.MostPhotos && weight + bytes <= JobLimits.MostBytesOfPhotos
            ? null
            : $"This job holds as many photographs as one can ({JobLimits.MostPhotos}, or "
                + $"{JobLimits.MostBytesOfPhotos / 1024 / 1024} MB): take some off first.";
    }

    private static ProblemHttpResult Refused(string text) =>
        TypedResults.Problem(text, statusCode: StatusCodes.Status422UnprocessableEntity);

    private static PhotoJson Json(StoredPhoto photo) => new(photo.Id, photo.CoverId, photo.Measure, photo.Name, photo.Added);

    private static IResult Find(string jobId, string id, PhotoStore store) => Sent(store.Find(jobId, id));

    private static IResult Small(string jobId, string id, PhotoStore store) => Sent(store.Thumbnail(jobId, id));

    private static IResult Sent((string Type, byte[] Content)? photo) =>
        photo is { } found ? TypedResults.File(found.Content, found.Type) : Versions.Missing();
}
