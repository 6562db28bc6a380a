using Wrapper.Store;

namespace Wrapper.Web.Endpoints;

/// <summary>A photograph that hangs on a thing or a measure.</summary>
public sealed record PhotoJson(string Id, string CoverId, string Measure, string Name, DateTimeOffset Added);

internal static class PhotoEndpoints
{
    /// <summary>The kind of picture these bytes begin; null for what is none. Sound and film begin with RIFF as well: a WebP says so after it.</summary>
    public static string? TypeOf(ReadOnlySpan<byte> bytes) =>
        bytes.StartsWith((ReadOnlySpan<byte>)[0xFF, 0xD8, 0xFF]) ? "image/jpeg"
        : bytes.StartsWith((ReadOnlySpan<byte>)[0x89, 0x50, 0x4E, 0x47, 0x0D, 0x0A, 0x1A, 0x0A]) ? "image/png"
        : bytes.Length >= 12 && bytes.StartsWith("RIFF"u8) && bytes[8..12].SequenceEqual("WEBP"u8) ? "image/webp"
        : null;

    public static void MapPhotos(this IEndpointRouteBuilder routes)
    {
        var photos = routes.MapGroup("/api/jobs/{jobId}/photos");
        photos.MapGet("/", (string jobId, PhotoStore store) => store.List(jobId).Select(Json).ToList()).WithName("photos").WithSummary("The photographs of a job.");
        photos.MapGet("/{id}", Find).WithName("photo").WithSummary("One photograph.").ProducesProblem(StatusCodes.Status404NotFound);
        photos.MapDelete("/{id}", (string jobId, string id, PhotoStore store) => store.Delete(jobId, id) ? Results.NoContent() : Versions.Missing())
            .WithName("deletePhoto").WithSummary("Takes a photograph off.").Produces(StatusCodes.Status204NoContent).ProducesProblem(StatusCodes.Status404NotFound);
        photos.MapPost("/", (string jobId, string cover, string? measure, string? name, HttpRequest request, PhotoStore store, JobChanges changes) => Keep(jobId, cover, measure, name, request, store, changes))
            .WithName("addPhoto").WithSummary("Keeps a photograph (JPEG, PNG or WebP, at most 8 MB) of a thing or of one of its measures.")
            .Accepts<byte[]>("application/octet-stream").Produces<PhotoJson>().ProducesProblem(StatusCodes.Status422UnprocessableEntity);
    }

    /// <summary>Reads the picture out of the request and keeps it.</summary>
    public static async Task<IResult> Keep(string jobId, string cover, string? measure, string? name, HttpRequest request, PhotoStore store, JobChanges changes)
    {
        using var content = new MemoryStream();
        await request.Body.CopyToAsync(content);
        var bytes = content.ToArray();
        if (TypeOf(bytes) is not { } type)
        {
            return TypedResults.Problem("This is no photograph that can be kept: send a JPEG, PNG or WebP.", statusCode: StatusCodes.Status422UnprocessableEntity);
        }

        if (cover.Length > 64 || measure?.Length > 64 || name?.Length > 200)
        {
            return TypedResults.Problem("The name of the photograph is too long: at most 200 characters.", statusCode: StatusCodes.Status422UnprocessableEntity);
        }

        if (store.Add(Guid.CreateVersion7().ToString("N"), jobId, cover, measure ?? "", name ?? "", type, bytes) is not { } kept)
        {
            return Versions.Missing();
        }

        changes.Tell(jobId, "photos");
        return TypedResults.Ok(Json(kept));
    }

    private static PhotoJson Json(StoredPhoto photo) => new(photo.Id, photo.CoverId, photo.Measure, photo.Name, photo.Added);

    private static IResult Find(string jobId, string id, PhotoStore store, HttpContext context)
    {
        if (store.Find(jobId, id) is not { } photo)
        {
            return Versions.Missing();
        }

        context.Response.Headers.XContentTypeOptions = "nosniff";
        return TypedResults.File(photo.Content, photo.Type);
    }
}
