using System.Runtime;
using System.Runtime.InteropServices;

namespace Wrapper.Web.Hosting;

/// <summary>
/// Gives memory back when the workroom rests: the runtime collects only where something new is asked of it, and would hold what a
/// busy hour took for as long as nobody asks for more.
/// </summary>
internal sealed class IdleMemory(TimeProvider clock) : BackgroundService
{
    private static readonly TimeSpan Look = TimeSpan.FromSeconds(5);
    private static readonly TimeSpan Rest = TimeSpan.FromSeconds(8);

    /// <summary>Less than this is not worth a collection.</summary>
    private const long Worth = 24 * 1024 * 1024;

    private long _last = clock.GetTimestamp();
    private long _collectedAt;

    /// <summary>Somebody asks, or was answered.</summary>
    public void Stir() => Volatile.Write(ref _last, clock.GetTimestamp());

    /// <inheritdoc />
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        using var timer = new PeriodicTimer(Look, clock);
        while (await timer.WaitForNextTickAsync(stoppingToken))
        {
            var allocated = GC.GetTotalAllocatedBytes();
            if (clock.GetElapsedTime(Volatile.Read(ref _last)) < Rest || allocated - _collectedAt < Worth)
            {
                continue;
            }

            GCSettings.LargeObjectHeapCompactionMode = GCLargeObjectHeapCompactionMode.CompactOnce;
            GC.Collect(GC.MaxGeneration, GCCollectionMode.Aggressive, blocking: true, compacting: true);
            if (OperatingSystem.IsLinux())
            {
                _ = TrimHeap(0); // what pictures and the database took outside the runtime
            }

            _collectedAt = GC.GetTotalAllocatedBytes();
        }
    }

    [DllImport("libc", EntryPoint = "malloc_trim")]
    [DefaultDllImportSearchPaths(DllImportSearchPath.SafeDirectories)]
    private static extern int TrimHeap(nuint keep);
}
