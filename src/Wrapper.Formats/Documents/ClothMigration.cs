using System.Text.Json;
using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Reading;

namespace Wrapper.Formats.Documents;

/// <summary>Renames the fields of a cloth in the first format, which stays readable. See docs/format.md.</summary>
public static class ClothMigration
{
    /// <summary>The cloth, and the cloths it carries, with the names of today.</summary>
    public static ClothDocument Migrate(this ClothDocument cloth)
    {
        var others = cloth.Others is { Count: > 0 } carried
            ? [.. carried.Where(other => other is not null).Select(other => other.Migrate())]
            : cloth.Others;
        if (cloth.Besides is null)
        {
            return ReferenceEquals(others, cloth.Others) ? cloth : cloth with { Others = others };
        }

        var besides = new Dictionary<string, object>(cloth.Besides);
        Entry? Earlier(string name) =>
            besides.Remove(name, out var value) && value is JsonElement json && JsonWords.Word(json).Length > 0
                ? RuleEntries.EntryOf(json)
                : null;
        var (length, width, match, motif) = (Earlier("repeatLength"), Earlier("repeatWidth"), Earlier("match"), Earlier("motif"));
        var (along, across) = (Earlier("shrinkageAlong"), Earlier("shrinkageAcross"));
        return cloth with
        {
            Repeat = cloth.Repeat ?? ((length ?? width ?? motif ?? match) is null ? null : new(length, width, match?.ToString(), motif)),
            Shrinkage = cloth.Shrinkage ?? ((along ?? across) is null ? null : new(along, across)),
            Others = others,
            Besides = besides.Count > 0 ? besides : null,
        };
    }
}
