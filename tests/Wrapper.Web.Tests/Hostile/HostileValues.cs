using System.Text.Json.Nodes;

namespace Wrapper.Web.Tests.Hostile;

/// <summary>Values nobody means well with, drawn from a seed.</summary>
internal sealed class HostileValues(Random random)
{
    public static IReadOnlyList<string> Texts { get; } =
    [
        "",
        " ",
        "null",
        "0",
        "-1",
        "1e308",
        "1e999",
        "NaN",
        "21 1/0",
        "21 1/4 in",
        "½",
        "−5 mm",
        "9".PadLeft(300, '9'),
        "𝟗",
        "\0",
        "\ud800",
        "\udfff x",
        "\u202e",
        "..",
        "../../etc/passwd",
        "%00",
        "<script>alert(1)</script>",
        "'; DROP TABLE jobs; --",
        "${jndi:ldap://x}",
        "in",
        "cm",
        "mm",
        "ell",
        "box-cushion",
        "pouf",
        "slipcover",
        "rectangle",
        "zones",
        "outline",
        "filling",
        "old-cover",
        "boxing-strip",
        "x,y;x,y;,;;",
        "0,0;5,0;5,5",
        "5 mm, 5 mm; ; 1e9, 3",
        new('a', 3000),
        new('(', 500),
        "1+".PadLeft(600, '1'),
    ];

    private static readonly double[] Numbers =
    [
        0,
        -0.0,
        1,
        -1,
        0.5,
        1e-9,
        0.000001,
        21.25,
        54,
        137,
        1e6,
        1e9,
        -1e9,
        1e15,
        1e300,
        -1e300,
        int.MaxValue,
        (double)int.MaxValue + 1,
        long.MaxValue,
        3.5e-310,
    ];

    /// <summary>Half of the time a number, half of the time something else.</summary>
    public JsonNode? Value(int depth = 0) =>
        random.Next(8) switch
        {
            0 => null,
            1 => JsonValue.Create(random.Next(2) == 0),
            2 or 3 => JsonValue.Create(Number()),
            4 or 5 => JsonValue.Create(Text()),
            6 when depth < 4 => new JsonArray([.. Enumerable.Range(0, random.Next(4)).Select(_ => Value(depth + 1))]),
            _ when depth < 4 => new JsonObject(
                Enumerable.Range(0, random.Next(3)).Select(i => KeyValuePair.Create($"{i}{Plain()}", Value(depth + 1)))
            ),
            _ => JsonValue.Create(0),
        };

    public double Number() =>
        random.Next(5) == 0 ? random.NextDouble() * Math.Pow(10, random.Next(-8, 12)) : Numbers[random.Next(Numbers.Length)];

    public string Text() => OneOf(Texts);

    /// <summary>A text that can stand in JSON's own letters.</summary>
    public string Plain() => string.Concat(Text().Where(char.IsAsciiLetterOrDigit).Take(40));

    public bool OneIn(int times) => random.Next(times) == 0;

    public int Below(int end) => random.Next(end);

    public T OneOf<T>(IReadOnlyList<T> all) => all[random.Next(all.Count)];
}
