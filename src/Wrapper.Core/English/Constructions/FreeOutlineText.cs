namespace Wrapper.Core.English.Constructions;

/// <summary>What is said of outlines given point by point.</summary>
internal static class FreeOutlineText
{
    internal static string Edge(int number) => FormattableString.Invariant($"edge {number}");

    internal static string EdgeAlongItself(int number) => $"{Edge(number)}, along itself";

    internal static string FitTooLargeForOutline => "With this fit an edge of the outline disappears: make the fit smaller.";

    internal static string InnerCurveTooTight(string edge, string radius, string seam) =>
        $"The inward curve at {edge} has a radius of {radius}, too tight for a seam of {seam}: "
        + "make the curve shallower or the seam narrower.";

    internal static string OutlineClockwise =>
        "The points run clockwise: give them counter-clockwise seen from above, front left first, "
        + "or the piece comes out as its own mirror image.";

    internal static string OutlineCrossesItself(int first, int second) =>
        $"The outline crosses itself: the edge after point {first} meets the edge after point {second}. Put "
        + "the points in the order they come, front left first, counter-clockwise seen from above.";

    internal static string OutlinePointsCoincide(int index, int indexOther) =>
        $"Points {index} and {indexOther} lie on each other: leave one out.";

    internal static string OutlineTooFewPoints(int count) => $"An outline needs at least three points; there are {count}.";

    internal static string RiseTooLarge(int index, string rise, string chord) =>
        $"The edge after point {index} cannot rise {rise} over {chord}: at most half of that, a "
        + "half circle. Put another point on the curve.";

    internal static string SlotTooNarrow(string seam) =>
        $"Somewhere the outline turns in so narrowly that two seams of {seam} do not fit into it: the cut line "
        + "would cross itself. Leave the slot or the short edge out, or make the seam narrower.";

    internal static string ToTurnTheOrder => "Turn the order round";
}
