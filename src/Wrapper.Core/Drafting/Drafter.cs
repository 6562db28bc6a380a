using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.English;
using Wrapper.Core.Forms;
using Wrapper.Core.Pattern;
using Wrapper.Core.Proof;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Drafting;

/// <summary>From a cover's inputs to its draft. Same input, same output, to the nanometre.</summary>
public static class Drafter
{
    /// <summary>
    /// Reads and drafts a cover. Whatever a person may have typed comes out as checks; the outcome has no draft when one
    /// of them is an error.
    /// </summary>
    public static DraftOutcome Draft(CoverInput input)
    {
        var reading = Registry.Read(input);
        if (reading.Specification is not { } specification)
        {
            return new(null, reading, Sorted(reading.Checks));
        }

        var cover = HemsKept.On(
            PiecedFaces.Joined(PieceCloths.GivenOut(FormCatalogue.Draft(specification), specification.Cloths), specification),
            specification
        );
        IReadOnlyList<Check> checks = Sorted([.. reading.Checks, .. cover.Checks, .. Unasked(specification)]);
        if (checks.HasError())
        {
            return new(null, reading, checks);
        }

        var pieces = UnwashedCut.Of(EdgeMarks.On(SeamNotches.On(cover.Pieces, cover.Seams), cover.Seams, specification), specification);
        if (SumFaults.Of(pieces, specification.Format).ToList() is { Count: > 0 } faults)
        {
            return new(null, reading, Sorted([.. faults, .. checks]));
        }

        var ledger = SeamLedger.Measure(pieces, cover.Seams);
        var draft = new Draft
        {
            Format = specification.Format,
            Pieces = pieces,
            Seams = cover.Seams,
            Ledger = ledger,
            Notions = [.. cover.Notions, .. Thread(ledger, specification)],
            Finished = cover.Finished,
            Checks = Sorted([
                .. checks,
                .. RoleChecks.Of(pieces, cover.Seams, specification),
                .. TraitChecks.Of(pieces, cover.Seams, specification),
                .. ledger.Where(entry => !entry.Meets).Select(Open),
            ]),
            Cautions = [.. Cautions.Of(specification)],
            Joins = cover.Joins,
            Thing = FormCatalogue.Expected(specification),
            Blocks = cover.Blocks,
            Print = specification.Choices.Print,
        };
        return new(draft, reading, draft.Checks);
    }

    /// <summary>Thread for all seams of all covers alike, at so much to a lockstitched seam.</summary>
    private static IEnumerable<Notion> Thread(IReadOnlyList<LedgerEntry> ledger, CoverSpecification specification)
    {
        var sewn = ledger.Aggregate(Length.Zero, (sum, entry) => sum + Length.Max(entry.FirstLength, entry.SecondLength));
        if (sewn.IsPositive)
        {
            var all = specification.Count * Worked.ReadOff("all seams of a cover, measured on its pieces", sewn);
            yield return new(
                NotionKind.Thread,
                "Thread, one row of lockstitch",
                1,
                all.TimesNumber(specification.Rules.Number(NumberRule.ThreadPerSeam))
            );
        }
    }

    /// <summary>Rules of the cover that nothing asked for are told, not dropped in silence.</summary>
    private static IEnumerable<Check> Unasked(CoverSpecification specification) =>
        specification
            .Rules.UnaskedOfCover.Where(rule => rule != Rule.CutStep && rule != Rule.BuyStep && rule != Rule.EndTrim)
            .Select(rule => Check.Note("rule-without-effect", DraftingText.RuleWithoutEffect(rule.Name), rule.Name));

    private static Check Open(LedgerEntry entry) => Check.Warning("seam-does-not-meet", DraftingText.SeamDoesNotMeet(entry.Seam.Id), null);

    /// <summary>
    /// Gravest first; beside an error, a milder word of the same about the same thing would only offer what does not help.
    /// </summary>
    private static List<Check> Sorted(IReadOnlyList<Check> checks) =>
        [
            .. checks
                .Where(check =>
                    check.Level == CheckLevel.Error
                    || !checks.Any(other => other.Level == CheckLevel.Error && other.Code == check.Code && other.Measure == check.Measure)
                )
                .OrderByDescending(check => check.Level),
        ];
}
