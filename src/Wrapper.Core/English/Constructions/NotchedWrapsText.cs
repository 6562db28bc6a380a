namespace Wrapper.Core.English.Constructions;

/// <summary>What is said of the notched wrap.</summary>
internal static class NotchedWrapsText
{
    internal static string NotchTooSmall(string halfThickness, string seam) =>
        $"Half the thickness ({halfThickness}) is not more than the seam ({seam}): there is no notch left to "
        + "cut. Open the corners after sewing instead, or take a narrower seam.";

    internal static string ToOpenTheCornersAfterSewing => "Open the corners after sewing";

    internal static string ToZipReachReach(string reach) => $"Zip reach {reach}";

    internal static string ZipAndSeamDiffer =>
        "Zip turning and seam differ: where the zip runs round the sides it is sewn at the seam’s width; match the marked inner corners.";

    internal static string ZipReachCapped(string reach, string asked) =>
        $"The zip reaches {reach} round each side and not {asked}: a third of the depth is the most.";
}
