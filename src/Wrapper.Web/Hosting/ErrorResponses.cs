using System.Text.Json;
using System.Text.RegularExpressions;
using Wrapper.Store;

namespace Wrapper.Web.Hosting;

/// <summary>
/// A request whose JSON cannot be read is the sender's slip: it is answered with 400 and where the trouble is, never with 500.
/// Where the store cannot work, the answer says what holds it up, and that it may be asked again.
/// </summary>
internal static partial class ErrorResponses
{
    public static ExceptionHandlerOptions Handling { get; } =
        new()
        {
            StatusCodeSelector = error =>
                error is BadHttpRequestException request ? request.StatusCode
                : StoreTrouble.Of(error) is { } trouble
                    ? trouble.IsFull ? StatusCodes.Status507InsufficientStorage
                        : StatusCodes.Status503ServiceUnavailable
                : StatusCodes.Status500InternalServerError,
            SuppressDiagnosticsCallback = context =>
                context.Exception is BadHttpRequestException || StoreTrouble.Of(context.Exception) is not null,
        };

    /// <summary>Says what was wrong with the request in a sentence.</summary>
    public static void Explain(ProblemDetailsContext problem)
    {
        if (problem.Exception is BadHttpRequestException error)
        {
            problem.ProblemDetails.Detail = error.InnerException is JsonException json
                ? Sentence(json)
                : "A request body in JSON is asked for.";
        }
        else if (StoreTrouble.Of(problem.Exception) is { } trouble)
        {
            problem.ProblemDetails.Detail = trouble.Text;
        }
        else
        {
            problem.ProblemDetails.Detail ??= problem.HttpContext.Response.StatusCode switch
            {
                StatusCodes.Status404NotFound => "There is nothing at this address.",
                StatusCodes.Status405MethodNotAllowed => $"This address does not answer to {problem.HttpContext.Request.Method}.",
                StatusCodes.Status413PayloadTooLarge => "This is more than can be taken at once.",
                StatusCodes.Status415UnsupportedMediaType =>
                    "This kind of content is not read here: send JSON in UTF-8, or the file as it is where one is asked for.",
                _ => null,
            };
        }
    }

    /// <summary>JSON is read in UTF-8; a request that names other letters is refused before anyone tries.</summary>
    public static Task OnlyKnownLetters(HttpContext context, RequestDelegate next)
    {
        var letters = context.Request.GetTypedHeaders().ContentType?.Charset.Value;
        if (string.IsNullOrEmpty(letters) || letters.Trim('"').Equals("utf-8", StringComparison.OrdinalIgnoreCase))
        {
            return next(context);
        }

        context.Response.StatusCode = StatusCodes.Status415UnsupportedMediaType;
        return Task.CompletedTask;
    }

    private static string Sentence(JsonException json)
    {
        var missing = Missing().Match(json.Message);
        return missing.Success
            ? $"This is missing: {missing.Groups[1].Value.Replace("'", "", StringComparison.Ordinal)}."
            : $"The JSON could not be read at {(string.IsNullOrEmpty(json.Path) ? "$" : json.Path)}, line {json.LineNumber + 1}.";
    }

    [GeneratedRegex(@"missing required properties including: ([^.]+)\.")]
    private static partial Regex Missing();
}
