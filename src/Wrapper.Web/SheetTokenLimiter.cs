using System.Collections.Concurrent;
using System.Net;

namespace Wrapper.Web;

/// <summary>
/// Rate-limits clients that keep submitting invalid sheet tokens, so that tokens cannot be guessed.
/// </summary>
public sealed class SheetTokenLimiter(TimeProvider clock)
{
    /// <summary>So many may be wrong within <see cref="Window"/>: a phone with an old page asks again a few times.</summary>
    public const int Most = 20;

    /// <summary>How long a wrong code is held against an address.</summary>
    public static readonly TimeSpan Window = TimeSpan.FromMinutes(1);

    private const int MostAddresses = 10_000;

    private readonly ConcurrentDictionary<IPAddress, (int Count, DateTimeOffset Since)> _wrong = new();

    /// <summary>This address has to wait; the codes it sends are not looked at meanwhile.</summary>
    public bool MustWait(IPAddress? address) =>
        _wrong.TryGetValue(address ?? IPAddress.None, out var known) && known.Count >= Most && clock.GetUtcNow() - known.Since < Window;

    /// <summary>A code from this address was wrong.</summary>
    public void Note(IPAddress? address)
    {
        var now = clock.GetUtcNow();
        if (_wrong.Count > MostAddresses)
        {
            _wrong.Clear();
        }

        _wrong.AddOrUpdate(address ?? IPAddress.None, (1, now), (_, known) =>
            now - known.Since < Window ? (known.Count + 1, known.Since) : (1, now)
        );
    }
}
