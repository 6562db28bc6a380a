namespace Wrapper.Formats.Validation;

/// <summary>
/// A buffer too large to allocate again for each file. The next reader uses the same one, unless the garbage collector has freed it
/// meanwhile.
/// </summary>
public sealed class LargeBuffer
{
    private readonly Lock _lock = new();
    private WeakReference<byte[]>? _kept;

    /// <summary>Takes a buffer of at least so many bytes. Give it back afterwards.</summary>
    /// <param name="least">The fewest bytes.</param>
    public byte[] Take(int least)
    {
        lock (_lock)
        {
            var bytes =
                _kept is { } reference && reference.TryGetTarget(out var target) && target.Length >= least ? target : new byte[least];
            _kept = null;
            return bytes;
        }
    }

    /// <summary>Takes a larger buffer and copies the content of this one into it.</summary>
    /// <param name="bytes">The buffer.</param>
    /// <param name="least">The fewest bytes of the larger one.</param>
    public byte[] Enlarged(byte[] bytes, int least)
    {
        ArgumentNullException.ThrowIfNull(bytes);
        var larger = Take(least);
        bytes.CopyTo(larger, 0);
        return larger;
    }

    /// <summary>Gives a buffer back.</summary>
    /// <param name="bytes">The buffer that was taken.</param>
    public void GiveBack(byte[] bytes)
    {
        lock (_lock)
        {
            _kept = new(bytes);
        }
    }
}
