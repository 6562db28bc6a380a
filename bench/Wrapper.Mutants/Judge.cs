using System.Diagnostics;
using System.Globalization;

namespace Wrapper.Mutants;

/// <summary>How a change fared.</summary>
/// <param name="Mutant">The change.</param>
/// <param name="Noticed">A test noticed it, or it never came to an end.</param>
/// <param name="By">The test; “no end”; empty where none did.</param>
internal sealed record Verdict(Mutant Mutant, bool Noticed, string By);

/// <summary>Lets the tests that lead past a change look at it, the quickest first, until one notices.</summary>
internal sealed class Judge(string folder, string core)
{
    /// <summary>
    /// What the processor takes over all tests together where these figures were found, in milliseconds: on a machine that takes longer
    /// they are so much larger.
    /// </summary>
    private const double Usual = 120_000;

    /// <summary>What all tests together may take over one change, in milliseconds: beyond that it counts as not noticed.</summary>
    private const int Budget = 5_000;

    /// <summary>
    /// A test that takes no longer, in milliseconds, is quick: those come first, and then the golden answers, which notice most.
    /// </summary>
    private const int Quick = 15;

    /// <summary>What the quick tests may take before the golden answers, in milliseconds.</summary>
    private const int QuickBudget = 3_000;

    /// <summary>So many tests of a file are asked first.</summary>
    private const int MostRemembered = 12;

    /// <summary>What the golden answers may take, in milliseconds.</summary>
    private const int GoldenBudget = 6_000;

    /// <summary>How much longer this machine takes than the one the figures were found on: what is noticed must not hang on it.</summary>
    private double _pace = 1;

    private readonly List<(int Test, int Took, HashSet<int> Covers, string Name)> _tests = [];

    /// <summary>The tests that noticed changes in a file, the last first: they are the likeliest to notice the next.</summary>
    private readonly Dictionary<string, List<int>> _noticed = [];

    /// <summary>Runs every test once as the code is.</summary>
    public int Prepare()
    {
        var lanes = Environment.ProcessorCount;
        var files = Enumerable.Range(0, lanes).Select(lane => Path.Combine(Path.GetDirectoryName(core)!, $"cover-{lane}.tsv")).ToList();
        var processes = files
            .Select(
                (file, lane) =>
                    Start("cover", file, lane.ToString(CultureInfo.InvariantCulture), lanes.ToString(CultureInfo.InvariantCulture))
            )
            .ToList();
        foreach (var process in processes)
        {
            process.StandardInput.Close();
            process.WaitForExit();
            process.Dispose();
        }

        foreach (var line in files.SelectMany(File.ReadLines).Select(line => line.Split('\t')))
        {
            if (line[2] == "True")
            {
                _tests.Add(
                    (
                        int.Parse(line[0], CultureInfo.InvariantCulture),
                        int.Parse(line[1], CultureInfo.InvariantCulture),
                        [
                            .. line[3]
                                .Split(',', StringSplitOptions.RemoveEmptyEntries)
                                .Select(id => int.Parse(id, CultureInfo.InvariantCulture)),
                        ],
                        line[4]
                    )
                );
            }
            else
            {
                Console.WriteLine($"fails as the code is, and is left out: {line[4]}");
            }
        }

        _pace = Math.Max(1, _tests.Sum(test => (double)test.Took) / Usual);

        // Of the golden answers each form's quickest first, then each form's next: a change to what all forms share is seen by all.
        var turns = _tests
            .Where(test => Rank(test) == 2)
            .GroupBy(FormOf)
            .SelectMany(form => form.OrderBy(test => test.Took).Select((test, turn) => (test, turn)))
            .ToDictionary(of => of.test.Test, of => of.turn);
        _tests.Sort((a, b) => Place(a).CompareTo(Place(b)));
        return _tests.Count;

        (int, int, int, int) Place((int Test, int Took, HashSet<int> Covers, string Name) test) =>
            (Rank(test), turns.GetValueOrDefault(test.Test), test.Took, test.Test);

        static string FormOf((int Test, int Took, HashSet<int> Covers, string Name) test) => test.Name.Split(',')[0];

        int Rank((int Test, int Took, HashSet<int> Covers, string Name) test) =>
            (IsQuick(test.Took), test.Name.StartsWith("Golden", StringComparison.Ordinal)) switch
            {
                (true, true) => 0,
                (true, false) => 1,
                (false, true) => 2,
                _ => 3,
            };
    }

