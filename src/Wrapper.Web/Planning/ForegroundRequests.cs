namespace Wrapper.Web.Planning;

/// <summary>Requests that are answered at once have the right of way while they are under way.</summary>
internal sealed class ForegroundRequests(RequestDelegate next, RightOfWay way)
{
    /// <summary>Takes the right of way for all but what takes its time.</summary>
    public async Task InvokeAsync(HttpContext context)
    {
        if (context.GetEndpoint()?.Metadata.GetMetadata<LongRunning>() is not null)
        {
            await next(context);
            return;
        }

        using (way.Take())
        {
            await next(context);
        }
    }
}
