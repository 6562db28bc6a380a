using System.Text.Json;
using System.Text.Json.Serialization;
using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Catalogue;
using Wrapper.Core.Judgement.Advice;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;

namespace Wrapper.Formats.Documents;

/// <summary>
/// A cover in JSON, one shape wherever it stands: sent to be drafted, stored, and kept in job files, with texts exactly as they
/// were typed, also those that could not be read. What it needs beside its draft (a name, notes, what is cut) is stored with
/// it and changes no draft. See docs/format.md, "Covers".
/// </summary>
public record CoverDocument
{
    /// <summary>In a job file: what the cover is known by.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public string? Id { get; init; }

    /// <summary>What the maker calls it: “Saloon settee, port side”.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public string? Name { get; init; }

    /// <summary><c>in</c>, <c>cm</c> or <c>mm</c>; a cover in a job is in the job’s.</summary>
    [WordOf<JobUnit>]
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public string? Unit { get; init; }

    /// <summary>The form’s id.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public string? Form { get; init; }

    /// <summary>Measures by name, and <c>shape</c>; the lists <c>points</c>, <c>stations</c>, <c>zones</c>.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public Dictionary<string, JsonElement>? Measures { get; init; }

    /// <summary><c>filling</c>, <c>padded-filling</c>, <c>space</c> or <c>old-cover</c>.</summary>
    [WordOf<MeasuredFrom>]
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public string? MeasuredFrom { get; init; }

    /// <summary>Second readings of measures, by name.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public Dictionary<string, JsonElement>? SecondReadings { get; init; }

    /// <summary>Which of two readings holds, by measure: <c>larger</c>, <c>smaller</c> or <c>mean</c>.</summary>
    [WordOf<ReadingUse>]
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public Dictionary<string, string>? ReadingUse { get; init; }

    /// <summary>The construction’s id.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public string? Construction { get; init; }

    /// <summary>Rules said for this cover: by flat name, or in the groups <c>fit</c> and <c>shrinkage</c>.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public Dictionary<string, JsonElement>? Rules { get; init; }

    /// <summary>The job’s rules, of the same shape.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public Dictionary<string, JsonElement>? JobRules { get; init; }

    /// <summary>The house’s rules, of the same shape.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public Dictionary<string, JsonElement>? HouseRules { get; init; }

    /// <summary>
    /// Choices by name, the lists <c>padding</c>, <c>obstacles</c>, <c>legs</c>, <c>corrections</c>, and <c>pieced</c>, by role.
    /// </summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public Dictionary<string, JsonElement>? Options { get; init; }

    /// <summary>The cloth it is cut from, or the key of one of the job’s; unsaid for the job’s first.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public ClothChoice? Cloth { get; init; }

    /// <summary>The cloths its pieces may be cut from, by their keys, where it does not stand in a job that has them.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public Dictionary<string, ClothDocument>? Cloths { get; init; }

    /// <summary>
    /// The cloths given to roles: a key, or a list of keys that take turns; a role of which nothing is said takes the cover’s own.
    /// </summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public Dictionary<string, JsonElement>? Roles { get; init; }

    /// <summary>How many alike: a number, or as typed.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public Entry? Count { get; init; }

    /// <summary>What matters to the maker, by word; advice follows it.</summary>
    [WordOf<Matter>]
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public List<string>? Matters { get; init; }

    /// <summary>The schools it is sewn by, by name: <c>piping</c>, <c>ring</c>, <c>walls</c>, <c>finish</c>, <c>creep</c>.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public Dictionary<string, string>? Schools { get; init; }

    /// <summary>Notes by the measure they hang on; the empty name is the thing itself.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public Dictionary<string, string>? Notes { get; init; }

    /// <summary>The covers of the set that are cut, by their number from 1.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public List<int>? Cut { get; init; }

    /// <summary>What stands there besides: names of the first format, which are read for ever, and what a later one adds.</summary>
    [JsonExtensionData]
    public Dictionary<string, JsonElement>? Others { get; init; }

    /// <summary>The same with names of the first format brought to where they stand now.</summary>
    public CoverDocument Migrate()
    {
        if (Others is null || !FirstFormat.IsCover(Others))
        {
            return this;
        }

        var (measures, options, others) = (
            new Dictionary<string, JsonElement>(Measures ?? []),
            new Dictionary<string, JsonElement>(Options ?? []),
            new Dictionary<string, JsonElement>(Others)
        );
        FirstFormat.MigrateCover(measures, options, others);
        return this with { Measures = measures, Options = options, Others = others.Count > 0 ? others : null };
    }

