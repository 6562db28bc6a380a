using Wrapper.Store;

namespace Wrapper.Web.Hosting;

/// <summary>
/// Limits how many writes wait for the store at once. While another program holds its file, writers are refused one after
/// another, and reads go on.
/// </summary>
internal sealed class StoreWriteLimiter(RequestDelegate next) : IDisposable
{
    private const int AtOnce = 4;
    private static readonly string[] Written = ["/api/jobs", "/api/house", "/api/sheets"];
    private static readonly string[] Slow = ["/photos", "/photos/", "/import"];

    private readonly SemaphoreSlim _places = new(AtOnce, AtOnce);

    /// <summary>Waits for a place where something is to be written.</summary>
    /// <exception cref="StoreBusyException">There was none for too long.</exception>
    public async Task InvokeAsync(HttpContext context)
    {
        if (!Writes(context.Request))
        {
            await next(context);
            return;
        }

        if (!await _places.WaitAsync(TimeSpan.FromSeconds(Database.LongestWait), context.RequestAborted))
        {
            throw new StoreBusyException();
        }

        try
        {
            await next(context);
        }
        finally
        {
            _places.Release();
        }
    }

    /// <summary>Photographs and job files come in slowly, and wait for the store only when they have come.</summary>
    private static bool Writes(HttpRequest request) =>
        !HttpMethods.IsGet(request.Method)
        && !HttpMethods.IsHead(request.Method)
        && Array.Exists(Written, path => request.Path.StartsWithSegments(path))
        && !Array.Exists(Slow, end => request.Path.Value!.EndsWith(end, StringComparison.OrdinalIgnoreCase));

    /// <inheritdoc />
    public void Dispose() => _places.Dispose();
}
