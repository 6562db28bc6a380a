using System.Text;
using System.Text.Json;
using Wrapper.Formats.Documents;
using Wrapper.Formats.Rules;

namespace Wrapper.Formats.Validation;

/// <summary>What came of reading a document: the document, or the rules it breaks.</summary>
/// <typeparam name="T">The document.</typeparam>
/// <param name="Document">The document; null where it breaks a rule.</param>
/// <param name="Violations">The rules it breaks; empty for a sound one.</param>
public sealed record DocumentReading<T>(T? Document, IReadOnlyList<RuleViolation> Violations)
    where T : class;

/// <summary>Reads documents through their rules: what comes out is sound, whatever came in.</summary>
public static class DocumentReading
{
    private static readonly JsonDocumentOptions AsDeepAsAny = new() { MaxDepth = JsonLimits.Deepest };

    /// <summary>Reads a document.</summary>
    /// <typeparam name="T">The document.</typeparam>
    /// <param name="json">Its text.</param>
    /// <param name="rule">Its rule.</param>
    public static DocumentReading<T> Read<T>(string json, ValueRule rule)
        where T : class => Read<T>(Encoding.UTF8.GetBytes(json), rule);

    /// <summary>Reads a document.</summary>
    /// <typeparam name="T">The document.</typeparam>
    /// <param name="json">Its text in UTF-8.</param>
    /// <param name="rule">Its rule.</param>
    public static DocumentReading<T> Read<T>(ReadOnlyMemory<byte> json, ValueRule rule)
        where T : class
    {
        ArgumentNullException.ThrowIfNull(rule);
        try
        {
            return ViolationsIn(json, rule) is { Count: > 0 } violations
                ? new(null, violations)
                : new(JsonSerializer.Deserialize<T>(json.Span, OpenFormat.Json), []);
        }
        catch (Exception error) when (error is JsonException or InvalidOperationException or FormatException)
        {
            var where = error is JsonException { Path: { Length: > 0 } path } ? $" at {path}" : "";
            return new(null, [new([], $"This cannot be read as JSON{where}. Save it again where it was made.")]);
        }
    }

    /// <summary>The limits and rules a document breaks; the first limit alone, where it exceeds one.</summary>
    /// <exception cref="JsonException">It is not JSON.</exception>
    public static IReadOnlyList<RuleViolation> ViolationsIn(ReadOnlyMemory<byte> json, ValueRule rule)
    {
        if (JsonLimits.Exceeded(json.Span, rule.Deepest) is { } exceeded)
        {
            return [new(exceeded.Path, exceeded.Text)];
        }

        using var parsed = JsonDocument.Parse(json, AsDeepAsAny);
        return rule.Violations(parsed.RootElement);
    }

    /// <summary>The rules a document breaks that was read already.</summary>
    /// <typeparam name="T">The document.</typeparam>
    /// <param name="document">It.</param>
    /// <param name="rule">Its rule.</param>
    /// <param name="within">The path of names the document stands under, for the fields in messages.</param>
    public static IReadOnlyList<RuleViolation> Violations<T>(T document, ValueRule rule, params IReadOnlyList<string> within)
    {
        ArgumentNullException.ThrowIfNull(rule);
        return rule.Violations(JsonSerializer.SerializeToElement(document, OpenFormat.Json), within);
    }
}
