using System.Globalization;

namespace Wrapper.Mutants;

/// <summary>Why a change that no test notices may stay: it changes nothing that can be seen, or what it changes is no sum.</summary>
internal static class Explained
{
    /// <summary>The reasons by the name of the change; none when there is no such file.</summary>
    public static Dictionary<string, string> Read(string path) =>
        File.Exists(path)
            ? File.ReadLines(path)
                .Where(line => line.Length > 0 && line[0] != '#')
                .Select(line => line.Split('\t'))
                .DistinctBy(parts => parts[0])
                .ToDictionary(parts => parts[0], parts => parts[1])
            : [];
}

/// <summary>How all changes fared, by kind.</summary>
internal sealed class Report(IReadOnlyList<Verdict> verdicts, Dictionary<string, string> explained)
{
    /// <summary>What nobody noticed, and nobody said why.</summary>
    public IReadOnlyList<Mutant> Unexplained { get; } =
    [
        .. verdicts
            .Where(verdict => !verdict.Noticed && !explained.ContainsKey(verdict.Mutant.Name))
            .Select(verdict => verdict.Mutant)
            .OrderBy(mutant => mutant.Id),
    ];

    /// <summary>The table, and every change that was not noticed.</summary>
    public void Write(TextWriter output)
    {
        output.WriteLine();
        output.WriteLine("| what is changed | tried | noticed | not noticed | of these explained | share noticed |");
        output.WriteLine("|---|---:|---:|---:|---:|---:|");
        foreach (var kind in verdicts.GroupBy(verdict => verdict.Mutant.Kind).OrderBy(kind => kind.Key))
        {
            output.WriteLine(Row(kind.Key.ToString(), [.. kind]));
        }

        output.WriteLine(Row("**formulas**", [.. verdicts.Where(verdict => verdict.Mutant.IsFormula)]));
        output.WriteLine(Row("**all**", verdicts));
        output.WriteLine();
        foreach (var mutant in Unexplained.Take(100))
        {
            output.WriteLine($"not noticed: {mutant.File}:{mutant.Line} {mutant.Kind}: {mutant.Before}  →  {mutant.After}");
        }
    }

    /// <summary>All that was not noticed, one a line, in the form of the file of explanations.</summary>
    public void WriteSurvivors(string path) =>
        File.WriteAllLines(
            path,
            verdicts
                .Where(verdict => !verdict.Noticed)
                .OrderBy(verdict => verdict.Mutant.Id)
                .Select(verdict => $"{verdict.Mutant.Name}\t{explained.GetValueOrDefault(verdict.Mutant.Name, "")}\t{verdict.Mutant.Line}")
        );

    private string Row(string what, IReadOnlyList<Verdict> some)
    {
        var (noticed, left) = (some.Count(verdict => verdict.Noticed), some.Where(verdict => !verdict.Noticed).ToList());
        var known = left.Count(verdict => explained.ContainsKey(verdict.Mutant.Name));
        var counted =
            some.Count
            - left.Count(verdict =>
                explained.GetValueOrDefault(verdict.Mutant.Name) is { } why && why.StartsWith("same:", StringComparison.Ordinal)
            );
        return string.Create(
            CultureInfo.InvariantCulture,
            $"| {what} | {some.Count} | {noticed} | {left.Count} | {known} | {(counted == 0 ? 1 : (double)noticed / counted):P1} |"
        );
    }
}
