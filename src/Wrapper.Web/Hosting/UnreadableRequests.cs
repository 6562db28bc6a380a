using System.Text.Json;
using Wrapper.Store;

namespace Wrapper.Web.Hosting;

/// <summary>
/// A request whose JSON cannot be read is the sender's slip: it is answered with 400 and where the trouble is, never with 500.
/// Where the store cannot work, the answer says what holds it up, and that it may be asked again.
/// </summary>
internal static class UnreadableRequests
{
    public static ExceptionHandlerOptions Handling { get; } = new()
    {
        StatusCodeSelector = error => error is BadHttpRequestException request ? request.StatusCode
            : StoreTrouble.Of(error) is { } trouble ? trouble.IsFull ? StatusCodes.Status507InsufficientStorage : StatusCodes.Status503ServiceUnavailable
            : StatusCodes.Status500InternalServerError,
        SuppressDiagnosticsCallback = context => context.Exception is BadHttpRequestException || StoreTrouble.Of(context.Exception) is not null,
    };

    /// <summary>Says what was wrong with the request in a sentence.</summary>
    public static void Explain(ProblemDetailsContext problem)
    {
        if (problem.Exception is BadHttpRequestException error)
        {
            problem.ProblemDetails.Detail = error.InnerException is JsonException json
                ? $"The JSON could not be read at {(string.IsNullOrEmpty(json.Path) ? "$" : json.Path)}, line {json.LineNumber + 1}."
                : "A request body in JSON is asked for.";
        }
        else if (StoreTrouble.Of(problem.Exception) is { } trouble)
        {
            problem.ProblemDetails.Detail = trouble.Text;
        }
    }
}
