using System.Text.Json;
using System.Text.Json.Serialization;
using System.Text.Json.Serialization.Metadata;

namespace Wrapper.Formats.Documents;

/// <summary>How the open format is written as JSON: camelCase, lengths by <see cref="EntryConverter"/>.</summary>
public static class OpenFormat
{
    /// <summary>Options for reading and writing.</summary>
    public static JsonSerializerOptions Json { get; } = Configure(new(JsonSerializerDefaults.Web));

    /// <summary>Puts the open format's rules into existing options.</summary>
    public static JsonSerializerOptions Configure(JsonSerializerOptions options)
    {
        options.RespectNullableAnnotations = true;
        options.AllowOutOfOrderMetadataProperties = true; // the kind of an entry of work may stand anywhere in it
        options.NumberHandling = JsonNumberHandling.Strict;
        options.TypeInfoResolver = (options.TypeInfoResolver ?? new DefaultJsonTypeInfoResolver()).WithAddedModifier(ClothJson.Describe);
        options.Converters.Add(new EntryConverter());
        options.Converters.Add(new JsonStringEnumConverter(JsonNamingPolicy.KebabCaseLower, allowIntegerValues: false));
        return options;
    }
}
