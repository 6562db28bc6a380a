using System.Text;
using Wrapper.Core.Checks;
using Wrapper.Formats.Outlines;
using Wrapper.Web.Answers;
using Wrapper.Web.Requests;

namespace Wrapper.Web.Endpoints.Open;

/// <summary>An outline out of a drawing.</summary>
/// <param name="Text">Its points as they are typed: <c>x, y, rise; …</c></param>
/// <param name="Corners">The same as numbers in millimetres.</param>
/// <param name="Notes">What had to be assumed.</param>
public sealed record OutlineJson(string Text, IReadOnlyList<double[]> Corners, IReadOnlyList<string> Notes);

internal static class OutlineEndpoints
{
    public static void MapOutlines(this IEndpointRouteBuilder routes) =>
        routes
            .MapPost("/api/outlines", Read)
            .WithName("readOutline")
            .WithSummary("Reads the outline of a thing out of an SVG or DXF drawing.")
            .Accepts<string>("text/plain")
            .Produces<OutlineJson>()
            .ProducesProblem(StatusCodes.Status413PayloadTooLarge)
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity);

    private static async Task<IResult> Read(HttpRequest request, CancellationToken left)
    {
        if (await BodyBuffer.Read(request, OutlineFile.MostBytes, left) is not { } body)
        {
            return TypedResults.Problem(
                $"This drawing is larger than {OutlineFile.MostBytes / 1024 / 1024} MB: save the outline alone and try again.",
                statusCode: StatusCodes.Status413PayloadTooLarge
            );
        }

        var outline = OutlineFile.Read(Encoding.UTF8.GetString(body), left);
        return outline.Problem is { } problem
            ? Refusals.Unprocessable([Check.Error("drawing-unreadable", problem, "points")])
            : TypedResults.Ok(
                new OutlineJson(
                    outline.Text,
                    [.. outline.Corners.Select(corner => new[] { corner.X, corner.Y, corner.Rise })],
                    outline.Notes
                )
            );
    }
}
