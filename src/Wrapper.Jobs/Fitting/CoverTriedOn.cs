using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Drafting;
using Wrapper.Core.Fitting;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Sewing;
using Wrapper.Core.Sewing.Operations;
using Wrapper.Core.Units;
using Wrapper.Formats.Documents;

namespace Wrapper.Jobs.Fitting;

/// <summary>One of the covers alike, as far as it is cut and sewn.</summary>
/// <param name="Cover">What it is sewn by, and what of it is cut.</param>
/// <param name="Specification">What its draft was made from.</param>
/// <param name="SewnBy">The corrections it is sewn by.</param>
/// <param name="Done">The ids of the cards that are ticked, in the order they were told.</param>
/// <param name="Ticks">The entries that ticked them, by card.</param>
/// <param name="CutOtherwise">The keys of pieces that were cut at another size than their draft has: what lies where on them is not
/// known.</param>
internal sealed record CoverInHand(
    FittedCover Cover,
    CoverSpecification Specification,
    IReadOnlyList<CorrectionTold> SewnBy,
    IReadOnlyList<string> Done,
    ILookup<string, SewnEntry> Ticks,
    IReadOnlyList<string> CutOtherwise
);

/// <summary>What the entries of a job’s work say of a cover: by which corrections each copy was cut, and by which it is sewn.</summary>
internal sealed class CoverTriedOn
{
    private readonly CoverDocument _document;
    private readonly ClothDocument _cloth;
    private readonly IReadOnlyDictionary<string, string> _houseRules;
    private readonly List<WorkEntry> _work;
    private readonly Dictionary<WorkEntry, int> _places;
    private readonly Dictionary<(string Piece, int Copy), CutEntry> _cut;
    private readonly ILookup<int, FindingEntry> _findings;
    private readonly ILookup<int, SewnEntry> _ticks;
    private readonly Dictionary<string, DraftOutcome> _drafts = [];

    /// <summary>Reads a cover.</summary>
    /// <param name="cover">The cover.</param>
    /// <param name="cloth">The job’s first cloth, which carries the others.</param>
    /// <param name="unit">The job’s unit.</param>
    /// <param name="houseRules">The house’s rules, as typed.</param>
    /// <param name="work">The work on the job, as it was told.</param>
    public CoverTriedOn(
        JobPlanCover cover,
        ClothDocument cloth,
        LengthUnit unit,
        IReadOnlyDictionary<string, string> houseRules,
        IReadOnlyList<WorkEntry> work
    )
    {
        (Key, _document, _cloth, Unit, _houseRules) = (cover.Key, cover.Cover.Migrate(), cloth, unit, houseRules);
        _work = [.. WorkOfCloth.InForce(work).Where(entry => entry.Cover == cover.Key)];
        _places = WorkOfCloth.Places(_work);
        _cut = _work
            .Where(entry => entry is CutEntry or SpoiledEntry)
            .GroupBy(entry => (entry.Subject, entry.Number))
            .Select(copy => copy.Last())
            .OfType<CutEntry>()
            .ToDictionary(cut => (cut.Subject, cut.Number));
        _findings = _work.OfType<FindingEntry>().ToLookup(entry => entry.Number);
        _ticks = _work.OfType<SewnEntry>().ToLookup(entry => entry.Number);
        Now = CoverInJob.Draft(_document, cloth, unit, houseRules);
        Own = Now.Reading.Specification is { } read ? Corrections.Of(read.Corrections, unit) : [];
    }

    /// <summary>The cover’s id.</summary>
    public string Key { get; }

    /// <summary>The unit of its job.</summary>
    public LengthUnit Unit { get; }

    /// <summary>The cover as the job has it now.</summary>
    public DraftOutcome Now { get; }

    /// <summary>The corrections the job has of it now.</summary>
    public IReadOnlyList<CorrectionTold> Own { get; }

    /// <summary>How many are alike.</summary>
    public int Count => Now.Reading.Specification?.Count ?? 1;

    /// <summary>What was found on one of those alike, in the order it was told.</summary>
    public IReadOnlyList<FindingEntry> FindingsOf(int number) => [.. _findings[number]];

    /// <summary>The entry by which one of those alike was handed over stands.</summary>
    public bool IsClosed(int number) => _work.OfType<ClosedEntry>().Any(entry => entry.Number == number);

    /// <summary>The cover drafted by other corrections than it has.</summary>
    public DraftOutcome Draft(IReadOnlyList<CorrectionTold> corrections)
    {
        var key = string.Join(";", corrections.Select(told => $"{told.Side}={told.By}"));
        if (!_drafts.TryGetValue(key, out var outcome))
        {
            outcome = CoverInJob.Draft(With(corrections), _cloth, Unit, _houseRules);
            _drafts.Add(key, outcome);
        }

        return outcome;
    }

