using Wrapper.Core.Pattern;
using Wrapper.Core.Proof;

namespace Wrapper.Core.Tests;

/// <summary>
/// The fold-up of drafts of which many are alike, as where one rule after another is said and most change nothing: what folds up
/// from the same lines is folded up once. Held against all that a fold-up reads; what differs in any of it is folded up by itself.
/// </summary>
internal static class FoldedOnce
{
    private const int Most = 3;

    /// <summary>Of this thread alone: tests side by side have nothing to do with one another.</summary>
    [ThreadStatic]
    private static List<(Draft Draft, FoldUp Folded)>? _last;

    /// <summary>The draft folded up.</summary>
    public static FoldUp Of(Draft draft)
    {
        var last = _last ??= [];
        var at = last.FindIndex(known => AreAlike(known.Draft, draft));
        var found = at >= 0 ? last[at] : (Draft: draft, Folded: FoldUp.Of(draft));
        last.RemoveAll(known => ReferenceEquals(known.Draft, found.Draft));
        last.Insert(0, found);
        last.RemoveRange(Math.Min(Most, last.Count), Math.Max(0, last.Count - Most));
        return found.Folded;
    }

    private static bool AreAlike(Draft one, Draft other) =>
        one.Blocks.Count == 0
        && other.Blocks.Count == 0
        && one.Pieces.Count == other.Pieces.Count
        && one.Pieces.Zip(other.Pieces).All(pair => AreAlike(pair.First, pair.Second))
        && one.Seams.SequenceEqual(other.Seams)
        && AreAlike(one.Thing, other.Thing);

    private static bool AreAlike(Piece one, Piece other) =>
        (one.Key, one.Kind, one.PerCover, one.Quantity, one.Use, one.FaceAt, one.InFacingPairs, one.IsTurnedOver)
            == (other.Key, other.Kind, other.PerCover, other.Quantity, other.Use, other.FaceAt, other.InFacingPairs, other.IsTurnedOver)
        && one.JoinedFrom.SequenceEqual(other.JoinedFrom)
        && one.StitchLine.Edges.SequenceEqual(other.StitchLine.Edges)
        && one.Rolls.SequenceEqual(other.Rolls)
        && one.Folds.Count == other.Folds.Count
        && one.Folds.Zip(other.Folds)
            .All(pair =>
                (pair.First.Name, pair.First.TrimsRight) == (pair.Second.Name, pair.Second.TrimsRight)
                && pair.First.Through.SequenceEqual(pair.Second.Through)
            )
        && one.Allowances.Count == other.Allowances.Count
        && one.Allowances.All(allowance => other.Allowances.TryGetValue(allowance.Key, out var width) && width == allowance.Value);

    private static bool AreAlike(Expectation one, Expectation other) =>
        one.Zones.SequenceEqual(other.Zones)
        && one.Skirt == other.Skirt
        && one.Medallion.Equals(other.Medallion)
        && (
            one.Cover is { } cover && other.Cover is { } same
                ? cover.Sizes.SequenceEqual(same.Sizes)
                    && (cover.Opening, cover.Area, cover.Round, cover.Smooth, cover.Gather)
                        == (same.Opening, same.Area, same.Round, same.Smooth, same.Gather)
                : one.Cover is null && other.Cover is null
        );
}
