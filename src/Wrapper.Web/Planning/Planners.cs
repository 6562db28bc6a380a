using System.Diagnostics;
using Wrapper.Core.Buying;

namespace Wrapper.Web.Planning;

/// <summary>
/// Runs planners, as many at once as there are cores and no more: the others wait, and those that take long take turns, so that
/// everybody has a first lay soon. A quick one goes before all patient ones. Whose client has left ends at once. Each runs on a
/// thread of its own, the patient ones below everything else the server does, so that drafts and saves keep theirs.
/// </summary>
public sealed class Planners
{
    /// <summary>How long a lay may be looked for at the most, in seconds: what is found by then is the answer.</summary>
    public const double MostSeconds = 120;

    /// <summary>How long a patient planner goes on while another waits.</summary>
    private static readonly TimeSpan Slice = TimeSpan.FromMilliseconds(50);

    /// <summary>Placements that are remembered: of a hundred jobs and more.</summary>
    private const int MostPlacements = 10_000;

    private readonly Lock _gate = new();
    private readonly Queue<PlannerTurn> _quick = new();
    private readonly Queue<PlannerTurn> _patient = new();
    private readonly RightOfWay _way;
    private readonly CancellationToken _stopping;
    private int _free;
    private int _waiting;
    private int _waitingQuick;

    /// <summary>So many lanes.</summary>
    /// <param name="lanes">How many planners run at once.</param>
    /// <param name="way">What the patient ones stand still for.</param>
    /// <param name="stopping">The server stops, and all of them with it.</param>
    public Planners(int lanes, RightOfWay way, CancellationToken stopping) => (_free, _way, _stopping) = (lanes, way, stopping);

    /// <summary>Lays that were looked for to their end: a job’s files show the one that is on the screen.</summary>
    public LayMemory Lays { get; } = new(MostPlacements);

    /// <summary>Until the client leaves, but no longer than any lay may take.</summary>
    public static Func<bool> Limited(Func<bool> goesOn)
    {
        var clock = Stopwatch.StartNew();
        return () => goesOn() || clock.Elapsed.TotalSeconds >= MostSeconds;
    }

    /// <summary>Plans when there is a lane for it.</summary>
    /// <param name="kind">How long somebody means to wait for it.</param>
    /// <param name="plan">What is done; the function it is given is to be asked in every loop, gives false, and throws when nobody listens
    /// any more.</param>
    /// <param name="left">The client has gone.</param>
    /// <exception cref="OperationCanceledException">The client has gone, or the server stops.</exception>
    public async Task<T> Run<T>(PlannerKind kind, Func<Func<bool>, T> plan, CancellationToken left)
    {
        using var ends = CancellationTokenSource.CreateLinkedTokenSource(left, _stopping);
        using var turn = new PlannerTurn(this, kind, _way, ends.Token);
        Enter(turn);
        try
        {
            await turn.Begun.WaitAsync(ends.Token);
            return await OnItsOwnThread(() => Planned(turn, plan));
        }
        catch (AggregateException error) when (ends.IsCancellationRequested)
        {
            throw new OperationCanceledException("Several threads of a planner ended at once.", error, ends.Token);
        }
        finally
        {
            Leave(turn);
        }
    }

    /// <summary>Whoever waits goes on elsewhere: not on a thread that stands below the others.</summary>
    private static Task<T> OnItsOwnThread<T>(Func<T> work)
    {
        var done = new TaskCompletionSource<T>(TaskCreationOptions.RunContinuationsAsynchronously);
        new Thread(() =>
        {
            try
            {
                done.SetResult(work());
            }
#pragma warning disable CA1031 // whatever happens comes out where it is waited for
            catch (Exception error)
#pragma warning restore CA1031
            {
                done.SetException(error);
            }
        })
        {
            IsBackground = true,
            Name = "planner",
        }.Start();
        return done.Task;
    }

    private T Planned<T>(PlannerTurn turn, Func<Func<bool>, T> plan)
    {
        if (turn.Kind == PlannerKind.Patient)
        {
            LowPriority.TakeOn();
        }

        using var quick = turn.Kind == PlannerKind.Quick ? _way.Take() : null;
        return plan(() =>
        {
            turn.Ask();
            return false;
        });
    }

    /// <summary>
    /// Called again and again by a planner: it stands back when its time is up and another waits, or at once for a quick one.
    /// </summary>
    internal void MaybeGiveWay(PlannerTurn turn)
    {
        if (turn.Kind == PlannerKind.Quick || Volatile.Read(ref _waiting) == 0 || !MustGiveWay(turn))
        {
            return;
        }

        lock (_gate)
        {
            if (turn.HasLane && _waiting > 0 && MustGiveWay(turn))
            {
                turn.Give();
                _free++;
                Queue(turn);
                Fill();
            }
        }
    }

    private bool MustGiveWay(PlannerTurn turn) => Volatile.Read(ref _waitingQuick) > 0 || turn.Had > Slice;

    private void Enter(PlannerTurn turn)
    {
        lock (_gate)
        {
            Queue(turn);
            Fill();
        }
    }

    private void Leave(PlannerTurn turn)
    {
        lock (_gate)
        {
            turn.IsOver = true;
            if (turn.HasLane)
            {
                turn.Give();
                _free++;
            }

            Fill();
        }
    }

    private void Queue(PlannerTurn turn)
    {
        (turn.Kind == PlannerKind.Quick ? _quick : _patient).Enqueue(turn);
        Count();
    }

    /// <summary>Gives free lanes to whoever waits longest, the quick ones first.</summary>
    private void Fill()
    {
        while (_free > 0 && (_quick.TryDequeue(out var next) || _patient.TryDequeue(out next)))
        {
            if (!next.IsOver)
            {
                _free--;
                next.Take();
            }
        }

        Count();
    }

    private void Count()
    {
        Volatile.Write(ref _waitingQuick, _quick.Count);
        Volatile.Write(ref _waiting, _quick.Count + _patient.Count);
    }
}
