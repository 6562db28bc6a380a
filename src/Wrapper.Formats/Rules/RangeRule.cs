using System.Globalization;
using System.Text.Json;
using System.Text.Json.Nodes;

namespace Wrapper.Formats.Rules;

/// <summary>A number in a range.</summary>
/// <param name="least">The least it may be.</param>
/// <param name="most">The most it may be.</param>
/// <param name="isWhole">It has no decimals.</param>
internal sealed class RangeRule(double least, double most, bool isWhole = false) : ValueRule
{
    internal override JsonObject Schema() =>
        new()
        {
            ["type"] = isWhole ? "integer" : "number",
            ["minimum"] = least,
            ["maximum"] = most,
        };

    internal override void Check(JsonElement value, RuleCheck check)
    {
        if (value.ValueKind != JsonValueKind.Number)
        {
            check.Fail($"must be a number, not {KindOf(value)}. Enter a number.");
        }
        else if (isWhole && !value.TryGetInt32(out _))
        {
            check.Fail("must be a whole number. Remove its decimals.");
        }
        else if (!value.TryGetDouble(out var number) || !(number >= least && number <= most))
        {
            check.Fail(string.Create(CultureInfo.InvariantCulture, $"is out of range. Enter a number from {least} to {most}."));
        }
    }
}
