namespace Wrapper.Core.English;

/// <summary>What is said of the flat cloth.</summary>
internal static class FlatClothsText
{
    internal static string FoldTheClothInQuarters => "Fold the cloth in quarters and mark the curve from the folded corner before cutting.";

    internal static string JoinTheTwoSides => "Join the two sides to the middle and press the seams open.";

    internal static string TurnTheHemTwiceAndSew => "Turn the hem twice and sew it; ease it round curves in small steps.";
}
