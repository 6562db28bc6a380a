using System.Globalization;
using System.Text.Json;
using Wrapper.Core.Reading;

namespace Wrapper.Formats.Documents;

/// <summary>Words and whole numbers in JSON, however they are written.</summary>
internal static class JsonWords
{
    /// <summary>A text as it is; true, false and numbers as they are written; nothing for null.</summary>
    public static string Word(JsonElement value) =>
        value.ValueKind switch
        {
            JsonValueKind.String => value.GetString()!,
            JsonValueKind.Null or JsonValueKind.Undefined => "",
            _ => value.GetRawText(),
        };

    /// <summary>A number, also as typed; what is none becomes one that the reader of covers refuses by name.</summary>
    public static decimal Number(Entry entry) =>
        entry.Millimetres
        ?? (
            decimal.TryParse(
                entry.Text?.Trim(),
                NumberStyles.AllowLeadingSign | NumberStyles.AllowDecimalPoint,
                CultureInfo.InvariantCulture,
                out var number
            )
                ? number
                : -1
        );
}
