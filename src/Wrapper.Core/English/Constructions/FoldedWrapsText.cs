namespace Wrapper.Core.English.Constructions;

/// <summary>What is said of the folded wrap.</summary>
internal static class FoldedWrapsText
{
    internal static string ToClosedEndZip => "Closed-end zip";

    internal static string ZipInCornerSeams =>
        "A zip off the roll runs on into the two opened corners at the back: common, and only bulk "
        + "to sew through. A closed-end zip ends before them.";
}
