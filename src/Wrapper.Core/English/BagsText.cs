namespace Wrapper.Core.English;

/// <summary>What is said of bags, pillowcases and covers over a back.</summary>
internal static class BagsText
{
    internal static string CornerRadiusTooLarge(string corner) =>
        $"A corner radius of {corner} is larger than it can be on this back.";

    internal static string CornerTooSharp => "A corner of this outline is too sharp, or an edge beside an inner corner too short, to go half the thickness round: make the pad with a boxing strip.";

    internal static string SidesAreSlivers(string sideCut) =>
        $"Each side is cut only {sideCut} wide: slivers, hard to sew straight. Equal widths, or wider cloth, look better.";

    internal static string FaceJoined => "The cloth is narrower than a face: each is joined from a full middle and two equal sides, so that no seam runs down its middle.";

    internal static string FaceJoinedEqually(int count) =>
        $"The cloth is narrower than a face: each is joined from {count} equal widths.";

    internal static string FinishTheEdgesAndTurn => "Finish the edges and turn.";

    internal static string FinishTheRawEdgesAndTurn => "Finish the raw edges and turn.";

    internal static string HemTheOpenEnd => "Hem the open end of both faces.";

    internal static string HemTheOpeningEnd => "Hem the opening end of both faces; the longer one folds in as a flap.";

    internal static string HemTheOpeningEndBothFaces => "Hem the opening end of both faces.";

    internal static string HemTheOverlappingEdge => "Hem the overlapping edge of both parts of the back.";

    internal static string JoinASideToEachEdge => "Join a side to each edge of the middle, on both faces; finish the joins.";

    internal static string JoinTheWidthsOfTheFront => "Join the widths of the front face; finish the joins.";

    internal static string RollHemTheFrontAllRound => "Roll-hem the sides and the closed end of the front face: two folds each, to the width of the sheet.";

    internal static string SewInsideTheHemmedEdges => "Lay the front and the sheet right sides together, hemmed edge on hemmed edge, and sew both sides and the closed end inside the hems; turn.";

    internal static string StitchTheShutPartsFromTheFolds => "Stitch the parts of the opening that are shut an eighth of an inch (3 mm) from the folds.";

    internal static string SheetHasNothingLeft => "The sheet is so narrow that nothing is left between its hems: take a wider sheet.";

    internal static string SheetTooNarrow(string finished, string difference) =>
        $"The sheet gives a cover {finished} wide: {difference} narrower than the duvet. Take a wider sheet, or let the duvet be held in.";

    internal static string SheetTooShort(string needed, string difference) =>
        $"The back face takes {needed} of the sheet: it is {difference} too short. Take a longer sheet, or cut the back from a roll.";

    internal static string SheetNotSaid(string width) =>
        $"No sheet is given to the back face: it is drafted for one {width} wide between its hems.";

    internal static string JoinTheWidthsOfBothFaces => "Join the widths of both faces; finish the joins.";

    internal static string LayFrontAndBackRightSides => "Lay front and back right sides together, the two parts overlapping, and sew all round; trim the corners, turn and press.";

    internal static string SewSidesAndShutTheEnd => "Lay the faces right sides together and sew both sides, the closed end, and the opening end shut from each side; finish the edges and turn.";

    internal static string SewSidesAndClosedEnd => "Lay the faces right sides together and sew both sides and the closed end.";

    internal static string SewAllRoundButTheGap => "Lay the faces right sides together and sew all round but for the gap at the back.";

    internal static string SewTheOtherSides => "Lay the faces right sides together and sew the other sides.";

    internal static string FoldTheFlapBackAndSew => "Lay the faces right sides together, fold the flap back over the front, and sew both sides and the closed end.";

    internal static string NoOpening => "Sewn shut so far from both sides the end has no opening left.";

    internal static string NotForHeavyCloth => "Not for heavy cloth; a dark layer under a thin light one is seen.";

    internal static string OpenBothUpperCornersUntilSeam => "Open both upper corners until seam lies on seam and sew across where the line is as long as the thickness.";

    internal static string OpenTheZipBeforeTheLast => "Open the zip before the last seam closes.";

    internal static string OpeningTooWide(string opening, string back) =>
        $"The way in of {opening} does not go into a back edge of {back}.";

    internal static string OverlapTooLong => "The two parts of the back would overlap over its whole length: make the overlap shorter.";

    internal static string OverlapTooShort(string overlap) =>
        $"With an overlap of {overlap} the back gapes: the pillow is seen, and slips out.";

    internal static string PieceWiderThanCloth(string cutWidth, string usable, bool isMiddleAndSides, bool isCanEqual) =>
        $"A face is cut {cutWidth} wide and the cloth gives {usable}: {(isMiddleAndSides ? "a middle and two sides" : "equal widths")} cannot make it. Choose a wider cloth{(isCanEqual ? " or join it the other way" : "")}.";

    internal static string PostsTooWide => "The openings for the posts take the whole upper edge: measure the posts again.";

    internal static string PutOneLayerIntoTheOther => "Put one layer into the other, right sides together, sew round the lower edge but for the gap, turn, and close the gap with the edge stitching.";

    internal static string SewRoundInsideTheBorder => "Sew round inside the border, a flange’s width from the edge.";

    internal static string SewSidesAndUpperEdge => "Sew sides and upper edge of each layer, right sides together.";

    internal static string SewSidesAndUpperEdgeLeaving => "Sew sides and upper edge, leaving the openings for the posts; hem those.";

    internal static string SewTheBackSeam => "Sew the back seam from each side to the zip stop, and the zip between the stops.";

    internal static string SewTheTiesIntoTheFacing => "Sew the ties into the facing, in pairs across from each other, and face the opening end of both faces.";

    internal static string SewTheZipIntoTheOpening => "Sew the zip into the opening end while the faces are flat.";

    internal static string ToCornerRadiusMost(string most) =>
        $"Corner radius {most}";

    internal static string ToHalfOfTheBackEdge => "Half of the back edge";

    internal static string ToJoinEqualWidths => "Join equal widths";

    internal static string ToUsualOverlap => "Usual overlap";

    internal static string TryItOnTheChair => "Try it on the chair before trimming.";

    internal static string TurnTheDoubleHem => "Turn the double hem of the opening end on both faces; sew loops in one and buttons on the other, matched by laying one against the other.";

    internal static string TurnTheDoubleHemForSnaps => "Turn the double hem of the opening end on both faces; set the snaps, matched by laying one against the other.";

    internal static string TurnTheHemOfTheLower => "Turn the hem of the lower edge and sew it.";

    internal static string TurnThroughTheGapPut => "Turn through the gap, put the filling in, and sew the gap up by hand.";

    internal static string TurningGapClosedByTheEdge => "Turning gap, closed by the edge stitching";
}
