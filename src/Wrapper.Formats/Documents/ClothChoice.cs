using System.Text.Json;
using System.Text.Json.Serialization;
using Wrapper.Core.Buying.Cloths;

namespace Wrapper.Formats.Documents;

/// <summary>What a cover is cut from: one of the job’s cloths by its key, or a cloth that is said with it.</summary>
/// <param name="Key">The key; null where the cloth itself is said.</param>
/// <param name="Cloth">The cloth; null where it is named by its key.</param>
[JsonConverter(typeof(ClothChoiceConverter))]
public sealed record ClothChoice(string? Key, ClothDocument? Cloth);

/// <summary>A text is a key, an object a cloth; anything else says nothing.</summary>
public sealed class ClothChoiceConverter : JsonConverter<ClothChoice>
{
    /// <inheritdoc />
    public override ClothChoice? Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options)
    {
        switch (reader.TokenType)
        {
            case JsonTokenType.String:
                return new(reader.GetString(), null);
            case JsonTokenType.StartObject:
                return new(null, JsonSerializer.Deserialize<ClothDocument>(ref reader, options));
            default:
                reader.Skip();
                return null;
        }
    }

    /// <inheritdoc />
    public override void Write(Utf8JsonWriter writer, ClothChoice value, JsonSerializerOptions options)
    {
        if (value.Cloth is { } cloth)
        {
            JsonSerializer.Serialize(writer, cloth, options);
        }
        else
        {
            writer.WriteStringValue(value.Key);
        }
    }
}
