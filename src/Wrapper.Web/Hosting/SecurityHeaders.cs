using System.Security.Cryptography;

namespace Wrapper.Web.Hosting;

/// <summary>
/// Adds security headers to every answer: no content from other origins, no framing, no type sniffing, no referrer.
/// </summary>
/// <param name="next">What answers.</param>
internal sealed class SecurityHeaders(RequestDelegate next)
{
    private static readonly object Key = new();

    /// <summary>The word by which styles that the page makes for itself are known; another in every answer.</summary>
    public static string Nonce(HttpContext context) =>
        (string)(context.Items[Key] ??= Convert.ToBase64String(RandomNumberGenerator.GetBytes(16)));

    public Task InvokeAsync(HttpContext context)
    {
        context.Response.OnStarting(() =>
        {
            var headers = context.Response.Headers;
            headers.XContentTypeOptions = "nosniff";
            headers["Referrer-Policy"] = "no-referrer";
            headers["Cross-Origin-Opener-Policy"] = "same-origin";
            headers["Cross-Origin-Resource-Policy"] = "same-origin";
            headers.ContentSecurityPolicy =
                "default-src 'none'; script-src 'self'; connect-src 'self'; font-src 'self'; "
                + "manifest-src 'self'; img-src 'self' data: blob:; "
                + $"style-src 'self' 'nonce-{Nonce(context)}'; base-uri 'none'; form-action 'none'; frame-ancestors 'none'";
            return Task.CompletedTask;
        });
        return next(context);
    }
}
