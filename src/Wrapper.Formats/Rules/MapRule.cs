using System.Text.Json;
using System.Text.Json.Nodes;

namespace Wrapper.Formats.Rules;

/// <summary>Values under names that the rules do not know beforehand: notes by measure, cloths by key.</summary>
/// <param name="value">What each value is; null leaves a name unsaid.</param>
/// <param name="most">The most names.</param>
/// <param name="named">Names that have a rule of their own.</param>
internal sealed class MapRule(ValueRule value, int most = JsonLimits.MostMembers, IReadOnlyDictionary<string, ValueRule>? named = null)
    : ValueRule
{
    private const int LongestName = 100;

    internal override JsonObject Schema()
    {
        var schema = new JsonObject
        {
            ["type"] = "object",
            ["additionalProperties"] = MayBeNull.Schema(value),
            ["propertyNames"] = new JsonObject { ["maxLength"] = LongestName },
            ["maxProperties"] = most,
        };
        if (named is not null)
        {
            schema["properties"] = new JsonObject([
                .. named.Select(one => KeyValuePair.Create(one.Key, (JsonNode?)MayBeNull.Schema(one.Value))),
            ]);
        }

        return schema;
    }

    internal override void Check(JsonElement map, RuleCheck check)
    {
        if (map.ValueKind != JsonValueKind.Object)
        {
            check.Fail($"must be an object, not {KindOf(map)}. Replace it.");
            return;
        }

        var count = 0;
        foreach (var member in map.EnumerateObject())
        {
            if (++count > most)
            {
                check.Fail($"holds more than {most} members. Remove some.");
                return;
            }

            if (check.IsFull)
            {
                return;
            }

            if (member.Name.Length > LongestName)
            {
                check.FailInside(member.Name, $"has a name of more than {LongestName} characters. Shorten the name.");
            }
            else if (member.Value.ValueKind != JsonValueKind.Null)
            {
                check.Inside(member.Name, named?.GetValueOrDefault(member.Name) ?? value, member.Value);
            }
        }
    }
}
