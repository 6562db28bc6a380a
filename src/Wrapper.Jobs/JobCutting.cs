using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Catalogue;
using Wrapper.Core.Cutting;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;
using Wrapper.Formats.Answers;
using Wrapper.Formats.Documents;

namespace Wrapper.Jobs;

/// <summary>The cutting of a job: each of its cloths with what is cut next of it, and what was.</summary>
public sealed class JobCutting
{
    private readonly IReadOnlyList<JobPlanCover> _covers;
    private readonly IReadOnlyList<WorkEntry> _work;
    private readonly List<FindingEntry> _findings;
    private readonly Dictionary<WorkEntry, int> _places;
    private readonly LengthFormat _format;
    private readonly JobOnCloths _job;

    /// <summary>Reads a job.</summary>
    /// <param name="unit">Its unit.</param>
    /// <param name="houseRules">The house’s rules, as typed.</param>
    /// <param name="covers">Its covers in their order, each with its letter.</param>
    /// <param name="cloth">Its first cloth, which carries the others.</param>
    /// <param name="work">The work on it, as it was told.</param>
    public JobCutting(
        LengthUnit unit,
        IReadOnlyDictionary<string, string> houseRules,
        IReadOnlyList<JobPlanCover> covers,
        ClothDocument cloth,
        IReadOnlyList<WorkEntry> work
    )
    {
        (_covers, _work, _format) = (covers, work, LengthFormat.For(unit));
        _findings = [.. WorkOfCloth.InForce(work).OfType<FindingEntry>()];
        _places = _findings.Count == 0 ? [] : WorkOfCloth.Places(work);
        _job = JobOnCloths.Of(unit, houseRules, covers, cloth);
    }

    /// <summary>Each cloth, in the order of the job.</summary>
    /// <param name="isWrongSide">The cloth lies wrong side up on the table: cards are seen from behind.</param>
    /// <param name="steps">How long a lay is looked for.</param>
    /// <param name="shouldStop">Asked while one is.</param>
    public IReadOnlyList<ClothCuttingJson> Plan(bool isWrongSide, int steps, Func<bool>? shouldStop = null) =>
        [.. _job.Cloths.Select(cloth => Of(cloth.Key, cloth.Cloth, isWrongSide, steps, shouldStop))];

    /// <summary>What of one cover was cut at another size than it has now: nothing is laid for that.</summary>
    /// <param name="cover">The cover’s id.</param>
    public IReadOnlyList<CutTroubleJson> ChangedOf(string cover) =>
        _work.OfType<CutEntry>().Any(entry => entry.Cover == cover)
            ?
            [
                .. _job
                    .Cloths.SelectMany(cloth => Changed(_job.Buyer.Drafted(cloth.Cloth).Drafts, cloth.Cloth, cloth.Key))
                    .Where(change => change.Cover == cover),
            ]
            : [];

    private ClothCuttingJson Of(string key, ClothSpecification cloth, bool isWrongSide, int steps, Func<bool>? shouldStop)
    {
        var progress = WorkOfCloth.Of(_work, key);
        var plan = CuttingPlanner.Of(_job.Buyer, cloth, progress, steps, shouldStop);
        return new()
        {
            Key = key,
            Name = cloth.Name ?? "Cloth",
            UsableWidth = cloth.UsableWidth.Millimetres,
            Length = plan.Length.Millimetres,
            LengthShown = _format.RoundedWithUnit(plan.Length),
            Available = progress.Available?.Millimetres,
            Relaid = plan.Relaid,
            Told = progress.IsPlannedSince && !plan.Relaid,
            Lay =
            [
                .. plan
                    .Planned.Concat(plan.NoLonger)
                    .Select(copy => new LaidCopy(
                        copy.Cover,
                        copy.Piece,
                        copy.Copy,
                        copy.Turn,
                        copy.X.Millimetres,
                        copy.Y.Millimetres,
                        copy.Remnant
                    )),
            ],
            Cards =
            [
                .. plan.Cards.Select(card =>
                    CutCardJson.Of(
                        card,
                        CodeOf(plan.Drafts, card.Laid.Cover, card.Laid.Piece.Key),
                        NameOf(card.Laid.Cover),
                        _format,
                        (cloth.UsableWidth, isWrongSide)
                    )
                ),
            ],
            Cut =
            [
                .. progress.Cut.Select(shape => new CutDoneJson(
                    shape.Cover,
                    shape.Piece,
                    shape.Copy,
                    CodeOf(plan.Drafts, shape.Cover, shape.Piece),
                    PieceJson.Corners(shape.Outline),
                    shape.IsSpoiled,
                    shape.Remnant
                )),
            ],
            LeftOver = [.. plan.LeftOver.Select(left => OffcutJson.Of(left, _format.Unit))],
            Flaws =
            [
                .. cloth
                    .Flaws.Concat(progress.Flaws)
                    .Select(flaw =>
                        new[]
                        {
                            flaw.Left?.Millimetres ?? 0,
                            flaw.Right?.Millimetres ?? cloth.UsableWidth.Millimetres,
                            flaw.From.Millimetres,
                            flaw.To.Millimetres,
                        }
                    ),
            ],
            Trouble = [.. Changed(plan.Drafts, cloth, key), .. plan.NoLonger.Select(copy => NoCloth(plan, copy))],
            Lacking = plan.Lacking.IsPositive ? _format.RoundedWithUnit(plan.Lacking) : null,
            Checks = [.. plan.Checks.Select(CheckJson.Of)],
        };
    }

