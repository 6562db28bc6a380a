namespace Wrapper.Core.English.Constructions;

/// <summary>What is said of bags, pillowcases and covers over a back.</summary>
internal static class BagsText
{
    internal static string OuterDrop => "outer drop";

    internal static string MiddleDrop => "middle drop";

    internal static string CornerRadiusTooLarge(string corner) => $"A corner radius of {corner} is larger than it can be on this back.";

    internal static string CornerTooSharp =>
        "A corner of this outline is too sharp, or an edge beside an inner corner too short, to go half "
        + "the thickness round: make the pad with a boxing strip.";

    internal static string SidesAreSlivers(string sideCut) =>
        $"Each side is cut only {sideCut} wide: slivers, hard to sew straight. Equal widths, or wider cloth, look better.";

    internal static string FaceJoined =>
        "The cloth is narrower than a face: each is joined from a full middle and two equal sides, so that no seam runs down its middle.";

    internal static string FaceJoinedEqually(int count) => $"The cloth is narrower than a face: each is joined from {count} equal widths.";

    internal static string SheetHasNothingLeft => "The sheet is so narrow that nothing is left between its hems: take a wider sheet.";

    internal static string SheetTooNarrow(string finished, string difference) =>
        $"The sheet gives a cover {finished} wide: {difference} narrower than the duvet. Take a wider sheet, or let the duvet be held in.";

    internal static string SheetTooShort(string needed, string difference) =>
        $"The back face takes {needed} of the sheet: it is {difference} too short. Take a longer sheet, or cut the back from a roll.";

    internal static string SheetNotSaid(string width) =>
        $"No sheet is given to the back face: it is drafted for one {width} wide between its hems.";

    internal static string NoOpening => "Sewn shut so far from both sides the end has no opening left.";

    internal static string OverlapTooLong => "The two parts of the back would overlap over its whole length: make the overlap shorter.";

    internal static string OverlapTooShort(string overlap) =>
        $"With an overlap of {overlap} the back gapes: the pillow is seen, and slips out.";

    internal static string PieceWiderThanCloth(string cutWidth, string usable, bool isMiddleAndSides, bool isCanEqual) =>
        $"A face is cut {cutWidth} wide and the cloth gives {usable}: "
        + $"{(isMiddleAndSides ? "a middle and two sides" : "equal widths")} cannot make it. Choose a wider "
        + $"cloth{(isCanEqual ? " or join it the other way" : "")}.";

    internal static string PostsTooWide => "The openings for the posts take the whole upper edge: measure the posts again.";

    internal static string ToCornerRadiusMost(string most) => $"Corner radius {most}";

    internal static string ToJoinEqualWidths => "Join equal widths";

    internal static string ToUsualOverlap => "Usual overlap";

    internal static string TurningGapClosedByTheEdge => "Turning gap, closed by the edge stitching";
}
