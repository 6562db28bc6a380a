using System.Globalization;
using System.Text;
using System.Text.Json;

namespace Wrapper.Formats.Rules;

/// <summary>
/// Texts in JSON can be escaped to what is no text: half of a letter that takes two. It can be read and never be written again.
/// </summary>
public static class JsonLetters
{
    /// <summary>A backslash, a u and four digits.</summary>
    private const int EscapeLength = 6;

    /// <summary>The string or name the reader stands on is a text.</summary>
    public static bool AreWhole(ref Utf8JsonReader reader)
    {
        if (!reader.ValueIsEscaped && Ascii.IsValid(reader.ValueSpan))
        {
            return true;
        }

        try
        {
            return reader.GetString() is not null;
        }
        catch (InvalidOperationException)
        {
            return false;
        }
    }

    /// <summary>Every string and name in this JSON is a text.</summary>
    /// <exception cref="JsonException">It is no JSON.</exception>
    public static bool AreWhole(ReadOnlySpan<byte> json)
    {
        var reader = new Utf8JsonReader(json, new() { CommentHandling = JsonCommentHandling.Skip, AllowTrailingCommas = true });
        while (reader.Read())
        {
            if (reader.TokenType is JsonTokenType.String or JsonTokenType.PropertyName && !AreWhole(ref reader))
            {
                return false;
            }
        }

        return true;
    }

    /// <summary>The same JSON with a sign for “unknown letter” in the place of every half.</summary>
    public static string Whole(string json)
    {
        var whole = new StringBuilder(json.Length);
        for (var at = 0; at < json.Length; at++)
        {
            if (json[at] != '\\' || at + 1 == json.Length)
            {
                whole.Append(json[at]);
                continue;
            }

            var (first, second) = (Escaped(json, at), Escaped(json, at + EscapeLength));
            if (first is not { } letter)
            {
                whole.Append(json, at, 2); // another escape
                at++;
            }
            else if (char.IsHighSurrogate(letter) && second is { } low && char.IsLowSurrogate(low))
            {
                whole.Append(json, at, 2 * EscapeLength);
                at += (2 * EscapeLength) - 1;
            }
            else
            {
                whole.Append(char.IsSurrogate(letter) ? "\\ufffd" : json.AsSpan(at, EscapeLength));
                at += EscapeLength - 1;
            }
        }

        return whole.ToString();
    }

    /// <summary>The letter that is written as <c>\u</c> and four digits here; null where there is none.</summary>
    private static char? Escaped(string json, int at) =>
        at + EscapeLength <= json.Length
        && json[at] == '\\'
        && json[at + 1] == 'u'
        && ushort.TryParse(json.AsSpan(at + 2, 4), NumberStyles.AllowHexSpecifier, CultureInfo.InvariantCulture, out var code)
            ? (char)code
            : null;
}
