using System.Text.Json;

namespace Wrapper.Web.Hosting;

/// <summary>A request whose JSON cannot be read is the sender's slip: it is answered with 400 and where the trouble is, never with 500.</summary>
internal static class UnreadableRequests
{
    public static ExceptionHandlerOptions Handling { get; } = new()
    {
        StatusCodeSelector = error => error is BadHttpRequestException request ? request.StatusCode : StatusCodes.Status500InternalServerError,
        SuppressDiagnosticsCallback = context => context.Exception is BadHttpRequestException,
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
    }
}
