using Wrapper.Core.Buying;
using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Checks;
using Wrapper.Core.Drafting;
using Wrapper.Core.Forms;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Formats.Answers;
using Wrapper.Formats.Documents;
using Wrapper.Formats.Drawing;

namespace Wrapper.Jobs;

/// <summary>A cover of a job under its key.</summary>
/// <param name="Key">The key.</param>
/// <param name="Cover">The cover.</param>
/// <param name="Letter">The letter it has in its job; null to letter it by its place.</param>
public sealed record JobPlanCover(string Key, CoverDocument Cover, string? Letter = null);

/// <summary>What one cloth of a job is laid with.</summary>
/// <param name="Name">What the cloth is called.</param>
/// <param name="Cloth">The cloth.</param>
/// <param name="Yardage">What is laid on it and bought of it.</param>
public sealed record LaidCloth(string Name, ClothSpecification Cloth, Yardage Yardage);

/// <summary>How lays are looked for.</summary>
/// <param name="ShouldStop">Asked while one is looked for.</param>
/// <param name="Lays">Lays found before; null where every lay is looked for.</param>
public sealed record LaySearching(Func<bool>? ShouldStop, LayMemory? Lays = null);

/// <summary>
/// A whole job worked out for its files: every cover drafted on its cloth, under its letter in the order of the job, and every
/// cloth laid.
/// </summary>
public sealed record JobPlan
{
    /// <summary>What the job is called.</summary>
    public required string Title { get; init; }

    /// <summary>The unit of the job.</summary>
    public required LengthUnit Unit { get; init; }

    /// <summary>The covers that can be drafted, in the order of the job.</summary>
    public required IReadOnlyList<CodedDraft> Covers { get; init; }

    /// <summary>The names of those that cannot be yet.</summary>
    public required IReadOnlyList<string> LeftOut { get; init; }

    /// <summary>The cloths with what is laid on them.</summary>
    public IReadOnlyList<LaidCloth> Cloths { get; init; } = [];

    /// <summary>The house’s step to buy by.</summary>
    public required Length BuyStep { get; init; }

    /// <summary>The letter of a cover by its key.</summary>
    public IReadOnlyDictionary<string, string> Letters { get; init; } = new Dictionary<string, string>();

    /// <summary>
    /// What a piece is cut from, as it is said on a list: the cloth by its name where the job has several; <c>pieced</c> for one that is
    /// joined from strips.
    /// </summary>
    public string ClothOf(Piece piece) =>
        piece.IsPieced ? "pieced"
        : piece.ClothKey is not { } key ? piece.Cloth.Word()
        : Cloths.Count > 1 && Cloths.FirstOrDefault(laid => laid.Cloth.Key == key) is { } laid ? laid.Name
        : CoverInput.UsualKey;

    /// <summary>What is chalked and cut next of each cloth; empty where that was not asked for.</summary>
    public IReadOnlyList<ClothCuttingJson> Cutting { get; init; } = [];

    /// <summary>Its covers with their sewing cards; empty where they were not asked for.</summary>
    public IReadOnlyList<SewnCover> Sewn { get; init; } = [];

    /// <summary>What stands in the way, of cloths and covers.</summary>
    public IReadOnlyList<Check> Checks { get; init; } = [];

    /// <summary>Works a job out.</summary>
    /// <param name="title">What it is called.</param>
    /// <param name="unit">Its unit.</param>
    /// <param name="houseRules">The house’s rules, as typed.</param>
    /// <param name="covers">Its covers in their order.</param>
    /// <param name="cloth">Its first cloth, which carries the others.</param>
    /// <param name="steps">The orders a lay is tried in; null where no lay is wanted.</param>
    /// <param name="search">How lays are looked for; null for lays that are looked for to their end.</param>
    public static JobPlan Of(
        string title,
        LengthUnit unit,
        IReadOnlyDictionary<string, string> houseRules,
        IReadOnlyList<JobPlanCover> covers,
        ClothDocument cloth,
        int? steps,
        LaySearching? search = null
    )
    {
        var (unitName, readable) = (JobUnits.Name(unit), HouseRules.Readable(houseRules, unit));
        var job = JobOnCloths.Of(unit, houseRules, covers, cloth, search?.Lays);
        var letters = covers
            .Select((cover, place) => (cover.Key, Letter: cover.Letter ?? PieceCodes.Letter(place)))
            .ToDictionary(coded => coded.Key, coded => coded.Letter);
        var (cloths, checks, drafts) = (new List<LaidCloth>(), new List<Check>(), new Dictionary<string, Draft>());
        var buyer = job.Buyer;
        checks.AddRange(job.Asked.Checks);
        foreach (var (_, specification) in job.Cloths)
        {
            var yardage = steps is { } most ? buyer.Buy(specification, most, search?.ShouldStop) : buyer.Drafted(specification);
            cloths.Add(new(specification.Name ?? "Cloth", specification, yardage));
            checks.AddRange(yardage.Checks);
            foreach (var (cover, draft) in specification.Role == ClothRole.Main ? yardage.Drafts : new Dictionary<string, Draft>())
            {
                drafts.TryAdd(cover, draft);
            }
        }

        // A cover whose cloth cannot be read is drafted without one: nothing is joined, and the rest is as it will be.
        foreach (
            var cover in covers.Where(cover =>
                !drafts.ContainsKey(cover.Key) && !cloths.Exists(laid => laid.Yardage.LeftOut.Contains(cover.Key))
            )
        )
        {
            if (Proved.Draft(cover.Cover.ToInput(unitName, houseRules)).Draft is { } draft)
            {
                drafts[cover.Key] = draft;
            }
        }

        return new()
        {
            Title = title,
            Unit = unit,
            Covers =
            [
                .. covers
                    .Where(cover => drafts.ContainsKey(cover.Key))
                    .Select(cover => new CodedDraft(letters[cover.Key], NameOf(cover.Cover), drafts[cover.Key])),
            ],
            LeftOut =
            [
                .. covers.Where(cover => !drafts.ContainsKey(cover.Key)).Select(cover => LeftOutAs(letters[cover.Key], cover.Cover)),
            ],
            Cloths = cloths,
            BuyStep = new ClothBuyer([], unit, readable).BuyingStep,
            Letters = letters,
            Checks = [.. checks.DistinctBy(check => (check.Code, check.Text))],
        };
    }

    /// <summary>The cloths of a job by their keys; the first, which carries the others, may have none.</summary>
    /// <param name="first">The first.</param>
    public static IReadOnlyDictionary<string, ClothDocument> ClothsOf(ClothDocument first) =>
        new[] { first }
            .Concat(first.Others ?? [])
            .Where(cloth => cloth is not null)
            .DistinctBy(JobCloths.KeyOf)
            .ToDictionary(JobCloths.KeyOf, cloth => cloth with { Others = null });

    /// <summary>How a cover that cannot be drafted yet is named.</summary>
    public static string LeftOutAs(string letter, CoverDocument cover) => $"{letter}: {NameOf(cover)}";

    /// <summary>What a cover is called; its form’s name where it has none.</summary>
    public static string NameOf(CoverDocument cover) =>
        cover.Name is { Length: > 0 } name ? name : FormCatalogue.Find(cover.Form)?.Label ?? cover.Form ?? "Cover";
}
