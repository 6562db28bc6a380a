using System.Runtime.CompilerServices;
using Wrapper.Devices;

namespace Wrapper.Web;

/// <summary>Says who has a job open that somebody wrote on it, so that a bench shows what a sheet at the client's home brought.</summary>
public sealed class JobChanges
{
    private readonly Feed<(string Job, string Part)> _written = new();

    /// <summary>Something of this job was written: <c>cover/…</c>, <c>heading</c>, <c>photos</c>.</summary>
    public void Tell(string job, string part) => _written.Send((job, part));

    /// <summary>The parts of a job that are written from now on, until the listener leaves.</summary>
    public async IAsyncEnumerable<string> Listen(string job, [EnumeratorCancellation] CancellationToken left)
    {
        await foreach (var (written, part) in _written.Listen(left))
        {
            if (written == job)
            {
                yield return part;
            }
        }
    }
}
