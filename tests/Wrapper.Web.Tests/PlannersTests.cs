using Wrapper.Web.Planning;
using Xunit;

namespace Wrapper.Web.Tests;

/// <summary>Few planners run at once; they queue fairly, give way, and end when nobody listens.</summary>
public sealed class PlannersTests
{
    private const int Deadline = 60_000;

    [Fact(Timeout = Deadline)]
    public async Task No_more_run_at_once_than_there_are_lanes()
    {
        var ends = TestContext.Current.CancellationToken;
        using var way = new RightOfWay();
        var planners = new Planners(2, way, ends);
        var (running, most) = (0, 0);
        var gate = new Lock();
        await Task.WhenAll(
            Enumerable
                .Range(0, 12)
                .Select(i =>
                    planners.Run(
                        i % 3 == 0 ? PlannerKind.Quick : PlannerKind.Patient,
                        goesOn =>
                        {
                            Step(1);
                            for (var step = 0; step < 50; step++)
                            {
                                Step(-1); // while it asks it may be made to wait
                                goesOn();
                                Step(1);
                                Thread.SpinWait(2000);
                            }

                            Step(-1);
                            return i;
                        },
                        ends
                    )
                )
        );
        Assert.InRange(most, 1, 2);

        void Step(int by)
        {
            lock (gate)
            {
                running += by;
                most = Math.Max(most, running);
            }
        }
    }

    [Fact(Timeout = Deadline)]
    public async Task Everybody_has_a_first_lay_before_anybody_is_done()
    {
        var ends = TestContext.Current.CancellationToken;
        using var way = new RightOfWay();
        var planners = new Planners(1, way, ends);
        var begun = new CountdownEvent(5);
        var all = Enumerable
            .Range(0, 5)
            .Select(_ =>
                planners.Run(
                    PlannerKind.Patient,
                    goesOn =>
                    {
                        begun.Signal();
                        while (!begun.IsSet)
                        {
                            goesOn(); // one that kept its lane would wait here for ever
                        }

                        return true;
                    },
                    ends
                )
            )
            .ToList();
        Assert.All(await Task.WhenAll(all), Assert.True);
    }

    [Fact(Timeout = Deadline)]
    public async Task A_quick_one_goes_before_all_that_are_patient()
    {
        var ends = TestContext.Current.CancellationToken;
        using var way = new RightOfWay();
        var planners = new Planners(1, way, ends);
        using var isOver = new ManualResetEventSlim();
        var patient = Enumerable.Range(0, 3).Select(_ => planners.Run(PlannerKind.Patient, goesOn => Until(isOver, goesOn), ends)).ToList();
        Assert.Equal(7, await planners.Run(PlannerKind.Quick, _ => 7, ends));
        Assert.DoesNotContain(patient, one => one.IsCompleted);
        isOver.Set();
        await Task.WhenAll(patient);
    }

    [Theory(Timeout = Deadline)]
    [InlineData(1)]
    [InlineData(30)]
    public async Task Who_leaves_stops_all_of_it(int clients)
    {
        var ends = TestContext.Current.CancellationToken;
        using var way = new RightOfWay();
        var planners = new Planners(2, way, ends);
        using var left = CancellationTokenSource.CreateLinkedTokenSource(ends);
        using var never = new ManualResetEventSlim();
        var all = Enumerable
            .Range(0, clients)
            .Select(_ => planners.Run(PlannerKind.Patient, goesOn => Until(never, goesOn), left.Token))
            .ToList();
        Assert.Equal(7, await planners.Run(PlannerKind.Quick, _ => 7, ends)); // they are under way
        await left.CancelAsync();
        foreach (var one in all)
        {
            await Assert.ThrowsAnyAsync<OperationCanceledException>(() => one);
        }

        Assert.Equal(8, await planners.Run(PlannerKind.Patient, _ => 8, ends)); // and their lanes are free
    }

    [Fact(Timeout = Deadline)]
    public async Task The_server_stops_with_planners_running()
    {
        var ends = TestContext.Current.CancellationToken;
        using var way = new RightOfWay();
        using var stopping = CancellationTokenSource.CreateLinkedTokenSource(ends);
        using var never = new ManualResetEventSlim();
        var running = new Planners(1, way, stopping.Token).Run(PlannerKind.Patient, goesOn => Until(never, goesOn), ends);
        await stopping.CancelAsync();
        await Assert.ThrowsAnyAsync<OperationCanceledException>(() => running);
    }

    [Fact(Timeout = Deadline)]
    public async Task A_patient_planner_stands_below_everything_else()
    {
        var ends = TestContext.Current.CancellationToken;
        using var way = new RightOfWay();
        Assert.SkipUnless(OperatingSystem.IsLinux(), "Politeness is set on Linux only.");
        var planners = new Planners(1, way, ends);
        var usual = NiceOfThisThread();
        var nice = await planners.Run(PlannerKind.Patient, _ => (Own: NiceOfThisThread(), Child: OnAnotherThread(NiceOfThisThread)), ends);
        Assert.Equal((Math.Max(10, usual), Math.Max(10, usual)), nice);
        Assert.Equal(usual, await planners.Run(PlannerKind.Quick, _ => NiceOfThisThread(), ends));
        Assert.Equal(usual, NiceOfThisThread());
    }

    [Fact(Timeout = Deadline)]
    public async Task A_patient_planner_stands_still_for_what_is_over_soon_but_not_for_ever()
    {
        var ends = TestContext.Current.CancellationToken;
        using var way = new RightOfWay();
        var planners = new Planners(1, way, ends);
        using var isOver = new ManualResetEventSlim();
        var asked = 0;
        var patient = planners.Run(
            PlannerKind.Patient,
            goesOn =>
            {
                while (!isOver.IsSet)
                {
                    goesOn();
                    Interlocked.Increment(ref asked);
                }

                return true;
            },
            ends
        );
        await Reaches(() => Volatile.Read(ref asked), 1000);
        Assert.Equal(0, way.Stops);
        using (way.Take())
        {
            await Reaches(() => way.Stops, 3); // it goes on a little after each stop
        }

        await Reaches(() => Volatile.Read(ref asked), Volatile.Read(ref asked) + 1000);
        var stops = way.Stops;
        await Reaches(() => Volatile.Read(ref asked), Volatile.Read(ref asked) + 100_000);
        Assert.Equal(stops, way.Stops);
        isOver.Set();
        Assert.True(await patient);

        async Task Reaches(Func<long> figure, long least)
        {
            while (figure() < least)
            {
                await Task.Delay(5, ends);
            }
        }
    }

    private static T OnAnotherThread<T>(Func<T> work) =>
        Task
            .Factory.StartNew(work, TestContext.Current.CancellationToken, TaskCreationOptions.LongRunning, TaskScheduler.Default)
            .GetAwaiter()
            .GetResult();

    /// <summary>The nineteenth figure of a thread's line in /proc, after its name in brackets.</summary>
    private static int NiceOfThisThread() =>
        int.Parse(
            File.ReadAllText("/proc/thread-self/stat").Split(") ")[^1].Split(' ')[16],
            System.Globalization.CultureInfo.InvariantCulture
        );

    private static bool Until(ManualResetEventSlim isOver, Func<bool> goesOn)
    {
        while (!isOver.IsSet)
        {
            goesOn();
            Thread.SpinWait(500);
        }

        return true;
    }
}
