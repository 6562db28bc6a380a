namespace Wrapper.Core.English.Constructions;

/// <summary>What is said of two panels with folded corners.</summary>
internal static class FoldedPanelsText
{
    internal static string NoOpening(string width) => $"Kept so far out of the corners the zip has no length left on a width of {width}.";

    internal static string OpeningTooSmall(string opening) =>
        $"The opening is {opening}, under nine tenths of the filling’s width: foam will not go in without a fight.";

    internal static string ToKeepItClearOfTheCorners => "Keep it clear of the corners";

    internal static string ToRunTheZip => "Run the zip out to the corners";

    internal static string ToZipAcrossTheBackOnly => "Zip across the back only";

    internal static string ZipInCornerSeams =>
        "The zip runs on into the opened corners, which are sewn across it: common, and only bulk to sew through.";

    internal static string ZipStopFromTheSideStitch => "Zip stop, from the side stitch line";
}
