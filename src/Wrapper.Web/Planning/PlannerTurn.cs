using System.Diagnostics;

namespace Wrapper.Web.Planning;

/// <summary>
/// One planner and its place among the others. All but <see cref="Ask"/> is called under the lock of <see cref="Planners"/>.
/// </summary>
/// <param name="planners">Where it waits and takes turns.</param>
/// <param name="kind">How long somebody means to wait for it.</param>
/// <param name="way">What it stands still for.</param>
/// <param name="left">The client has gone, or the server stops.</param>
internal sealed class PlannerTurn(Planners planners, PlannerKind kind, RightOfWay way, CancellationToken left) : IDisposable
{
    private readonly ManualResetEventSlim _open = new();
    private readonly TaskCompletionSource _begun = new(TaskCreationOptions.RunContinuationsAsynchronously);
    private long _since;

    public PlannerKind Kind => kind;

    public CancellationToken Left => left;

    /// <summary>It has a lane.</summary>
    public bool HasLane { get; private set; }

    /// <summary>Nobody waits for it any more; where it still stands in a queue it is passed over.</summary>
    public bool IsOver { get; set; }

    /// <summary>Ends when it has had a lane for the first time.</summary>
    public Task Begun => _begun.Task;

    /// <summary>How long it has had its lane.</summary>
    public TimeSpan Had => Stopwatch.GetElapsedTime(Volatile.Read(ref _since));

    /// <summary>It gets a lane.</summary>
    public void Take()
    {
        HasLane = true;
        Volatile.Write(ref _since, Stopwatch.GetTimestamp());
        _open.Set();
        _begun.TrySetResult();
    }

    /// <summary>It gives its lane up until it is its turn again.</summary>
    public void Give()
    {
        HasLane = false;
        _open.Reset();
    }

    /// <summary>
    /// Asked by every thread of the planner in everything it does: comes back when the planner may go on.
    /// </summary>
    /// <exception cref="OperationCanceledException">Nobody listens any more: whatever the planner is at ends here.</exception>
    public void Ask()
    {
        left.ThrowIfCancellationRequested();
        planners.MaybeGiveWay(this);
        if (!_open.IsSet)
        {
            _open.Wait(left);
        }

        if (kind == PlannerKind.Patient)
        {
            way.GiveWay(left);
        }
    }

    /// <summary>After all its threads have ended.</summary>
    public void Dispose() => _open.Dispose();
}
