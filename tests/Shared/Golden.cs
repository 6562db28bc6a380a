using System.Text;
using Xunit;

namespace Wrapper.Tests;

/// <summary>
/// Answers that were proved once and have to stay as they are, kept in a file beside the tests. Whoever means to change them runs the
/// tests with WRAPPER_GOLDEN=write: the file is written, what changed is printed, and the run fails, so that nobody takes it for a proof.
/// </summary>
internal static class Golden
{
    /// <summary>Of so many changes each is printed; the others are counted.</summary>
    private const int Printed = 12;

    /// <summary>Golden files are to be written anew.</summary>
    public static bool IsToBeWritten => Environment.GetEnvironmentVariable("WRAPPER_GOLDEN") == "write";

    /// <summary>Holds named lines against those of a file whose names begin with <paramref name="part"/>: all, when none is said.</summary>
    public static void Hold(string file, IEnumerable<(string Name, string Line)> answers, string part = "")
    {
        var path = Path.Combine(
            IsToBeWritten ? Source() : Path.Combine(Path.GetDirectoryName(typeof(Golden).Assembly.Location)!, "golden"),
            file
        );
        var lines = File.Exists(path) ? File.ReadAllLines(path).ToList() : [];
        List<(string Name, string Line)> given = [.. answers];
        var changes = Changes(lines.Where(line => line.StartsWith(part, StringComparison.Ordinal)), given).ToList();
        if (IsToBeWritten && changes.Count > 0)
        {
            var at = Math.Max(0, lines.FindIndex(line => line.StartsWith(part, StringComparison.Ordinal)));
            lines.RemoveAll(line => line.StartsWith(part, StringComparison.Ordinal));
            lines.InsertRange(at, given.Select(answer => $"{answer.Name}\t{answer.Line}"));
            File.WriteAllLines(path, lines, new UTF8Encoding(false));
        }

        Assert.True(changes.Count == 0, Told(file, changes));
    }

    /// <summary>What is answered otherwise, not any more, or for the first time.</summary>
    private static IEnumerable<string> Changes(IEnumerable<string> kept, IEnumerable<(string Name, string Line)> answers)
    {
        var known = kept.Select(line => line.Split('\t', 2)).ToDictionary(parts => parts[0], parts => parts[1]);
        foreach (var (name, line) in answers)
        {
            if (!known.Remove(name, out var was))
            {
                yield return $"{name}\n  new {line}";
            }
            else if (was != line)
            {
                yield return $"{name}\n  was {was}\n  is  {line}";
            }
        }

        foreach (var name in known.Keys)
        {
            yield return $"{name}\n  is not answered any more";
        }
    }

    private static string Told(string file, List<string> changes) =>
        $"{file}: {changes.Count} answers {(IsToBeWritten ? "were written anew" : "are not what they were")}\n"
        + string.Join('\n', changes.Take(Printed))
        + (changes.Count > Printed ? $"\nand {changes.Count - Printed} more" : "");

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
