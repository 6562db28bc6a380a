using Wrapper.Core.Pattern;
using Wrapper.Core.Proof;
using Wrapper.Core.Sewing.Operations;

namespace Wrapper.Core.Fitting;

/// <summary>
/// What of a folded cover is seen on the thing: a layer that lies in another is folded out beyond it by the proof, and is left out here.
/// </summary>
public static class FoldedOutside
{
    /// <summary>The facets of the outer layer.</summary>
    public static IReadOnlyList<FoldedFacet> Of(Draft draft)
    {
        var within = Within(draft).ToHashSet();
        return [.. FoldUp.Of(draft).Facets.Where(facet => !within.Contains(new(facet.Piece, facet.Copy)))];
    }

    /// <summary>The copies of the inner layer; empty where there is none.</summary>
    public static IReadOnlyList<PieceCopy> Within(Draft draft) =>
        [
            .. draft.Pieces.SelectMany(piece =>
                PieceCopy.AllOf(piece).Where(copy => piece.CopyRoles.ElementAtOrDefault(copy.Copy - 1) == PieceRole.Inner)
            ),
        ];
}
