namespace Wrapper.Core.English.Constructions;

/// <summary>What is said of the envelope.</summary>
internal static class EnvelopesText
{
    internal static string EnvelopeFitted =>
        "This shape is drafted as the rectangle round it and fitted on the cushion: pin the curved sides, "
        + "generously first, and stop clips short of the new line.";

    internal static string HookAndLoopTape => "Hook-and-loop tape for the flap";

    internal static string TailTooShort(string asked, string least) =>
        $"A tail of {asked} is too short to turn in and fold up: it is drafted {least}, the least for this thickness.";

    internal static string ToTail(string up) => $"Tail {up}";
}
