using Wrapper.Core.Pattern;

namespace Wrapper.Core.Sewing;

/// <summary>
/// Which copies of pieces lie in one face or one strip: those that are joined flat, and those that a zip or tape holds
/// together. A run goes on along a face. See docs/handbook.md, "Points and runs".
/// </summary>
internal sealed class CoverFaces
{
    private readonly Dictionary<PieceCopy, int> _numbers = [];
    private readonly List<int> _joinedTo = [];

    /// <summary>The faces of the covers that these lines make.</summary>
    public CoverFaces(IEnumerable<Piece> pieces)
    {
        foreach (var piece in pieces)
        {
            for (var copy = 1; copy <= piece.PerCover; copy++)
            {
                _numbers.Add(new(piece.Key, copy), _joinedTo.Count);
                _joinedTo.Add(_joinedTo.Count);
            }
        }
    }

    /// <summary>The face of one side of a seam.</summary>
    public int Of(SeamSide side) => Found(_numbers[new(side.Piece, side.Copy)]);

    /// <summary>From here on both sides are one face.</summary>
    /// <returns>False where they were one already: a ring is closed.</returns>
    public bool Join(SeamSide one, SeamSide other)
    {
        var (first, second) = (Of(one), Of(other));
        _joinedTo[Math.Max(first, second)] = Math.Min(first, second);
        return first != second;
    }

    private int Found(int number)
    {
        while (_joinedTo[number] != number)
        {
            number = _joinedTo[number] = _joinedTo[_joinedTo[number]];
        }

        return number;
    }
}
