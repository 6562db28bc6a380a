using Wrapper.Core.Units;

namespace Wrapper.Core.Catalogue;

/// <summary>What somebody said of rules: lengths and plain numbers.</summary>
/// <param name="Lengths">Rules that are lengths.</param>
/// <param name="Numbers">Rules that are plain numbers.</param>
public sealed record RuleSet(IReadOnlyDictionary<Rule, Length> Lengths, IReadOnlyDictionary<NumberRule, decimal> Numbers)
{
    /// <summary>Nothing said.</summary>
    public static RuleSet None { get; } = new(new Dictionary<Rule, Length>(), new Dictionary<NumberRule, decimal>());

    /// <summary>Only lengths.</summary>
    public static RuleSet Of(IReadOnlyDictionary<Rule, Length> lengths) => None with { Lengths = lengths };
}
