using Wrapper.Core.Units;

namespace Wrapper.Core.Catalogue;

/// <summary>What somebody said of rules: lengths and plain numbers by name.</summary>
/// <param name="Lengths">Rules that are lengths.</param>
/// <param name="Numbers">Rules that are plain numbers.</param>
public sealed record RuleSet(IReadOnlyDictionary<string, Length> Lengths, IReadOnlyDictionary<string, decimal> Numbers)
{
    /// <summary>Nothing said.</summary>
    public static RuleSet None { get; } = new(new Dictionary<string, Length>(), new Dictionary<string, decimal>());

    /// <summary>Only lengths.</summary>
    public static RuleSet Of(IReadOnlyDictionary<string, Length> lengths) => None with { Lengths = lengths };
}
