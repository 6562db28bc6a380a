using System.Text.Json;
using System.Text.Json.Nodes;

namespace Wrapper.Formats.Rules;

/// <summary>An object of one of several kinds, told apart by the word in one of its members: each kind has a rule of its own.</summary>
/// <param name="member">The member that holds the word.</param>
/// <param name="kinds">The rule of each kind, by its word.</param>
internal sealed class KindRule(string member, IReadOnlyDictionary<string, ObjectRule> kinds) : ValueRule
{
    private readonly ObjectRule _word = new ObjectRule().Needs(member, new WordRule([.. kinds.Keys], mayBeEmpty: false));

    internal override JsonObject Schema()
    {
        // “if” and “then”, not “oneOf”: a reader of the schema then names the rule of the kind at hand that is broken, not of every kind.
        var schema = _word.Schema();
        schema["allOf"] = new JsonArray([
            .. kinds.Select(kind => new JsonObject
            {
                ["if"] = new JsonObject
                {
                    ["required"] = new JsonArray(member),
                    ["properties"] = new JsonObject { [member] = new JsonObject { ["const"] = kind.Key } },
                },
                ["then"] = kind.Value.Schema(),
            }),
        ]);
        return schema;
    }

    internal override void Check(JsonElement value, RuleCheck check)
    {
        var before = check.Violations.Count;
        _word.Check(value, check);
        if (check.Violations.Count == before && kinds.TryGetValue(WordOf(value), out var rule))
        {
            rule.Check(value, check);
        }
    }

    private string WordOf(JsonElement value) =>
        value.EnumerateObject().Last(other => string.Equals(other.Name, member, StringComparison.OrdinalIgnoreCase)).Value.GetString()!;
}
