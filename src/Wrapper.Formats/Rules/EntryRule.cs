using System.Text.Json;
using System.Text.Json.Nodes;

namespace Wrapper.Formats.Rules;

/// <summary>
/// What a person typed into one field: text, also where it cannot be read as a length, a number of millimetres, or a switch.
/// </summary>
internal sealed class EntryRule : ValueRule
{
    /// <summary>Its name under <c>$defs</c>: it stands in most places of every document.</summary>
    public const string Name = "entry";

    /// <summary>What stands under that name.</summary>
    public static JsonObject Definition() => new() { ["type"] = new JsonArray("string", "number", "boolean", "null"), ["maxLength"] = JsonLimits.LongestText };

    internal override JsonObject Schema() => new() { ["$ref"] = $"#/$defs/{Name}" };

    internal override void Check(JsonElement value, RuleCheck check)
    {
        if (value.ValueKind == JsonValueKind.String)
        {
            var length = value.GetString()!.Length;
            if (length > JsonLimits.LongestText)
            {
                check.Fail($"is {length} characters long. Shorten it to {JsonLimits.LongestText}.");
            }
        }
        else if (value.ValueKind is JsonValueKind.Object or JsonValueKind.Array)
        {
            check.Fail($"must be text or a number, not {KindOf(value)}. Replace it.");
        }
    }
}
