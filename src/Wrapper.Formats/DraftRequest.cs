using System.Text.Json;
using Wrapper.Core.Reading;

namespace Wrapper.Formats;

/// <summary>A cover to draft, as JSON: the open format of docs/format.md.</summary>
public sealed record DraftRequest
{
    /// <summary><c>in</c>, <c>cm</c> or <c>mm</c>.</summary>
    public string? Unit { get; init; }

    /// <summary>The form's id.</summary>
    public string? Form { get; init; }

    /// <summary>Measures by name, and <c>shape</c>; the lists <c>points</c>, <c>stations</c>, <c>zones</c>.</summary>
    public Dictionary<string, JsonElement>? Measures { get; init; }

    /// <summary><c>filling</c>, <c>padded-filling</c>, <c>space</c> or <c>old-cover</c>.</summary>
    public string? MeasuredFrom { get; init; }

    /// <summary>Second readings of measures, by name.</summary>
    public Dictionary<string, JsonElement>? SecondReadings { get; init; }

    /// <summary>Which of two readings holds, by measure: <c>larger</c>, <c>smaller</c> or <c>mean</c>.</summary>
    public Dictionary<string, string>? ReadingUse { get; init; }

    /// <summary>The construction's id.</summary>
    public string? Construction { get; init; }

    /// <summary>Rules said for this cover: lengths by name, and the groups <c>fit</c> and <c>shrinkage</c>.</summary>
    public Dictionary<string, JsonElement>? Rules { get; init; }

    /// <summary>The job's rules, of the same shape.</summary>
    public Dictionary<string, JsonElement>? JobRules { get; init; }

    /// <summary>The house's rules, of the same shape.</summary>
    public Dictionary<string, JsonElement>? HouseRules { get; init; }

    /// <summary>Choices by name, and the lists <c>padding</c>, <c>obstacles</c>, <c>legs</c>, <c>corrections</c>.</summary>
    public Dictionary<string, JsonElement>? Options { get; init; }

    /// <summary>The cloth it is to be cut from.</summary>
    public DraftCloth? Cloth { get; init; }

    /// <summary>How many alike.</summary>
    public decimal? Count { get; init; }

    /// <summary>The same as the core reads it.</summary>
    public CoverInput ToInput()
    {
        var measures = new Dictionary<string, JsonElement>(Measures ?? []);
        measures.Remove("shape", out var shape);
        var options = new Dictionary<string, JsonElement>(Options ?? []);
        options.Remove("padding", out var padding);
        var input = new CoverInput
        {
            Unit = string.IsNullOrEmpty(Unit) ? null : Unit,
            Form = Form,
            Shape = Word(shape) is { Length: > 0 } named ? named : null,
            MeasuredFrom = string.IsNullOrEmpty(MeasuredFrom) ? null : MeasuredFrom,
            SecondReadings = (SecondReadings ?? []).ToDictionary(reading => reading.Key, reading => RuleEntries.EntryOf(reading.Value)),
            ReadingUse = ReadingUse ?? [],
            Construction = string.IsNullOrEmpty(Construction) ? null : Construction,
            Rules = RuleEntries.Flatten(Rules),
            JobRules = RuleEntries.Flatten(JobRules),
            HouseRules = RuleEntries.Flatten(HouseRules),
            Padding = PaddingLayers(padding),
            UsableWidth = Cloth?.UsableWidth,
            Nap = string.IsNullOrEmpty(Cloth?.Nap) ? null : Cloth.Nap,
            Count = Count ?? 1,
        };
        input = input with
        {
            Points = Take(measures, "points", CoverLists.Points),
            Stations = Take(measures, "stations", CoverLists.Stations),
            Zones = Take(measures, "zones", CoverLists.Zones),
            Obstacles = Take(options, "obstacles", CoverLists.Obstacles),
            Legs = Take(options, "legs", CoverLists.Legs),
            Corrections = Take(options, "corrections", CoverLists.Corrections),
        };
        return input with
        {
            Measures = measures.Where(measure => measure.Value.ValueKind is not (JsonValueKind.Null or JsonValueKind.Undefined)).ToDictionary(measure => measure.Key, measure => RuleEntries.EntryOf(measure.Value)),
            Options = options.ToDictionary(option => option.Key, option => Word(option.Value)),
        };
    }

    private static IReadOnlyList<T> Take<T>(Dictionary<string, JsonElement> from, string name, Func<JsonElement, IReadOnlyList<T>> read) =>
        from.Remove(name, out var list) ? read(list) : [];

    internal static string Word(JsonElement value) => value.ValueKind switch
    {
        JsonValueKind.String => value.GetString()!,
        JsonValueKind.Null or JsonValueKind.Undefined => "",
        _ => value.GetRawText(),
    };

    private static List<PaddingInput> PaddingLayers(JsonElement padding)
    {
        var layers = new List<PaddingInput>();
        if (padding.ValueKind == JsonValueKind.Array)
        {
            foreach (var layer in padding.EnumerateArray())
            {
                layers.Add(layer.ValueKind == JsonValueKind.Object
                    ? new(
                        layer.TryGetProperty("thickness", out var thickness) ? RuleEntries.EntryOf(thickness) : Entry.Typed(""),
                        layer.TryGetProperty("how", out var how) ? Word(how) : null,
                        layer.TryGetProperty("turns", out var turns) && turns.ValueKind == JsonValueKind.Number && turns.TryGetDecimal(out var count) ? count : 1)
                    : new(RuleEntries.EntryOf(layer), null));
            }
        }
        else if (padding.ValueKind is not (JsonValueKind.Undefined or JsonValueKind.Null))
        {
            layers.Add(new(RuleEntries.EntryOf(padding), null));
        }

        return layers;
    }
}

/// <summary>What a draft has to know of the cloth.</summary>
public sealed record DraftCloth
{
    /// <summary>The width pieces can be laid on; without it nothing is joined.</summary>
    public Entry? UsableWidth { get; init; }

    /// <summary><c>either</c> or <c>one-way</c>.</summary>
    public string? Nap { get; init; }
}
