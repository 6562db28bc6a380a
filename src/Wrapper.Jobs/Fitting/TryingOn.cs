using System.Globalization;
using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Checks;
using Wrapper.Core.Fitting;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Sewing.Operations;
using Wrapper.Core.Units;
using Wrapper.Formats.Answers;
using Wrapper.Formats.Documents;

namespace Wrapper.Jobs.Fitting;

/// <summary>What was found at a try-on.</summary>
/// <param name="Found">The sides, each with how far it is moved.</param>
/// <param name="Carried">It holds for all covers alike, and what is not cut yet is cut so; else for this one only.</param>
public sealed record FoundOn(IReadOnlyList<CorrectionTold> Found, bool Carried);

/// <summary>A cover that is tried on: what findings come to, and what is written down when they are kept.</summary>
public sealed class TryingOn
{
    private readonly CoverTriedOn _cover;
    private readonly string _letter;
    private readonly string _name;
    private readonly IReadOnlyList<CorrectionTold> _typed;
    private readonly List<Correction> _found;
    private readonly bool _isCarried;
    private readonly Dictionary<string, FittingAnswer?> _answers = [];
    private readonly List<Check> _checks = [];

    /// <summary>Reads a cover and what was found on it.</summary>
    /// <param name="cover">The cover.</param>
    /// <param name="cloth">The job’s first cloth, which carries the others.</param>
    /// <param name="unit">The job’s unit.</param>
    /// <param name="houseRules">The house’s rules, as typed.</param>
    /// <param name="work">The work on the job, as it was told.</param>
    /// <param name="found">What was found, as typed.</param>
    public TryingOn(
        JobPlanCover cover,
        ClothDocument cloth,
        LengthUnit unit,
        IReadOnlyDictionary<string, string> houseRules,
        IReadOnlyList<WorkEntry> work,
        FoundOn found
    )
    {
        _cover = new(cover, cloth, unit, houseRules, work);
        (_letter, _name, _typed) = (cover.Letter ?? "", JobPlan.NameOf(cover.Cover), found.Found);
        (_found, _isCarried) = (Read(found.Found, unit), found.Carried);
    }

    /// <summary>What stands in the way of an answer, errors first; empty for nothing.</summary>
    public IReadOnlyList<Check> Errors => [.. _checks.Where(check => check.Level == CheckLevel.Error)];

    /// <summary>How many are alike.</summary>
    public int Count => _cover.Count;

    /// <summary>What the findings come to; null where <see cref="Errors"/> says why not.</summary>
    /// <param name="number">Which of those alike was tried on.</param>
    /// <param name="version">The version of the cover.</param>
    public TryingOnJson? Of(int number, long version)
    {
        if (Worked(number) is not { } worked)
        {
            return null;
        }

        var (hand, answer) = worked;
        var draft = hand.Cover.Draft;
        var words = new FittingWords(draft, hand.Specification);
        var standing = hand.SewnBy.ToDictionary(told => told.Side, told => told.By);
        return new()
        {
            Letter = _letter,
            Name = _name,
            Count = Count,
            Version = version,
            Sides =
            [
                .. SeamPlaces
                    .SidesOf(hand.Specification)
                    .Select(side => new FittingSideJson(side.Side, side.Name, standing.GetValueOrDefault(side.Side))),
            ],
            Seams = [.. SeamPlaces.Of(draft).Select(seam => new SeamSidesJson(seam.Key, seam.Value))],
            Within = [.. FoldedOutside.Within(draft).Select(copy => new CopyJson(copy.Piece, copy.Copy))],
            Lines = answer is null ? [] : [.. words.Of(answer).Select(line => new FittingLineJson(line.Mend, line.Seams, line.Text))],
            Again = answer is null ? [] : [.. answer.Again.Select(Named)],
            NotCut =
            [
                .. (_isCarried ? draft.Pieces : [])
                    .Where(piece => !piece.IsPieced)
                    .SelectMany(PieceCopy.AllOf)
                    .Where(copy => !hand.Cover.Cut.ContainsKey(copy) && !hand.CutOtherwise.Contains(copy.Piece))
                    .Select(Named),
            ],
            Others =
                answer is null || !_isCarried
                    ? []
                    :
                    [
                        .. Enumerable
                            .Range(1, Count)
                            .Where(other => other != number)
                            .Select(other => new FittingOtherJson(other, OfOther(other))),
                    ],
            Before =
            [
                .. _cover
                    .FindingsOf(number)
                    .Select(entry => new FoundBeforeJson(
                        entry.Id,
                        entry.At,
                        entry.By,
                        FoundWords.Of(entry.Finding, hand.Specification, _cover.Unit)
                    )),
            ],
            Checks =
            [
                .. (
                    (IEnumerable<Check>)
                        [
                            .. _checks,
                            .. TooShort(answer, draft.Format),
                            .. hand.CutOtherwise.Select(key => CutOtherwise(Named(new(key, 1)))),
                        ]
                ).Select(CheckJson.Of),
            ],
        };

        FittingPieceJson Named(PieceCopy copy) =>
            new(copy.Piece, copy.Copy, $"{_letter}{PieceCodes.NumberOf(draft, copy.Piece)}", words.NameOf(copy));
    }

