namespace Wrapper.Core.English;

/// <summary>What is said in more than one place, word for word.</summary>
internal static class CommonText
{
    internal static string EdgeBeforeItIsDrawn => "Edge before it is drawn in";

    internal static string HalfDropWithoutRepeats => "A half drop needs the repeat along and across: say both, or choose a straight match.";

    internal static string InvisibleZipSewnInOpenStopping => "Invisible zip, sewn in open, stopping short of both ends";

    internal static string ToClosedEnd0 => "Closed end 0";

    internal static string ToFitExact => "Fit exact";

    internal static string ToHalfOfTheWay => "Half of the way round";

    internal static string ToJoinMiddleAndSides => "Join middle and sides";

    internal static string ToLayStripsDownTheRoll => "Lay strips down the roll";

    internal static string ToMakeItWithABoxingStrip => "Make it with a boxing strip";
}
