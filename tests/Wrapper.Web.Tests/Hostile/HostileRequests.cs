using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;

namespace Wrapper.Web.Tests.Hostile;

/// <summary>A request that was made up.</summary>
/// <param name="Number">Which of its seed it is.</param>
/// <param name="Method">GET, PUT …</param>
/// <param name="Address">Path and query.</param>
/// <param name="Type">The content's type; null for no content.</param>
/// <param name="Body">The content.</param>
/// <param name="Headers">What is said besides.</param>
internal sealed record HostileRequest(
    int Number,
    string Method,
    string Address,
    string? Type,
    byte[] Body,
    IReadOnlyList<(string Name, string Value)> Headers
)
{
    public override string ToString() =>
        $"#{Number} {Method} {Address} {Type} [{string.Join(", ", Headers)}] "
        + $"{Encoding.UTF8.GetString(Body, 0, Math.Min(Body.Length, 1500))}";
}

/// <summary>
/// Makes up requests to every address of an OpenAPI document: sound ones with something hostile put in, and some that are hostile all
/// through.
/// </summary>
internal sealed class HostileRequests
{
    private static readonly string[] Methods = ["GET", "PUT", "POST", "DELETE", "PATCH", "OPTIONS", "HEAD"];
    private static readonly string[] Types =
    [
        "application/json",
        "application/json; charset=utf-8",
        "application/json; charset=nonsense",
        "text/plain",
        "application/octet-stream",
        "multipart/form-data; boundary=x",
        "x",
        "image/png",
    ];
    private static readonly string[] Tags = ["\"1\"", "\"2\"", "*", "1", "\"-5\"", "\"99999999999999999999\"", "W/\"1\"", "", "\"x\""];

    private readonly int _seed;
    private readonly IReadOnlyList<KnownEndpoint> _known;

    public HostileRequests(JsonNode openApi, int seed)
    {
        _seed = seed;
        _known = KnownEndpoint.Of(openApi);
    }

    /// <summary>The request of this number, the same at every run.</summary>
    public HostileRequest this[int number]
    {
        get
        {
            var values = new HostileValues(new Random(HashCode.Of(_seed, number)));
            var (path, method, query, _) = _known[number % _known.Count];
            var address = string.Join('/', path.Split('/').Select(part => part.Contains('{') ? Part(part, values) : part));
            var asked = query.Where(_ => !values.OneIn(3)).Select(name => $"{name}={Uri.EscapeDataString(Sendable(values.Text()))}");
            List<(string, string)> headers = [];
            if (method is "PUT" or "DELETE" && !values.OneIn(6))
            {
                headers.Add((values.OneIn(4) ? "If-None-Match" : "If-Match", values.OneOf(Tags)));
            }

            var (type, body) = Content(path, method, values);
            return new(
                number,
                values.OneIn(40) ? values.OneOf(Methods) : method,
                $"{address}?{string.Join('&', asked)}".TrimEnd('?'),
                type,
                body,
                headers
            );
        }
    }

    private static string Part(string part, HostileValues values) =>
        part == "{what}.{format}"
            ? $"{values.OneOf(["patterns", "lay", "cut-list", "cut-cards", "sewing-cards", "buying", "x"])}."
                + $"{values.OneOf(["svg", "dxf", "csv", "zip", "pdf"])}"
            : values.Below(4) switch
            {
                0 => Uri.EscapeDataString(Sendable(values.Text())) is { Length: > 0 } text ? text : "_",
                1 => "nowhere",
                _ => "hostile",
            };

    /// <summary>An address cannot carry half a letter, and what is no letter at all is refused before it comes here.</summary>
    public static string Sendable(string text) => string.Concat(text.Where(letter => !char.IsSurrogate(letter) && letter != '\0'));

