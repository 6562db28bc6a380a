using System.Text.Json;
using System.Text.Json.Serialization;
using Wrapper.Core.Reading;

namespace Wrapper.Formats.Documents;

/// <summary>A length in JSON: a number is millimetres, a string is anything the measure field accepts. See docs/format.md.</summary>
public sealed class EntryConverter : JsonConverter<Entry>
{
    /// <inheritdoc />
    public override Entry Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options)
    {
        switch (reader.TokenType)
        {
            case JsonTokenType.Number:
                return reader.TryGetDecimal(out var millimetres) ? Entry.Number(millimetres) : Entry.Number(decimal.MaxValue);
            case JsonTokenType.String:
                return Entry.Typed(reader.GetString()!);
            case JsonTokenType.Null:
                return Entry.Typed("");
            default:
                using (var document = JsonDocument.ParseValue(ref reader))
                {
                    // kept as written; the reader of measures says what is wrong with it
                    return Entry.Typed(document.RootElement.GetRawText());
                }
        }
    }

    /// <inheritdoc />
    public override void Write(Utf8JsonWriter writer, Entry value, JsonSerializerOptions options)
    {
        if (value.Millimetres is { } millimetres)
        {
            writer.WriteNumberValue(millimetres);
        }
        else
        {
            writer.WriteStringValue(value.Text);
        }
    }
}
