using System.Net.ServerSentEvents;
using System.Runtime.CompilerServices;
using System.Threading.Channels;

namespace Wrapper.Web.Endpoints;

/// <summary>Tells what is found while it is looked for, as server-sent events: “lay” for each, “end” for the last.</summary>
internal static class Improving
{
    /// <param name="find">Looks, tells of everything better, and gives the last; null when there is nothing to be had.</param>
    /// <param name="left">The reader has gone.</param>
    public static async IAsyncEnumerable<SseItem<T>> Told<T>(Func<Action<T>, T?> find, [EnumeratorCancellation] CancellationToken left)
        where T : class
    {
        // Only the newest waits for a slow reader: what is longer is of no use any more.
        var found = Channel.CreateBounded<T>(new BoundedChannelOptions(1) { FullMode = BoundedChannelFullMode.DropOldest });
        var looking = Task.Factory.StartNew(
            () =>
            {
                try
                {
                    return find(better => found.Writer.TryWrite(better));
                }
                finally
                {
                    found.Writer.Complete();
                }
            },
            CancellationToken.None,
            TaskCreationOptions.LongRunning, // a thread of its own: short requests keep theirs
            TaskScheduler.Default);
        await foreach (var better in found.Reader.ReadAllAsync(left))
        {
            yield return new(better, "lay");
        }

        if (await looking is { } last)
        {
            yield return new(last, "end");
        }
    }
}
