using Microsoft.Extensions.FileProviders;

namespace Wrapper.Web.Hosting;

/// <summary>The one page of the front end, with the word for its own styles written into it; it is asked for anew each time.</summary>
/// <param name="files">The built front end.</param>
internal sealed class FirstPage(IFileProvider files)
{
    /// <summary>What stands in the page for the word.</summary>
    private const string Blank = "STYLE-NONCE";

    private readonly Lazy<string> _page = new(() =>
    {
        using var reader = new StreamReader(files.GetFileInfo("index.html").CreateReadStream());
        return reader.ReadToEnd();
    });

    /// <summary>Sends the page.</summary>
    public IResult Answer(HttpContext context)
    {
        context.Response.Headers.CacheControl = "no-cache";
        return TypedResults.Content(_page.Value.Replace(Blank, SafeAnswers.Nonce(context), StringComparison.Ordinal), "text/html; charset=utf-8");
    }
}
