namespace Wrapper.Core.English.Workroom;

/// <summary>What is said after a try-on.</summary>
internal static class FittingText
{
    internal static string FromRawEdge(string distance, string pieces) => $"{distance} from the raw edge of {pieces}";

    internal static string FromRawEdges(string distance) => $"{distance} from the raw edge";

    internal static string CornerAt(string where) => $"the corner {where}";

    internal static string OpenAndSewOn(string open, string on) => $"Open {open} at one end and sew {on} on at the other.";

    internal static string OpenBoth(string by) => $"Open {by} at each end.";

    internal static string OpenEach(string one, string other) => $"Open {one} at one end and {other} at the other.";

    internal static string SewOnBoth(string by) => $"Sew {by} on at each end.";

    internal static string SewOnEach(string one, string other) => $"Sew {one} on at one end and {other} at the other.";

    internal static string Sew(string where, string how) => $"{where}: sew it {how}.";

    internal static string ChalkAnew(string where, string by) => $"{where}: its line lies {by} over now. Chalk it anew.";

    internal static string Unpick(string where) => $"Unpick {where}.";

    internal static string OpenFirst(string seams) => $"First open {seams} where it crosses.";

    internal static string SewAnew(string how) => $"Sew it anew {how}.";

    internal static string SewAnewOnLine(string by) => $"Chalk its line anew, {by} over, and sew it on that.";

    internal static string SewAnewAsBefore => "Sew it anew as it was.";

    internal static string Stays(string where, string ends) => $"{where}: it stays sewn. {ends}";

    internal static string Open(string by) => $"Open {by} at one end.";

    internal static string SewOn(string by) => $"Sew {by} on at one end.";

    internal static string CloseCrossing(string where) => $"Close {where} again where it was opened.";

    internal static string SetAnew(string what, string how) => $"Take {what} off and set it anew {how}.";

    internal static string DoAgain(string what) => $"{what} is done again with the piece that is cut again.";

    internal static string SeamRound(string piece) => $"the seam round the {piece}";

    internal static string SeamAlong(string place, string pieces) => place.Length == 0 ? pieces : $"{place} of {pieces}";

    internal static string TooShort(string by, string least, string most) =>
        $"On what is cut there is {by} too little: at least {least} stays beyond a seam. Let it out "
        + $"by {most} at most, or cut the pieces below again.";

    internal static string TooShortAnyway(string by, string least) =>
        $"On what is cut there is {by} too little: at least {least} stays beyond a seam. The pieces below are cut again.";
}
