using System.Text.Json.Nodes;

namespace Wrapper.Formats.Rules;

/// <summary>A member that is null is as good as left out; in a JSON Schema that has to be said.</summary>
internal static class MayBeNull
{
    public static JsonObject Schema(ValueRule rule) =>
        rule is EntryRule
            ? EntryRule.SchemaOrNull()
            : new() { ["anyOf"] = new JsonArray(new JsonObject { ["type"] = "null" }, rule.Schema()) };
}
