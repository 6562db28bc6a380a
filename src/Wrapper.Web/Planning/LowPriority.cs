using System.Runtime.InteropServices;

namespace Wrapper.Web.Planning;

/// <summary>Puts the calling thread, and those it begins, below the others of this machine.</summary>
internal static class LowPriority
{
    /// <summary>Politeness as Linux counts it, up to 19: a tenth of what others get who want all.</summary>
    private const int Nice = 10;
    private const int OneThread = 0; // PRIO_PROCESS, which on Linux is a thread

    /// <summary>On Linux only, where the runtime has no such thing of its own; elsewhere nothing happens.</summary>
    public static void TakeOn()
    {
        if (OperatingSystem.IsLinux())
        {
            _ = SetPriority(OneThread, 0, Nice); // a machine that does not allow it plans at the usual priority
        }
    }

    [DllImport("libc", EntryPoint = "setpriority")]
    [DefaultDllImportSearchPaths(DllImportSearchPath.SafeDirectories)]
    private static extern int SetPriority(int which, uint who, int priority);
}
