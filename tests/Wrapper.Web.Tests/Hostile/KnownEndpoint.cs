using System.Text.Json.Nodes;

namespace Wrapper.Web.Tests.Hostile;

/// <summary>What an OpenAPI document says of one method at one address.</summary>
/// <param name="Path">With its places in braces, as <c>/api/jobs/{id}</c>.</param>
/// <param name="Method">GET, PUT …</param>
/// <param name="Query">The names asked for after the question mark.</param>
/// <param name="Content">The type of the content it takes; null for none.</param>
internal sealed record KnownEndpoint(string Path, string Method, IReadOnlyList<string> Query, string? Content)
{
    private static readonly string[] Methods = ["get", "put", "post", "delete", "patch", "options", "head"];

    public static IReadOnlyList<KnownEndpoint> Of(JsonNode openApi) =>
        [
            .. openApi["paths"]!
                .AsObject()
                .SelectMany(path =>
                    path.Value!.AsObject()
                        .Where(one => Methods.Contains(one.Key))
                        .Select(one => new KnownEndpoint(
                            path.Key,
                            one.Key.ToUpperInvariant(),
                            [
                                .. (one.Value!["parameters"]?.AsArray() ?? [])
                                    .Where(parameter => (string?)parameter!["in"] == "query")
                                    .Select(parameter => (string)parameter!["name"]!),
                            ],
                            one.Value["requestBody"]?["content"]?.AsObject().Select(content => content.Key).First()
                        ))
                ),
        ];

    /// <summary>Whether an address, with places of its own, is one of these.</summary>
    public bool Covers(string path)
    {
        var (own, other) = (Path.Split('/'), path.Split('/'));
        return own.Length == other.Length && own.Zip(other).All(pair => pair.First == pair.Second || pair.First is ['{', ..]);
    }

    /// <summary>The address with these words in its places.</summary>
    public string With(Func<string, string> word) =>
        string.Join(
            '/',
            Path.Split('/')
                .Select(part =>
                    part switch
                    {
                        "{what}.{format}" => "patterns.svg",
                        ['{', ..] => Uri.EscapeDataString(word(part.Trim('{', '}'))),
                        _ => part,
                    }
                )
        );
}
