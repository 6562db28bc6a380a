namespace Wrapper.Core.English.Parts;

/// <summary>What is said of the roles of pieces and the cloths given to them.</summary>
internal static class RoleText
{
    /// <summary>The name of a piece that is cut from a cloth of its own because of what it is: “Bottom panel”.</summary>
    internal static string PieceOf(string role, string noun) => $"{char.ToUpperInvariant(role[0])}{role[1..]}{noun}";

    /// <summary>A part of it: “Back face, outer drop”.</summary>
    internal static string PartOf(string whole, string part) => $"{whole}, {part}";

    /// <summary>The name of a piece that is cut from a cloth of its own because of where it stands: “Side, front and back”.</summary>
    internal static string PieceAt(string whole, IReadOnlyList<string> places, int number) =>
        places.Count == 0
            ? $"{whole}, cloth {number}"
            : $"{whole}, {(places.Count == 1 ? places[0] : $"{string.Join(", ", places.Take(places.Count - 1))} and {places[^1]}")}";

    internal static string NoSuchPiece(string role) => $"This cover has no {role.Replace('-', ' ')}: the cloth given to it is not used.";

    internal static string NothingToPiece(string role) =>
        $"This cover has no {role.Replace('-', ' ')}: the strips it was to be joined from are not cut.";

    internal static string TurnsUneven(string role, int places, int cloths) =>
        places <= 1
            ? $"The {role.Replace('-', ' ')} does not go round in several pieces: it is cut from "
                + $"the first of the {cloths} cloths given to it."
            : $"{cloths} cloths take turns over {places} pieces ({role.Replace('-', ' ')}): the last and the "
                + "first stand next to each other, and the turn is broken there.";

    internal static string ShrinksOtherwise(string seam, string first, string second, string difference) =>
        $"Along the seam {seam} {first} and {second} will not shrink alike: they come out of the wash "
        + $"{difference} % apart. Wash both before cutting, or ease the one to the other at the machine.";

    internal static string ShowsThrough(string over, string under) =>
        $"{over} shows through and lies over {under}: hold the one over the other before cutting, or line it.";
}
