namespace Wrapper.Core.Pattern;

/// <summary>
/// The code a piece is known by everywhere: its cover’s letter and its number in the cover’s cut list, <c>A1</c>. See
/// docs/handbook.md, "Pieces".
/// </summary>
public static class PieceCodes
{
    private const int Letters = 26;

    /// <summary>The letter of a cover by its place in the job, from 0: A to Z, then AA.</summary>
    public static string Letter(int place) =>
        place < Letters ? $"{(char)('A' + place)}" : Letter((place / Letters) - 1) + Letter(place % Letters);

    /// <summary>The place a letter stands for, from 0; null where the text is no letter of a cover.</summary>
    public static int? PlaceOf(string? letter)
    {
        const int longest = 3;
        if (letter is not { Length: > 0 and <= longest } || !letter.All(char.IsAsciiLetterUpper))
        {
            return null;
        }

        return letter.Aggregate(0, (place, next) => (place * Letters) + next - 'A' + 1) - 1;
    }

    /// <summary>A piece’s number in its cover’s cut list, from 1.</summary>
    /// <exception cref="ArgumentException">The draft has no such piece.</exception>
    public static int NumberOf(Draft draft, string key)
    {
        for (var place = 0; place < draft.Pieces.Count; place++)
        {
            if (draft.Pieces[place].Key == key)
            {
                return place + 1;
            }
        }

        throw new ArgumentException($"The draft has no piece “{key}”.", nameof(key));
    }

    /// <summary>The codes of a draft’s pieces by their keys.</summary>
    public static IReadOnlyDictionary<string, string> Of(Draft draft, string letter) =>
        draft
            .Pieces.Select(
                (piece, place) =>
                    (piece.Key, Code: string.Create(System.Globalization.CultureInfo.InvariantCulture, $"{letter}{place + 1}"))
            )
            .ToDictionary(coded => coded.Key, coded => coded.Code);
}
