using Wrapper.Core.Checks;
using Wrapper.Core.Sewing;

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
        var reading = CoverReader.Read(input);
        if (reading.Specification is not { } specification)
        {
            return new(null, reading, Sorted(reading.Checks));
        }

        var cover = BoxCushionDrafter.Draft(specification);
        IReadOnlyList<Check> checks = Sorted([.. reading.Checks, .. cover.Checks]);
        if (checks.Any(check => check.Level == CheckLevel.Error))
        {
            return new(null, reading, checks);
        }

        var ledger = SeamLedger.Measure(cover.Pieces, cover.Seams, specification.Unit);
        var draft = new Draft
        {
            Format = specification.Format,
            Pieces = cover.Pieces,
            Seams = cover.Seams,
            Ledger = ledger,
            Notions = cover.Notions,
            Finished = cover.Finished,
            Steps = cover.Steps,
            Checks = Sorted([.. checks, .. ledger.Where(entry => !entry.Meets).Select(Open)]),
            Joins = cover.Joins,
        };
        return new(draft, reading, draft.Checks);
    }

    private static Check Open(LedgerEntry entry) => Check.Warning(
        "seam-does-not-meet", $"The two sides of seam {entry.Seam.Id} differ: this is a fault of the drafting, do not cut from it.", null);

    private static List<Check> Sorted(IEnumerable<Check> checks) => [.. checks.OrderByDescending(check => check.Level)];
}
