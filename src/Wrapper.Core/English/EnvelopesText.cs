namespace Wrapper.Core.English;

/// <summary>What is said of the envelope.</summary>
internal static class EnvelopesText
{
    internal static string ClipsStopShortOfTheNew => "Clips stop short of the new line.";

    internal static string EnvelopeFitted => "This shape is drafted as the rectangle round it and fitted on the cushion: pin the curved sides, generously first, and stop clips short of the new line.";

    internal static string HookAndLoopTape => "Hook-and-loop tape for the flap";

    internal static string LayThePanelsRightSidesTogether => "Lay the panels right sides together and sew the front and both sides to the end of the cushion; turn in the ends of the tail.";

    internal static string SewTheFittedLineOpen(string trim) =>
        $"Sew the fitted line, open the front corners and sew across; try it on, then trim the seams to {trim}.";

    internal static string SlipItOnInsideOutPin => "Slip it on inside out, pin the fit, curved sides in two passes, the first generous.";

    internal static string TailTooShort(string asked, string least) =>
        $"A tail of {asked} is too short to turn in and fold up: it is drafted {least}, the least for this thickness.";

    internal static string ToTail(string up) =>
        $"Tail {up}";

    internal static string TryBeforeTrimming => "Try before trimming.";

    internal static string TurnPutTheCushionInFold(string held) =>
        $"Turn, put the cushion in, fold the tail in and its flap up, and hold it with {held}.";
}
