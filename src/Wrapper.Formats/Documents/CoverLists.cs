using System.Text.Json;
using Wrapper.Core.Reading;

namespace Wrapper.Formats.Documents;

/// <summary>
/// The lists of a cover in JSON. Whatever stands there is read as far as it can be; what cannot is kept as an entry that
/// the reader of covers tells about by its place in the list. See docs/format.md.
/// </summary>
internal static class CoverLists
{
    private const int Most = 20_000;

    /// <summary>Corners: <c>[x, y]</c>, <c>[x, y, rise]</c> or <c>{ x, y, rise }</c>; or a text <c>x, y; x, y, rise; …</c>.</summary>
    public static IReadOnlyList<PointInput> Points(JsonElement list) =>
        list.ValueKind == JsonValueKind.String
            ? Typed(list.GetString()!, parts => new PointInput(Part(parts, 0), Part(parts, 1), parts.Length > 2 ? Part(parts, 2) : null))
            : Each(list, point =>
                point.ValueKind == JsonValueKind.Array
                    ? new PointInput(At(point, 0), At(point, 1), point.GetArrayLength() > 2 ? At(point, 2) : null)
                    : new(Of(point, "x"), Of(point, "y"), Maybe(point, "rise"))
            );

    /// <summary>Widths: <c>{ at, width }</c> or <c>[at, width]</c>; or a text <c>at, width; …</c>.</summary>
    public static IReadOnlyList<StationInput> Stations(JsonElement list) =>
        list.ValueKind == JsonValueKind.String
            ? Typed(list.GetString()!, parts => new StationInput(Part(parts, 0), Part(parts, 1)))
            : Each(list, station =>
                station.ValueKind == JsonValueKind.Array
                    ? new StationInput(At(station, 0), At(station, 1))
                    : new(Of(station, "at"), Of(station, "width"))
            );

    /// <summary>Zones as objects.</summary>
    public static IReadOnlyList<ZoneInput> Zones(JsonElement list) => Each(list, zone => new ZoneInput
        {
            Name = Text(zone, "name") ?? "",
            Width = Of(zone, "width"),
            Height = Of(zone, "height"),
            SecondWidth = Maybe(zone, "secondWidth"),
            SecondHeight = Maybe(zone, "secondHeight"),
            ReadingUse = Text(zone, "readingUse") is { Length: > 0 } use ? use : null,
            Tucks = Words(zone, "tucks"),
            FreeTuck = Maybe(zone, "freeTuck"),
            Count = Count(zone),
            Pair = Is(zone, "pair"),
            Slanted = Is(zone, "slanted"),
            Strip = Is(zone, "strip"),
            Piped = Words(zone, "piped"),
        });

    /// <summary>Obstacles as objects.</summary>
    public static IReadOnlyList<ObstacleInput> Obstacles(JsonElement list) =>
        Each(list, obstacle => new ObstacleInput(
            Text(obstacle, "side"),
            Of(obstacle, "from"),
            Of(obstacle, "length"),
            Of(obstacle, "drop")
        ));

    /// <summary>Lengths, or objects with a <c>length</c>.</summary>
    public static IReadOnlyList<Entry> Legs(JsonElement list) =>
        Each(list, leg => leg.ValueKind == JsonValueKind.Object ? Of(leg, "length") : RuleEntries.EntryOf(leg));

    /// <summary>Points of trimmed blocks as objects: <c>{ block, edge, x, y }</c>.</summary>
    public static IReadOnlyList<TrimmedInput> Trimmed(JsonElement list) =>
        Each(list, point => new TrimmedInput(Text(point, "block"), Text(point, "edge"), Of(point, "x"), Of(point, "y")));

    /// <summary>Seams between blocks as objects: <c>{ block, edge, to, toEdge }</c>.</summary>
    public static IReadOnlyList<BlockSeamInput> BlockSeams(JsonElement list) =>
        Each(list, seam => new BlockSeamInput(Text(seam, "block"), Text(seam, "edge"), Text(seam, "to"), Text(seam, "toEdge")));