    /// <summary>
    /// The cover as the core reads it, in a job of this unit and a house with these rules, before the job's cloths are put in; one
    /// that names no form is a box cushion.
    /// </summary>
    public CoverInput ToInput(string unit, IReadOnlyDictionary<string, string> houseRules) =>
        (this with { Unit = unit, Form = Form ?? "box-cushion" }).Migrate().Read() with
        {
            HouseRules = houseRules
                .Where(rule => !string.IsNullOrWhiteSpace(rule.Value))
                .ToDictionary(rule => rule.Key, rule => Entry.Typed(rule.Value)),
        };

    /// <summary>The cover as the core reads it.</summary>
    public CoverInput ToInput()
    {
        var cover = Migrate();
        return cover.OnItsCloths(cover.Read());
    }

    /// <summary>With the cloths that are said with it; the one that is said as its own is <c>main</c>.</summary>
    private CoverInput OnItsCloths(CoverInput input)
    {
        var unit = JobUnits.Read(Unit) ?? LengthUnit.Millimetre;
        if (Cloths is { Count: > 0 } several)
        {
            var all = several
                .Where(cloth => cloth.Value is not null)
                .Concat(Cloth?.Cloth is { } own ? [KeyValuePair.Create(CoverInput.UsualKey, own)] : [])
                .DistinctBy(cloth => cloth.Key);
            var cloths = new JobCloths(all, unit);
            return cloths.In(Cloth?.Cloth is null ? this : this with { Cloth = new(CoverInput.UsualKey, null) }, input) with
            {
                ClothChecks = cloths.Checks,
            };
        }

        // One that cannot be read as a cloth is told of by its usable width alone, as it is drafted by.
        input = input with { Roles = JobCloths.RolesOf(this) };
        return Cloth?.Cloth is { } only && new JobCloths([KeyValuePair.Create(CoverInput.UsualKey, only)], unit) is { Checks.Count: 0 } read
            ? read.In(this with { Cloth = null }, input)
            : input;
    }

    private CoverInput Read()
    {
        var measures = new Dictionary<string, JsonElement>(Measures ?? []);
        measures.Remove("shape", out var shape);
        var options = new Dictionary<string, JsonElement>(Options ?? []);
        options.Remove("padding", out var padding);
        var cloth = Cloth?.Cloth;
        var input = new CoverInput
        {
            Unit = string.IsNullOrEmpty(Unit) ? null : Unit,
            Form = Form,
            Shape = JsonWords.Word(shape) is { Length: > 0 } named ? named : null,
            MeasuredFrom = string.IsNullOrEmpty(MeasuredFrom) ? null : MeasuredFrom,
            SecondReadings = (SecondReadings ?? []).ToDictionary(reading => reading.Key, reading => RuleEntries.EntryOf(reading.Value)),
            ReadingUse = ReadingUse ?? [],
            Construction = string.IsNullOrEmpty(Construction) ? null : Construction,
            Matters = [.. (Matters ?? []).Where(word => word is not null)],
            Rules = RuleEntries.Flatten(Rules),
            JobRules = RuleEntries.Flatten(JobRules),
            HouseRules = RuleEntries.Flatten(HouseRules),
            Padding = CoverLists.Padding(padding),
            UsableWidth = cloth is null ? null : ClothReader.Usable(cloth.Migrate(), JobUnits.Read(Unit) ?? LengthUnit.Millimetre),
            Nap = string.IsNullOrEmpty(cloth?.Nap) ? null : cloth.Nap,
            Count = Count is { } count ? JsonWords.Number(count) : 1,
        };
        input = input with
        {
            Points = Take(measures, "points", CoverLists.Points),
            Stations = Take(measures, "stations", CoverLists.Stations),
            Zones = Take(measures, "zones", CoverLists.Zones),
            Obstacles = Take(options, "obstacles", CoverLists.Obstacles),
            Legs = Take(options, "legs", CoverLists.Legs),
            Trimmed = Take(options, "trimmed", CoverLists.Trimmed),
            BlockSeams = Take(options, "joins", CoverLists.BlockSeams),
            Corrections = Take(options, "corrections", CoverLists.Corrections),
            Pieced = Take(options, "pieced", CoverLists.Pieced),
        };
        return input with
        {
            Measures = measures
                .Where(measure => measure.Value.ValueKind is not (JsonValueKind.Null or JsonValueKind.Undefined))
                .ToDictionary(measure => measure.Key, measure => RuleEntries.EntryOf(measure.Value)),
            Options = options.ToDictionary(option => option.Key, option => JsonWords.Word(option.Value)),
            Schools = Schools ?? [],
        };
    }

    /// <summary>The same cover with other corrections.</summary>
    public CoverDocument WithCorrections(IReadOnlyList<CorrectionTold> corrections) =>
        this with
        {
            Options = new(Options ?? []) { ["corrections"] = JsonSerializer.SerializeToElement(corrections, OpenFormat.Json) },
        };

    private static IReadOnlyList<T> Take<T>(Dictionary<string, JsonElement> from, string name, Func<JsonElement, IReadOnlyList<T>> read) =>
        from.Remove(name, out var list) ? read(list) : [];
}
