namespace Wrapper.Core.English;

/// <summary>What is said of the tub with walls.</summary>
internal static class WalledTubsText
{
    internal static string ClothTooNarrowForStrips => "Between two seams this cloth leaves too little to join a wall from. Choose a wider cloth or a narrower seam.";

    internal static string FoldTheCornersOfTheReturn => "Fold the corners of the return into a flat triangle each and baste them.";

    internal static string LayEachCornerOfTheTop => "Lay each corner of the top in a pleat so that its rim is as long as the walls, and baste it.";

    internal static string LeaveTheCornersOfTheReturn => "Leave the corners of the return open: each flap lies under by itself.";

    internal static string ObstaclesOnACurve => "Obstacles are placed on the sides of a rectangle: a round or oval cover takes none.";

    internal static string ObstaclesOnJoinedWall => "A wall with an obstacle is cut in one piece, and this cloth is too narrow for it: choose a wider cloth or lay the walls down the roll.";

    internal static string PinTheWallsToTheTop => "Pin the walls to the top, corner to corner, and sew.";

    internal static string SewEachCutOutCorner => "Sew each cut-out corner of the top together, from the rim up to the corner.";

    internal static string SewPipingRoundTheRightSide => "Sew piping round the right side of the top, raw edge to raw edge, beginning in the middle of the back; snip its allowance at corners and curves.";

    internal static string SewTheWallToARing => "Sew the wall to a ring.";

    internal static string SewTheWallsTogether => "Sew the walls together at the corners, upper edges marked and level.";

    internal static string ToNoTopDrop => "No top drop";

    internal static string TopDropTooDeep => "The top comes further over the edge than the cover is deep: make the top drop smaller.";

    internal static string TryItOnThenMitre => "Try it on, then mitre the corners of the return: sew across at the slant that lies flat, and trim.";
}
