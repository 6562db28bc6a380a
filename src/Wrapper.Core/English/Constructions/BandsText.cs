namespace Wrapper.Core.English.Constructions;

/// <summary>What is said of a band between two ends.</summary>
internal static class BandsText
{
    internal static string NoOpening => "Sewn shut so far from both ends the zip has no length left: make the closed ends shorter.";
}
