namespace Wrapper.Core.English;

/// <summary>What marks are called.</summary>
internal static class MarkText
{
    internal static string Between(string before, string after) => $"{before} to {after}";

    internal static string HemFold => "hem fold";

    internal static string CasingFold => "casing fold";

    internal static string InnerCorner => "inner corner";

    internal static string Corner(IEnumerable<string> place) => string.Join(' ', place);

    internal static string GapEnd => "gap end";

    internal static string UnpickPoint => "unpick here one day";

    internal static string PartOf(string edge, int part, int parts) => parts == 2 ? $"middle of {edge}" : $"{edge}, {part} of {parts}";

    internal static string OfCopies(string label, IReadOnlyList<string> copies) => $"{label}: {string.Join(" and ", copies)} only";

    internal static string Numbered(string label, int copy) => $"{label} {copy}";
}
