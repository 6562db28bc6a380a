using System.Runtime.CompilerServices;
using Wrapper.Devices;
using Wrapper.Store;

namespace Wrapper.Web;

/// <summary>Says who has a job open that somebody wrote on it, so that a bench shows what a sheet at the client's home brought.</summary>
public sealed class JobChanges
{
    /// <summary>What is told last of a job that is deleted.</summary>
    private const string DeletedPart = "deleted";

    private readonly Feed<(string Job, string Part)> _written = new();

    /// <summary>
    /// Something of this job was written: <c>cover/…</c>, <c>photos</c>, <c>work</c>; <c>drafts</c> where a bench wrote a cover or a cloth.
    /// </summary>
    public void Tell(string job, string part) => _written.Send((job, part));

    /// <summary>Whoever cuts or sews hears that what a job's pieces are drafted from was written.</summary>
    /// <returns>The result.</returns>
    public WriteResult Drafts(string job, WriteResult result)
    {
        if (result.End == WriteEnd.Saved)
        {
            Tell(job, "drafts");
        }

        return result;
    }

    /// <summary>Whoever has a job open that was deleted hears it, and nothing more.</summary>
    /// <returns>The result.</returns>
    public WriteResult Deleted(string job, WriteResult result)
    {
        if (result.End == WriteEnd.Saved)
        {
            Tell(job, DeletedPart);
        }

        return result;
    }

    /// <summary>
    /// The parts of a job that are written from now on, until the listener leaves or the job is deleted; that is the last.
    /// </summary>
    public async IAsyncEnumerable<string> Listen(string job, [EnumeratorCancellation] CancellationToken left)
    {
        await foreach (var (written, part) in _written.Listen(left))
        {
            if (written == job)
            {
                yield return part;
                if (part == DeletedPart)
                {
                    yield break;
                }
            }
        }
    }
}
