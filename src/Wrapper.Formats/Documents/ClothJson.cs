using System.Text.Json.Serialization.Metadata;
using Wrapper.Core.Buying.Cloths;

namespace Wrapper.Formats.Documents;

/// <summary>
/// How the record of a cloth is written as JSON: what is null is left out, and members that nobody knows are kept in
/// <see cref="ClothDocument.Besides"/>. The core declares the record and knows nothing of JSON, so it is said here.
/// </summary>
internal static class ClothJson
{
    private static readonly HashSet<Type> Documents =
    [
        typeof(ClothDocument),
        typeof(RepeatDocument),
        typeof(ClothFaceDocument),
        typeof(ClothEdgeDocument),
        typeof(ShrinkageDocument),
        typeof(SoldWidthDocument),
        typeof(FlawDocument),
        typeof(RemnantDocument),
        typeof(PlaceDocument),
    ];

    public static void Describe(JsonTypeInfo type)
    {
        if (!Documents.Contains(type.Type))
        {
            return;
        }

        foreach (var property in type.Properties)
        {
            if (type.Type == typeof(ClothDocument) && property.PropertyType == typeof(Dictionary<string, object>))
            {
                property.IsExtensionData = true;
            }
            else
            {
                property.ShouldSerialize = (_, value) => value is not null;
            }
        }
    }
}
