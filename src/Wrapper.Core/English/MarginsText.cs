namespace Wrapper.Core.English;

/// <summary>What is said of a margin round an outline.</summary>
internal static class MarginsText
{
    internal static string ABoardTracedFaceUpComes => "A board traced face up comes out as its mirror image.";

    internal static string InnerCurveTooTight(string margin) =>
        $"A margin of {margin} does not go round the inward bend of this outline: make the margin narrower or the bend shallower.";

    internal static string TraceTheBoardFaceDown => "Trace the board face down on the wrong side, mark the margin all round with round corners, and cut.";
}
