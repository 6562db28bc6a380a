using System.Text;
using System.Text.Json;
using Microsoft.AspNetCore.Http.HttpResults;
using Wrapper.Core.Checks;
using Wrapper.Formats.Documents;
using Wrapper.Formats.Rules;
using Wrapper.Formats.Validation;
using Wrapper.Store;
using Wrapper.Web.Answers;

namespace Wrapper.Web.Stored;

/// <summary>Whether there is room in a job for what is to be stored: <see cref="JobLimits"/>.</summary>
internal static class JobSizeLimits
{
    /// <summary>What stands in the way of storing a document by itself; null when nothing does.</summary>
    /// <param name="what">What it is: “cover”, “cloth”.</param>
    /// <param name="document">The document as it would be stored.</param>
    /// <param name="most">The most bytes it may take.</param>
    public static ProblemHttpResult? Refusal(string what, string document, int most)
    {
        var bytes = Encoding.UTF8.GetBytes(document);
        return bytes.Length > most ? Refused($"This {what} holds more than {most / 1024} kB of figures and notes. Shorten its notes.", what)
            : JsonLimits.Exceeded(bytes, JsonLimits.DeepestDocument) is { } exceeded ? Refused(exceeded.Text, exceeded.Name)
            : null;
    }

    /// <summary>The same for a cloth among the others of its job, which share the room.</summary>
    /// <param name="cloths">The cloths of the job as they are stored.</param>
    /// <param name="key">The cloth's key.</param>
    /// <param name="document">The cloth as it would be stored.</param>
    public static ProblemHttpResult? RefusalOfCloth(IReadOnlyList<StoredCloth> cloths, string key, string document) =>
        Refusal("cloth", document, JobLimits.MostBytesOfCloth)
        ?? (
            cloths.Where(cloth => cloth.Key != key).Sum(cloth => (long)Encoding.UTF8.GetByteCount(cloth.Document))
                + Encoding.UTF8.GetByteCount(document)
            > JobLimits.MostBytesOfCloth
                ? Refused(
                    $"The cloths of this job hold more than {JobLimits.MostBytesOfCloth / 1024} kB of figures and pictures. "
                        + "Take a picture out of one of them.",
                    "cloth"
                )
                : null
        );

    /// <summary>The same for a cover among the others of its job.</summary>
    public static ProblemHttpResult? Refusal(JobStore store, string jobId, string coverId, string document)
    {
        if (Refusal("cover", document, JobLimits.MostBytesOfCover) is { } refusal)
        {
            return refusal;
        }

        var others = store.WeightWithout(jobId, coverId);
        return Full(others.Covers + 1, others.Characters + document.Length);
    }

    /// <summary>The same for a job file, into a job that holds so much already.</summary>
    public static ProblemHttpResult? Refusal(JobFile file, (int Covers, long Characters) there)
    {
        var covers = file.Covers.Select(cover => JsonSerializer.Serialize(cover, OpenFormat.Json)).ToList();
        return Refusal("cloth", JsonSerializer.Serialize(file.Cloth, OpenFormat.Json), JobLimits.MostBytesOfCloth)
            ?? covers.Select(cover => Refusal("cover", cover, JobLimits.MostBytesOfCover)).FirstOrDefault(refusal => refusal is not null)
            ?? Full(there.Covers + covers.Count, there.Characters + covers.Sum(cover => (long)cover.Length));
    }

    private static ProblemHttpResult? Full(int covers, long characters) =>
        covers <= JobLimits.MostCovers && characters <= JobLimits.MostCharactersOfCovers
            ? null
            : Refused(
                $"This job is full: it holds at most {JobLimits.MostCovers} covers, and fewer long ones. Make another job for the rest.",
                "cover"
            );

    private static ProblemHttpResult Refused(string text, string about) => Refusals.Unprocessable([Check.Error("too-much", text, about)]);
}
