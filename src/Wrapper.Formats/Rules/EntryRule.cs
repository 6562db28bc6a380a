using System.Text.Json;
using System.Text.Json.Nodes;

namespace Wrapper.Formats.Rules;

/// <summary>
/// What a person typed into one field: text, also where it cannot be read as a length, a number of millimetres, or a switch.
/// </summary>
internal sealed class EntryRule : ValueRule
{
    /// <summary>
    /// What stands once under <c>$defs</c>, for it is in most places of every document: an entry, and one that may be left unsaid.
    /// </summary>
    public static IEnumerable<KeyValuePair<string, JsonNode?>> Definitions { get; } =
    [
        KeyValuePair.Create("entry", (JsonNode?)Definition("string", "number", "boolean")),
        KeyValuePair.Create("entryOrNull", (JsonNode?)Definition("string", "number", "boolean", "null")),
    ];

    /// <summary>The schema of an entry that may be null.</summary>
    public static JsonObject SchemaOrNull() => new() { ["$ref"] = "#/$defs/entryOrNull" };

    internal override JsonObject Schema() => new() { ["$ref"] = "#/$defs/entry" };

    private static JsonObject Definition(params string[] types) =>
        new() { ["type"] = new JsonArray([.. types.Select(type => JsonValue.Create(type))]), ["maxLength"] = JsonLimits.LongestText };

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
