using System.Text.Json;
using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Pattern;
using Wrapper.Formats.Documents;
using Wrapper.Formats.Rules;
using Wrapper.Formats.Validation;
using Wrapper.Jobs;
using Wrapper.Store;
using Wrapper.Web.Answers;

namespace Wrapper.Web.Stored;

/// <summary>
/// Stored jobs, read through the rules of their documents: a part that breaks one is shown as broken in its place, with what can
/// be read of it, and the others are as they are.
/// </summary>
internal static class StoredJobs
{
    /// <summary>The job as it is sent; null when there is none.</summary>
    public static JobJson? Find(JobStore store, string id)
    {
        if (store.Find(id) is not { } whole)
        {
            return null;
        }

        var broken = new List<BrokenPartJson>();
        var heading = Heading(whole.Job.Heading, broken);
        var cloths = whole.Cloths.Select((cloth, place) => Cloth(cloth, place, whole.Cloths.Count, broken)).ToList();
        var covers = whole.Covers.Select(cover => Cover(cover, broken)).ToList();
        return new(
            id,
            heading.Name,
            heading.Client,
            heading.Place,
            heading.Unit,
            whole.Job.Version,
            whole.Job.Updated,
            whole.Job.IsArchived,
            new(whole.ClothsVersion, JobCloths.Together([.. cloths.Select(cloth => cloth.Cloth)])),
            cloths,
            covers,
            broken
        );
    }

    /// <summary>The cloths of a job as they are stored, each by itself.</summary>
    /// <param name="first">The first, which may carry the others.</param>
    public static IReadOnlyList<ClothIntake> Cloths(ClothDocument first) =>
        [.. JobCloths.Apart(first).Select(cloth => new ClothIntake(cloth.Key, JsonSerializer.Serialize(cloth.Cloth, OpenFormat.Json)))];

    /// <summary>A heading as far as it may be long.</summary>
    public static JobHeading Shortened(JobHeading heading) =>
        heading with
        {
            Name = Shortened(heading.Name),
            Client = Shortened(heading.Client),
            Place = Shortened(heading.Place),
        };

    private static string Shortened(string text) => text.Length <= JobLimits.LongestName ? text : text[..JobLimits.LongestName];

    /// <summary>What is wrong with a heading; null for a sound one.</summary>
    public static string? Problem(JobHeading heading) =>
        Shortened(heading) == heading ? null : $"It is longer than {JobLimits.LongestName} characters. Shorten it.";

    private static JobHeading Heading(JobHeading stored, List<BrokenPartJson> broken)
    {
        if (Problem(stored) is { } problem)
        {
            broken.Add(new(JobPart.Heading, "The job’s name, client or place", [problem]));
        }

        return Shortened(stored);
    }

    private static JobClothJson Cloth(StoredCloth stored, int place, int among, List<BrokenPartJson> broken)
    {
        var reading = DocumentReading.Read<ClothDocument>(stored.Document, DocumentRules.Cloth);
        if (reading.Document is { } cloth)
        {
            return new(stored.Key, stored.Version, cloth.Migrate());
        }

        var repaired = Repaired<ClothDocument>(stored.Document, DocumentRules.Cloth).Migrate();
        var name = among == 1 ? "The job’s cloth" : $"The cloth “{(repaired.Name is { Length: > 0 } called ? called : stored.Key)}”";
        broken.Add(new(place == 0 ? JobPart.FirstCloth : JobPart.Cloth(stored.Key), name, Texts(reading.Violations)));
        return new(stored.Key, stored.Version, repaired);
    }

    private static CoverJson Cover(StoredCover stored, List<BrokenPartJson> broken)
    {
        var reading = DocumentReading.Read<CoverDocument>(stored.Document, DocumentRules.Cover);
        var letter = PieceCodes.Letter(stored.Letter);
        if (reading.Document is { } cover)
        {
            return new(stored.Id, stored.Position, letter, stored.Version, stored.Complete, cover.Migrate());
        }

        var repaired = Repaired<CoverDocument>(stored.Document, DocumentRules.Cover).Migrate();
        broken.Add(new(JobPart.Cover(stored.Id), $"Cover {letter}, “{JobPlan.NameOf(repaired)}”", Texts(reading.Violations)));
        return new(stored.Id, stored.Position, letter, stored.Version, false, repaired);
    }

    /// <summary>What can be read of a document that breaks its rules.</summary>
    public static T Repaired<T>(string document, ValueRule rule)
        where T : class =>
        DocumentReading.Read<T>(DocumentRepair.Repair(document, rule), rule).Document ?? DocumentReading.Read<T>("{}", rule).Document!;

    public static IReadOnlyList<string> Texts(IReadOnlyList<RuleViolation> violations) => [.. violations.Select(broken => broken.Text)];
}
