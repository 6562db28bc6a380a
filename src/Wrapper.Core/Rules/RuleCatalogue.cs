using Wrapper.Core.Units;

namespace Wrapper.Core.Rules;

/// <summary>Every rule there is, with its usual figures. See docs/handbook.md, "Defaults".</summary>
public static class RuleCatalogue
{
    /// <summary>All rules by name.</summary>
    public static IReadOnlyDictionary<string, RuleDefinition> All { get; } = new[]
    {
        Rule("seam", "seam", Inch(1, 2), 12, 1, 100),
        Rule("zip", "zip turning", Inch(3, 4), 20, 0, 100),
        Rule("zipTurn", "zip turn", Length.FromInches(3), 75, -2000, 5000),
        Rule("pocketLap", "pocket lap", Length.FromInches(1), 25, 1, 200),
        Rule("pipingLap", "piping lap", Length.FromInches(3), 75, 0, 500),
        Rule("cord", "cord", Inch(3, 16), 5, 1, 50),
        Rule("joinSeam", "join seam", Inch(1, 2), 12, 1, 100),
        Rule("zipReach", "zip reach", Length.FromInches(4), 100, 0, 5000),
        Rule("zipClear", "zip clearance", Inch(1, 2), 12, 0, 500),
        Rule("fit.width", "width fit", Length.Zero, 0, -300, 300),
        Rule("fit.depth", "depth fit", Length.Zero, 0, -300, 300),
        Rule("fit.thickness", "thickness fit", Length.Zero, 0, -300, 300),
        Rule("cutStep", "cut step", Inch(1, 16), 1, 0.1m, 25.4m),
        Rule("buyStep", "buying step", Length.FromInches(9), 100, 1, 2000),
        Rule("endTrim", "end trim", Length.FromInches(1), 25, 0, 500),
    }.ToDictionary(rule => rule.Name);

    private static Length Inch(int numerator, int denominator) => Length.FromInches(0, numerator, denominator);

    private static RuleDefinition Rule(string name, string label, Length imperial, decimal metric, decimal least, decimal most) =>
        new(name, label, imperial, Length.FromMillimetres(metric), Length.FromMillimetres(least), Length.FromMillimetres(most));
}
