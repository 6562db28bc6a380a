namespace Wrapper.Core.English.Constructions;

/// <summary>What is said of blocks pinned on the thing.</summary>
internal static class PinnedBlocksText
{
    internal static string NothingLeft(string zone, string width, string height) =>
        $"{zone}: a block of {width} by {height} between seams cannot be cut: check its width and height, and their unit.";

    internal static string TopOf(string zone) => $"top of the {zone}";

    internal static string TrimmedTooNarrow(string zone, string seam) =>
        $"{zone}: nothing is left of it {seam} within its raw edges. Read its points once more: "
        + "they lie on the trimmed edge, seam allowance and all.";

    internal static string EdgeOf(string edge, string zone) =>
        $"the {edge switch { "front" => "lower edge", "back" => "upper edge", "left" => "left edge", _ => "right edge" }} of the {zone}";

    internal static string SeamWaits(string one, string other) => $"How {one} and {other} meet is known when both are trimmed.";

    internal static string SeamDiffers(string longer, string shorter, string by)
    {
        var said = $"{longer} is {by} longer than {shorter}: ease it in, or trim once more.";
        return char.ToUpperInvariant(said[0]) + said[1..];
    }
}
