namespace Wrapper.Core.English.Constructions;

/// <summary>What is said of a margin round an outline.</summary>
internal static class MarginsText
{
    internal static string InnerCurveTooTight(string margin) =>
        $"A margin of {margin} does not go round the inward bend of this outline: make the margin narrower or the bend shallower.";
}
