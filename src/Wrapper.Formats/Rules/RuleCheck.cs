using System.Text.Json;

namespace Wrapper.Formats.Rules;

/// <summary>One walk through a document: where it stands, and what it has found so far.</summary>
/// <param name="within">The path of names the document stands under.</param>
internal sealed class RuleCheck(IReadOnlyList<string> within)
{
    /// <summary>Enough to mend a document by hand; more would only repeat themselves.</summary>
    private const int MostViolations = 20;
    private const int LongestQuote = 60;

    private readonly List<string> _path = [.. within];
    private readonly List<RuleViolation> _violations = [];

    public IReadOnlyList<RuleViolation> Violations => _violations;

    public bool IsFull => _violations.Count >= MostViolations;

    /// <summary>Follows one step inwards, and comes back.</summary>
    public void Inside(string step, ValueRule rule, JsonElement value)
    {
        _path.Add(step);
        rule.Check(value, this);
        _path.RemoveAt(_path.Count - 1);
    }

    /// <summary>Something is wrong with the value the walk stands on.</summary>
    /// <param name="problem">What follows the field's name: <c>is not a number. Enter one.</c></param>
    public void Fail(string problem) => Fail(_path, problem);

    /// <summary>Something is wrong with a value one step inwards, which has no rule to follow.</summary>
    public void FailInside(string step, string problem) => Fail([.. _path, step], problem);

    /// <summary>Something that has to stand beside the value's other members is missing.</summary>
    public void Missing(string member) => FailInside(member, "is missing. Add it.");

    /// <summary>A value as it is quoted in a message: never longer than a line.</summary>
    public static string Quoted(string text) => $"“{(text.Length <= LongestQuote ? text : text[..LongestQuote] + "…")}”";

    private void Fail(List<string> path, string problem)
    {
        if (!IsFull)
        {
            _violations.Add(
                new([.. path], path.Count > 0 ? $"“{string.Join('.', path.Select(Short))}” {problem}" : $"The document {problem}")
            );
        }
    }

    private static string Short(string step) => step.Length <= LongestQuote ? step : step[..LongestQuote] + "…";
}
