using System.Text.Json;
using System.Text.Json.Nodes;

namespace Wrapper.Formats.Rules;

/// <summary>A rule that stands in several places, perhaps inside itself: the JSON Schema has it once, under <c>$defs</c>.</summary>
/// <param name="name">Its name there.</param>
/// <param name="rule">The rule; asked for only when it is needed, so that a cloth can carry cloths.</param>
internal sealed class SharedRule(string name, Func<ValueRule> rule) : ValueRule
{
    internal override JsonObject Schema() => new() { ["$ref"] = $"#/$defs/{name}" };

    internal override void Check(JsonElement value, RuleCheck check) => rule().Check(value, check);
}
