namespace Wrapper.Core.English;

/// <summary>What is said of blocks pinned on the thing.</summary>
internal static class PinnedBlocksText
{
    internal static string NothingLeft(string zone, string width, string height) =>
        $"{zone}: a block of {width} by {height} between seams cannot be cut: check its width and height, and their unit.";

}
