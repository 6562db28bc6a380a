using System.Text.Json;
using Wrapper.Formats.Rules;

namespace Wrapper.Web.Requests;

/// <summary>The rule of the document an endpoint takes.</summary>
/// <param name="rule">The rule.</param>
internal sealed class BodyRule(ValueRule rule)
{
    /// <summary>The rules a body breaks; none where it is not JSON, which whoever reads it says.</summary>
    public IReadOnlyList<RuleViolation> Violations(byte[] body)
    {
        try
        {
            using var parsed = JsonDocument.Parse(body, new() { MaxDepth = JsonLimits.Deepest });
            return parsed.RootElement.ValueKind is JsonValueKind.Object or JsonValueKind.Array ? rule.Violations(parsed.RootElement) : [];
        }
        catch (JsonException)
        {
            return [];
        }
    }
}

/// <summary>Gives endpoints the rule of the document they take.</summary>
internal static class BodyRules
{
    public static TBuilder Ruled<TBuilder>(this TBuilder endpoint, ValueRule rule)
        where TBuilder : IEndpointConventionBuilder => endpoint.WithMetadata(new BodyRule(rule));
}
