using Wrapper.Core.English.Workroom;
using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Wrapper.Core.Sewing.Operations;
using Wrapper.Core.Units;

namespace Wrapper.Core.Sewing.Cards;

/// <summary>What pieces and places are called in the sentence of an operation.</summary>
/// <param name="pieces">The pieces by their keys.</param>
internal sealed class PieceWords(IReadOnlyDictionary<string, Piece> pieces)
{
    /// <summary>The drops of the faces that are joined from any.</summary>
    private readonly ILookup<PieceRole, PieceCopy> _drops = pieces
        .Values.Where(piece => piece is { Kind: PieceKind.Face, PartName: not null })
        .SelectMany(PieceCopy.AllOf)
        .ToLookup(copy => pieces[copy.Piece].CopyRoles[copy.Copy - 1]);

    /// <summary>
    /// A copy of a piece: “top plate”, “upper zip boxing”, “boxing 1 of 3”, “front wall”, “outer drop 2 of the front face”.
    /// </summary>
    public string Of(PieceCopy copy)
    {
        var piece = pieces[copy.Piece];
        var (name, role) = (piece.Name.ToLowerInvariant(), piece.CopyRoles[copy.Copy - 1]);
        var number = piece.CopyRoles.Count(other => other == role) == 1 ? "" : $" {copy.Copy}";
        return piece.Kind switch
        {
            PieceKind.Face when piece.PartName is { } drop => SewingText.DropOf(drop + number, role.Label),
            _ when piece.PerCover == 1 => name,
            PieceKind.ZipBoxing => SewingText.StripOf(copy.Copy == 1, name),
            PieceKind.Wall or PieceKind.Side or PieceKind.Strip when PlacesRound.Of(piece, copy.Copy) is { } place => piece.PartName
                is { } part
                ? $"{SewingText.AtPlace(place, role.Label)}, {part}"
                : SewingText.AtPlace(place, role.Label),
            PieceKind.Skirt => SewingText.PartOf(role.Label, copy.Copy),
            PieceKind.Face or PieceKind.Top when piece.Roles.Count > 1 => role.Label + number,
            _ => (piece.Roles.Count == 1 ? name : $"{role.Label} {piece.Kind.Word()}") + number,
        };
    }

    /// <summary>All copies of a piece: “both plates” by its own name.</summary>
    public static string OfAll(Piece piece) =>
        piece.PerCover == 1 ? piece.Name.ToLowerInvariant() : $"{piece.Name.ToLowerInvariant()} × {piece.PerCover}";

    /// <summary>Pieces one after another, each once; all drops of a face together are the face.</summary>
    public string List(IEnumerable<PieceCopy> copies)
    {
        if (_drops.Count == 0)
        {
            return Listed(copies.Select(Of));
        }

        var all = copies.ToHashSet();
        var whole = _drops
            .Where(face => face.All(all.Contains))
            .SelectMany(face => face.Select(copy => (copy, face.Key.Label)))
            .ToDictionary();
        return Listed(all.Select(copy => whole.GetValueOrDefault(copy) ?? Of(copy)));
    }

    /// <summary>What is sewn round a plate in one go, by what it is: “boxing and upper zip boxing”, “walls”.</summary>
    public string Ring(IEnumerable<PieceCopy> copies) =>
        Listed(
            copies
                .GroupBy(copy => pieces[copy.Piece].Kind)
                .SelectMany(kind =>
                    kind.Key switch
                    {
                        PieceKind.ZipBoxing => kind.Select(copy => SewingText.StripOf(copy.Copy == 1, PieceRole.ZipBoxing.Label)),
                        PieceKind.Boxing => [PieceRole.Boxing.Label],
                        PieceKind.Wall or PieceKind.Side or PieceKind.Strip when kind.Count() > 1 => [SewingText.Several(kind.Key.Word())],
                        _ when kind.Count() > 1
                                && kind.Select(copy => copy.Piece).Distinct().Count() == 1
                                && kind.Count() == pieces[kind.First().Piece].PerCover =>
                        [
                            pieces[kind.First().Piece].Name.ToLowerInvariant(),
                        ],
                        _ => kind.Select(Of),
                    }
                )
        );

    private static string Listed(IEnumerable<string> words)
    {
        var names = words.Distinct().ToList();
        return names.Count <= 1 ? string.Concat(names) : $"{string.Join(", ", names.SkipLast(1))} and {names[^1]}";
    }

    /// <summary>The places a run goes along: “front, right, back”.</summary>
    public static string Along(IEnumerable<EdgeName> edges) =>
        string.Join(", ", edges.Select(Place).Where(word => word.Length > 0).Distinct());

    /// <summary>
    /// The corner between a wall and the next one round: “front right” after the front; of other plans, after which side it is.
    /// </summary>
    public static string CornerAfter(EdgePlace wall) =>
        (wall.Side, wall.Beside) switch
        {
            (EdgeSide.Front, EdgeSide.None) => SewingText.CornerCalled("front right"),
            (EdgeSide.Right, EdgeSide.None) => SewingText.CornerCalled("back right"),
            (EdgeSide.Back, EdgeSide.None) => SewingText.CornerCalled("back left"),
            (EdgeSide.Left, EdgeSide.None) => SewingText.CornerCalled("front left"),
            _ => SewingText.CornerAfter(Corner(wall)),
        };

    /// <summary>Which corner it is: “front left”, “lower back right”.</summary>
    public static string Corner(EdgePlace at)
    {
        var sides = string.Join(' ', (at with { Layer = EdgeLayer.None }).Words);
        return at.Layer is EdgeLayer.Upper or EdgeLayer.Lower ? $"{at.Layer.Word()} {sides}" : sides;
    }

    /// <summary>Where an edge is, in words: the side it is on; else what becomes of it.</summary>
    private static string Place(EdgeName edge) =>
        edge switch
        {
            { Function: EdgeFunction.Join } => edge.Function.Word(),
            { Side: EdgeSide.Closed } => SewingText.ClosedEnd,
            { Side: not EdgeSide.None } => edge.Side.Word(),
            { At.Layer: EdgeLayer.Start or EdgeLayer.Finish } => edge.At.Layer.Word(),
            { Function: EdgeFunction.Zip or EdgeFunction.Hem } => edge.Function.Word(),
            _ => edge.At.Layer.Word(),
        };
}
