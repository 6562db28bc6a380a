using System.Globalization;
using System.Text.Json;

namespace Wrapper.Formats.Rules;

/// <summary>
/// How much JSON may hold: for every list its most entries, for every text its most characters, and how deep it goes. No
/// workroom's job comes near them; more would only keep the others waiting. Looks at one token after another, so that a file of
/// any size is looked at before anything of it is taken into memory.
/// </summary>
/// <param name="isJobFile">It is a job file, which carries photographs.</param>
/// <param name="deepest">The most objects and lists one in another.</param>
public sealed class JsonLimits(bool isJobFile = false, int deepest = JsonLimits.Deepest)
{
    /// <summary>The most bytes of a request in JSON.</summary>
    public const int MostBytes = 2 * 1024 * 1024;

    /// <summary>The most characters of a text.</summary>
    public const int LongestText = 20_000;

    /// <summary>The most bytes a text of <see cref="LongestText"/> takes: every character escaped.</summary>
    public const int MostBytesOfText = (6 * LongestText) + 2;

    /// <summary>The most bytes a photograph takes in base 64.</summary>
    public const int MostBytesOfPhotograph = 12 * 1024 * 1024;

    /// <summary>The most entries of a list that is not named here.</summary>
    public const int MostEntries = 1000;

    /// <summary>The most members of an object.</summary>
    public const int MostMembers = 300;

    /// <summary>The most objects and lists one in another.</summary>
    public const int Deepest = 32;

    private static readonly Dictionary<string, int> Most = new(StringComparer.OrdinalIgnoreCase)
    {
        ["covers"] = JobLimits.MostCovers,
        ["drafts"] = JobLimits.MostCovers,
        ["others"] = 50,
        ["flaws"] = 200,
        ["remnants"] = 200,
        ["soldIn"] = 24,
        ["pinned"] = 2000,
        ["kept"] = 2000,
        ["lay"] = 2000,
        ["outline"] = 20_000,
        ["cut"] = 10_000,
        ["padding"] = 20,
        ["turns"] = 16,
        ["work"] = JobLimits.MostWork,
        ["photos"] = JobLimits.MostPhotos,
    };

    /// <summary>The same in a document by itself: it still is within <see cref="Deepest"/> where it stands in a job file.</summary>
    public const int DeepestDocument = Deepest - 4;

    /// <summary>How deep a reader goes to say what is too deep; beyond it, it is not JSON to anybody.</summary>
    public const int DeepestLooked = 1000;

    private const int LongestName = 64;

    private readonly Stack<Level> _open = new();
    private string _name = "";
    private string _member = "";

    /// <summary>The next token is the content of a photograph, which is longer than any text.</summary>
    public bool AwaitsPhotograph => isJobFile && IsContent && _open.TryPeek(out var level) && level.IsPhotograph;

    /// <summary>The member the reader stands in.</summary>
    public string Name => _name;

    private bool IsContent => string.Equals(_name, "content", StringComparison.OrdinalIgnoreCase);

    /// <summary>The most entries of a list of this name.</summary>
    public static int Of(string name) => Most.GetValueOrDefault(name, MostEntries);

    /// <summary>What in this JSON is more than is taken, or is not text; null for nothing, also where it is not JSON at all.</summary>
    /// <param name="json">The JSON.</param>
    /// <param name="deepest">The most objects and lists one in another.</param>
    public static LimitExceeded? Exceeded(ReadOnlySpan<byte> json, int deepest = Deepest)
    {
        var reader = new Utf8JsonReader(json, new() { MaxDepth = DeepestLooked });
        var limits = new JsonLimits(deepest: deepest);
        try
        {
            while (reader.Read())
            {
                if (limits.Next(ref reader) is { } exceeded)
                {
                    return exceeded;
                }
            }
        }
        catch (JsonException)
        {
            return null; // whoever reads it says where the trouble is
        }

        return null;
    }

