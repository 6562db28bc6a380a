using System.Text.Json;

namespace Wrapper.Formats.Documents;

/// <summary>
/// The names of the first format of job files, which are read for ever: a cover kept its shape, its lists and its padding beside
/// its measures and options, and a cloth had the parts of its repeat and its shrinkage each under a name of its own. See
/// docs/format.md, "The first format".
/// </summary>
internal static class FirstFormat
{
    private static readonly string[] MeasureLists = ["points", "stations", "zones"];

    private static readonly string[] OptionLists = ["obstacles", "legs", "corrections"];

    private static readonly string[] OfCovers = ["shape", "lists", "padding"];

    /// <summary>Names of the first format stand among these.</summary>
    public static bool IsCover(IReadOnlyDictionary<string, JsonElement> others) => OfCovers.Any(others.ContainsKey);

    /// <summary>Moves what stands under the first format's names to where it stands now; what stands there already is kept.</summary>
    public static void MigrateCover(
        Dictionary<string, JsonElement> measures,
        Dictionary<string, JsonElement> options,
        Dictionary<string, JsonElement> others
    )
    {
        if (others.Remove("shape", out var shape))
        {
            measures.TryAdd("shape", shape);
        }

        if (others.Remove("padding", out var padding) && padding.ValueKind == JsonValueKind.Array && padding.GetArrayLength() > 0)
        {
            options.TryAdd("padding", padding);
        }

        if (others.Remove("lists", out var lists) && lists.ValueKind == JsonValueKind.Object)
        {
            foreach (var list in lists.EnumerateObject())
            {
                if (MeasureLists.Contains(list.Name))
                {
                    measures.TryAdd(list.Name, list.Value);
                }
                else if (OptionLists.Contains(list.Name))
                {
                    options.TryAdd(list.Name, list.Value);
                }
            }
        }
    }
}
