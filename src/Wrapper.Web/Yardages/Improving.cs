using System.Net.ServerSentEvents;
using System.Runtime.CompilerServices;
using System.Threading.Channels;
using Wrapper.Web.Planning;

namespace Wrapper.Web.Yardages;

/// <summary>Tells what is found while it is looked for, as server-sent events: “lay” for each, “end” for the last.</summary>
internal static class Improving
{
    /// <param name="planners">Where the looking takes turns with that of others.</param>
    /// <param name="find">Looks, asking its second parameter in every loop, tells of everything better, and gives the last; null when there
    /// is nothing to be had.</param>
    /// <param name="left">The reader has gone.</param>
    public static async IAsyncEnumerable<SseItem<T>> Told<T>(
        Planners planners,
        Func<Action<T>, Func<bool>, T?> find,
        [EnumeratorCancellation] CancellationToken left
    )
        where T : class
    {
        // Only the newest waits for a slow reader: what is longer is of no use any more.
        var found = Channel.CreateBounded<T>(new BoundedChannelOptions(1) { FullMode = BoundedChannelFullMode.DropOldest });
        var looking = Look();
        await foreach (var better in found.Reader.ReadAllAsync(left))
        {
            yield return new(better, "lay");
        }

        if (await looking is { } last)
        {
            yield return new(last, "end");
        }

        async Task<T?> Look()
        {
            try
            {
                return await planners.Run(PlannerKind.Patient, goesOn => find(better => found.Writer.TryWrite(better), goesOn), left);
            }
            finally
            {
                found.Writer.Complete();
            }
        }
    }
}
