namespace Wrapper.Core.English.Constructions;

/// <summary>What is said of the notched tub.</summary>
internal static class NotchedTubsText
{
    internal static string NotchFullWall(string wall, string seam) =>
        $"The notches are cut the full wall of {wall}: the cover comes out {seam} smaller each "
        + "way, a snugness that an elastic tub forgives.";

    internal static string NotchTooSmall(string wall) => $"The wall of {wall} is not deeper than the seam: there is no corner to cut out.";

    internal static string NothingLeft => "With the notches cut the full wall there is nothing left of the top: let the seam count.";

    internal static string ToCountTheSeam => "Count the seam";
}
