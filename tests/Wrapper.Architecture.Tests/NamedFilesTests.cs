using System.Text.RegularExpressions;
using Wrapper.Tests;
using Xunit;

namespace Wrapper.Architecture.Tests;

/// <summary>Every source file that docs/architecture.md names is where it says.</summary>
public sealed partial class NamedFilesTests
{
    [Fact]
    public void Files_named_in_the_architecture_notes_exist()
    {
        var paths = SourceFiles.With(".cs", ".ts", ".tsx").Select(file => $"/{file.Path}").ToList();
        var named = SourceFile()
            .Matches(File.ReadAllText(Path.Combine(Repository.Root(), "docs", "architecture.md")))
            .Select(match => match.Groups["path"].Value)
            .Distinct()
            .ToList();
        Assert.True(named.Count > 30, $"Only {named.Count} files are named.");
        var missing = named.Where(name => !paths.Exists(path => IsNamed(path, name)));
        Assert.True(!missing.Any(), string.Join(", ", missing));
    }

    /// <summary>By its last folders; a project may be named without its prefix: <c>Formats/Documents/ClothDocument.cs</c>.</summary>
    private static bool IsNamed(string path, string name) =>
        path.EndsWith($"/{name}", StringComparison.Ordinal) || path.EndsWith($"/Wrapper.{name}", StringComparison.Ordinal);

    [GeneratedRegex(@"`(?<path>[\w/.]+\.(cs|tsx?))`")]
    private static partial Regex SourceFile();
}
