using System.Text.Json.Nodes;
using Wrapper.Core.Units;
using Wrapper.Formats.Rules;

namespace Wrapper.Formats.Validation;

/// <summary>
/// The rules of every document that is stored: requests, job files, restored and older stores and, as a JSON Schema, the browser's
/// own storage go by the same ones. See docs/reliability.md, "One gate".
/// </summary>
public static class DocumentRules
{
    private const int LongestField = 2000;

    private static readonly TextRule Name = new(JobLimits.LongestName);
    private static readonly TextRule Text = new(JsonLimits.LongestText);

    /// <summary>A cover.</summary>
    public static ValueRule Cover => CoverRules.Cover;

    /// <summary>A cloth, which may carry the job's other cloths.</summary>
    public static ValueRule Cloth => ClothRules.Cloth;

    /// <summary>An entry of work.</summary>
    public static ValueRule Work => WorkRules.Work;

    /// <summary>The house's settings.</summary>
    public static ValueRule House { get; } =
        new ObjectRule()
            .With(new MapRule(Text), "rules", "schools")
            .With("shelf", new ListRule(new ObjectRule().With(Text, "cloth", "width", "length", "from"), JsonLimits.MostEntries));

    /// <summary>A cover as it is written: with its place in the job.</summary>
    public static ValueRule CoverWrite { get; } =
        new ObjectRule().With("position", new RangeRule(0, 1_000_000, isWhole: true)).Needs("cover", CoverRules.Shared);

    /// <summary>Entries of work as they are told.</summary>
    public static ValueRule WorkTold { get; } =
        new ObjectRule()
            .Needs("entries", new ListRule(WorkRules.Shared, JsonLimits.MostEntries))
            .With("from", new RangeRule(0, 1_000_000, isWhole: true));

    /// <summary>A job's heading as it is written.</summary>
    public static ValueRule Heading { get; } = new ObjectRule().With(Name, "name", "client", "place").With("id", new IdRule());

    /// <summary>What was found to buy for a job.</summary>
    public static ValueRule Figures { get; } =
        new ListRule(
            new ObjectRule().Needs("cloth", Name).Needs("figure", Name).Needs("unit", Name).With("cost", new RangeRule(-1e12, 1e12)),
            JsonLimits.MostEntries
        );

    /// <summary>Fields of a thing as a measuring sheet sends them.</summary>
    public static ValueRule SheetFields { get; } =
        new ListRule(
            new ObjectRule()
                .Needs("measure", Name)
                .Needs("note", new FlagRule())
                .Needs("before", Text)
                .Needs("text", new TextRule(LongestField)),
            JsonLimits.MostEntries
        );

    /// <summary>What a phone could not send, as a file that the bench takes in.</summary>
    public static ValueRule SheetFile { get; } =
        new ObjectRule()
            .Needs("wrapperSheet", new RangeRule(1, 1, isWhole: true))
            .Needs("covers", new ListRule(new ObjectRule().Needs("id", new IdRule()).Needs("entries", SheetFields), JobLimits.MostCovers));

    /// <summary>A photograph in a job file, without its picture: that is limited while the file is looked through.</summary>
    public static ValueRule PhotoWithoutContent { get; } = SaidOfPhoto();

    /// <summary>A job file without its photographs.</summary>
    public static ValueRule JobFile { get; } =
        new ObjectRule { Deepest = JsonLimits.Deepest }
            .With("format", new RangeRule(1, 1_000_000, isWhole: true))
            .With("id", new IdRule())
            .With(Name, "name", "client", "place")
            .With("unit", WordRule.Of<JobUnit>(mayBeEmpty: false))
            .With("cloth", ClothRules.Shared)
            .With("covers", new ListRule(CoverRules.Shared, JobLimits.MostCovers))
            .With("letters", new MapRule(Text, JobLimits.MostCovers))
            .With("work", new ListRule(WorkRules.Shared, JobLimits.MostWork));

    /// <summary>The schema of a job file, for other programs and for the browser.</summary>
    /// <param name="title">What it is the schema of.</param>
    public static JsonObject JobFileSchema(string title)
    {
        var schema = JobFile.Schema();
        schema["properties"]!["photos"] = MayBeNull.Schema(
            new ListRule(SaidOfPhoto().Needs("content", new TextRule(JsonLimits.MostBytesOfPhotograph)), JobLimits.MostPhotos)
        );
        return new([
            KeyValuePair.Create<string, JsonNode?>("$schema", "https://json-schema.org/draft/2020-12/schema"),
            KeyValuePair.Create<string, JsonNode?>("title", title),
            .. schema
                .ToList()
                .Select(member =>
                {
                    schema.Remove(member.Key);
                    return member;
                }),
            KeyValuePair.Create<string, JsonNode?>("$defs", Definitions()),
        ]);
    }

    /// <summary>The rules that stand in several places of a job file.</summary>
    private static JsonObject Definitions()
    {
        var shared = new JsonObject
        {
            ["cover"] = Cover.Schema(),
            ["cloth"] = Cloth.Schema(),
            ["work"] = Work.Schema(),
            ["sheetFile"] = SheetFile.Schema(),
        };
        foreach (var (name, definition) in EntryRule.Definitions)
        {
            shared[name] = definition!.DeepClone();
        }

        return shared;
    }

    private static ObjectRule SaidOfPhoto() =>
        new ObjectRule().Needs("cover", Name).Needs("measure", Name).Needs("name", Text).Needs("type", Name);
}
