using System.Globalization;
using System.Text.Json;
using System.Text.Json.Nodes;

namespace Wrapper.Formats.Rules;

/// <summary>A list of a limited number of entries, none of them null.</summary>
/// <param name="entry">What each entry is.</param>
/// <param name="most">The most entries.</param>
/// <param name="fewest">The fewest entries.</param>
internal sealed class ListRule(ValueRule entry, int most, int fewest = 0) : ValueRule
{
    internal override JsonObject Schema()
    {
        var schema = new JsonObject
        {
            ["type"] = "array",
            ["items"] = entry.Schema(),
            ["maxItems"] = most,
        };
        if (fewest > 0)
        {
            schema["minItems"] = fewest;
        }

        return schema;
    }

    internal override void Check(JsonElement value, RuleCheck check)
    {
        if (value.ValueKind != JsonValueKind.Array)
        {
            check.Fail($"must be a list, not {KindOf(value)}. Replace it.");
            return;
        }

        var count = value.GetArrayLength();
        if (count > most)
        {
            check.Fail($"holds {count} entries. Remove all but {most}.");
            return;
        }

        if (count < fewest)
        {
            check.Fail($"holds {count} entries. It needs at least {fewest}.");
        }

        foreach (var (place, one) in value.EnumerateArray().Index())
        {
            if (check.IsFull)
            {
                return;
            }

            var step = place.ToString(CultureInfo.InvariantCulture);
            if (one.ValueKind == JsonValueKind.Null)
            {
                check.FailInside(step, "is null. Remove the entry, or fill it in."); // a place in a list cannot be left unsaid
            }
            else
            {
                check.Inside(step, entry, one);
            }
        }
    }
}
