using Wrapper.Core.Checks;
using Wrapper.Core.English;
using Wrapper.Core.Proof;
using Wrapper.Core.Reading;

namespace Wrapper.Core.Drafting;

/// <summary>
/// A draft that may be cut from: its seams meet and it folds up to the thing. One that does not is never given out. See
/// docs/handbook.md, "Fold-up".
/// </summary>
public static class Proved
{
    private const int MostNamed = 6;

    /// <summary>Reads, drafts and proves a cover.</summary>
    public static DraftOutcome Draft(CoverInput input) => Of(Drafter.Draft(input));

    /// <summary>The same outcome; without its draft and with the error <c>does-not-close</c> where the draft is not proved.</summary>
    public static DraftOutcome Of(DraftOutcome outcome)
    {
        if (outcome.Draft is not { } draft || FoldUp.Of(draft) is not { Holds: false } folded)
        {
            return outcome;
        }

        return outcome with
        {
            Draft = null,
            Checks = [DoesNotClose(folded), .. outcome.Checks],
        };
    }

    private static Check DoesNotClose(FoldUp folded)
    {
        var seams = folded.UnequalSeams.Concat(folded.Open.Select(place => place.Seam).OfType<string>()).Distinct().ToList();
        var where =
            seams.Count == 0
                ? ""
                : DraftingText.AtSeams(
                    seams.Count == 1,
                    string.Join(", ", seams.Take(MostNamed)),
                    seams.Count > MostNamed ? $" and {seams.Count - MostNamed} more" : ""
                );
        return Check.Error("does-not-close", DraftingText.DoesNotClose(where, string.Join(" ", folded.Problems.Take(3))), null) with
        {
            Concerns = CheckConcern.Proof,
        };
    }
}
