namespace Wrapper.Core.English.Parts;

/// <summary>What is said of a piece wider than the cloth.</summary>
internal static class WidePieceLayText
{
    internal static string PieceWiderThanCloth => "it lies turned a quarter, so the pattern runs sideways on it.";

    internal static string PieceWiderThanClothAsChosenIt => "as chosen it cannot be cut.";

    internal static string PieceWiderThanClothItIsJoined => "it is joined, a full width in the middle and two sides.";

    internal static string PieceWiderThanClothTurnedOrJoined => "turned or joined it does not fit either. Choose a wider cloth.";

    internal static string PlatesJoined => "plates joined";

    internal static string PlatesTurned => "plates turned";

    internal static string ThePieceIsCutWidthWide(string piece, string width, string usable) =>
        $"The {piece} is cut {width} wide and the cloth gives {usable}: ";

    internal static string ToLayItStraight => "Lay it straight";

    internal static string ToTurnItAQuarter => "Turn it a quarter";

    internal static string TurnedOnNap(string piece) => $"The {piece} cannot be turned a quarter on cloth with a nap or a one-way print.";
}
