namespace Wrapper.Core.English.Workroom;

/// <summary>What is said of lays and their requests.</summary>
internal static class LaysText
{
    internal static string ClothOutOfRange => "Space and repeat cannot be below 0.";

    internal static string RepeatsOutOfRange => "Repeats, spaces and the place of a motif cannot be below 0.";

    internal static string ClothWidthOutOfRange => "The usable width of the cloth has to be more than 0 and at most 10 m.";

    internal static string FlawOutOfRange(int index) =>
        $"Flaw {index} has to end after it begins, along and across, and lie on the cloth: check its figures.";

    internal static string MotifWithoutRepeat => "To centre a motif the repeat across is needed: say it, or leave the motif.";

    internal static string RepeatTooSmall =>
        "A repeat of less than a millimetre is no pattern that could be met: check its unit, or leave it out.";

    internal static string NoPieces => "There is nothing to lay: name at least one piece.";

    internal static string OutOfThePattern => "out of the pattern of what is pinned before it";

    internal static string OutlineCrossesItself(string id) => $"Piece “{id}”: the outline crosses itself; draw it as one closed line.";

    internal static string OutlineEmpty(string id) => $"Piece “{id}”: the outline needs at least three corners and an area.";

    internal static string OutlineOutOfRange(string id) => $"Piece “{id}”: the outline reaches beyond 1 km.";

    internal static string OverAnotherPinnedPiece => "over another pinned piece, on a flaw or out of the pattern";

    internal static string PatternOutOfReach(string piece, bool meetsOthers) =>
        $"Piece “{piece}” has no place on this cloth where it meets the "
        + $"pattern{(meetsOthers ? " as the others do" : " with a motif in its middle")}: ";

    internal static string PatternOutOfReachMend => "take a wider cloth, or let it lie without matching.";

    internal static string PieceIdTwice(string key) => $"Two pieces are called “{key}”: ids have to be unique.";

    internal static string PieceWiderThanCloth(string id, string width, string usableWidth) =>
        $"Piece “{id}” is {width} wide in its narrowest turn and the cloth gives {usableWidth}.";

    internal static string PinnedOutside(string piece, bool onFold) =>
        $"“{piece}” is pinned where it reaches beyond the cloth{(onFold ? " or leaves the fold" : "")}: move it or take the pin out.";

    internal static string PinnedTaken(string piece, string why) => $"“{piece}” is pinned {why}: move it or take the pin out.";

    internal static string PinnedTurn(string piece, int turn) =>
        $"“{piece}” is pinned at {turn}°, a turn it may not take on this cloth: turn it or take the pin out.";

    internal static string PinnedTurnOffPattern(string piece) =>
        $"“{piece}” meets the pattern and is pinned upside down: turn it or take the pin out.";

    internal static string PinnedTwice(int copy, string piece) => $"Copy {copy} of “{piece}” is pinned in two places: take one pin out.";

    internal static string PinnedUnknown(int copy, string piece) =>
        $"Copy {copy} of “{piece}” is pinned and there is no such piece: take the pin out.";

    internal static string QuantityOutOfRange(string id) => $"Piece “{id}”: the quantity has to be 1 or more.";

    internal static string RemnantIdTwice(string key) => $"Two remnants are called “{key}”: names have to be unique.";

    internal static string RemnantOutOfRange(string id) => $"Remnant “{id}” needs a width and a length of more than 0.";

    internal static string TooManyCorners(int mostCorners) =>
        $"The outlines have more than {mostCorners} corners together: draw them with fewer.";

    internal static string TooManyCornersOf(string id, int mostCorners) =>
        $"Piece “{id}”: the outline has more than {mostCorners} corners; simplify it.";

    internal static string TooManyPieces(long copies, int mostCopies) =>
        $"{copies} pieces are more than one lay takes ({mostCopies}): lay them in parts.";

    internal static string UnknownTurn(string id) => $"Piece “{id}”: turns are 0, 90, 180 and 270 degrees.";
}
