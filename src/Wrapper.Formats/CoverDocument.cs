using System.Text.Json;
using Wrapper.Core.Reading;

namespace Wrapper.Formats;

/// <summary>A cover as it is stored and kept in job files: texts exactly as typed, also those that could not be read.</summary>
public sealed record CoverDocument
{
    /// <summary>What the maker calls it: “Saloon settee, port side”.</summary>
    public string Name { get; init; } = "";

    /// <summary>The form's id.</summary>
    public string Form { get; init; } = "box-cushion";

    /// <summary>The shape.</summary>
    public string Shape { get; init; } = "rectangle";

    /// <summary>Measures as typed.</summary>
    public Dictionary<string, string> Measures { get; init; } = [];

    /// <summary>Second readings of measures, as typed.</summary>
    public Dictionary<string, string> SecondReadings { get; init; } = [];

    /// <summary>Which of two readings holds, by measure: larger, smaller or mean.</summary>
    public Dictionary<string, string> ReadingUse { get; init; } = [];

    /// <summary>Notes by the measure they hang on; the empty name is the thing itself.</summary>
    public Dictionary<string, string> Notes { get; init; } = [];

    /// <summary>The covers of the set that are cut, by their number from 1.</summary>
    public List<int> Cut { get; init; } = [];

    /// <summary>What the tape was laid on.</summary>
    public string MeasuredFrom { get; init; } = "filling";

    /// <summary>How it is made.</summary>
    public string Construction { get; init; } = "boxing-strip";

    /// <summary>Rules said for this cover, as typed, by flat name.</summary>
    public Dictionary<string, string> Rules { get; init; } = [];

    /// <summary>Choices by name.</summary>
    public Dictionary<string, string> Options { get; init; } = [];

    /// <summary>Layers put on the filling first.</summary>
    public List<PaddingDocument> Padding { get; init; } = [];

    /// <summary>The corners of a free outline, the widths at stations, the zones of a loose cover: as in a draft's measures.</summary>
    public Dictionary<string, JsonElement> Lists { get; init; } = [];

    /// <summary>The key of the cloth it is cut from; empty for the job's first.</summary>
    public string Cloth { get; init; } = "";

    /// <summary>How many alike, as typed.</summary>
    public string Count { get; init; } = "1";

    /// <summary>The cover as the core reads it, in a job of this unit and a house with these rules.</summary>
    public CoverInput ToInput(string unit, IReadOnlyDictionary<string, string> houseRules) => new()
    {
        Unit = unit,
        Form = Form,
        Shape = Shape,
        Measures = Entries(Measures),
        SecondReadings = Entries(SecondReadings),
        ReadingUse = ReadingUse,
        MeasuredFrom = MeasuredFrom,
        Construction = Construction,
        Rules = Entries(Rules),
        HouseRules = Entries(houseRules),
        Options = Options.Where(option => option.Value is not null).ToDictionary(option => option.Key, option => option.Value),
        Padding = [.. Padding.Where(layer => !string.IsNullOrWhiteSpace(layer?.Thickness)).Select(layer => new PaddingInput(Entry.Typed(layer.Thickness), layer.How, Number(layer.Turns)))],
        Count = Number(Count),
        Points = List("points", CoverLists.Points),
        Stations = List("stations", CoverLists.Stations),
        Zones = List("zones", CoverLists.Zones),
        Obstacles = List("obstacles", CoverLists.Obstacles),
        Legs = List("legs", CoverLists.Legs),
        Corrections = List("corrections", CoverLists.Corrections),
    };

    private IReadOnlyList<T> List<T>(string name, Func<JsonElement, IReadOnlyList<T>> read) => Lists.TryGetValue(name, out var list) ? read(list) : [];

    private static Dictionary<string, Entry> Entries(IReadOnlyDictionary<string, string> texts) =>
        texts.Where(text => !string.IsNullOrWhiteSpace(text.Value)).ToDictionary(text => text.Key, text => Entry.Typed(text.Value));

    /// <summary>A whole number as typed; what is none becomes a number that the reader of covers refuses by name.</summary>
    private static decimal Number(string text) =>
        decimal.TryParse(text.Trim(), System.Globalization.NumberStyles.AllowLeadingSign | System.Globalization.NumberStyles.AllowDecimalPoint, System.Globalization.CultureInfo.InvariantCulture, out var number) ? number : -1;
}

/// <summary>A layer of padding, as typed.</summary>
public sealed record PaddingDocument(string Thickness, string How, string Turns = "1");

/// <summary>A whole job in one file: docs/format.md.</summary>
public sealed record JobFile
{
    /// <summary>The format's version: 1.</summary>
    public int Format { get; init; } = 1;

    /// <summary>What the job is called.</summary>
    public string Name { get; init; } = "";

    /// <summary>Who it is for.</summary>
    public string Client { get; init; } = "";

    /// <summary>Where it is.</summary>
    public string Place { get; init; } = "";

    /// <summary><c>in</c>, <c>cm</c> or <c>mm</c>.</summary>
    public string Unit { get; init; } = "in";

    /// <summary>The cloth.</summary>
    public ClothDocument Cloth { get; init; } = new();

    /// <summary>The covers.</summary>
    public List<CoverDocument> Covers { get; init; } = [];

    /// <summary>Reads a job file.</summary>
    /// <exception cref="JsonException">It is no job file of this format.</exception>
    public static JobFile Read(string json) =>
        JsonSerializer.Deserialize<JobFile>(json, OpenFormat.Json) is { Format: 1 } file ? file : throw new JsonException("This is not a Wrapper job file of format 1.");
}
