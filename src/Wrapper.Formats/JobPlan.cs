using Wrapper.Core.Buying;
using Wrapper.Core.Checks;
using Wrapper.Core.Drafting;
using Wrapper.Core.Forms;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Formats.Drawing;

namespace Wrapper.Formats;

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

    /// <summary>What stands in the way, of cloths and covers.</summary>
    public IReadOnlyList<Check> Checks { get; init; } = [];

    /// <summary>Works a job out.</summary>
    /// <param name="title">What it is called.</param>
    /// <param name="unit">Its unit.</param>
    /// <param name="houseRules">The house’s rules, as typed.</param>
    /// <param name="covers">Its covers in their order.</param>
    /// <param name="cloth">Its first cloth, which carries the others.</param>
    /// <param name="steps">The orders a lay is tried in; null where no lay is wanted.</param>
    /// <param name="shouldStop">Asked while lays are looked for.</param>
    public static JobPlan Of(
        string title, LengthUnit unit, IReadOnlyDictionary<string, string> houseRules, IReadOnlyList<JobPlanCover> covers, ClothDocument cloth, int? steps, Func<bool>? shouldStop = null)
    {
        var (unitName, readable) = (JobUnit.Name(unit), HouseRules.Readable(houseRules, unit));
        var letters = covers.Select((cover, place) => (cover.Key, Letter: cover.Letter ?? PieceCodes.Letter(place))).ToDictionary(coded => coded.Key, coded => coded.Letter);
        var (cloths, checks, drafts) = (new List<LaidCloth>(), new List<Check>(), new Dictionary<string, Draft>());
        ClothDocument[] all = [cloth, .. cloth.Others ?? []];
        foreach (var each in all)
        {
            var on = covers.Where(cover => CutFrom(cover.Cover, each, all)).ToList();
            var reading = ClothReader.Read(each.ToInput(), unit);
            checks.AddRange(reading.Checks);
            if (on.Count == 0 || reading.Cloth is not { } specification)
            {
                continue;
            }

            var buyer = new ClothBuyer([.. on.Select(cover => new JobCover(cover.Key, cover.Cover.ToInput(unitName, houseRules), NameOf(cover.Cover)))], unit, readable);
            var yardage = steps is { } most ? buyer.Buy(specification, most, shouldStop) : buyer.Drafted(specification);
            cloths.Add(new(each.Name is { Length: > 0 } name ? name : "Cloth", specification, yardage));
            checks.AddRange(yardage.Checks);
            foreach (var (key, draft) in specification.Role == ClothRole.Main ? yardage.Drafts : new Dictionary<string, Draft>())
            {
                drafts[key] = draft;
            }
        }

        // A cover whose cloth cannot be read is drafted without one: nothing is joined, and the rest is as it will be.
        foreach (var cover in covers.Where(cover => !drafts.ContainsKey(cover.Key)))
        {
            if (!cloths.Exists(laid => laid.Yardage.LeftOut.Contains(cover.Key)) && Proved.Draft(cover.Cover.ToInput(unitName, houseRules)).Draft is { } draft)
            {
                drafts[cover.Key] = draft;
            }
        }

        return new()
        {
            Title = title,
            Unit = unit,
            Covers = [.. covers.Where(cover => drafts.ContainsKey(cover.Key)).Select(cover => new CodedDraft(letters[cover.Key], NameOf(cover.Cover), drafts[cover.Key]))],
            LeftOut = [.. covers.Where(cover => !drafts.ContainsKey(cover.Key)).Select(cover => $"{letters[cover.Key]}: {NameOf(cover.Cover)}")],
            Cloths = cloths,
            BuyStep = new ClothBuyer([], unit, readable).BuyingStep,
            Letters = letters,
            Checks = checks,
        };
    }

    /// <summary>What a cover is called; its form’s name where it has none.</summary>
    public static string NameOf(CoverDocument cover) => cover.Name is { Length: > 0 } name ? name : FormCatalogue.Find(cover.Form)?.Label ?? cover.Form ?? "Cover";

    /// <summary>A cover is cut from the cloth it names, or the first; lining and padding are cut for every cover.</summary>
    private static bool CutFrom(CoverDocument cover, ClothDocument cloth, ClothDocument[] all) =>
        (cloth.Key is { Length: > 0 } && Words.Read<ClothRole>(cloth.Role) is { } role && role != ClothRole.Main)
        || (Array.Exists(all, known => (known.Key ?? "") == (cover.Cloth?.Key ?? "")) ? (cover.Cloth?.Key ?? "") == (cloth.Key ?? "") : ReferenceEquals(cloth, all[0]));
}
