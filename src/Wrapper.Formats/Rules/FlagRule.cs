using System.Text.Json;
using System.Text.Json.Nodes;

namespace Wrapper.Formats.Rules;

/// <summary>Yes or no.</summary>
internal sealed class FlagRule : ValueRule
{
    internal override JsonObject Schema() => new() { ["type"] = "boolean" };

    internal override void Check(JsonElement value, RuleCheck check)
    {
        if (value.ValueKind is not (JsonValueKind.True or JsonValueKind.False))
        {
            check.Fail($"must be true or false, not {KindOf(value)}. Replace it.");
        }
    }
}
