using Wrapper.Core.Buying;
using Wrapper.Core.Lays;

namespace Wrapper.Core.Cutting;

/// <summary>The copies that are still to be cut, and where they were meant to lie.</summary>
internal sealed class LeftToCut
{
    private readonly Dictionary<string, List<int>> _copies = [];

    /// <summary>What is left of these pieces.</summary>
    public LeftToCut(IReadOnlyList<LaidPiece> pieces, CutProgress progress)
    {
        foreach (var piece in pieces)
        {
            var left = Enumerable
                .Range(1, piece.Copies)
                .Where(copy => !progress.IsCut(piece.Cover, piece.Piece.Key, CopyOf(piece, copy)))
                .ToList();
            if (left.Count > 0)
            {
                _copies[piece.LayId] = left;
            }
        }

        Pieces = [.. pieces.Where(piece => _copies.ContainsKey(piece.LayId))];
        Known = KnownOf(progress.Planned);
    }

    /// <summary>The pieces of which some copy is left.</summary>
    public IReadOnlyList<LaidPiece> Pieces { get; }

    /// <summary>Where they were meant to lie, each copy numbered among those that are left; null where that is not said of all.</summary>
    public IReadOnlyList<Placement>? Known { get; }

    /// <summary>The copy of a piece over all covers alike: those that are cut turned over follow the others.</summary>
    public static int CopyOf(LaidPiece piece, int copy) => piece.IsMirrored ? piece.Piece.Quantity - piece.Piece.Mirrored + copy : copy;

    /// <summary>What was cut is a copy of this laid piece, and not of its like that lies turned over.</summary>
    public static bool IsOf(LaidPiece piece, CutShape shape) =>
        piece.Cover == shape.Cover
        && piece.Piece.Key == shape.Piece
        && shape.Copy >= CopyOf(piece, 1)
        && shape.Copy <= CopyOf(piece, piece.Copies);

    /// <summary>The copies that are left of a laid piece, as it numbers them itself.</summary>
    public IReadOnlyList<int> Copies(string layId) => _copies[layId];

    /// <summary>Placements of what is left, each copy under its own number again; what is none of it is left out.</summary>
    public IReadOnlyList<Placement> Named(IEnumerable<Placement> placements) =>
        [
            .. placements
                .Where(place => _copies.ContainsKey(place.Piece))
                .Select(place => place with { Copy = _copies[place.Piece][place.Copy - 1] }),
        ];

    private List<Placement>? KnownOf(IReadOnlyList<PlannedCopy> planned)
    {
        var known = new List<Placement>();
        foreach (var piece in Pieces)
        {
            foreach (var (copy, place) in _copies[piece.LayId].Select((copy, place) => (copy, place + 1)))
            {
                if (
                    planned.LastOrDefault(one =>
                        one.Cover == piece.Cover && one.Piece == piece.Piece.Key && one.Copy == CopyOf(piece, copy)
                    )
                    is not { } there
                )
                {
                    return null;
                }

                known.Add(new(piece.LayId, place, there.Turn, there.X, there.Y, there.Remnant));
            }
        }

        return known;
    }
}
