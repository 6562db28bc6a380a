using System.Text.Json;
using System.Text.Json.Nodes;
using Wrapper.Core.Units;

namespace Wrapper.Formats.Rules;

/// <summary>One of a closed set of words. The empty text stands for nothing chosen, as a field that was cleared leaves it.</summary>
/// <param name="words">The words.</param>
/// <param name="mayBeEmpty">Nothing may be chosen.</param>
internal sealed class WordRule(IReadOnlyCollection<string> words, bool mayBeEmpty = true) : ValueRule
{
    /// <summary>The words of an enumeration.</summary>
    public static WordRule Of<T>(bool mayBeEmpty = true)
        where T : struct, Enum => new(Words.All<T>(), mayBeEmpty);

    internal override JsonObject Schema() =>
        new() { ["enum"] = new JsonArray([.. (mayBeEmpty ? words.Append("") : words).Select(word => JsonValue.Create(word))]) };

    internal override void Check(JsonElement value, RuleCheck check)
    {
        if (value.ValueKind != JsonValueKind.String)
        {
            check.Fail($"must be a word, not {KindOf(value)}. Choose {Choice()}.");
        }
        else if (value.GetString() is { } word && !words.Contains(word) && !(mayBeEmpty && word.Length == 0))
        {
            check.Fail($"cannot be {RuleCheck.Quoted(word)}. Choose {Choice()}.");
        }
    }

    private string Choice() => words.Count > 1 ? $"{string.Join(", ", words.SkipLast(1))} or {words.Last()}" : words.First();
}
