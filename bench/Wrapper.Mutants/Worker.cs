using System.Globalization;

namespace Wrapper.Mutants;

/// <summary>A process of its own that runs tests: a change may send it round for ever, and then it is ended and begun anew.</summary>
internal static class Worker
{
    /// <summary>Writes of each test how long it takes and which changes it leads past.</summary>
    /// <param name="folder">Where the tests are.</param>
    /// <param name="core">The core that holds the changes.</param>
    /// <param name="output">The file that is written.</param>
    /// <param name="lane">Which of the processes this is that share the tests.</param>
    /// <param name="lanes">How many there are.</param>
    public static void Cover(string folder, string core, string output, int lane, int lanes)
    {
        var tests = new CoreTests(folder, core);
        Console.SetOut(TextWriter.Null);
        using var file = new StreamWriter(output);
        foreach (var test in tests.Cases.Where(test => test.Index % lanes == lane))
        {
            // By the processor's time: other work beside it must not change which tests are asked.
            var before = Environment.CpuUsage.TotalTime;
            var (passes, cover) = tests.Cover(test);
            file.WriteLine(
                string.Create(
                    CultureInfo.InvariantCulture,
                    $"{test.Index}\t{(long)(Environment.CpuUsage.TotalTime - before).TotalMilliseconds}\t{passes}\t"
                        + $"{string.Join(',', cover)}\t{test.Name.ReplaceLineEndings(" ").Replace('\t', ' ')}"
                )
            );
        }
    }

    /// <summary>Reads a change and tests from each line, and answers which test notices it first; “−” for none.</summary>
    /// <param name="folder">Where the tests are.</param>
    /// <param name="core">The core that holds the changes.</param>
    /// <param name="active">A change that is on from the start; −1 for none.</param>
    public static void Run(string folder, string core, int active)
    {
        var tests = new CoreTests(folder, core, active);
        var output = new StreamWriter(Console.OpenStandardOutput()) { AutoFlush = true };
        Console.SetOut(TextWriter.Null); // what tests print is not an answer
        while (Console.In.ReadLine() is { } line)
        {
            var parts = line.Split(' ');
            var id = int.Parse(parts[0], CultureInfo.InvariantCulture);
            var limits = parts[1]
                .Split(',', StringSplitOptions.RemoveEmptyEntries)
                .Select(part => part.Split(':'))
                .Select(part =>
                    (Test: int.Parse(part[0], CultureInfo.InvariantCulture), Limit: int.Parse(part[1], CultureInfo.InvariantCulture))
                )
                .ToList();
            tests.Active = id;
            var killer = "-";
            foreach (var (test, limit) in limits)
            {
                var passes = true;
                var thread = new Thread(() => passes = tests.Cases[test].Passes(), 16 * 1024 * 1024) { IsBackground = true };
                thread.Start();
                if (!thread.Join(limit))
                {
                    output.WriteLine($"{id} time {test}");
                    Environment.Exit(0);
                }

                if (!passes)
                {
                    killer = test.ToString(CultureInfo.InvariantCulture);
                    break;
                }
            }

            tests.Active = active;
            output.WriteLine($"{id} {killer}");
        }
    }
}