    private CutTroubleJson NoCloth(CutPlan plan, PlannedCopy copy) =>
        new(
            copy.Cover,
            copy.Piece,
            copy.Copy,
            CodeOf(plan.Drafts, copy.Cover, copy.Piece),
            PieceOf(plan.Drafts, copy.Cover, copy.Piece)?.Name ?? copy.Piece,
            Rescue.NoCloth,
            "There is no cloth left for it on this length: it takes more cloth, another cloth, or a join."
        );

    /// <summary>What was cut and does not fit any more.</summary>
    private IEnumerable<CutTroubleJson> Changed(IReadOnlyDictionary<string, Draft> drafts, ClothSpecification cloth, string key)
    {
        var inForce = WorkOfCloth.Cut(_work, key);
        foreach (var entry in inForce)
        {
            if (!_covers.Any(cover => cover.Key == entry.Cover))
            {
                yield return new(
                    entry.Cover,
                    entry.Subject,
                    entry.Number,
                    "–",
                    entry.Subject,
                    Rescue.Gone,
                    "Its cover was taken off the job: bring the cover back, or put the piece aside."
                );
            }
            else if (IsFitted(entry, drafts))
            {
                continue; // its cards say how far from its edge it is sewn
            }
            else if (PieceOf(drafts, entry.Cover, entry.Subject) is not { } piece)
            {
                if (drafts.ContainsKey(entry.Cover))
                {
                    yield return new(
                        entry.Cover,
                        entry.Subject,
                        entry.Number,
                        CodeOf(drafts, entry.Cover, entry.Subject),
                        entry.Subject,
                        Rescue.Gone,
                        "The cover has no such piece any more: put it aside."
                    );
                }
            }
            else if (
                CutChanges.Of(
                    SizeOf(entry.Cut),
                    piece,
                    cloth.Traits.Contains(ClothTrait.Frays),
                    edge => IsZipEdge(drafts[entry.Cover], piece, edge),
                    _format
                ) is
                { } change
            )
            {
                yield return new(
                    entry.Cover,
                    entry.Subject,
                    entry.Number,
                    CodeOf(drafts, entry.Cover, entry.Subject),
                    piece.Name,
                    change.Rescue,
                    change.Text
                );
            }
        }
    }

    /// <summary>It was cut before its cover was tried on, and the finding says how it lies.</summary>
    private bool IsFitted(CutEntry cut, IReadOnlyDictionary<string, Draft> drafts) =>
        _findings.Count > 0
        && drafts.GetValueOrDefault(cut.Cover) is { } draft
        && _findings
            .Where(finding => finding.Cover == cut.Cover && _places[finding] > _places[cut])
            .Any(finding =>
                finding.Finding.Lies.Any(lies =>
                    draft.Pieces.Any(piece =>
                        piece.Key == lies.Piece
                        && (piece.Key == cut.Subject || piece.JoinedFrom.Contains(cut.Subject))
                        && CopiesOfSet.AtTable(piece, finding.Number, lies.Copy) == cut.Number
                    )
                )
            );

    private static CutSize SizeOf(CutAs cut) =>
        new(
            Length.FromMillimetres(cut.Width),
            Length.FromMillimetres(cut.Length),
            cut.Edges.DistinctBy(edge => edge.Name).ToDictionary(edge => edge.Name, edge => Length.FromMillimetres(edge.Length))
        );

    private static bool IsZipEdge(Draft draft, Piece piece, string edge) =>
        draft.Seams.Any(seam => seam.Takes == Caught.Zip && seam.Edges.Any(side => side.Piece == piece.Key && side.Edge == edge));

    private static Piece? PieceOf(IReadOnlyDictionary<string, Draft> drafts, string cover, string piece) =>
        drafts.GetValueOrDefault(cover)?.Pieces.FirstOrDefault(known => known.Key == piece);

    private string CodeOf(IReadOnlyDictionary<string, Draft> drafts, string cover, string piece) =>
        drafts.GetValueOrDefault(cover) is { } draft && draft.Pieces.Any(known => known.Key == piece)
            ? $"{_covers.FirstOrDefault(known => known.Key == cover)?.Letter}{PieceCodes.NumberOf(draft, piece)}"
            : _covers.FirstOrDefault(known => known.Key == cover)?.Letter ?? "–";

    private string NameOf(string cover) =>
        _covers.FirstOrDefault(known => known.Key == cover) is { } known ? JobPlan.NameOf(known.Cover) : "";
}
