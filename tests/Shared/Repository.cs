namespace Wrapper.Tests;

/// <summary>Where the project stands, for tests that look at its files.</summary>
internal static class Repository
{
    /// <summary>Its root: the nearest directory above the tests that has the solution.</summary>
    /// <exception cref="DirectoryNotFoundException">There is none.</exception>
    public static string Root()
    {
        var directory = AppContext.BaseDirectory;
        while (!File.Exists(Path.Combine(directory, "Wrapper.slnx")))
        {
            directory = Path.GetDirectoryName(directory) ?? throw new DirectoryNotFoundException("Wrapper.slnx");
        }

        return directory;
    }
}
