namespace Wrapper.Core.Pattern;

/// <summary>
/// Where the copies of a piece stand round the thing: walls and sides at its sides, strips at its corners. See docs/handbook.md, "Pieces".
/// </summary>
public static class PlacesRound
{
    private static readonly string[] Sides = ["front", "left", "back", "right"];
    private static readonly string[] Corners = ["front left", "back left", "back right", "front right"];

    /// <summary>The place of a copy: “front”, or “back left” of what stands at corners; null where its copies do not go round.</summary>
    /// <param name="piece">The piece.</param>
    /// <param name="copy">Which copy, from 1.</param>
    public static string? Of(Piece piece, int copy)
    {
        if (piece.CopyPlaces.Count != piece.PerCover)
        {
            return null;
        }

        var place = piece.CopyPlaces[copy - 1];
        // a wall and its twin have one cloth, and so one place between them
        var isOpposite = piece.CopyPlaces.Take(copy - 1).Contains(place);
        return NamesOf(piece)[isOpposite ? (place + 2) % Sides.Length : place];
    }

    /// <summary>The places of these copies in turn, from the front round to the left; none where they do not go round.</summary>
    /// <param name="piece">The piece.</param>
    /// <param name="copies">Its copies, from 1.</param>
    public static IReadOnlyList<string> Of(Piece piece, IEnumerable<int> copies) =>
        piece.CopyPlaces.Count == 0
            ? []
            : [.. copies.Select(copy => piece.CopyPlaces[copy - 1]).Order().Select(place => NamesOf(piece)[place])];

    private static string[] NamesOf(Piece piece) => piece.Kind == PieceKind.Strip ? Corners : Sides;
}
