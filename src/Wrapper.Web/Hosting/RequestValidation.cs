using Microsoft.AspNetCore.Http.Metadata;
using Wrapper.Core.Checks;
using Wrapper.Formats.Rules;
using Wrapper.Web.Answers;
using Wrapper.Web.Requests;

namespace Wrapper.Web.Hosting;

/// <summary>
/// The gate of everything that is sent as JSON, before anybody reads it: what is above a limit or breaks a rule of its document
/// is refused with 422, its field and the fix; what is far too much with 413. See docs/reliability.md, "One gate".
/// </summary>
internal sealed class RequestValidation(RequestDelegate next)
{
    /// <summary>Lets a request through that keeps to the limits and to the rules of its document.</summary>
    public async Task InvokeAsync(HttpContext context)
    {
        var endpoint = context.GetEndpoint();
        if (!context.Request.HasJsonContentType() || endpoint?.Metadata.GetMetadata<IRequestSizeLimitMetadata>() is not null)
        {
            await next(context);
            return;
        }

        if (await BodyBuffer.Read(context.Request, JsonLimits.MostBytes, context.RequestAborted) is not { } body)
        {
            context.Response.StatusCode = StatusCodes.Status413PayloadTooLarge;
            return;
        }

        if (JsonLimits.Exceeded(body) is { } exceeded)
        {
            await Refusals.Unprocessable([Check.Error("too-much", exceeded.Text, exceeded.Name)]).ExecuteAsync(context);
            return;
        }

        if (endpoint?.Metadata.GetMetadata<BodyRule>() is { } ruled && ruled.Violations(body) is { Count: > 0 } violations)
        {
            await Refusals.Broken(violations).ExecuteAsync(context);
            return;
        }

        context.Request.Body = new MemoryStream(body, writable: false);
        await next(context);
    }
}
