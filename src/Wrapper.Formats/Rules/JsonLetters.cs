using System.Text;
using System.Text.Json;

namespace Wrapper.Formats.Rules;

/// <summary>Texts in JSON can be escaped to what is no text: half of a letter that takes two. It can be read and never be written again.</summary>
public static class JsonLetters
{
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
}
