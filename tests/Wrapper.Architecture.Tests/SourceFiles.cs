using Wrapper.Tests;
using Xunit;

namespace Wrapper.Architecture.Tests;

/// <summary>The hand-written source files of the repository, by their path from its root.</summary>
internal static class SourceFiles
{
    private static readonly string[] Roots = ["src", "tests", "bench", "web/src"];
    private static readonly string[] Generated = ["bin", "obj", "node_modules", "dist", "schema.d.ts"];

    private static readonly string[] Extensions = [".cs", ".ts", ".tsx", ".css", ".mjs", ".cjs"];

    /// <summary>Read once for all tests.</summary>
    private static readonly Lazy<List<SourceFile>> All = new(Read);

    /// <summary>All files with one of these extensions.</summary>
    /// <param name="extensions">With their dot: <c>.cs</c>.</param>
    public static IReadOnlyList<SourceFile> With(params string[] extensions)
    {
        Assert.Empty(extensions.Except(Extensions));
        var files = All.Value.FindAll(file => extensions.Contains(Path.GetExtension(file.Path)));
        Assert.True(files.Count > 200, $"Only {files.Count} files were found.");
        return files;
    }

    private static List<SourceFile> Read()
    {
        var root = Repository.Root();
        return
        [
            .. Roots
                .SelectMany(from => Directory.EnumerateFiles(Path.Combine(root, from), "*", SearchOption.AllDirectories))
                .Where(file => Extensions.Contains(Path.GetExtension(file)))
                .Select(file => Path.GetRelativePath(root, file).Replace('\\', '/'))
                .Where(file => !file.Split('/').Any(Generated.Contains))
                .Order(StringComparer.Ordinal)
                .Select(file => new SourceFile(file, File.ReadAllLines(Path.Combine(root, file)))),
        ];
    }
}

/// <summary>A source file.</summary>
/// <param name="Path">Its path from the repository's root, with forward slashes.</param>
/// <param name="Lines">Its lines.</param>
internal sealed record SourceFile(string Path, IReadOnlyList<string> Lines)
{
    /// <summary>It holds tests: it stands under <c>tests</c>, or beside what it tests with <c>.test</c> in its name.</summary>
    public bool IsTest => Path.StartsWith("tests/", StringComparison.Ordinal) || Path.Contains(".test.", StringComparison.Ordinal);
}
