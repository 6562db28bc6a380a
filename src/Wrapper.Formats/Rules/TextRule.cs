using System.Text.Json;
using System.Text.Json.Nodes;

namespace Wrapper.Formats.Rules;

/// <summary>A text of limited length.</summary>
/// <param name="longest">The most characters.</param>
/// <param name="shortest">The fewest characters.</param>
internal sealed class TextRule(int longest, int shortest = 0) : ValueRule
{
    internal override JsonObject Schema()
    {
        var schema = new JsonObject { ["type"] = "string", ["maxLength"] = longest };
        if (shortest > 0)
        {
            schema["minLength"] = shortest;
        }

        return schema;
    }

    internal override void Check(JsonElement value, RuleCheck check)
    {
        if (value.ValueKind != JsonValueKind.String)
        {
            check.Fail($"must be text, not {KindOf(value)}. Replace it.");
            return;
        }

        var length = value.GetString()!.Length;
        if (length > longest)
        {
            check.Fail($"is {length} characters long. Shorten it to {longest}.");
        }
        else if (length < shortest)
        {
            check.Fail("is empty. Fill it in.");
        }
    }
}
