using System.Globalization;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using Wrapper.Formats.Rules;

namespace Wrapper.Formats.Validation;

/// <summary>Keeps what can be read of a document that breaks its rules: takes out each value that breaks one, and nothing else.</summary>
public static class DocumentRepair
{
    /// <summary>A document has fewer places than this; each round takes out at least one.</summary>
    private const int MostRounds = 1000;
    private static readonly JsonSerializerOptions AsDeepAsAny = new() { MaxDepth = JsonLimits.DeepestLooked };

    /// <summary>What is left of a document; an empty object where nothing of it can be read.</summary>
    /// <param name="json">The document as it is stored.</param>
    /// <param name="rule">Its rule.</param>
    public static string Repair(string json, ValueRule rule)
    {
        ArgumentNullException.ThrowIfNull(rule);
        if (Parsed(JsonLetters.Whole(json)) is not JsonObject document)
        {
            return "{}";
        }

        for (var round = 0; round < MostRounds; round++)
        {
            var written = JsonSerializer.SerializeToUtf8Bytes(document, AsDeepAsAny);
            var violations = DocumentReading.ViolationsIn(written, rule);
            if (violations.Count == 0)
            {
                return Encoding.UTF8.GetString(written);
            }

            // From the last to the first: taking an entry out of a list moves those after it.
            foreach (var violation in violations.Reverse())
            {
                if (!TakeOut(document, violation.Path))
                {
                    return "{}";
                }
            }
        }

        return "{}";
    }

    private static JsonNode? Parsed(string json)
    {
        try
        {
            return JsonNode.Parse(json, documentOptions: new() { MaxDepth = JsonLimits.DeepestLooked });
        }
        catch (JsonException)
        {
            return null;
        }
    }

    /// <summary>Takes out the value at a path; where it is one that is missing, whatever misses it.</summary>
    private static bool TakeOut(JsonNode document, IReadOnlyList<string> path)
    {
        for (var length = path.Count; length > 0; length--)
        {
            if (At(document, path.Take(length - 1)) is { } parent && Remove(parent, path[length - 1]))
            {
                return true;
            }
        }

        return false;
    }

    private static JsonNode? At(JsonNode document, IEnumerable<string> path) =>
        path.Aggregate((JsonNode?)document, (node, step) => node switch
            {
                JsonObject members => members.TryGetPropertyValue(step, out var value) ? value : null,
                JsonArray entries => Place(entries, step) is { } at ? entries[at] : null,
                _ => null,
            });

    private static bool Remove(JsonNode parent, string step)
    {
        if (parent is JsonObject members)
        {
            return members.Remove(step);
        }

        if (parent is JsonArray entries && Place(entries, step) is { } at)
        {
            entries.RemoveAt(at);
            return true;
        }

        return false;
    }

    private static int? Place(JsonArray entries, string step) =>
        int.TryParse(step, NumberStyles.None, CultureInfo.InvariantCulture, out var at) && at < entries.Count ? at : null;
}
