using System.Globalization;
using Wrapper.Formats.Documents;
using Wrapper.Formats.Rules;

namespace Wrapper.Formats.Validation;

/// <summary>The rules an entry of work breaks: those of its fields, and what belongs together by its kind.</summary>
public static class EntryRules
{
    /// <summary>The rules an entry breaks, each with its field; empty for an entry that can be stored.</summary>
    /// <param name="entry">The entry.</param>
    /// <param name="within">The path of names it stands under, for the fields in messages.</param>
    public static IReadOnlyList<RuleViolation> Violations(this WorkEntry entry, params IReadOnlyList<string> within) =>
        DocumentReading.Violations(entry, DocumentRules.Work, within) is { Count: > 0 } broken ? broken : Lacking(entry, within);

    /// <summary>Reads a stored entry through its rules.</summary>
    /// <param name="json">Its text.</param>
    public static DocumentReading<WorkEntry> Read(string json)
    {
        var reading = DocumentReading.Read<WorkEntry>(json, DocumentRules.Work);
        return reading.Document is { } entry && Lacking(entry) is { Count: > 0 } lacking ? new(null, lacking) : reading;
    }

    private static IReadOnlyList<RuleViolation> Lacking(WorkEntry entry, params IReadOnlyList<string> within) =>
        Lack(entry) is var (field, problem) ? [new([.. within, field], $"“{string.Join('.', [.. within, field])}” {problem}")] : [];

    /// <summary>A field that its kind needs and that is missing or contradicts another; null where nothing is.</summary>
    private static (string Field, string Problem)? Lack(WorkEntry entry) =>
        entry switch
        {
            _ when !DateTimeOffset.TryParse(entry.At, CultureInfo.InvariantCulture, DateTimeStyles.AssumeUniversal, out _) => (
                "at",
                "is not a date and time. Write it as 2026-03-14T09:26:00Z."
            ),
            FlawEntry { Stretch: [var left, var right, var from, var to] } when !(left < right && from < to) => (
                "stretch",
                "is empty or reversed. Its right must be greater than its left, and its end greater than its start."
            ),
            ShorterEntry { Length: not > 0 } => ("length", "must be greater than 0. Enter how much of the cloth there is."),
            _ => null,
        };
}
