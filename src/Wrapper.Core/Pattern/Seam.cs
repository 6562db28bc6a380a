using Wrapper.Core.Geometry;

namespace Wrapper.Core.Pattern;

/// <summary>One edge of one copy of a piece.</summary>
/// <param name="Piece">The piece's key.</param>
/// <param name="Edge">The edge's name on its stitch line.</param>
/// <param name="Copy">Which copy of the piece in one cover, from 1.</param>
public sealed record SeamSide(string Piece, EdgeName Edge, int Copy = 1);

/// <summary>A seam: two edges joined along their stitch lines. See docs/handbook.md, "Seams".</summary>
/// <param name="Id">Unique in the draft.</param>
/// <param name="First">One side.</param>
/// <param name="Second">The other side.</param>
/// <param name="Takes">What is caught in the seam; null for nothing.</param>
/// <param name="IsFlat">It joins two parts of one face, which go on in one plane.</param>
public sealed record Seam(string Id, SeamSide First, SeamSide Second, Caught? Takes = null, bool IsFlat = false)
{
    /// <summary>Where on the cover it lies: where its first edge does, unless more is known of it.</summary>
    public EdgePlace At
    {
        get => _at ?? First.Edge.At;
        init => _at = value;
    }

    private readonly EdgePlace? _at;

    /// <summary>By how much the first side is longer on purpose: eased or gathered in.</summary>
    public Units.Length Ease { get; init; }

    /// <summary>
    /// Its edges are laid on each other and caught in other seams, not sewn by themselves: a folded ear, the lap of a slide pocket.
    /// </summary>
    public bool IsLaid { get; init; }

    /// <summary>It is left open when the cover is sewn: it is closed by hand, or tied.</summary>
    public bool IsWayIn { get; init; }

    /// <summary>
    /// How much in its middle stays open when the cover is sewn, going on into its neighbours where that is more than it has; zero for
    /// nothing.
    /// </summary>
    public Units.Length Gap { get; init; }

    /// <summary>Further edges the first side goes on along, in their order: the parts of a skirt round a base.</summary>
    public IReadOnlyList<SeamSide> FirstGoesOn { get; init; } = [];

    /// <summary>Further edges the second side goes on along.</summary>
    public IReadOnlyList<SeamSide> SecondGoesOn { get; init; } = [];

    /// <summary>All edges of the first side.</summary>
    public IEnumerable<SeamSide> FirstSide => FirstGoesOn.Prepend(First);

    /// <summary>All edges of the second side.</summary>
    public IEnumerable<SeamSide> SecondSide => SecondGoesOn.Prepend(Second);

    /// <summary>All edges that are sewn in it.</summary>
    public IEnumerable<SeamSide> Edges => FirstSide.Concat(SecondSide);

    /// <summary>
    /// Of two pieces that face each other both edges run the same way, as of what is sewn flat on another; of two that lie side by side,
    /// opposite ways.
    /// </summary>
    /// <param name="first">The piece of the first side.</param>
    /// <param name="second">The piece of the second side.</param>
    public bool RunsAlike(Piece first, Piece second) =>
        first.Use == PieceUse.Applied
        || second.Use == PieceUse.Applied
        || first.LiesTurnedOver(First.Copy) != second.LiesTurnedOver(Second.Copy);
}
