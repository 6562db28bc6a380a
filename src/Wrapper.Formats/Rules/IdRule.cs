using System.Text.Json;
using System.Text.Json.Nodes;

namespace Wrapper.Formats.Rules;

/// <summary>An id: fit to stand in an address and in a file's name.</summary>
public sealed class IdRule : ValueRule
{
    /// <summary>The most characters of an id.</summary>
    public const int Longest = 64;

    /// <summary>The problem with an id that breaks the rule, after its field's name.</summary>
    public static string Problem { get; } = $"is not a usable id. Use 1 to {Longest} letters, digits and hyphens.";

    /// <summary>True for 1 to 64 ASCII letters, digits and hyphens.</summary>
    public static bool IsId(string? text) =>
        text is { Length: > 0 and <= Longest } && text.All(letter => char.IsAsciiLetterOrDigit(letter) || letter == '-');

    internal override JsonObject Schema() => new() { ["type"] = "string", ["pattern"] = $"^[A-Za-z0-9-]{{1,{Longest}}}$" };

    internal override void Check(JsonElement value, RuleCheck check)
    {
        if (value.ValueKind != JsonValueKind.String || !IsId(value.GetString()))
        {
            check.Fail(Problem);
        }
    }
}