    private static (string? Type, byte[] Body) Content(string path, string method, HostileValues values)
    {
        if (method == "GET" || (method == "DELETE" && !values.OneIn(5)))
        {
            return (null, []);
        }

        var type =
            values.OneIn(30) ? values.OneOf(Types)
            : path.EndsWith("/photos", StringComparison.Ordinal) ? "application/octet-stream"
            : path == "/api/outlines" ? "text/plain"
            : "application/json";
        if (type is "application/octet-stream" or "text/plain")
        {
            return (
                type,
                Encoding.UTF8.GetBytes(
                    values.OneOf([
                        "",
                        "<svg",
                        "<svg><path d='M 0 0 A 1e308 5 0 0 1 9 9 Z'/></svg>",
                        "0\nLWPOLYLINE\n70\n1e300\n10\n0\n",
                        "\u0089PNG\r\n",
                        "RIFF\0\0\0\0WEBP",
                        values.Plain(),
                    ])
                )
            );
        }

        var sound = SoundBodies.For(path);
        var body = sound.Count == 0 || values.OneIn(12) ? values.Value() : Spoilt(JsonNode.Parse(values.OneOf(sound))!, values);
        return (type, Written(body, values));
    }

    /// <summary>JSON, with lone surrogates as they are escaped; now and then broken off.</summary>
    private static byte[] Written(JsonNode? body, HostileValues values)
    {
        var text = body is null ? "null" : Escaped(body);
        return Encoding.UTF8.GetBytes(values.OneIn(25) ? text[..values.Below(text.Length + 1)] : text);
    }

    /// <summary>JSON, written by hand: a writer would refuse half a letter, and a sender does not.</summary>
    public static string Escaped(JsonNode? node) =>
        node switch
        {
            null => "null",
            JsonObject members => $"{{{string.Join(',', members.Select(member => $"{Quoted(member.Key)}:{Escaped(member.Value)}"))}}}",
            JsonArray entries => $"[{string.Join(',', entries.Select(Escaped))}]",
            _ when node.GetValueKind() == JsonValueKind.String => Quoted(node.GetValue<string>()),
            _ => node.ToJsonString(),
        };

    private static string Quoted(string text) => $"\"{string.Concat(text.Select(Escaped))}\"";

    private static string Escaped(char letter) =>
        letter is '"' or '\\' or < ' ' || char.IsSurrogate(letter) ? $"\\u{(int)letter:x4}" : letter.ToString();

    /// <summary>One to three places of a sound body changed: another value, left out, doubled, named otherwise, or very many.</summary>
    private static JsonNode? Spoilt(JsonNode sound, HostileValues values)
    {
        for (var change = values.Below(3); change >= 0; change--)
        {
            var places = Places(sound).ToList();
            if (places.Count == 0)
            {
                return values.Value();
            }

            var (parent, key) = values.OneOf(places);
            Spoil(parent, key, values);
        }

        return sound;
    }

    private static void Spoil(JsonNode parent, object key, HostileValues values)
    {
        if (parent is JsonObject members)
        {
            var name = (string)key;
            if (values.OneIn(6))
            {
                members.Remove(name);
            }
            else if (values.OneIn(10))
            {
                members[values.Plain() + "x"] = values.Value();
            }
            else
            {
                members[name] = values.Value();
            }

            return;
        }

        var (list, at) = ((JsonArray)parent, (int)key);
        if (values.OneIn(15))
        {
            var copy = list[at]?.DeepClone();
            for (var more = values.Below(400); more > 0; more--)
            {
                list.Add(copy?.DeepClone());
            }
        }
        else if (values.OneIn(6))
        {
            list.RemoveAt(at);
        }
        else
        {
            list[at] = values.Value();
        }
    }

    /// <summary>Every place of a content a value stands in.</summary>
    public static IEnumerable<(JsonNode Parent, object Key)> Places(JsonNode? node) =>
        node switch
        {
            JsonObject members => members.SelectMany(member => Places(member.Value).Prepend((members, member.Key))),
            JsonArray entries => entries.SelectMany((entry, at) => Places(entry).Prepend((entries, (object)at))),
            _ => [],
        };

    private static class HashCode
    {
        /// <summary>The same on every machine and at every run.</summary>
        public static int Of(int seed, int number) => unchecked((seed * 486_187_739) ^ (number * (int)2_654_435_761));
    }
}
