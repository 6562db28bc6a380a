namespace Wrapper.Core.English.Parts;

/// <summary>What is said of what constructions share.</summary>
internal static class PartsText
{
    internal static string ClothTooNarrowForCasing =>
        "The cloth is too narrow to cut piping casing from: choose a wider cloth or no piping.";

    internal static string CornerRadiusTooLarge(string radius, string largest) =>
        $"A corner radius of {radius} is larger than it can be here: two corners would run into each other. The largest is {largest}.";

    internal static string EdgeTooShortForSeam(string seam) =>
        $"Between a rounded corner and an inner corner an edge is shorter than the seam of {seam}: its cut "
        + "line cannot be drawn. Make the corner radius or the seam smaller.";

    internal static string HookAndLoopTapeHook => "Hook-and-loop tape, hook on the under-flap, loop under the over-flap";

    internal static string MedallionTooLarge => "The medallion is wider than the top it is sewn on.";

    internal static string NothingLeft(int narrow, string width) =>
        $"With this fit station {narrow} is {width} wide: there is nothing left to cover. Make the fit less snug or measure again.";

    internal static string ObstacleClear(string side) =>
        $"The obstacle on the {side} lies below the cover’s edge: nothing is cut away for it.";

    internal static string ObstacleTooNear(string side, string ease) =>
        $"On the {side} the edge needs {ease} on each side of the obstacle to ease up, and there is not so "
        + "much room: limit the drop of the whole side, or take the obstacle wider.";

    internal static string PieceWiderThanCloth(string whole) =>
        $"The {whole} cannot be joined from a middle and two sides on this cloth: a side would be wider than "
        + "it, or a join would end on a corner seam. Choose a wider cloth.";

    internal static string PipingWithoutBoxing => "A folded cover has no edge seam to carry piping: it is drafted without.";

    internal static string PocketWithoutBoxing => "A slide pocket belongs to a boxing strip: it is drafted without.";

    internal static string StationsIncomplete => "Give the width at the front (0 from it), at the back, and any between.";

    internal static string StationsOffDepth(string at, string taken) =>
        $"The last station lies {at} from the front and the depth is {taken}: the last one is the back.";

    internal static string StationsOutOfOrder(int i, int iOther) =>
        $"Station {i} does not lie behind station {iOther}: give them from front to back, at least 5 mm apart.";

    internal static string ToCornerRadiusLargest(string largest) => $"Corner radius {largest}";

    internal static string ToNoPiping => "No piping";

    internal static string ToTakeTheLastStation => "Take the last station as the depth";

    internal static string OpeningTooWide(string opening, string place, string length) =>
        $"The way in of {opening} does not go into a {place} of {length}.";

    internal static string BackEdge => "back edge";

    internal static string LowerEdge => "lower edge";

    internal static string WayRound => "way round";

    internal static string ToHalfOf(string place) => $"Half of the {place}";
}
