using Wrapper.Formats.Pictures;
using Wrapper.Store;

namespace Wrapper.Web.Requests;

/// <summary>
/// Photographs of a job file on their way into the store, in a file of their own: decoding them takes long and the store lets only
/// one write at a time, so that they are decoded first, and none stays in memory meanwhile.
/// </summary>
internal sealed class PhotoSpool : IDisposable
{
    private readonly FileStream _file = TemporaryFile.New("photos");

    /// <summary>Takes a picture in; what it returns reads it again.</summary>
    public Func<StoredPicture> Keep(Photograph picture)
    {
        var at = _file.Seek(0, SeekOrigin.End);
        _file.Write(picture.Content);
        _file.Write(picture.Thumbnail);
        var (type, content, thumbnail) = (picture.Type, picture.Content.Length, picture.Thumbnail.Length);
        return () =>
        {
            _file.Seek(at, SeekOrigin.Begin);
            return new(type, Read(content), Read(thumbnail));
        };
    }

    public void Dispose() => _file.Dispose();

    private byte[] Read(int length)
    {
        var bytes = new byte[length];
        _file.ReadExactly(bytes);
        return bytes;
    }
}
