namespace Wrapper.Core.English.Constructions;

/// <summary>What is said of the tub with walls.</summary>
internal static class WalledTubsText
{
    internal static string PartsOf(string wall) => $"{wall}, part";

    internal static string PartOf(int part, int parts) => $"part {part} of {parts}";

    internal static string ClothTooNarrowForStrips =>
        "Between two seams this cloth leaves too little to join a wall from. Choose a wider cloth or a narrower seam.";

    internal static string ObstaclesOnACurve => "Obstacles are placed on the sides of a rectangle: a round or oval cover takes none.";

    internal static string ObstaclesOnJoinedWall =>
        "A wall with an obstacle is cut in one piece, and this cloth is too narrow for it: "
        + "choose a wider cloth or lay the walls down the roll.";

    internal static string ToNoTopDrop => "No top drop";

    internal static string TopDropTooDeep => "The top comes further over the edge than the cover is deep: make the top drop smaller.";
}
