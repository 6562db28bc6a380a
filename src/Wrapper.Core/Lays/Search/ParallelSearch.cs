namespace Wrapper.Core.Lays.Search;

/// <summary>Work that runs side by side: the first lane where it was called, each other on a thread of its own.</summary>
internal static class ParallelSearch
{
    /// <summary>
    /// Looks for the shortest lay in lanes that do not hear of each other, so that the outcome is the same on every machine;
    /// only when the first has one that is proved the others may end, for of two as short the earlier lane's counts.
    /// </summary>
    /// <param name="lanes">How many.</param>
    /// <param name="shorterThan">The length to beat.</param>
    /// <param name="bound">A length that no lay is below.</param>
    /// <param name="shouldStop">Asked by every lane.</param>
    /// <param name="search">A lane's work: which lane, whether it is over, and where to tell of each lay shorter than its own last.</param>
    /// <param name="found">Told of each shorter lay, by one lane at a time; the one it is told of last is the shortest.</param>
    public static void Shortest<T>(
        int lanes,
        long shorterThan,
        long bound,
        Func<bool> shouldStop,
        Action<int, Func<bool>, Action<long, T>> search,
        Action<long, T> found
    )
    {
        var gate = new Lock();
        var shortest = shorterThan;
        var firstIsProved = false;
        var lays = new (long Length, T Lay)?[lanes];
        Run(lanes, lane => search(
                lane,
                () => shouldStop() || (lane > 0 && Volatile.Read(ref firstIsProved)),
                (length, lay) =>
                {
                    lays[lane] = (length, lay);
                    if (lane == 0 && length <= bound)
                    {
                        Volatile.Write(ref firstIsProved, true);
                    }

                    lock (gate)
                    {
                        if (length < shortest)
                        {
                            shortest = length;
                            found(length, lay);
                        }
                    }
                }
            ));
        if (lays.Where(lay => lay is not null).MinBy(lay => lay!.Value.Length) is { } best)
        {
            found(best.Length, best.Lay); // whichever lane was first to finish
        }
    }

    /// <summary>Runs every lane and waits for all; what one of them throws comes out here.</summary>
    private static void Run(int lanes, Action<int> work)
    {
        var others = Enumerable
            .Range(1, lanes - 1)
            .Select(lane =>
                Task.Factory.StartNew(() => work(lane), CancellationToken.None, TaskCreationOptions.LongRunning, TaskScheduler.Default)
            )
            .ToArray();
        try
        {
            work(0);
        }
        finally
        {
            Task.WaitAll(others);
        }
    }
}
