namespace Wrapper.Web.Requests;

/// <summary>Files that are there for one request, and deleted when they are closed.</summary>
internal static class TemporaryFile
{
    private const int AtOnce = 64 * 1024;

    /// <summary>A path where there is no file yet.</summary>
    /// <param name="ending">The extension, which says the purpose: <c>upload</c>, <c>photos</c>, <c>db</c>.</param>
    public static string Path(string ending) =>
        System.IO.Path.Combine(System.IO.Path.GetTempPath(), $"wrapper-{Guid.NewGuid():N}.{ending}");

    /// <summary>A new, empty file, to be written and read.</summary>
    /// <param name="ending">The extension.</param>
    public static FileStream New(string ending) => Open(Path(ending), FileMode.CreateNew, FileAccess.ReadWrite);

    /// <summary>Opens a finished file to be read once.</summary>
    /// <param name="path">Where it is.</param>
    public static FileStream Written(string path) => Open(path, FileMode.Open, FileAccess.Read);

    private static FileStream Open(string path, FileMode mode, FileAccess access) =>
        new(path, mode, access, FileShare.None, AtOnce, FileOptions.DeleteOnClose | FileOptions.Asynchronous);
}
