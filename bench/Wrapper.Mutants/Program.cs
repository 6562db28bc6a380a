using System.Globalization;
using System.Security.Cryptography;
using System.Text;
using Wrapper.Mutants;

// Changes drafting code in small ways and says how many of the changes the core's tests notice.
if (args is ["worker", "cover", var testFolder, var withChanges, var cover, var lane, var lanes])
{
    Worker.Cover(
        testFolder,
        withChanges,
        cover,
        int.Parse(lane, CultureInfo.InvariantCulture),
        int.Parse(lanes, CultureInfo.InvariantCulture)
    );
    return 0;
}

if (args is ["worker", "run", var folderOfTests, var changedCore, var active])
{
    Worker.Run(folderOfTests, changedCore, int.Parse(active, CultureInfo.InvariantCulture));
    return 0;
}

string? Option(string name) => Array.IndexOf(args, name) is >= 0 and var at && at + 1 < args.Length ? args[at + 1] : null;
var root = Directory.GetCurrentDirectory();
var tests = Path.Combine(root, "tests/Wrapper.Core.Tests/bin/Release/net10.0");
var output = Directory.CreateDirectory(Path.Combine(root, "out/mutants")).FullName;
var core = Path.Combine(output, "Wrapper.Core.dll");

var all = Build.Make(root, core);
var explained = Explained.Read(Path.Combine(root, "docs/mutants.tsv"));
var stale = explained.Keys.Except(all.Select(mutant => mutant.Name)).ToList();
foreach (var name in stale)
{
    Console.WriteLine($"A reason names no change any more: {name}");
}

if (args.Contains("--names"))
{
    File.WriteAllLines(Path.Combine(output, "names.tsv"), all.Select(mutant => mutant.Name));
    return 0;
}

if (Option("--only") is { } only)
{
    var names = only.Split(',');
    all =
    [
        .. all.Where(mutant => names.Any(name => mutant.File.Contains(name, StringComparison.Ordinal) || mutant.Kind.ToString() == name)),
    ];
}

var chosen = all;
if (Option("--sample") is { } sample)
{
    // By what a change is and not by its place in a list, so that the sample stays the same while other code changes.
    chosen =
    [
        .. all.OrderBy(
                mutant => Convert.ToHexString(SHA256.HashData(Encoding.UTF8.GetBytes((Option("--seed") ?? "1") + mutant.Name))),
                StringComparer.Ordinal
            )
            .Take(int.Parse(sample, CultureInfo.InvariantCulture)),
    ];
}

Console.WriteLine($"{all.Count} changes can be made; {chosen.Count} are tried");
var judge = new Judge(tests, core);
Console.WriteLine($"{judge.Prepare()} tests look at them");
var done = 0;
var soFar = Path.Combine(output, "so-far.tsv"); // a full run is long: what it has found can be read, and mended, meanwhile
File.Delete(soFar);
var verdicts = judge.Of(chosen, verdict =>
{
    if (!verdict.Noticed)
    {
        File.AppendAllText(soFar, $"{verdict.Mutant.Name}\t{verdict.Mutant.Line}\n");
    }

    if (++done % 100 == 0)
    {
        Console.WriteLine($"  {done} of {chosen.Count}");
    }
});

var report = new Report(verdicts, explained);
report.Write(Console.Out);
report.WriteSurvivors(Path.Combine(output, "survivors.tsv"));
return args.Contains("--strict") && report.Unexplained.Count + stale.Count > 0 ? 1 : 0;
