using Wrapper.Core.Units;
using Wrapper.Formats.Documents;
using Wrapper.Formats.Rules;

namespace Wrapper.Formats.Validation;

/// <summary>
/// The rules of a <see cref="WorkEntry"/>: what its fields are; <see cref="EntryRules"/> says what belongs together. See docs/format.md,
/// "The work".
/// </summary>
internal static class WorkRules
{
    private const int LongestText = 300;
    private const int LongestFinding = 2000;
    private const int MostSchools = 20;

    private static readonly TextRule Id = new(IdRule.Longest);
    private static readonly TextRule Text = new(LongestText);
    private static readonly TextRule Told = new(LongestFinding);
    private static readonly RangeRule Number = new(0, 100_000, isWhole: true);
    private static readonly RangeRule Length = new(-1_000_000, 1_000_000);

    /// <summary>An entry as it stands inside another document.</summary>
    public static SharedRule Shared { get; } = new("work", () => Work!);

    /// <summary>An entry.</summary>
    public static ValueRule Work { get; } =
        new KindRule("kind", WorkKinds.Told.ToDictionary(word => word, word => OfKind(Words.Read<WorkKind>(word)!.Value)));

    /// <summary>What every entry has, and what its kind needs besides.</summary>
    private static ObjectRule OfKind(WorkKind kind)
    {
        var every = new ObjectRule()
            .Needs("id", new TextRule(IdRule.Longest, shortest: 1))
            .Needs("kind", new TextRule(LongestText))
            .With("cover", Id)
            .With("number", Number)
            .Needs("subject", new TextRule(LongestText, shortest: 1))
            .With(Text, "at", "by", "note");
        return kind switch
        {
            WorkKind.Lay => every.Needs("lay", new ListRule(Copy(), JsonLimits.Of("lay"))),
            WorkKind.Cut => Timed(every).Needs("cut", Cut()),
            WorkKind.Sewn => Timed(every).With("schools", new MapRule(Id, MostSchools)),
            WorkKind.Flaw => every.Needs("stretch", new ListRule(Length, most: 4, fewest: 4)),
            WorkKind.Shorter => every.Needs("length", Length),
            WorkKind.Finding => every.Needs("finding", Finding()),
            WorkKind.Closed => every.With("handOver", HandOver()),
            _ => every,
        };
    }

    private static ObjectRule Timed(ObjectRule entry) => entry.With("minutes", new RangeRule(0, 100_000)).With("pace", Pace());

    private static ObjectRule Pace() =>
        new ObjectRule()
            .Needs("kind", Id)
            .Needs("metres", new RangeRule(0, 1_000_000))
            .Needs("items", Number)
            .With("share", new RangeRule(0, 1));

    private static ObjectRule Cut() =>
        new ObjectRule()
            .Needs("cloth", Text)
            .Needs("outline", new ListRule(new ListRule(Length, most: 2, fewest: 2), JsonLimits.Of("outline"), fewest: 3))
            .Needs("width", Length)
            .Needs("length", Length)
            .Needs("edges", new ListRule(new ObjectRule().Needs("name", Text).With(Length, "length", "allowance"), JsonLimits.MostEntries))
            .With("remnant", Text);

    private static ObjectRule Copy() =>
        new ObjectRule()
            .Needs("cover", Id)
            .Needs("piece", Text)
            .Needs("copy", Number)
            .With("turn", new RangeRule(-360, 360, isWhole: true))
            .Needs("x", Length)
            .Needs("y", Length)
            .With("remnant", Text);

    private static ObjectRule HandOver() =>
        new ObjectRule()
            .Needs("unpick", Text)
            .Needs("thread", Text)
            .Needs("treatment", Text)
            .Needs("leftOver", Text)
            .Needs("filling", WordRule.Of<Stuffing>(mayBeEmpty: false))
            .Needs("interliner", WordRule.Of<Stuffing>(mayBeEmpty: false));

    private static ObjectRule Finding()
    {
        var corrections = new ListRule(new ObjectRule().Needs("side", Told).Needs("by", Told), JsonLimits.MostEntries);
        return new ObjectRule()
            .With(corrections, "found", "cut", "next", "sewn")
            .With(
                "lies",
                new ListRule(
                    new ObjectRule().Needs("piece", Told).Needs("copy", Number).Needs("x", Length).Needs("y", Length),
                    JsonLimits.MostEntries
                )
            )
            .With(
                "reopened",
                new ListRule(
                    new ObjectRule().Needs("card", Told).Needs("texts", new ListRule(Told, JsonLimits.MostEntries)),
                    JsonLimits.MostEntries
                )
            )
            .With("trimmed", new ListRule(Told, JsonLimits.MostEntries));
    }
}
