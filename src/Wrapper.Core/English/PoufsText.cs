namespace Wrapper.Core.English;

/// <summary>What is said of the wrapped pouf.</summary>
internal static class PoufsText
{
    internal static string DartSquareMarkedAtEachCorner => "Dart square, marked at each corner of top and bottom";

    internal static string MarkASquareAtEachCorner => "Mark a square at each corner of top and bottom, fold diagonally, sew on the line and trim the dart.";

    internal static string SewStripsAndSidesInTurn => "Sew strips and sides in turn into a ring.";

    internal static string SewTheTopToTheRing => "Sew the top to the ring, each corner to the middle of a strip; then the bottom, leaving the gap open.";

    internal static string ToATenthOfTheSize => "A tenth of the size";

    internal static string TryOneCornerOnPaperFirst => "Try one corner on paper first: a trimmed dart cannot be let out.";

    internal static string TurnAndFillTheSoftest => "Turn and fill, the softest on top and in the corners; a pad larger than the face gives a full look. Sew the gap up by hand.";

    internal static string WrapTooDeep(string w, string a) =>
        $"Top and bottom coming over {w} each meet in the middle of a side of {a}: twice the wrap has to be less than the size.";
}
