using Wrapper.Core.Units;

namespace Wrapper.Core.Pattern;

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
