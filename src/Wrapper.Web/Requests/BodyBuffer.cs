namespace Wrapper.Web.Requests;

/// <summary>
/// Reads a request's body into memory, up to a limit.
/// </summary>
internal static class BodyBuffer
{
    private const int AtOnce = 16 * 1024;

    /// <summary>The body; null where it is larger than this many bytes.</summary>
    /// <param name="request">The request.</param>
    /// <param name="most">The most bytes that are taken.</param>
    /// <param name="left">The sender has gone.</param>
    public static async Task<byte[]?> Read(HttpRequest request, int most, CancellationToken left)
    {
        if (request.ContentLength > most)
        {
            return null;
        }

        using var taken = new MemoryStream((int)(request.ContentLength ?? AtOnce));
        var buffer = new byte[AtOnce];
        int read;
        while ((read = await request.Body.ReadAsync(buffer, left)) > 0)
        {
            if (taken.Length + read > most)
            {
                return null;
            }

            taken.Write(buffer, 0, read);
        }

        return taken.ToArray();
    }
}
