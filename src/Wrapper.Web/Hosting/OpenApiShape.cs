using System.Text.Json;
using System.Text.Json.Nodes;
using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;
using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Formats.Documents;

namespace Wrapper.Web.Hosting;

/// <summary>Says in the interface's description what the reader of types cannot see: lengths are numbers or texts.</summary>
internal static class OpenApiShape
{
    public static void Describe(OpenApiOptions options)
    {
        options.AddDocumentTransformer(
            (document, _, _) =>
            {
                document.Info.Title = "Wrapper";
                document.Info.Description =
                    "Drafting, laying and buying for fitted covers. A length is a number of millimetres, or a text such as \"21 1/4 in\".";
                document.Servers?.Clear();
                NameKinds(document, nameof(WorkEntry));
                return Task.CompletedTask;
            }
        );
        options.AddSchemaTransformer(
            (schema, context, _) =>
            {
                if (context.JsonTypeInfo.Type == typeof(Entry) || context.JsonTypeInfo.Type == typeof(Entry?))
                {
                    schema.Type = JsonSchemaType.Number | JsonSchemaType.String;
                    schema.Properties?.Clear();
                    schema.Required?.Clear();
                }
                else if (context.JsonTypeInfo.Type == typeof(ClothChoice))
                {
                    schema.Description = "The key of one of the job’s cloths, or a cloth.";
                    schema.Type = JsonSchemaType.String | JsonSchemaType.Object;
                    schema.Properties?.Clear();
                    schema.AdditionalProperties = new OpenApiSchema { Description = "As a cloth." };
                }
                else if (context.JsonTypeInfo.Type == typeof(Dictionary<string, JsonElement>))
                {
                    schema.AdditionalProperties = new OpenApiSchema
                    {
                        Description = "A length, a word, true or false, or a list or group of these.",
                    };
                }
                else if (context.JsonTypeInfo.Type == typeof(CoverDocument) || context.JsonTypeInfo.Type == typeof(ClothDocument))
                {
                    schema.AdditionalProperties = null;
                }
                else if (schema.Enum is { Count: > 0 } values)
                {
                    schema.Type = JsonSchemaType.String | (values.Any(value => value is null) ? JsonSchemaType.Null : 0);
                }
                else if (context.JsonTypeInfo.Type == typeof(WorkEntry))
                {
                    schema.OneOf = schema.AnyOf; // every entry has exactly one kind
                    schema.AnyOf = null;
                }
                else if (WordsOf(context) is { } words)
                {
                    (schema.Items as OpenApiSchema ?? schema.AdditionalProperties as OpenApiSchema ?? schema).Enum =
                    [
                        .. words.Select(word => (JsonNode)word),
                    ];
                }
                else if (context.JsonTypeInfo.Type == typeof(JsonElement))
                {
                    schema.Description = "A length, a word, true or false, or a group of these.";
                }

                return Task.CompletedTask;
            }
        );
    }

    /// <summary>Each kind of a schema with kinds is named by its word; the generator puts names there that it does not use.</summary>
    private static void NameKinds(OpenApiDocument document, string schema)
    {
        if (document.Components?.Schemas?[schema] is OpenApiSchema { Discriminator.Mapping: { } mapping, OneOf: { } kinds })
        {
            foreach (var (word, kind) in mapping.Keys.ToList().Zip(kinds.OfType<OpenApiSchemaReference>()))
            {
                mapping[word] = kind;
                if (kind.Target is OpenApiSchema named)
                {
                    named.Type = JsonSchemaType.Object;
                    (named.Required ??= new HashSet<string>()).Add("kind");
                }
            }
        }
    }

    /// <summary>The words a text may be, or those of a list or map of texts; null where it may be any.</summary>
    private static IReadOnlyList<string>? WordsOf(OpenApiSchemaTransformerContext context) =>
        context
            .JsonPropertyInfo?.AttributeProvider?.GetCustomAttributes(typeof(WordOfAttribute), inherit: true)
            .OfType<WordOfAttribute>()
            .FirstOrDefault()
            ?.Words;
}
