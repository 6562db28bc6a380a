using Microsoft.AspNetCore.StaticFiles;

namespace Wrapper.Web.Hosting;

/// <summary>Built files carry a hash in their name and can be kept for ever; the page that names them is asked for each time.</summary>
internal static class StaticCaching
{
    public static void Apply(StaticFileResponseContext file)
    {
        file.Context.Response.Headers.CacheControl = file.File.Name == "index.html" ? "no-cache" : "public, max-age=31536000, immutable";
        CompressedFiles.Apply(file);
    }
}
