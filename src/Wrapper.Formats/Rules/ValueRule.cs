using System.Text.Json;
using System.Text.Json.Nodes;

namespace Wrapper.Formats.Rules;

/// <summary>
/// What a JSON value in a document has to be. The same rules are read here and, as a JSON Schema, by the browser:
/// see docs/reliability.md, "One gate".
/// </summary>
public abstract class ValueRule
{
    /// <summary>The most objects and lists one in another, in the document the rule is of.</summary>
    internal int Deepest { get; init; } = JsonLimits.DeepestDocument;

    /// <summary>The values of a document that break the rule; empty for a sound one. At most twenty are named.</summary>
    /// <param name="document">The document.</param>
    /// <param name="within">The path of names it stands under, for the fields in messages.</param>
    public IReadOnlyList<RuleViolation> Violations(JsonElement document, params IReadOnlyList<string> within)
    {
        var check = new RuleCheck(within);
        Check(document, check);
        return check.Violations;
    }

    /// <summary>The same rule as a JSON Schema, which other programs can read.</summary>
    internal abstract JsonObject Schema();

    /// <summary>Looks at one value.</summary>
    internal abstract void Check(JsonElement value, RuleCheck check);

    /// <summary>What a value is called in a message.</summary>
    internal static string KindOf(JsonElement value) =>
        value.ValueKind switch
        {
            JsonValueKind.Object => "an object",
            JsonValueKind.Array => "a list",
            JsonValueKind.String => "text",
            JsonValueKind.Number => "a number",
            JsonValueKind.True or JsonValueKind.False => "true or false",
            _ => "null",
        };
}
