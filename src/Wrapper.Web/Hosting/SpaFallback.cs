using Microsoft.Extensions.FileProviders;

namespace Wrapper.Web.Hosting;

/// <summary>
/// The one page of the front end, with the word for its own styles written into it; it is asked for anew each time. It is sent
/// for every address that nothing else answers to, but for those of the interface and of files.
/// </summary>
/// <param name="next">What answers otherwise.</param>
/// <param name="files">The built front end.</param>
internal sealed class SpaFallback(RequestDelegate next, IFileProvider files)
{
    /// <summary>What stands in the page for the word.</summary>
    private const string Blank = "STYLE-NONCE";

    public Task InvokeAsync(HttpContext context)
    {
        if (!IsPage(context))
        {
            return next(context);
        }

        context.Response.Headers.CacheControl = "no-cache";
        return TypedResults
            .Content(Read().Replace(Blank, SecurityHeaders.Nonce(context), StringComparison.Ordinal), "text/html; charset=utf-8")
            .ExecuteAsync(context);
    }

    /// <summary>Read each time: it names the other files, and those may have been built anew.</summary>
    private string Read()
    {
        using var reader = new StreamReader(files.GetFileInfo("index.html").CreateReadStream());
        return reader.ReadToEnd();
    }

    private static bool IsPage(HttpContext context) =>
        context.GetEndpoint() is null
        && (HttpMethods.IsGet(context.Request.Method) || HttpMethods.IsHead(context.Request.Method))
        && !context.Request.Path.StartsWithSegments("/api")
        && (!Path.HasExtension(context.Request.Path.Value) || context.Request.Path == "/index.html");
}
