using Wrapper.Formats.Pictures;
using Wrapper.Web.Requests;
using Wrapper.Web.Stored;

namespace Wrapper.Web.Endpoints.Open;

/// <summary>A picture of one repeat of a cloth, small enough to be kept with it.</summary>
/// <param name="Picture">A <c>data:</c> address, for a cloth's face.</param>
/// <param name="Ground">The colour it has on the whole, <c>#</c> and six digits.</param>
public sealed record FacePictureJson(string Picture, string Ground);

internal static class FaceEndpoints
{
    public static void MapFaces(this IEndpointRouteBuilder routes) =>
        routes
            .MapPost("/api/faces", Make)
            .WithName("facePicture")
            .WithSummary(
                "Makes a picture (JPEG, PNG or WebP, at most 8 MB) into the face of a cloth: small, upright, "
                    + "with nothing in it but its colours. Nothing is kept."
            )
            .Accepts<byte[]>("application/octet-stream")
            .Produces<FacePictureJson>()
            .ProducesProblem(StatusCodes.Status413PayloadTooLarge)
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity);

    private static async Task<IResult> Make(HttpRequest request)
    {
        if (await BodyBuffer.Read(request, Photograph.MostBytes, request.HttpContext.RequestAborted) is not { } bytes)
        {
            return TypedResults.Problem(PhotoAlbum.TooLarge, statusCode: StatusCodes.Status413PayloadTooLarge);
        }

        var (photo, problem) = Photograph.Read(bytes);
        return photo is null
            ? TypedResults.Problem(problem, statusCode: StatusCodes.Status422UnprocessableEntity)
            : TypedResults.Ok(
                new FacePictureJson($"data:image/jpeg;base64,{Convert.ToBase64String(photo.Thumbnail)}", PictureColour.Of(photo.Thumbnail))
            );
    }
}
