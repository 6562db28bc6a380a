using System.Text.Json;
using Wrapper.Core.Reading;

namespace Wrapper.Formats.Documents;

/// <summary>Rules in JSON, where a group such as <c>fit</c> is an object: flattened to <c>fit.width</c> and so on.</summary>
public static class RuleEntries
{
    /// <summary>The rules by flat name.</summary>
    public static IReadOnlyDictionary<string, Entry> Flatten(Dictionary<string, JsonElement>? rules)
    {
        var flat = new Dictionary<string, Entry>();
        foreach (var (name, value) in rules ?? [])
        {
            if (value.ValueKind == JsonValueKind.Object)
            {
                foreach (var member in value.EnumerateObject())
                {
                    flat[$"{name}.{member.Name}"] = EntryOf(member.Value);
                }
            }
            else if (value.ValueKind is not (JsonValueKind.Null or JsonValueKind.Undefined))
            {
                flat[name] = EntryOf(value);
            }
        }

        return flat;
    }

    /// <summary>A JSON value as an entry; what is neither number nor string is kept as written, to be told about.</summary>
    internal static Entry EntryOf(JsonElement value) =>
        value.ValueKind switch
        {
            JsonValueKind.String => Entry.Typed(value.GetString()!),
            JsonValueKind.Number => Entry.Number(value.TryGetDecimal(out var millimetres) ? millimetres : decimal.MaxValue),
            JsonValueKind.Null or JsonValueKind.Undefined => Entry.Typed(""),
            _ => Entry.Typed(value.GetRawText()),
        };
}
