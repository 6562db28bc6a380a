using System.Text;
using Xunit;

namespace Wrapper.Tests;

/// <summary>
/// Answers that were proved once and have to stay as they are, kept in a file beside the tests. Whoever means to change them
/// runs the tests with WRAPPER_GOLDEN=write and reads the difference before it is committed.
/// </summary>
internal static class Golden
{
    /// <summary>Holds named lines against those of a file whose names begin with <paramref name="part"/>: all, when none is said.</summary>
    public static void Hold(string file, IEnumerable<(string Name, string Line)> answers, string part = "")
    {
        if (Environment.GetEnvironmentVariable("WRAPPER_GOLDEN") == "write")
        {
            var path = Path.Combine(Source(), file);
            var lines = File.Exists(path) ? File.ReadAllLines(path).ToList() : [];
            var at = Math.Max(0, lines.FindIndex(line => line.StartsWith(part, StringComparison.Ordinal)));
            lines.RemoveAll(line => line.StartsWith(part, StringComparison.Ordinal));
            lines.InsertRange(at, answers.Select(answer => $"{answer.Name}\t{answer.Line}"));
            File.WriteAllLines(path, lines, new UTF8Encoding(false));
            return;
        }

        var kept = File.ReadAllLines(Path.Combine(Path.GetDirectoryName(typeof(Golden).Assembly.Location)!, "golden", file))
            .Where(line => line.StartsWith(part, StringComparison.Ordinal))
            .Select(line => line.Split('\t', 2))
            .ToDictionary(parts => parts[0], parts => parts[1]);
        foreach (var (name, line) in answers)
        {
            Assert.True(kept.Remove(name, out var answer), $"{name} is not in {file}");
            Assert.True(answer == line, $"{file}, {name}:\n  was {answer}\n  is  {line}");
        }

        Assert.True(
            kept.Count == 0,
            $"{file}: {string.Join(", ", kept.Keys.Take(5))} {(kept.Count == 1 ? "is" : "are")} not answered any more"
        );
    }

    /// <summary>The folder the files are kept in: beside the project, found from where the tests were built.</summary>
    private static string Source()
    {
        var folder = new DirectoryInfo(Path.GetDirectoryName(typeof(Golden).Assembly.Location)!);
        while (folder is not null && folder.GetFiles("*.csproj").Length == 0)
        {
            folder = folder.Parent;
        }

        return Path.Combine(folder!.FullName, "golden");
    }
}
