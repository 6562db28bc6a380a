namespace Wrapper.Core.English;

/// <summary>What is said of boxing strips and zip strips.</summary>
internal static class BoxingText
{
    internal static string ClothTooNarrowForStrips(string seam, string longest) =>
        $"Between two seams of {seam} this cloth leaves {longest}: too little to join a strip from. Choose a wider cloth or a narrower seam.";

    internal static string FinishTheRawEdgesTurn(bool hasZip) =>
        $"Finish the raw edges, turn through the {(hasZip ? "opening" : "gap")}, push out the corners and try it on the filling.";

    internal static string FoldToTheMiddle => "fold to the middle of the zip";

    internal static string HemBothTapeStripsAndSew => "Hem both tape strips and sew the tape on, loop under the over-flap and hook on the under-flap; lay them over each other, the flap down.";

    internal static string JoinEachPlateTheMiddle => "Join each plate: the middle to its two sides; press the seams open.";

    internal static string FrontJoined => "front joined";

    internal static string JoinOnFront => "The front alone is wider than the cloth, so the boxing has to be joined on the front, at its thirds.";

    internal static string JoinThePartsOfEachZip => "Join the parts of each zip strip and press the seams open.";

    internal static string JoinThePartsOfTheBoxing => "Join the parts of the boxing in their numbered order and press the seams open.";

    internal static string NeverBeginPipingInTheMiddle => "Never begin piping in the middle of the front.";

    internal static string NoWall => "A knife edge has no wall to make a boxing strip of: make it as a bag, or measure a thickness.";

    internal static string OpenTheZipFirst => "Open the zip first, or the cover cannot be turned.";

    internal static string OpeningTooSmall(string zipRun) =>
        $"The opening is {zipRun}, under nine tenths of the filling’s width: foam will not go in without a fight.";

    internal static string OpeningTooSmallTheOpeningIs(string run) =>
        $"The opening is {run}, under nine tenths of the filling’s width: foam will not go in without a fight.";

    internal static string PinTheRingToTheTop => "Pin the ring to the top plate, notch to corner, and sew, snipping the boxing’s allowance at every corner.";

    internal static string SeeThatTheRing => "See that the ring is not twisted before the second end is sewn.";

    internal static string SewPipingRoundTheRightSide => "Sew piping round the right side of both plates, raw edge to raw edge, beginning at a back corner; snip its allowance at every corner.";

    internal static string SewPipingRoundTheRightSideSideOfThe => "Sew piping round the right side of the top plate, raw edge to raw edge, beginning at a back corner; snip its allowance at every corner.";

    internal static string SewTheBoxingToBothEnds => "Sew the boxing to both ends of the zip strip to close the ring.";

    internal static string SewTheBoxingAndItsLaps => "Sew the boxing to both ends of the zip strip; fold each lap out and back over the zip’s end at its fold mark and pin it down, so that it hides the slide.";

    internal static string SewTheEndsOfTheBoxing => "Sew the ends of the boxing together to close the ring.";

    internal static string SewTheRingToTheBottom => "Sew the ring to the bottom plate the same way round.";

    internal static string SewTheRingLeavingTheGap => "Sew the ring to the bottom plate the same way round, but leave the gap open along the back.";

    internal static string StripsDownBriefly => "strips down";

    internal static string StripsDown => "The front is wider than the cloth: boxing and zip strips lie down the roll, so that the front is not joined. A pattern on them runs a quarter turned.";

    internal static string ToAcrossTheRollJoined => "Across the roll, joined on the front";

    internal static string ToLayStripsAcross => "Lay strips across";

    internal static string ToMakeItAsABag => "Make it as a bag";

    internal static string ToZipTurn(string value) =>
        $"Zip turn {value}";

    internal static string TurnUnderTheZipEdge => "Turn under the zip edge of both zip strips and sew the zip between the folds while they are flat: the folds meet over the middle of the teeth.";

    internal static string TurnedOnNap => "Strips cannot lie down the roll on cloth with a nap or a one-way print: they would shade or point another way than the plates.";

    internal static string ZipEndInCorner => "The zip ends in the corner seams, where it makes a hard lump: turn it further round, or keep it further in.";

    internal static string ZipRunTooLong(string zipRun) =>
        $"The zip run of {zipRun} leaves no room for the boxing across the front.";

    internal static string ZipLeavesNoBoxing => "The zip leaves no room for the boxing: give it a smaller part of the way round.";

    internal static string ZipRunTooShort(string zipRun) =>
        $"A zip run of {zipRun} is too short to sew in: turn the zip further round the corners.";

    internal static string ZipRunTooShortToSew(string run) =>
        $"A zip run of {run} is too short to sew in: give it a larger part of the way round.";

    internal static string ZipTurnTooFar(string turn, string furthest) =>
        $"The zip turns {turn} on to the side, but the side takes at most {furthest}: it would run into the front corner.";
}
