using Wrapper.Core.Pattern;
using Wrapper.Core.Sewing.Cards;
using Wrapper.Core.Sewing.Operations;

namespace Wrapper.Core.Sewing.Covers;

/// <summary>
/// Which copies of pieces lie in one face or one strip: those that are joined flat, and those that a zip or tape holds
/// together. A run goes on along a face. See docs/handbook.md, "Points and runs".
/// </summary>
internal sealed class CoverFaces
{
    private readonly Dictionary<PieceCopy, int> _numbers = [];
    private readonly JoinedNumbers _faces = new();

    /// <summary>The faces of these pieces before anything is joined: each copy by itself.</summary>
    public CoverFaces(IEnumerable<Piece> pieces)
    {
        foreach (var copy in pieces.SelectMany(PieceCopy.AllOf))
        {
            _numbers.Add(copy, _faces.Next());
        }
    }

    /// <summary>The face of one side of a seam.</summary>
    public int Of(SeamSide side) => _faces.Found(_numbers[PieceCopy.Of(side)]);

    /// <summary>From here on both sides are one face.</summary>
    /// <returns>False where they were one already: a ring is closed.</returns>
    public bool Join(SeamSide one, SeamSide other) => _faces.Join(Of(one), Of(other));
}
