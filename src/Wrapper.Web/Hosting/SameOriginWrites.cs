namespace Wrapper.Web.Hosting;

/// <summary>
/// Refuses writes that a page of another site sends through the maker's browser: a request that names an origin has to
/// name this one, and one the browser says comes from another site is refused even where it names none.
/// </summary>
public sealed class SameOriginWrites(RequestDelegate next)
{
    /// <summary>Lets reads and same-origin writes through.</summary>
    public async Task InvokeAsync(HttpContext context)
    {
        ArgumentNullException.ThrowIfNull(context);
        var origin = context.Request.Headers.Origin.ToString();
        var own = $"{context.Request.Scheme}://{context.Request.Host}";
        var isFromElsewhere = (origin.Length > 0 && origin != own) || context.Request.Headers["Sec-Fetch-Site"] == "cross-site";
        if (isFromElsewhere && !HttpMethods.IsGet(context.Request.Method) && !HttpMethods.IsHead(context.Request.Method))
        {
            await TypedResults
                .Problem("Writes are taken from this application’s own pages only.", statusCode: StatusCodes.Status403Forbidden)
                .ExecuteAsync(context);
            return;
        }

        await next(context);
    }
}
