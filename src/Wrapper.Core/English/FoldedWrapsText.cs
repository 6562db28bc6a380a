namespace Wrapper.Core.English;

/// <summary>What is said of the folded wrap.</summary>
internal static class FoldedWrapsText
{
    internal static string FoldAtTheMiddle(string closure) =>
        $"Fold at the middle of the front with the {closure} half way up the back, right sides together, and sew both side seams.";

    internal static string OpenEachCornerUntilTheSide(string closure) =>
        $"Open each corner until the side seam lies on the fold mark or on the {closure}, pin through both, and sew straight across where the line is as long as the thickness.";

    internal static string SewTheClosureBetweenTheTwo(string closure) =>
        $"Sew the {closure} between the two back edges while the piece is flat.";

    internal static string ToClosedEndZip => "Closed-end zip";

    internal static string TurnItAndTry => "Turn it and try it on the filling; then trim the corners to the seam’s width and finish them.";

    internal static string ZipInCornerSeams => "A zip off the roll runs on into the two opened corners at the back: common, and only bulk to sew through. A closed-end zip ends before them.";
}
