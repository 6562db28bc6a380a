using System.Text.Json;

namespace Wrapper.Formats.Documents;

/// <summary>One field as it was filled in on a measuring sheet.</summary>
/// <param name="Measure">The measure; empty for the thing itself.</param>
/// <param name="IsNote">It is a note, not a figure.</param>
/// <param name="Before">What the field held when the sheet last saw it.</param>
/// <param name="Text">What it holds now, as typed.</param>
public sealed record SheetEntry(string Measure, bool IsNote, string Before, string Text);

/// <summary>
/// Puts what was filled in on a sheet into a cover. What was changed at the bench meanwhile is never overwritten: another
/// figure becomes a second reading, another note is added to the first.
/// </summary>
public static class SheetEntries
{
    /// <summary>The cover with the entries put in, and the measures that got a second reading.</summary>
    public static (CoverDocument Cover, IReadOnlyList<string> SecondReadings) Put(CoverDocument cover, IReadOnlyList<SheetEntry> entries)
    {
        var (measures, notes, readings) = (
            new Dictionary<string, JsonElement>(cover.Measures ?? []),
            new Dictionary<string, string>(cover.Notes ?? []),
            new Dictionary<string, JsonElement>(cover.SecondReadings ?? [])
        );
        var second = new List<string>();
        foreach (var entry in entries)
        {
            var now =
                entry.IsNote ? notes.GetValueOrDefault(entry.Measure, "")
                : measures.TryGetValue(entry.Measure, out var known) ? JsonWords.Word(known)
                : "";
            if (entry.Text == now)
            {
                continue;
            }

            if (entry.IsNote)
            {
                notes[entry.Measure] = now == entry.Before || now.Length == 0 ? entry.Text : $"{now} / {entry.Text}";
            }
            else if (now == entry.Before || now.Length == 0)
            {
                Set(measures, entry.Measure, entry.Text);
            }
            else if (entry.Text.Length > 0)
            {
                readings[entry.Measure] = JsonSerializer.SerializeToElement(entry.Text);
                second.Add(entry.Measure);
            }
        }

        return (cover with { Measures = measures, Notes = notes, SecondReadings = readings }, second);
    }

    private static void Set(Dictionary<string, JsonElement> texts, string name, string text)
    {
        if (text.Length == 0)
        {
            texts.Remove(name);
        }
        else
        {
            texts[name] = JsonSerializer.SerializeToElement(text);
        }
    }
}
