namespace Wrapper.Core.English;

/// <summary>What notches are called.</summary>
internal static class MarkText
{
    internal static string Between(string before, string after) => $"{before} to {after}";

    internal static string PartOf(string edge, int part, int parts) => parts == 2 ? $"middle of {edge}" : $"{edge}, {part} of {parts}";
}
