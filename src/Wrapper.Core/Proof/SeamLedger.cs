using Wrapper.Core.Pattern;
using Wrapper.Core.Units;

namespace Wrapper.Core.Proof;

/// <summary>
/// The proof that a cover closes: every seam with the stitched length of both its sides, measured on the pieces' own
/// stitch lines and never taken from a formula. See docs/handbook.md, "Seams".
/// </summary>
public static class SeamLedger
{
    /// <summary>Measures every seam on the pieces it names.</summary>
    /// <exception cref="KeyNotFoundException">A seam names a piece or an edge that is not there.</exception>
    public static IReadOnlyList<LedgerEntry> Measure(IReadOnlyList<Piece> pieces, IReadOnlyList<Seam> seams)
    {
        var byKey = pieces.ToDictionary(piece => piece.Key);
        return
        [
            .. seams.Select(seam => new LedgerEntry(seam, LengthOf(byKey, seam.FirstSide), LengthOf(byKey, seam.SecondSide), Tolerance)),
        ];
    }

    /// <summary>How far the two sides of a seam may differ as drafted: what hands sew may differ by more, a drawing may not.</summary>
    public static readonly Length Tolerance = Length.FromMillimetres(0.1m);

    private static Length LengthOf(Dictionary<string, Piece> pieces, IEnumerable<SeamSide> side) =>
        side.Aggregate(Length.Zero, (sum, edge) => sum + pieces[edge.Piece].LengthOf(edge.Edge));
}
