using System.Text.Json;
using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;
using Wrapper.Core.Reading;

namespace Wrapper.Web;

/// <summary>Says in the interface's description what the reader of types cannot see: lengths are numbers or texts.</summary>
internal static class OpenApiShape
{
    public static void Describe(OpenApiOptions options)
    {
        options.AddDocumentTransformer((document, _, _) =>
        {
            document.Info.Title = "Wrapper";
            document.Info.Description = "Drafting, laying and buying for fitted covers. A length is a number of millimetres, or a text such as \"21 1/4 in\".";
            document.Servers?.Clear();
            return Task.CompletedTask;
        });
        options.AddSchemaTransformer((schema, context, _) =>
        {
            if (context.JsonTypeInfo.Type == typeof(Entry) || context.JsonTypeInfo.Type == typeof(Entry?))
            {
                schema.Type = JsonSchemaType.Number | JsonSchemaType.String;
                schema.Properties?.Clear();
                schema.Required?.Clear();
            }
            else if (context.JsonTypeInfo.Type == typeof(JsonElement))
            {
                schema.Description = "A length, a word, true or false, or a group of these.";
            }

            return Task.CompletedTask;
        });
    }
}
