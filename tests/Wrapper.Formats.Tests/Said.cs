using System.Text.Json;

namespace Wrapper.Formats.Tests;

/// <summary>Measures as a person types them, for covers in tests.</summary>
internal static class Said
{
    public static Dictionary<string, JsonElement> Of(params (string Name, string Text)[] said) =>
        said.ToDictionary(one => one.Name, one => JsonSerializer.SerializeToElement(one.Text));
}
