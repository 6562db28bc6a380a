namespace Wrapper.Core.English.Workroom;

/// <summary>What is said at the cutting table.</summary>
internal static class CuttingText
{
    internal static string OtherShape => "It has another shape now.";

    internal static string CutAgain => "Cut it again: mark this one spoiled, and it is laid on what is left.";

    internal static string ZipEdgeGivesNothing(string by) => $"It is {by} too small, and an edge with a zip gives nothing.";

    internal static string TooSmall(string by, string least) => $"It is {by} too small: less than {least} of the allowance would be left.";

    internal static string TrimOff(string by, string half, string where) =>
        $"It is {by} too large: cut {half} off on each side ({where}), and leave the match points where they are.";

    internal static string SewNarrower(string by, string where, string left) =>
        $"It is {by} too small: sew {where} {left} from the edge instead, on this piece only; the other layer keeps its own.";

    internal static string BothSides(bool isAcross) => isAcross ? "left and right" : "top and bottom";
}
