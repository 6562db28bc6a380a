using Wrapper.Core.Drafting;
using Wrapper.Core.Units;

namespace Wrapper.Core.Sewing;

/// <summary>A seam with both its stitched lengths as measured on the pieces.</summary>
/// <param name="Seam">The seam.</param>
/// <param name="FirstLength">The first side, measured along that piece's stitch line.</param>
/// <param name="SecondLength">The second side.</param>
/// <param name="Tolerance">How far they may differ.</param>
public sealed record LedgerEntry(Seam Seam, Length FirstLength, Length SecondLength, Length Tolerance)
{
    /// <summary>First side less second side.</summary>
    public Length Difference => FirstLength - SecondLength;

    /// <summary>The two sides agree within the tolerance, or differ by the ease that is stated.</summary>
    public bool Meets => (Difference - Seam.Ease).Abs() <= Tolerance;
}

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
        return [.. seams.Select(seam => new LedgerEntry(seam, LengthOf(byKey, seam.FirstSide), LengthOf(byKey, seam.SecondSide), Tolerance))];
    }

    /// <summary>How far the two sides of a seam may differ as drafted: what hands sew may differ by more, a drawing may not.</summary>
    public static readonly Length Tolerance = Length.FromMillimetres(0.1m);

    private static Length LengthOf(Dictionary<string, Piece> pieces, IEnumerable<SeamSide> side) =>
        side.Aggregate(Length.Zero, (sum, edge) => sum + pieces[edge.Piece].LengthOf(edge.Edge));
}
