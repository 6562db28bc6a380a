namespace Wrapper.Core.English.Workroom;

/// <summary>What whoever has the cover is told of how it goes on and comes off.</summary>
internal static class HandingOverText
{
    internal static string OpenZip => "Open the zip all the way before it goes on or comes off, and close it before it is washed.";

    internal static string PeelTape => "Peel its tape open from one end; close it before it is washed.";

    internal static string PeelTapeUnderBase =>
        "Peel its tape off the base all round; press it on from the middle of each side when it goes on.";

    internal static string AtButtons => "It opens at its buttons; button it before it is washed.";

    internal static string AtSnaps => "It opens at its snaps: pull beside them, not at the edge.";

    internal static string AtTies => "It opens at its ties.";

    internal static string UndoTies => "Undo the ties that hold it before it comes off.";

    internal static string AtPins => "Take out the pins of its flap, and count them; put them in again when it is on.";

    internal static string AtLap => "It opens where one edge laps over the other.";

    internal static string AtOpenEnd => "It is open at one end and drawn on and off there.";

    internal static string EaseElastic => "Ease its elastic edge over one corner after another; to take it off, begin at a corner.";

    internal static string LoosenCord =>
        "Loosen the cord before it goes on or comes off; draw it up and tuck its tails away when it is on.";

    internal static string SewnShut => "What is sewn shut by hand is unpicked there when it comes off, and at no other seam.";

    internal static string DrawnOn => "It is drawn over from above, and off the same way.";

    internal static string LaidOn => "It is laid on as it is.";

    internal static string ClosedByHand(string where, string length) => $"the {where}, {length} closed by hand";

    internal static string OpeningAt(string place) => place.Length == 0 ? "opening" : $"opening at the {place}";
}
