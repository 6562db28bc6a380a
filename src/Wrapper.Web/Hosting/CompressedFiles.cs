using Microsoft.AspNetCore.StaticFiles;
using Microsoft.Extensions.FileProviders;

namespace Wrapper.Web.Hosting;

/// <summary>
/// Serves the front end as it was compressed at build time: smaller than compression on the fly, and without its cost. Browsers
/// that do not accept the encoding get the plain file.
/// </summary>
/// <param name="next">What answers otherwise.</param>
/// <param name="files">The built front end.</param>
internal sealed class CompressedFiles(RequestDelegate next, IFileProvider files)
{
    /// <summary>What a packed file is called after its own name.</summary>
    public const string Ending = ".br";

    private static readonly FileExtensionContentTypeProvider Known = new();

    /// <summary>Serves packed files as what they are packed from.</summary>
    public static IContentTypeProvider Types { get; } =
        new FileExtensionContentTypeProvider(new Dictionary<string, string>(Known.Mappings) { [Ending] = "application/octet-stream" });

    /// <summary>Sends the packed file where there is one and it can be read.</summary>
    public Task InvokeAsync(HttpContext context)
    {
        var path = context.Request.Path.Value;
        if (
            path is not null
            && IsRead(context.Request)
            && Path.GetExtension(path) is ".js" or ".css"
            && files.GetFileInfo(path + Ending).Exists
        )
        {
            context.Request.Path = path + Ending;
        }

        return next(context);
    }

    /// <summary>Says of a file that is sent packed what it is.</summary>
    public static void Apply(StaticFileResponseContext file)
    {
        if (!file.File.Name.EndsWith(Ending, StringComparison.Ordinal))
        {
            return;
        }

        var headers = file.Context.Response.Headers;
        headers.ContentType = Known.TryGetContentType(file.File.Name[..^Ending.Length], out var type) ? type : "application/octet-stream";
        headers.ContentEncoding = "br";
        headers.Vary = "Accept-Encoding";
    }

    private static bool IsRead(HttpRequest request) =>
        (HttpMethods.IsGet(request.Method) || HttpMethods.IsHead(request.Method))
        && request.GetTypedHeaders().AcceptEncoding.Any(encoding => encoding.Value == "br" && encoding.Quality is not 0);
}
