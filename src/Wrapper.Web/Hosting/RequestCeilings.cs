using System.Text.Json;
using Wrapper.Formats;

namespace Wrapper.Web.Hosting;

/// <summary>
/// How much a request may hold: for every list its most entries, for every text its most characters. No workroom's job comes
/// near them; what is beyond would only keep the others waiting.
/// </summary>
public static class RequestCeilings
{
    /// <summary>JSON is taken up to this many bytes.</summary>
    public const int MostBytes = 2 * 1024 * 1024;

    /// <summary>The most characters of a text.</summary>
    public const int LongestText = 20_000;

    /// <summary>The most entries of a list that is not named here.</summary>
    public const int MostEntries = 1000;

    /// <summary>The most members of an object.</summary>
    public const int MostMembers = 300;

    /// <summary>The most objects and lists one in another.</summary>
    public const int Deepest = 32;

    private static readonly Dictionary<string, int> Most = new(StringComparer.OrdinalIgnoreCase)
    {
        ["covers"] = 300,
        ["drafts"] = 300,
        ["others"] = 50,
        ["flaws"] = 200,
        ["remnants"] = 200,
        ["soldIn"] = 24,
        ["pinned"] = 2000,
        ["kept"] = 2000,
        ["outline"] = 20_000,
        ["cut"] = 10_000,
        ["padding"] = 20,
        ["turns"] = 16,
        ["work"] = Endpoints.WorkEndpoints.MostEntries,
    };

    /// <summary>The most entries of a list of this name.</summary>
    public static int Of(string name) => Most.GetValueOrDefault(name, MostEntries);

    /// <summary>What in this JSON is more than is taken, or is no text; null for nothing, also where it is no JSON at all.</summary>
    public static (string Name, string Text)? Exceeded(ReadOnlySpan<byte> json)
    {
        var reader = new Utf8JsonReader(json, new() { MaxDepth = Deepest });
        var open = new Stack<Level>();
        var name = "";
        try
        {
            while (reader.Read())
            {
                if (reader.TokenType is JsonTokenType.EndArray or JsonTokenType.EndObject)
                {
                    open.Pop();
                    continue;
                }

                if (reader.TokenType is JsonTokenType.String or JsonTokenType.PropertyName && !JsonLetters.AreWhole(ref reader))
                {
                    return (name, $"{(name.Length > 0 ? $"“{name}”" : "The request")} holds half a letter, which is no text: write it anew.");
                }

                if (reader.TokenType == JsonTokenType.PropertyName)
                {
                    name = reader.ValueSpan.Length <= 64 ? reader.GetString()! : "…";
                }

                if (open.TryPeek(out var level) && level.IsExceededBy(reader.TokenType))
                {
                    return (level.Name, $"“{level.Name}” holds more than {level.Most} entries, which is more than is taken at once: send fewer.");
                }

                if (reader.TokenType is JsonTokenType.String or JsonTokenType.PropertyName && reader.ValueSpan.Length > LongestText && Characters(ref reader) > LongestText)
                {
                    return (name, $"“{name}” is a text of more than {LongestText} characters: shorten it.");
                }

                if (reader.TokenType is JsonTokenType.StartArray or JsonTokenType.StartObject)
                {
                    var isList = reader.TokenType == JsonTokenType.StartArray;
                    // A list in a list has the outer one's name and the usual ceiling.
                    var most = !isList ? MostMembers : open.TryPeek(out var outer) && outer.IsList ? MostEntries : Of(name);
                    open.Push(new(name.Length > 0 ? name : "request", isList, most));
                }
            }
        }
        catch (JsonException)
        {
            return null; // whoever reads it says where the trouble is
        }

        return null;
    }

    private static int Characters(ref Utf8JsonReader reader) => reader.GetString()!.Length;

    /// <summary>A list or an object that is being gone through.</summary>
    private sealed class Level(string name, bool isList, int most)
    {
        private int _count;

        public string Name => name;

        public bool IsList => isList;

        public int Most => most;

        /// <summary>Counts the entries of a list and the members of an object.</summary>
        public bool IsExceededBy(JsonTokenType token) => (isList || token == JsonTokenType.PropertyName) && ++_count > most;
    }
}