    /// <summary>Judges changes, on as many processes as there are processors.</summary>
    public List<Verdict> Of(IReadOnlyList<Mutant> mutants, Action<Verdict> told)
    {
        var verdicts = new List<Verdict>();
        var waiting = new Queue<Mutant>(mutants);
        var lanes = Enumerable
            .Range(0, Environment.ProcessorCount)
            .Select(_ => new Thread(() =>
            {
                Process? worker = null;
                while (true)
                {
                    Mutant mutant;
                    lock (waiting)
                    {
                        if (!waiting.TryDequeue(out mutant!))
                        {
                            break;
                        }
                    }

                    var verdict = One(mutant, ref worker);
                    lock (verdicts)
                    {
                        verdicts.Add(verdict);
                        told(verdict);
                    }
                }

                worker?.Kill();
            }))
            .ToList();
        lanes.ForEach(lane => lane.Start());
        lanes.ForEach(lane => lane.Join());
        return verdicts;
    }

    private bool IsQuick(int took) => took <= Quick * _pace;

    private Verdict One(Mutant mutant, ref Process? worker)
    {
        // What is worked out once is changed from the start of a process, and any test may have worked it out first.
        var (tests, took, golden) = (new List<string>(), 0, 0);
        List<int> before;
        lock (_noticed)
        {
            before = [.. _noticed.GetValueOrDefault(mutant.File, [])];
        }

        foreach (
            var test in _tests
                .Where(test => mutant.IsStatic || test.Covers.Contains(mutant.Id))
                .OrderBy(test => before.IndexOf(test.Test) is >= 0 and var place ? place : int.MaxValue)
        )
        {
            var isGolden = test.Name.StartsWith("Golden", StringComparison.Ordinal);
            if (
                tests.Count > 0
                && (
                    isGolden
                        ? golden + test.Took > GoldenBudget * _pace
                        : took + test.Took > (IsQuick(test.Took) ? QuickBudget : Budget) * _pace
                )
            )
            {
                continue;
            }

            took += isGolden ? 0 : test.Took;
            golden += isGolden ? test.Took : 0;

            tests.Add(string.Create(CultureInfo.InvariantCulture, $"{test.Test}:{Math.Max(5_000, 20 * test.Took)}"));
        }

        if (tests.Count == 0)
        {
            return new(mutant, false, "");
        }

        using var own = mutant.IsStatic ? Start("run", mutant.Id.ToString(CultureInfo.InvariantCulture)) : null;
        if (own is null && worker is not { HasExited: false })
        {
            worker = Start("run", "-1");
        }

        var asked = own ?? worker!;
        string? answer = null;
        try
        {
            asked.StandardInput.WriteLine($"{mutant.Id} {string.Join(',', tests)}");
            asked.StandardInput.Flush();
            answer = asked.StandardOutput.ReadLine();
        }
        catch (IOException)
        {
            // It ended by itself: noticed as surely as by a test.
        }

        own?.Kill();
        if (answer is null)
        {
            worker = null;
            return new(mutant, true, "ended the process");
        }

        var words = answer.Split(' ');
        if (words[1] == "time")
        {
            worker?.WaitForExit();
            worker = null;
            return new(mutant, true, "no end");
        }

        if (words[1] == "-")
        {
            return new(mutant, false, "");
        }

        var by = int.Parse(words[1], CultureInfo.InvariantCulture);
        lock (_noticed)
        {
            var list = _noticed.TryGetValue(mutant.File, out var known) ? known : _noticed[mutant.File] = [];
            list.Remove(by);
            list.Insert(0, by);
            list.RemoveRange(Math.Min(MostRemembered, list.Count), Math.Max(0, list.Count - MostRemembered));
        }

        return new(mutant, true, _tests.First(test => test.Test == by).Name);
    }

    private Process Start(string what, params string[] arguments)
    {
        var start = new ProcessStartInfo("dotnet")
        {
            RedirectStandardInput = true,
            RedirectStandardOutput = what == "run",
            ArgumentList = { typeof(Judge).Assembly.Location, "worker", what, folder, core },
        };
        foreach (var argument in arguments)
        {
            start.ArgumentList.Add(argument);
        }

        // a twentieth of the random covers: a change that only shows in more is told as not noticed
        start.Environment["WRAPPER_FEW"] = "20";
        start.Environment["DOTNET_PROCESSOR_COUNT"] = "1"; // each lane has a processor of its own

        return Process.Start(start)!;
    }
}
