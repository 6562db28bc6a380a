using System.Text;
using System.Text.Json;
using Wrapper.Core.Units;
using Wrapper.Formats.Documents;
using Wrapper.Formats.Rules;
using Wrapper.Formats.Validation;
using Wrapper.Store;

namespace Wrapper.Web.Stored;

/// <summary>Entries of work on their way into the store and out of it.</summary>
internal static class StoredEntries
{
    /// <summary>The entries of a job. One that breaks a rule stands in its place and says so.</summary>
    public static IReadOnlyList<WorkEntry> All(WorkStore work, string job) => [.. work.List(job).Select(Read)];

    /// <summary>An entry as it was told, or as one that cannot be read.</summary>
    public static WorkEntry Read(StoredWork stored)
    {
        var reading = EntryRules.Read(stored.Document);
        return reading.Document
            ?? new UnreadableEntry
            {
                Id = stored.Id,
                Cover = stored.CoverId,
                Note = reading.Violations[0].Text,
            };
    }

    /// <summary>An entry as it is stored.</summary>
    public static StoredWork Stored(WorkEntry entry) =>
        new(entry.Id, entry.Kind.Word(), entry.Cover, JsonSerializer.Serialize(entry, OpenFormat.Json), entry.Subject, entry.Number);

    /// <summary>The rules an entry breaks; empty where it can be stored.</summary>
    /// <param name="entry">The entry.</param>
    /// <param name="within">The path of names it stands under, for the fields in messages.</param>
    public static IReadOnlyList<RuleViolation> Violations(WorkEntry entry, params IReadOnlyList<string> within) =>
        entry.Violations(within) is { Count: > 0 } broken ? broken
        : Encoding.UTF8.GetByteCount(Stored(entry).Document) <= JobLimits.MostBytesOfWork ? []
        : [new(within, $"“{string.Join('.', within)}” takes more than {JobLimits.MostBytesOfWork / 1024} kB. Shorten it.")];

    /// <summary>A job has room for so many more; the problem and the fix, null for nothing.</summary>
    public static string? NoRoom(WorkStore work, string job, int more)
    {
        var (count, characters) = work.Weight(job);
        return count + more > JobLimits.MostWork || characters > JobLimits.MostCharactersOfWork
            ? $"This job holds {count} entries of work, and has room for {JobLimits.MostWork}. Make another job for the rest."
            : null;
    }
}
