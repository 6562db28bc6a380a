using Microsoft.AspNetCore.Http.Metadata;
using Wrapper.Core.Checks;
using Wrapper.Web.Endpoints;

namespace Wrapper.Web.Hosting;

/// <summary>Looks at JSON before anybody reads it: what is above a ceiling is refused with 422 and its name, what is too much at all with 413.</summary>
internal sealed class MeasuredRequests(RequestDelegate next)
{
    /// <summary>Lets a request through that is within the ceilings.</summary>
    public async Task InvokeAsync(HttpContext context)
    {
        if (!context.Request.HasJsonContentType() || context.GetEndpoint()?.Metadata.GetMetadata<IRequestSizeLimitMetadata>() is not null)
        {
            await next(context);
            return;
        }

        if (await WholeBody.Read(context.Request, RequestCeilings.MostBytes, context.RequestAborted) is not { } body)
        {
            context.Response.StatusCode = StatusCodes.Status413PayloadTooLarge;
            return;
        }

        if (RequestCeilings.Exceeded(body) is { } exceeded)
        {
            await Refusals.Unprocessable([Check.Error("too-much", exceeded.Text, exceeded.Name)]).ExecuteAsync(context);
            return;
        }

        context.Request.Body = new MemoryStream(body, writable: false);
        await next(context);
    }
}
