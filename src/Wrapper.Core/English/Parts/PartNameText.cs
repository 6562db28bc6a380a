namespace Wrapper.Core.English.Parts;

/// <summary>What the parts of a thing that is cut in several pieces are called.</summary>
internal static class PartNameText
{
    internal static string Numbered(string whole, IReadOnlyList<int> numbers, int of) =>
        FormattableString.Invariant($"{whole} {string.Join(", ", numbers)} of {of}");

    internal static string Middle(string whole) => $"{whole}, middle";

    internal static string OneSide(string whole, string side) => $"{whole}, {side} side";

    internal static string BothSides(string whole) => $"{whole}, both sides";

    internal static string OfPair(string whole, string side) => $"{whole}, {side}";

    internal static string BothOfPair(string whole) => $"{whole}, left and right";
}