    /// <summary>Looks at the token the reader stands on.</summary>
    /// <returns>What is too much with it; null for nothing.</returns>
    public LimitExceeded? Next(ref Utf8JsonReader reader)
    {
        if (reader.TokenType is JsonTokenType.EndArray or JsonTokenType.EndObject)
        {
            _open.Pop();
            return null;
        }

        var isText = reader.TokenType is JsonTokenType.String or JsonTokenType.PropertyName;
        var isPhotograph = AwaitsPhotograph;
        if (isText && !isPhotograph && !JsonLetters.AreWhole(ref reader))
        {
            return new(
                _name,
                $"{(_name.Length > 0 ? $"“{_name}”" : "The request")} holds half a character, which is not text. Type it again."
            )
            {
                Path = Here(),
            };
        }

        if (reader.TokenType == JsonTokenType.PropertyName)
        {
            _member = reader.GetString()!;
            _name = _member.Length <= LongestName ? _member : "…";
        }

        if (_open.TryPeek(out var level) && level.IsExceededBy(reader.TokenType))
        {
            return new(level.Name, $"“{level.Name}” holds more than {level.Most} entries, which is more than is taken at once: send fewer.")
            {
                Path = Steps(),
            };
        }

        if (isText && !isPhotograph && reader.ValueSpan.Length > LongestText && reader.GetString()!.Length > LongestText)
        {
            return TooLong(_name) with { Path = Here() };
        }

        if (reader.TokenType is JsonTokenType.StartArray or JsonTokenType.StartObject)
        {
            if (_open.Count == deepest)
            {
                var path = Here();
                return new(path[0], $"“{path[0]}” is nested more than {deepest} levels deep. Remove the inner levels.") { Path = path };
            }

            Open(reader.TokenType == JsonTokenType.StartArray);
        }

        return null;
    }

    /// <summary>A text that is longer than is taken.</summary>
    public static LimitExceeded TooLong(string name) => new(name, $"“{name}” is longer than {LongestText} characters. Shorten it.");

    /// <summary>The steps to the object or list the reader stands in.</summary>
    private IReadOnlyList<string> Steps() => [.. _open.Reverse().Skip(1).Select(level => level.Step)];

    /// <summary>The steps to the value the reader stands on.</summary>
    private IReadOnlyList<string> Here() => _open.TryPeek(out var level) ? [.. Steps(), Step(level)] : [];

    private string Step(Level level) => level.IsList ? (level.Count - 1).ToString(CultureInfo.InvariantCulture) : _member;

    private void Open(bool isList)
    {
        // A list in a list has the outer one's name and the usual limit.
        var outer = _open.TryPeek(out var level) ? level : null;
        var most =
            !isList ? MostMembers
            : outer is { IsList: true } ? MostEntries
            : Of(_name);
        var isLettered = !isList && string.Equals(_name, "letters", StringComparison.OrdinalIgnoreCase);
        _open.Push(
            new(_name.Length > 0 ? _name : "request", isList, isLettered ? JobLimits.MostCovers : most)
            {
                Step = outer is null ? "" : Step(outer),
                IsPhotograph =
                    !isList
                    && outer is { IsList: true, IsTopmost: true }
                    && string.Equals(outer.Name, "photos", StringComparison.OrdinalIgnoreCase),
                IsTopmost = _open.Count == 1,
            }
        );
    }

    /// <summary>A list or an object that is being gone through.</summary>
    private sealed class Level(string name, bool isList, int most)
    {
        public string Name => name;

        public bool IsList => isList;

        public int Most => most;

        /// <summary>How many entries or members were counted.</summary>
        public int Count { get; private set; }

        /// <summary>What it is called, or its place, in what it stands in.</summary>
        public required string Step { get; init; }

        /// <summary>It is one of a job file's photographs.</summary>
        public bool IsPhotograph { get; init; }

        /// <summary>It is a member of the document itself.</summary>
        public bool IsTopmost { get; init; }

        /// <summary>Counts the entries of a list and the members of an object.</summary>
        public bool IsExceededBy(JsonTokenType token) => (isList || token == JsonTokenType.PropertyName) && ++Count > most;
    }
}

/// <summary>Something in JSON is more than is taken.</summary>
/// <param name="Name">The member.</param>
/// <param name="Text">The problem and the fix.</param>
public sealed record LimitExceeded(string Name, string Text)
{
    /// <summary>The names and the places in lists that lead to it.</summary>
    public IReadOnlyList<string> Path { get; init; } = [];
}
