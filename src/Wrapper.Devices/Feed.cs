using System.Runtime.CompilerServices;
using System.Threading.Channels;

namespace Wrapper.Devices;

/// <summary>
/// Carries what is said to whoever listens at that moment; what nobody listens to is gone, and one who is slow loses the oldest.
/// </summary>
/// <typeparam name="T">What is said.</typeparam>
public class Feed<T>
{
    private const int MostWaiting = 256;

    private readonly Lock _lock = new();
    private readonly List<Channel<T>> _listeners = [];

    /// <summary>Hands it to all who listen; says how many there were.</summary>
    public int Send(T said)
    {
        lock (_lock)
        {
            foreach (var listener in _listeners)
            {
                listener.Writer.TryWrite(said);
            }

            return _listeners.Count;
        }
    }

    /// <summary>What is said from now on, until the listener leaves.</summary>
    public async IAsyncEnumerable<T> Listen([EnumeratorCancellation] CancellationToken left)
    {
        var channel = Channel.CreateBounded<T>(new BoundedChannelOptions(MostWaiting) { FullMode = BoundedChannelFullMode.DropOldest });
        lock (_lock)
        {
            _listeners.Add(channel);
        }

        try
        {
            await foreach (var said in channel.Reader.ReadAllAsync(left))
            {
                yield return said;
            }
        }
        finally
        {
            lock (_lock)
            {
                _listeners.Remove(channel);
            }
        }
    }
}
