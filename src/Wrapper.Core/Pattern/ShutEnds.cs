using Wrapper.Core.Geometry;

namespace Wrapper.Core.Pattern;

/// <summary>
/// The parts of an opening that are sewn shut from both sides: the end of the face is hemmed from side to side while it is flat,
/// so that they are hemmed with it, and stitched afterwards. See docs/handbook.md, "Bedding".
/// </summary>
public static class ShutEnds
{
    /// <summary>Those edges of these pieces, by piece and name.</summary>
    /// <param name="pieces">The pieces of a cover.</param>
    /// <param name="isTaken">Whether a seam takes an edge of a piece.</param>
    public static IReadOnlySet<(string Piece, string Edge)> Of(IEnumerable<Piece> pieces, Func<Piece, EdgeName, bool> isTaken)
    {
        var ends = pieces
            .Where(piece => piece is { Kind: PieceKind.Face, Use: PieceUse.Cover })
            .SelectMany(face =>
                face.StitchLine.Names.Distinct().Where(edge => edge.Side == EdgeSide.End).Select(edge => (Face: face, Edge: edge))
            )
            .ToList();
        var open = ends.Where(end => !isTaken(end.Face, end.Edge)).Select(end => end.Face.Allowances[end.Edge]).ToHashSet();
        return ends.Where(end => open.Contains(end.Face.Allowances[end.Edge]) && isTaken(end.Face, end.Edge))
            .Select(end => (end.Face.Key, end.Edge.Word))
            .ToHashSet();
    }
}
