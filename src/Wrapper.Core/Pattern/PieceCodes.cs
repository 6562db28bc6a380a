namespace Wrapper.Core.Pattern;

/// <summary>
/// The code a piece is known by everywhere: its cover’s letter and its number in the cover’s cut list, <c>A1</c>. See
/// docs/handbook.md, "Pieces".
/// </summary>
public static class PieceCodes
{
    private const int Letters = 26;

    /// <summary>The letter of a cover by its place in the job, from 0: A to Z, then AA.</summary>
    public static string Letter(int place) => place < Letters ? $"{(char)('A' + place)}" : Letter((place / Letters) - 1) + Letter(place % Letters);

    /// <summary>The codes of a draft’s pieces by their keys.</summary>
    public static IReadOnlyDictionary<string, string> Of(Draft draft, string letter) =>
        draft.Pieces.Select((piece, place) => (piece.Key, Code: string.Create(System.Globalization.CultureInfo.InvariantCulture, $"{letter}{place + 1}"))).ToDictionary(coded => coded.Key, coded => coded.Code);
}