    /// <summary>
    /// What is written when the findings are kept: an entry for each cover alike that has something cut or sewn, what of its ticks no
    /// longer holds, and what is spoiled by it.
    /// </summary>
    /// <param name="number">Which was tried on.</param>
    /// <param name="at">When.</param>
    /// <param name="by">By whom.</param>
    public IReadOnlyList<WorkEntry> Kept(int number, string at, string by)
    {
        var entries = new List<WorkEntry>();
        var next = _isCarried ? Corrections.Sum(_cover.Own, _found, _cover.Unit) : _cover.Own;
        foreach (var one in _isCarried ? Enumerable.Range(1, Count) : [number])
        {
            if (
                Worked(one) is not { Answer: { } answer } worked
                || (one != number && (_cover.IsClosed(one) || (worked.Hand.Cover.Cut.Count == 0 && _cover.FindingsOf(one).Count == 0)))
            )
            {
                continue;
            }

            var words = new FittingWords(worked.Hand.Cover.Draft, worked.Hand.Specification);
            entries.Add(
                Told(
                    new FindingEntry
                    {
                        Number = one,
                        Subject = string.Join(", ", _typed.Select(told => told.Side)),
                        Finding = new()
                        {
                            Found = _typed,
                            Carried = _isCarried,
                            Cut = _cover.FindingsOf(one) is [var first, ..] ? first.Finding.Cut : _cover.Own,
                            Next = next,
                            Sewn = Corrections.Sum(worked.Hand.SewnBy, _found, _cover.Unit),
                            Lies =
                            [
                                .. answer.Cut.Select(cut => new LiesTold(
                                    cut.Key.Piece,
                                    cut.Key.Copy,
                                    Math.Round(cut.Value.Lies.X, 6),
                                    Math.Round(cut.Value.Lies.Y, 6)
                                )),
                            ],
                            Reopened = [.. words.Again(answer).Select(again => new ReopenedTold(again.Operation, again.Texts))],
                        },
                    }
                )
            );
            entries.AddRange(
                answer
                    .Reopened.SelectMany(reopened => worked.Hand.Ticks[reopened.Operation])
                    .Select(tick => Told(new UndoneEntry { Number = one, Subject = tick.Id }))
            );
            entries.AddRange(answer.Again.SelectMany(copy => Spoiled(worked.Hand.Cover.Draft, copy, one)));
        }

        return entries;

        WorkEntry Told(WorkEntry entry) => entry with { Id = Guid.NewGuid().ToString(), Cover = _cover.Key, At = at, By = by };

        IEnumerable<WorkEntry> Spoiled(Draft draft, PieceCopy copy, int one)
        {
            var piece = draft.Pieces.First(known => known.Key == copy.Piece);
            return (piece.IsPieced ? piece.JoinedFrom : [piece.Key]).Select(key =>
                Told(
                    new SpoiledEntry
                    {
                        Number = CopiesOfSet.AtTable(piece, one, copy.Copy),
                        Subject = key,
                        Note = "Too small after trying on.",
                    }
                )
            );
        }
    }

    /// <summary>The cover with what was found.</summary>
    public CoverDocument Corrected() => _cover.With(Corrections.Sum(_cover.Own, _found, _cover.Unit));

