using System.Text.Json;
using System.Text.Json.Nodes;

namespace Wrapper.Formats.Rules;

/// <summary>
/// An object of known members. Members it does not know stay as they are: a later version may have added them. Names count
/// whatever their capitals, as they do where documents are read.
/// </summary>
internal sealed class ObjectRule : ValueRule
{
    private readonly Dictionary<string, ValueRule> _members = new(StringComparer.OrdinalIgnoreCase);
    private readonly HashSet<string> _required = new(StringComparer.OrdinalIgnoreCase);

    /// <summary>A member that may be left out or null.</summary>
    public ObjectRule With(string name, ValueRule rule)
    {
        _members[name] = rule;
        return this;
    }

    /// <summary>Several members of the same rule, each of which may be left out or null.</summary>
    public ObjectRule With(ValueRule rule, params IEnumerable<string> names)
    {
        foreach (var name in names)
        {
            With(name, rule);
        }

        return this;
    }

    /// <summary>A member that has to be there.</summary>
    public ObjectRule Needs(string name, ValueRule rule)
    {
        _required.Add(name);
        return With(name, rule);
    }

    internal override JsonObject Schema()
    {
        var schema = new JsonObject
        {
            ["type"] = "object",
            ["properties"] = new JsonObject([
                .. _members.Select(member =>
                    KeyValuePair.Create(
                        member.Key,
                        (JsonNode?)(_required.Contains(member.Key) ? member.Value.Schema() : MayBeNull.Schema(member.Value))
                    )
                ),
            ]),
        };
        if (_required.Count > 0)
        {
            schema["required"] = new JsonArray([.. _required.Select(name => JsonValue.Create(name))]);
        }

        return schema;
    }

    internal override void Check(JsonElement value, RuleCheck check)
    {
        if (value.ValueKind != JsonValueKind.Object)
        {
            check.Fail($"must be an object, not {KindOf(value)}. Replace it.");
            return;
        }

        var missing = new HashSet<string>(_required, StringComparer.OrdinalIgnoreCase);
        foreach (var member in value.EnumerateObject().TakeWhile(_ => !check.IsFull))
        {
            missing.Remove(member.Name);
            if (
                _members.TryGetValue(member.Name, out var rule)
                && (member.Value.ValueKind != JsonValueKind.Null || _required.Contains(member.Name))
            )
            {
                check.Inside(member.Name, rule, member.Value);
            }
        }

        foreach (var name in missing)
        {
            check.Missing(name);
        }
    }
}
