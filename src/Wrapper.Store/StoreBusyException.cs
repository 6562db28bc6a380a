namespace Wrapper.Store;

/// <summary>A write has waited for the others for as long as one waits, and nothing was written.</summary>
public sealed class StoreBusyException : Exception
{
    /// <summary>For the usual reason.</summary>
    public StoreBusyException()
        : this("Others are writing to the jobs’ file for longer than a write waits.") { }

    /// <summary>For this reason.</summary>
    public StoreBusyException(string message)
        : base(message) { }

    /// <summary>For this reason, found by way of another.</summary>
    public StoreBusyException(string message, Exception innerException)
        : base(message, innerException) { }
}