    private (CoverInHand Hand, FittingAnswer? Answer)? Worked(int number)
    {
        if (_cover.Of(number, !_isCarried) is not { } hand)
        {
            _checks.AddRange([
                Check.Error("unfinished", $"“{_name}” is not finished: take its measures before it is tried on.", null),
                .. _cover.Now.Checks.Where(check => check.Level == CheckLevel.Error),
            ]);
            return null;
        }

        if (_found.Count == 0)
        {
            return (hand, null);
        }

        var corrected = _cover.Draft(Corrections.Sum(hand.SewnBy, _found, _cover.Unit));
        if (corrected.Draft is not { } after)
        {
            _checks.AddRange(corrected.Checks.Where(check => check.Level == CheckLevel.Error));
            return null;
        }

        if (Answered(hand, after) is not { } answer)
        {
            _checks.Add(
                Check.Error(
                    "not-folded",
                    $"Nothing says where the seams of “{_name}” lie on it: it is pinned or lies flat. Pin it, "
                        + "and write down the pieces as they were trimmed.",
                    null
                )
            );
            return null;
        }

        return (hand, answer);
    }

    /// <summary>Of a set most are as far as each other: those are worked out once.</summary>
    private FittingAnswer? Answered(CoverInHand hand, Draft after)
    {
        var cut = hand.Cover.Cut.Select(copy =>
            string.Create(
                CultureInfo.InvariantCulture,
                $"{copy.Key.Piece}/{copy.Key.Copy}:{copy.Value.CutAs.CutWidth.Value.Nanometres}×"
                    + $"{copy.Value.CutAs.CutLength.Value.Nanometres}@{copy.Value.Lies.X},{copy.Value.Lies.Y}"
            )
        );
        var state = string.Join("|", [.. hand.SewnBy.Select(told => $"{told.Side}{told.By}"), "", .. hand.Done, "", .. cut]);
        if (!_answers.TryGetValue(state, out var answer))
        {
            answer = FittingPlanner.Of(hand.Cover, hand.Specification, after, _found, hand.Done);
            _answers.Add(state, answer);
        }

        return answer;
    }

    private string OfOther(int number)
    {
        if (_cover.IsClosed(number))
        {
            return "handed over, and stays as it is.";
        }

        if (Worked(number) is not { Answer: { } answer } worked)
        {
            return "cannot be worked out.";
        }

        if (worked.Hand.Cover.Cut.Count == 0)
        {
            return "not cut yet; all of it is cut as corrected.";
        }

        var (unpick, sew) = (
            answer.Seams.Count(seam => seam.Mend == SeamMend.Unpick),
            answer.Seams.Count(seam => seam.Mend == SeamMend.Sew)
        );
        List<string> told = [];
        if (sew > 0)
        {
            told.Add($"{Seams(sew)} sewn elsewhere, as its cards say");
        }

        if (unpick > 0)
        {
            told.Add($"{Seams(unpick)} to unpick");
        }

        if (answer.Again.Count > 0)
        {
            told.Add($"{answer.Again.Count} {(answer.Again.Count == 1 ? "piece" : "pieces")} to cut again");
        }

        return told.Count == 0 ? "stays as it is." : $"{string.Join(", ", told)}.";
    }

    private static string Seams(int count) => count == 1 ? "1 seam" : $"{count} seams";

    private IEnumerable<Check> TooShort(FittingAnswer? answer, LengthFormat format)
    {
        if (answer is { Again.Count: > 0 })
        {
            var most = _found
                .Where(finding => !finding.By.IsNegative)
                .Select(finding => finding.By - Length.FromMillimetres((decimal)answer.Lacking))
                .DefaultIfEmpty(Length.Zero)
                .Min();
            yield return Check.Note("too-little-left", FittingPlanner.TooShort(answer, most, format), "found");
        }
    }

    private static Check CutOtherwise(FittingPieceJson piece) =>
        Check.Note(
            "cut-otherwise",
            $"{piece.Code} was cut before the cover was measured anew: how far from its edge it is sewn, its cut card says.",
            "found"
        );

    /// <summary>What was found, read; what cannot be read or comes to nothing is told about.</summary>
    private List<Correction> Read(IReadOnlyList<CorrectionTold> found, LengthUnit unit)
    {
        var read = new List<Correction>();
        foreach (var told in found)
        {
            var reading = LengthReader.Read(told.By, unit);
            if (reading.Length is not { } by)
            {
                _checks.Add(Check.Error("unreadable", $"How far is the {told.Side} to be moved? {reading.Problem}", "found"));
            }
            else if (by != Length.Zero)
            {
                read.Add(new(told.Side, by));
            }
        }

        return read;
    }
}
