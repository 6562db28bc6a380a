namespace Wrapper.Core.English.Constructions;

/// <summary>What is said of boxing strips and zip strips.</summary>
internal static class BoxingText
{
    internal static string ClothTooNarrowForStrips(string seam, string longest) =>
        $"Between two seams of {seam} this cloth leaves {longest}: too little to join a strip "
        + "from. Choose a wider cloth or a narrower seam.";

    internal static string FoldToTheMiddle => "fold to the middle of the zip";

    internal static string FrontJoined => "front joined";

    internal static string JoinOnFront =>
        "The front alone is wider than the cloth, so the boxing has to be joined on the front, at its thirds.";

    internal static string NoWall => "A knife edge has no wall to make a boxing strip of: make it as a bag, or measure a thickness.";

    internal static string OpeningTooSmall(string zipRun) =>
        $"The opening is {zipRun}, under nine tenths of the filling’s width: foam will not go in without a fight.";

    internal static string OpeningTooSmallTheOpeningIs(string run) =>
        $"The opening is {run}, under nine tenths of the filling’s width: foam will not go in without a fight.";

    internal static string StripsDownBriefly => "strips down";

    internal static string StripsDown =>
        "The front is wider than the cloth: boxing and zip strips lie down the roll, so that the front "
        + "is not joined. A pattern on them runs a quarter turned.";

    internal static string ToAcrossTheRollJoined => "Across the roll, joined on the front";

    internal static string ToLayStripsAcross => "Lay strips across";

    internal static string ToMakeItAsABag => "Make it as a bag";

    internal static string ToZipTurn(string value) => $"Zip turn {value}";

    internal static string TurnedOnNap =>
        "Strips cannot lie down the roll on cloth with a nap or a one-way print: they would shade or point another way than the plates.";

    internal static string ZipEndInCorner =>
        "The zip ends in the corner seams, where it makes a hard lump: turn it further round, or keep it further in.";

    internal static string ZipRunTooLong(string zipRun) => $"The zip run of {zipRun} leaves no room for the boxing across the front.";

    internal static string ZipLeavesNoBoxing => "The zip leaves no room for the boxing: give it a smaller part of the way round.";

    internal static string ZipRunTooShort(string zipRun) =>
        $"A zip run of {zipRun} is too short to sew in: turn the zip further round the corners.";

    internal static string ZipRunTooShortToSew(string run) =>
        $"A zip run of {run} is too short to sew in: give it a larger part of the way round.";

    internal static string ZipTurnTooFar(string turn, string furthest) =>
        $"The zip turns {turn} on to the side, but the side takes at most {furthest}: it would run into the front corner.";
}
