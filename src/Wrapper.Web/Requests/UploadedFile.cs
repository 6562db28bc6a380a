namespace Wrapper.Web.Requests;

/// <summary>A file that is sent, taken onto the disk as it comes: its size is no matter of memory.</summary>
internal static class UploadedFile
{
    private const int AtOnce = 64 * 1024;

    /// <summary>The body in a file that is deleted when it is closed; null where it is larger than this many bytes.</summary>
    /// <param name="request">The request.</param>
    /// <param name="most">The most bytes that are taken.</param>
    /// <param name="left">The sender has gone.</param>
    public static async Task<FileStream?> Take(HttpRequest request, long most, CancellationToken left)
    {
        if (request.ContentLength > most)
        {
            return null;
        }

        var file = TemporaryFile.New("upload");
        try
        {
            var buffer = new byte[AtOnce];
            int read;
            while ((read = await request.Body.ReadAsync(buffer, left)) > 0)
            {
                if (file.Length + read > most)
                {
                    await file.DisposeAsync();
                    return null;
                }

                await file.WriteAsync(buffer.AsMemory(0, read), left);
            }

            file.Position = 0;
            return file;
        }
        catch
        {
            await file.DisposeAsync();
            throw;
        }
    }
}
