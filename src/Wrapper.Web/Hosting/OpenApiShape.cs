using System.Text.Json;
using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;
using Wrapper.Core.Reading;
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
                else if (context.JsonTypeInfo.Type == typeof(JsonElement))
                {
                    schema.Description = "A length, a word, true or false, or a group of these.";
                }

                return Task.CompletedTask;
            }
        );
    }
}