    /// <summary>The cover’s document with other corrections.</summary>
    public CoverDocument With(IReadOnlyList<CorrectionTold> corrections) => _document.WithCorrections(corrections);

    /// <summary>The corrections one of those alike is sewn by.</summary>
    public IReadOnlyList<CorrectionTold> SewnBy(int number) => FindingsOf(number) is [.., var last] ? last.Finding.Sewn : Own;

    /// <summary>One of those alike as far as it is cut and sewn; null where it cannot be drafted.</summary>
    /// <param name="number">Which.</param>
    /// <param name="isCutAsTheJobHasIt">What is not cut yet is cut as the job has it, whatever is found: it counts as cut.</param>
    public CoverInHand? Of(int number, bool isCutAsTheJobHasIt)
    {
        var findings = FindingsOf(number);
        var sewnBy = SewnBy(number);
        if (Draft(sewnBy) is not { Draft: { } draft, Reading.Specification: { } specification })
        {
            return null;
        }

        var done = _ticks[number].Select(entry => entry.Subject).Distinct().ToList();
        var held = SewingPlanner
            .Of(draft, specification)
            .Order.Where(operation => operation.IsSewing && done.Contains(operation.Id))
            .SelectMany(operation => operation.Pieces)
            .ToHashSet();
        var (cut, otherwise) = (new Dictionary<PieceCopy, CutCopy>(), new List<string>());
        foreach (var copy in draft.Pieces.SelectMany(PieceCopy.AllOf))
        {
            var piece = draft.Pieces.First(known => known.Key == copy.Piece);
            var told = LastOf(piece, number, copy);
            var isHeld = told is not null || held.Contains(copy);
            if (!isHeld && !isCutAsTheJobHasIt)
            {
                continue;
            }

            if (
                AsCut(
                    copy,
                    isHeld
                        ? told is null
                            ? -1
                            : _places[told]
                        : _work.Count,
                    findings
                )
                    is not { } lying
                || (told is { Cut: { } size } && told.Subject == copy.Piece && !IsSize(size, lying.CutAs))
            )
            {
                otherwise.Add(copy.Piece);
                continue;
            }

            cut.Add(copy, lying);
        }

        return new(
            new(draft, cut),
            specification,
            sewnBy,
            done,
            _ticks[number].ToLookup(entry => entry.Subject),
            [.. otherwise.Distinct()]
        );
    }

    /// <summary>The entry by which a copy lies cut and good; of a piece that is joined from strips, that of the strip told last.</summary>
    private CutEntry? LastOf(Piece piece, int number, PieceCopy copy) =>
        (piece.IsPieced ? piece.JoinedFrom : [piece.Key])
            .Select(key => _cut.GetValueOrDefault((key, CopiesOfSet.AtTable(piece, number, copy.Copy))))
            .OfType<CutEntry>()
            .MaxBy(entry => _places[entry]);

    /// <summary>A copy as it was cut, and where its lines lie.</summary>
    /// <param name="copy">Which.</param>
    /// <param name="at">The place of the entry that told it among the entries: before all for one that is sewn and never was told, after
    /// all for one that is still to be cut.</param>
    /// <param name="findings">What was found on the cover.</param>
    private CutCopy? AsCut(PieceCopy copy, int at, IReadOnlyList<FindingEntry> findings)
    {
        var before = findings.LastOrDefault(finding => _places[finding] < at);
        var cutBy = at >= _work.Count ? Own : before?.Finding.Next ?? (findings.Count > 0 ? findings[0].Finding.Cut : Own);
        // What was cut after the last finding as it is sewn lies as it was cut.
        var lies =
            findings.Count > 0 && (findings[^1] != before || !findings[^1].Finding.Sewn.SequenceEqual(cutBy))
                ? findings[^1].Finding.Lies.FirstOrDefault(known => known.Piece == copy.Piece && known.Copy == copy.Copy)
                : null;
        return Draft(cutBy).Draft?.Pieces.FirstOrDefault(piece => piece.Key == copy.Piece) is { } piece
            ? new(piece, lies is null ? default : new(lies.X, lies.Y))
            : null;
    }

    private static bool IsSize(CutAs cut, Piece piece) =>
        Math.Abs(cut.Width - piece.CutWidth.Value.Millimetres) < 0.5 && Math.Abs(cut.Length - piece.CutLength.Value.Millimetres) < 0.5;
}
