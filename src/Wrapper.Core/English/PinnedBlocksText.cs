namespace Wrapper.Core.English;

/// <summary>What is said of blocks pinned on the thing.</summary>
internal static class PinnedBlocksText
{
    internal static string CutEveryBlockMarkItsName => "Cut every block, mark its name and its top.";

    internal static string NothingLeft(string zone, string width, string height) =>
        $"{zone}: a block of {width} by {height} between seams cannot be cut: check its width and height, and their unit.";

    internal static string PinTheBlocksOnTheThing => "Pin the blocks on the thing wrong side out, smooth each from its middle, tuck in where there is a gap to reach into.";

    internal static string PinnedWrongSideOutLeft => "Pinned wrong side out, left and right swap: a block is named by where it ends up.";

    internal static string TrimToTheSeamSnipNotches => "Trim to the seam, snip notches across each pair of edges, take it off and sew what was pinned; try it on before the edges are finished.";
}
