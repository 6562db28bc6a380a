namespace Wrapper.Core.Cloth;

/// <summary>Work that runs side by side: the first lane where it was called, each other on a thread of its own.</summary>
internal static class SideBySide
{
    /// <summary>Runs every lane and waits for all; what one of them throws comes out here.</summary>
    public static void Run(int lanes, Action<int> work)
    {
        var others = Enumerable.Range(1, lanes - 1)
            .Select(lane => Task.Factory.StartNew(() => work(lane), CancellationToken.None, TaskCreationOptions.LongRunning, TaskScheduler.Default))
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
