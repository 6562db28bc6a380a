using System.Diagnostics;
using System.Globalization;
using Wrapper.Core.Lays;
using Wrapper.Core.Units;

namespace Wrapper.Bench;

/// <summary>How far lays are from an optimum known by construction, and how soon the first one is there.</summary>
internal static class LayFigures
{
    private const int Seeds = 5;

    private static readonly (string Name, Func<int, int, bool, (LayRequest, Length)> Make)[] Kinds =
    [
        ("cut right across", Dissections.RightAcross),
        ("pinwheels", Dissections.Pinwheels),
    ];

    public static void Print(double seconds, int[] sizes)
    {
        Console.WriteLine(
            $"Rectangles, {seconds} s, {Seeds} seeds each, none picked: over the known optimum, mean and worst; bound; proved"
        );
        foreach (var turns in (bool[])[false, true])
        {
            foreach (var (name, make) in Kinds)
            {
                foreach (var size in sizes)
                {
                    var lays = Enumerable.Range(0, Seeds).Select(seed => Lay(make(size, seed, turns), seconds)).ToList();
                    Console.WriteLine(
                        string.Create(
                            CultureInfo.InvariantCulture,
                            $"  {name, -16} {(turns ? "quarter turns" : "0/180"), -13} {size, 4}: "
                                + $"{100 * lays.Average(lay => lay.Over):0.00} % "
                                + $"(worst {100 * lays.Max(lay => lay.Over):0.00} %), bound {100 * lays.Average(lay => lay.Bound):0.0} "
                                + $"%, proved {lays.Count(lay => lay.Proved)} of {Seeds}"
                        )
                    );
                }
            }
        }
    }

    /// <summary>How the first answer grows with the pieces, and what memory the search takes.</summary>
    public static void PrintGrowth()
    {
        Console.WriteLine("First lay as a part of the time allowed, and what 2 s of search keep in memory as a part of 200 MB:");
        foreach (var (size, allowed) in ((int, double)[])[(20, 10), (60, 50), (200, 150), (600, 1000)])
        {
            var (request, _) = Dissections.RightAcross(size, 0, false);
            LayPlanner.Plan(request, 0);
            var clock = Stopwatch.StartNew();
            LayPlanner.Plan(request, 0);
            var first = clock.Elapsed.TotalMilliseconds;
            clock.Restart();
            LayPlanner.Plan(request, 1);
            var step = clock.Elapsed.TotalMilliseconds;
            GC.Collect();
            var before = GC.GetTotalMemory(true);
            var most = before;
            clock.Restart();
            LayPlanner.Plan(request, int.MaxValue, () =>
            {
                most = Math.Max(most, GC.GetTotalMemory(false));
                return clock.Elapsed.TotalSeconds > 2;
            });
            Console.WriteLine(
                string.Create(
                    CultureInfo.InvariantCulture,
                    $"  {size, 4} pieces: {first / allowed:0.000} of {allowed} ms; with one step of search "
                        + $"{step / allowed:0.000}; memory {(most - before) / 200e6:0.00}"
                )
            );
        }
    }

    private static (double Over, double Bound, bool Proved) Lay((LayRequest Request, Length Optimum) known, double seconds)
    {
        var clock = Stopwatch.StartNew();
        var lay = LayPlanner.Plan(known.Request, int.MaxValue, () => clock.Elapsed.TotalSeconds > seconds).Lay!;
        return (lay.Length.RatioTo(known.Optimum) - 1, lay.Bound.RatioTo(known.Optimum), lay.Bound == lay.Length);
    }
}
