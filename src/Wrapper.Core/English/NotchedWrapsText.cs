namespace Wrapper.Core.English;

/// <summary>What is said of the notched wrap.</summary>
internal static class NotchedWrapsText
{
    internal static string CutTheNotchesAtTheFour => "Cut the notches at the four corners and on the fold at the middle of both long edges.";

    internal static string FoldAcrossTheMiddle(string closure) =>
        $"Fold across the middle of the front, right sides together, and sew the side seams up to where the {closure} begins.";

    internal static string MeasureEachNotchTwice => "Measure each notch twice: it is cut out before anything is sewn.";

    internal static string NotchTooSmall(string halfThickness, string seam) =>
        $"Half the thickness ({halfThickness}) is not more than the seam ({seam}): there is no notch left to cut. Open the corners after sewing instead, or take a narrower seam.";

    internal static string OpenEachNotch => "Open each notch so that its edges lie on each other and sew across.";

    internal static string SewTheClosureAlongTheBack(string closure) =>
        $"Sew the {closure} along the back and round on to both sides.";

    internal static string ToOpenTheCornersAfterSewing => "Open the corners after sewing";

    internal static string ToZipReachReach(string reach) =>
        $"Zip reach {reach}";

    internal static string ZipAndSeamDiffer => "Zip turning and seam differ: where the zip runs round the sides it is sewn at the seam’s width; match the marked inner corners.";

    internal static string ZipReachCapped(string reach, string asked) =>
        $"The zip reaches {reach} round each side and not {asked}: a third of the depth is the most.";
}
