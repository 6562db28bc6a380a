using System.Diagnostics;

namespace Wrapper.Web.Planning;

/// <summary>
/// What is over soon goes before what takes long: while a draft or a save is under way, patient planners stand still, though never for
/// long.
/// </summary>
public sealed class RightOfWay : IDisposable
{
    /// <summary>No longer does a planner stand still at once.</summary>
    private static readonly TimeSpan LongestStop = TimeSpan.FromMilliseconds(25);

    /// <summary>So long it goes on before it stands still again, whatever comes: it gets somewhere on the busiest day.</summary>
    private static readonly TimeSpan ShortestRun = TimeSpan.FromMilliseconds(2);

    private readonly Lock _gate = new();
    private readonly ManualResetEventSlim _isFree = new(initialState: true, spinCount: 0);
    private int _underWay;
    private long _stops;

    [ThreadStatic]
    private static long ranSince;

    /// <summary>How many times a planner has stood still and gone on again since the server was started.</summary>
    public long Stops => Volatile.Read(ref _stops);

    /// <summary>Something short begins; it ends when what is given is disposed of.</summary>
    public IDisposable Take()
    {
        lock (_gate)
        {
            if (_underWay++ == 0)
            {
                _isFree.Reset();
            }
        }

        return new Taken(this);
    }

    /// <summary>Called by a planner's thread: comes back when nothing short is under way, or it has stood still long enough.</summary>
    /// <param name="left">Nobody listens to the planner any more.</param>
    public void GiveWay(CancellationToken left)
    {
        if (_isFree.IsSet || Stopwatch.GetElapsedTime(ranSince) < ShortestRun)
        {
            return;
        }

        _isFree.Wait(LongestStop, left);
        Interlocked.Increment(ref _stops);
        ranSince = Stopwatch.GetTimestamp();
    }

    /// <inheritdoc />
    public void Dispose() => _isFree.Dispose();

    private void Give()
    {
        lock (_gate)
        {
            if (--_underWay == 0)
            {
                _isFree.Set();
            }
        }
    }

    private sealed class Taken(RightOfWay way) : IDisposable
    {
        public void Dispose() => way.Give();
    }
}
