using Wrapper.Core.English;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;

namespace Wrapper.Core.Sewing;

/// <summary>What pieces and places are called in the sentence of an operation.</summary>
/// <param name="pieces">The pieces by their keys.</param>
internal sealed class PieceWords(IReadOnlyDictionary<string, Piece> pieces)
{
    /// <summary>A copy of a piece: “top plate”, “zip boxing 2”, “boxing 1 of 3”.</summary>
    public string Of(PieceCopy copy)
    {
        var piece = pieces[copy.Piece];
        if (piece.PerCover == 1)
        {
            return piece.Name.ToLowerInvariant();
        }

        if (piece.Kind == PieceKind.ZipBoxing)
        {
            return copy.Copy == 1 ? SewingText.UpperStrip(piece.Name.ToLowerInvariant()) : SewingText.LowerStrip(piece.Name.ToLowerInvariant());
        }

        var role = piece.CopyRoles[copy.Copy - 1];
        var alike = piece.CopyRoles.Count(other => other == role);
        var own = piece.CopyRoles.Distinct().Count() == 1 ? piece.Name.ToLowerInvariant() : piece.Kind is PieceKind.Face or PieceKind.Top ? role.Label : $"{role.Label} {piece.Kind.Word()}";
        return alike == 1 ? own : $"{own} {copy.Copy}";
    }

    /// <summary>All copies of a piece: “both plates” by its own name.</summary>
    public static string OfAll(Piece piece) => piece.PerCover == 1 ? piece.Name.ToLowerInvariant() : $"{piece.Name.ToLowerInvariant()} × {piece.PerCover}";

    /// <summary>Pieces one after another, each once.</summary>
    public string List(IEnumerable<PieceCopy> copies)
    {
        var names = copies.Select(Of).Distinct().ToList();
        return names.Count <= 1 ? string.Concat(names) : $"{string.Join(", ", names.SkipLast(1))} and {names[^1]}";
    }

    /// <summary>The places a run goes along: “front, right, back”.</summary>
    public static string Along(IEnumerable<string> names) => string.Join(", ", names.Select(Place).Where(word => word.Length > 0).Distinct());

    /// <summary>Which corner a seam's name tells of: “front left”, “back right, lower”.</summary>
    public static string Corner(string name)
    {
        var words = name.Split('-').Where(word => word is "front" or "back" or "right" or "left").ToList();
        var layer = name.Split('-').FirstOrDefault(word => word is "upper" or "lower");
        return words.Count == 0 ? Place(name) : layer is null ? string.Join(' ', words) : $"{string.Join(' ', words)}, {layer}";
    }

    /// <summary>A name of an edge in words: the side it is on, without numbers and without what part of it is meant.</summary>
    public static string Place(string name)
    {
        var words = name.Split('-').Where(word => !int.TryParse(word, out _)).ToList();
        var told = words.Where(word => word is not ("upper" or "lower" or "ear" or "a" or "b" or "corner" or "w" or "zip" or "start" or "finish" or "rim" or "slope" or "flat")).ToList();
        return told.Count > 0 ? told[0] : words[0] is "start" or "finish" ? words[^1] : words[0];
    }
}
