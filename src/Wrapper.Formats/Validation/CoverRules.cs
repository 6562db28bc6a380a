using Wrapper.Core.Catalogue;
using Wrapper.Core.Constructions;
using Wrapper.Core.Forms;
using Wrapper.Core.Units;
using Wrapper.Formats.Documents;
using Wrapper.Formats.Rules;

namespace Wrapper.Formats.Validation;

/// <summary>
/// The rules of a <see cref="CoverDocument"/>. What a person typed is kept also where it cannot be read; what could not have
/// been typed is refused. See docs/format.md, "Covers and cloths".
/// </summary>
internal static class CoverRules
{
    private const int LongestList = 20_000;

    private static readonly TextRule Text = new(JsonLimits.LongestText);
    private static readonly EntryRule Entry = new();

    /// <summary>A row of a list: its fields by name, or in order.</summary>
    private static readonly EitherRule Row = new(list: new ListRule(Entry, JsonLimits.MostEntries), composite: new MapRule(Entry));

    /// <summary>Rows, or all of them typed as one text.</summary>
    private static readonly EitherRule Rows = new(Entry, new ListRule(Row, LongestList), Row);

    /// <summary>Entries, or a row each.</summary>
    private static readonly EitherRule Entries = new(
        Entry,
        new ListRule(new EitherRule(Entry, composite: new MapRule(Entry)), LongestList),
        new MapRule(Entry)
    );

    /// <summary>A part of a chair: typed fields, and lists of words for its tucks and piped edges.</summary>
    private static readonly MapRule Zone = new(new EitherRule(Entry, new ListRule(Text, JsonLimits.MostEntries)));

    private static readonly MapRule RuleGroups = new(new EitherRule(Entry, composite: new MapRule(Entry)));

    /// <summary>A cover as it stands inside another document.</summary>
    public static SharedRule Shared { get; } = new("cover", () => Cover!);

    /// <summary>A cover.</summary>
    public static ObjectRule Cover { get; } =
        new ObjectRule()
            .With(Text, "id", "name")
            .With("unit", WordRule.Of<JobUnit>())
            .With("form", new WordRule([.. FormCatalogue.All.Select(form => form.Id)]))
            .With("measures", new MapRule(Entry, named: Measures()))
            .With("measuredFrom", WordRule.Of<MeasuredFrom>())
            .With("secondReadings", new MapRule(Entry))
            .With("readingUse", new MapRule(Text))
            .With("construction", new WordRule([.. ConstructionCatalogue.All.Keys]))
            .With(RuleGroups, "rules", "jobRules", "houseRules")
            .With("options", new MapRule(Entry, named: Options()))
            .With("cloth", new EitherRule(Text, composite: ClothRules.Shared))
            .With("cloths", new MapRule(ClothRules.Shared))
            .With("roles", new MapRule(new EitherRule(Text, new ListRule(Text, JsonLimits.MostEntries))))
            .With("count", Entry)
            .With("matters", new ListRule(Text, JsonLimits.MostEntries))
            .With("schools", new MapRule(Text))
            .With("notes", new MapRule(Text))
            .With("cut", new ListRule(new RangeRule(0, 1_000_000, isWhole: true), JsonLimits.Of("cut")));

    private static Dictionary<string, ValueRule> Measures() =>
        new()
        {
            ["shape"] = Text,
            ["points"] = Rows,
            ["stations"] = Rows,
            ["zones"] = new EitherRule(list: new ListRule(Zone, JsonLimits.MostEntries), composite: Zone),
        };

    private static Dictionary<string, ValueRule> Options() =>
        new()
        {
            ["padding"] = Entries,
            ["obstacles"] = Rows,
            ["legs"] = Entries,
            ["corrections"] = Rows,
            ["trimmed"] = Rows,
            ["joins"] = Rows,
            ["pieced"] = new MapRule(
                new ObjectRule()
                    .With("run", Text)
                    .With(
                        "parts",
                        new ListRule(
                            new EitherRule(Text, composite: new ObjectRule().With("cloth", Text).With("width", Entry)),
                            JsonLimits.MostEntries
                        )
                    )
            ),
        };
}
