using System.Text;
using System.Text.Json;
using Microsoft.AspNetCore.Http.HttpResults;
using Wrapper.Core.Checks;
using Wrapper.Formats;
using Wrapper.Store;

namespace Wrapper.Web.Endpoints;

/// <summary>How much one job holds: what is kept has to be sent again whole when the job is opened.</summary>
internal static class JobCeilings
{
    /// <summary>Covers of a job.</summary>
    public const int MostCovers = 300;

    /// <summary>Bytes of a cover.</summary>
    public const int MostBytesOfCover = 64 * 1024;

    /// <summary>Bytes of a cloth with the job's others and where every piece lies on it; and of the house's settings.</summary>
    public const int MostBytesOfCloth = 512 * 1024;

    /// <summary>Bytes of all covers of a job.</summary>
    public const int MostBytesOfJob = 1_500_000;

    /// <summary>What stands in the way of keeping a document by itself; null when nothing does.</summary>
    /// <param name="what">What it is: “cover”, “cloth”.</param>
    /// <param name="document">The document as it would be kept.</param>
    /// <param name="most">The most bytes it may take.</param>
    public static ProblemHttpResult? Refusal(string what, string document, int most) => Encoding.UTF8.GetByteCount(document) <= most ? null
        : Refused($"This {what} holds more than {most / 1024} kB of figures and notes: shorten what is written with it.", what);

    /// <summary>The same for a cover among the others of its job.</summary>
    public static ProblemHttpResult? Refusal(JobStore store, string jobId, string coverId, string document)
    {
        if (Refusal("cover", document, MostBytesOfCover) is { } refusal)
        {
            return refusal;
        }

        var others = store.WeightWithout(jobId, coverId);
        return Full(others.Covers + 1, others.Characters + document.Length);
    }

    /// <summary>The same for a job file that is taken in, into a job that holds so much already.</summary>
    public static ProblemHttpResult? Refusal(JobFile file, (int Covers, long Characters) there)
    {
        var covers = file.Covers.Take(MostCovers + 1).Select(cover => JsonSerializer.Serialize(cover, OpenFormat.Json)).ToList();
        return Refusal("cloth", JsonSerializer.Serialize(file.Cloth, OpenFormat.Json), MostBytesOfCloth)
            ?? covers.Select(cover => Refusal("cover", cover, MostBytesOfCover)).FirstOrDefault(refusal => refusal is not null)
            ?? Full(there.Covers + covers.Count, there.Characters + covers.Sum(cover => (long)cover.Length));
    }

    private static ProblemHttpResult? Full(int covers, long characters) => covers <= MostCovers && characters <= MostBytesOfJob ? null
        : Refused($"This job is full: one holds {MostCovers} covers, and of long ones fewer. Make another job for what is still to come.", "cover");

    private static ProblemHttpResult Refused(string text, string about) => Refusals.Unprocessable([Check.Error("too-much", text, about)]);
}