    /// <summary>Corrections as objects: <c>{ side, by }</c>.</summary>
    public static IReadOnlyList<CorrectionInput> Corrections(JsonElement list) =>
        Each(list, correction => new CorrectionInput(Text(correction, "side"), Of(correction, "by")));

    /// <summary>Layers of padding: objects with <c>thickness</c>, <c>how</c>, <c>turns</c>, or bare thicknesses; one or a list.</summary>
    public static IReadOnlyList<PaddingInput> Padding(JsonElement padding) =>
        // a row that is still empty is no layer
        [.. Each(padding, Layer).Where(layer => !string.IsNullOrWhiteSpace(layer.Thickness.ToString()))];

    /// <summary>
    /// Roles joined from strips: by the role's word <c>{ run, parts: [{ cloth, width }] }</c>; a part may be the key of a cloth alone.
    /// </summary>
    public static IReadOnlyList<PiecedInput> Pieced(JsonElement pieced) =>
        pieced.ValueKind != JsonValueKind.Object
            ? []
            :
            [
                .. pieced
                    .EnumerateObject()
                    .Where(role => role.Value.ValueKind == JsonValueKind.Object)
                    .Take(Most)
                    .Select(role => new PiecedInput(
                        role.Name,
                        Text(role.Value, "run"),
                        role.Value.TryGetProperty("parts", out var parts) ? Each(parts, Part) : []
                    )),
            ];

    private static PiecedPartInput Part(JsonElement part) =>
        part.ValueKind == JsonValueKind.Object ? new(Text(part, "cloth"), Maybe(part, "width")) : new(JsonWords.Word(part), null);

    private static PaddingInput Layer(JsonElement layer) =>
        layer.ValueKind == JsonValueKind.Object
            ? new(
                Of(layer, "thickness"),
                layer.TryGetProperty("how", out var how) ? JsonWords.Word(how) : null,
                layer.TryGetProperty("turns", out var turns) && JsonWords.Word(turns).Length > 0
                    ? JsonWords.Number(RuleEntries.EntryOf(turns))
                    : 1
            )
            : new(RuleEntries.EntryOf(layer), null);

    private static List<T> Each<T>(JsonElement list, Func<JsonElement, T> read) =>
        list.ValueKind switch
        {
            JsonValueKind.Array => [.. list.EnumerateArray().Take(Most).Select(read)],
            JsonValueKind.Null or JsonValueKind.Undefined => [],
            _ => [read(list)],
        };

    private static List<T> Typed<T>(string text, Func<string[], T> read) =>
        [
            .. text.Split(';', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries)
                .Take(Most)
                .Select(entry => read(entry.Split(',', StringSplitOptions.TrimEntries))),
        ];

    private static Entry Part(string[] parts, int index) => Entry.Typed(index < parts.Length ? parts[index] : "");

    private static Entry At(JsonElement list, int index) =>
        index < list.GetArrayLength() ? RuleEntries.EntryOf(list[index]) : Entry.Typed("");

    private static Entry Of(JsonElement thing, string name) => Maybe(thing, name) ?? Entry.Typed("");

    private static Entry? Maybe(JsonElement thing, string name) =>
        thing.ValueKind == JsonValueKind.Object
        && thing.TryGetProperty(name, out var value)
        && value.ValueKind is not (JsonValueKind.Null or JsonValueKind.Undefined)
            ? RuleEntries.EntryOf(value)
            : null;

    private static string? Text(JsonElement thing, string name) =>
        thing.ValueKind == JsonValueKind.Object && thing.TryGetProperty(name, out var value) ? JsonWords.Word(value) : null;

    private static bool Is(JsonElement thing, string name) => Text(thing, name) == "true";

    private static int Count(JsonElement zone) =>
        Text(zone, "count") is { Length: > 0 } text
            ? int.TryParse(text, System.Globalization.CultureInfo.InvariantCulture, out var count)
                ? count
                : -1
            : 1;

    private static List<string> Words(JsonElement thing, string name) =>
        thing.ValueKind == JsonValueKind.Object && thing.TryGetProperty(name, out var value) ? Each(value, JsonWords.Word) : [];
}
