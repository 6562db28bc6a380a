using System.Text.Json;
using System.Text.Json.Nodes;

namespace Wrapper.Formats.Rules;

/// <summary>A value that may be written in more than one way: told apart by what kind of JSON value it is.</summary>
/// <param name="scalar">As text, a number or a switch; null where it cannot be.</param>
/// <param name="list">As a list; null where it cannot be.</param>
/// <param name="composite">As an object; null where it cannot be.</param>
internal sealed class EitherRule(ValueRule? scalar = null, ValueRule? list = null, ValueRule? composite = null) : ValueRule
{
    internal override JsonObject Schema() =>
        new() { ["anyOf"] = new JsonArray([.. new[] { scalar, list, composite }.OfType<ValueRule>().Select(rule => rule.Schema())]) };

    internal override void Check(JsonElement value, RuleCheck check)
    {
        var rule = value.ValueKind switch
        {
            JsonValueKind.Array => list,
            JsonValueKind.Object => composite,
            _ => scalar,
        };
        if (rule is null)
        {
            check.Fail($"cannot be {KindOf(value)}. Replace it.");
        }
        else
        {
            rule.Check(value, check);
        }
    }
}
