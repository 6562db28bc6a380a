namespace Wrapper.Formats.Documents;

/// <summary>
/// Room for what is too large to be made anew for each file: whoever comes next uses it again, as long as the memory is not
/// wanted for something else meanwhile.
/// </summary>
public sealed class LargeBuffer
{
    private readonly Lock _lock = new();
    private WeakReference<byte[]>? _kept;

    /// <summary>Takes room for so many bytes; give it back afterwards.</summary>
    /// <param name="least">The fewest bytes.</param>
    public byte[] Take(int least)
    {
        lock (_lock)
        {
            var bytes = _kept is { } reference && reference.TryGetTarget(out var target) && target.Length >= least ? target : new byte[least];
            _kept = null;
            return bytes;
        }
    }

    /// <summary>Takes more room for what is in a buffer, and gives the smaller one back.</summary>
    /// <param name="bytes">The buffer.</param>
    /// <param name="least">The fewest bytes of the larger one.</param>
    public byte[] Enlarged(byte[] bytes, int least)
    {
        ArgumentNullException.ThrowIfNull(bytes);
        var larger = Take(least);
        bytes.CopyTo(larger, 0);
        return larger;
    }

    /// <summary>Gives room back.</summary>
    /// <param name="bytes">The buffer that was taken.</param>
    public void GiveBack(byte[] bytes)
    {
        lock (_lock)
        {
            _kept = new(bytes);
        }
    }
}
