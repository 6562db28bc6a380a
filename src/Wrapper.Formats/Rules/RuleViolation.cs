namespace Wrapper.Formats.Rules;

/// <summary>A value in a document that breaks a rule. See docs/reliability.md, "One gate".</summary>
/// <param name="Path">The names and the places in lists (from 0) that lead to the value, from the outside in.</param>
/// <param name="Text">For the maker: the field, the problem and the fix.</param>
public sealed record RuleViolation(IReadOnlyList<string> Path, string Text)
{
    /// <summary>The field as checks name it: <c>cloth.flaws.0</c>; empty for the document itself.</summary>
    public string Field => string.Join('.', Path);
}
