using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Catalogue;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Formats.Rules;

namespace Wrapper.Formats.Validation;

/// <summary>The rules of a <see cref="ClothDocument"/>. See docs/format.md, "Covers and cloths".</summary>
internal static class ClothRules
{
    private static readonly TextRule Text = new(JsonLimits.LongestText);
    private static readonly EntryRule Entry = new();
    private static readonly RangeRule Copy = new(0, 100_000, isWhole: true);
    private static readonly RangeRule Turn = new(-360, 360, isWhole: true);
    private static readonly RangeRule Place = new(-1e6, 1e6);
    private static readonly ObjectRule Edge = new ObjectRule().With("kind", WordRule.Of<ClothEdgeKind>()).With(Entry, "depth", "keep");

    /// <summary>A cloth as it stands inside another document.</summary>
    public static SharedRule Shared { get; } = new("cloth", () => Cloth!);

    /// <summary>A cloth.</summary>
    public static ObjectRule Cloth { get; } =
        new ObjectRule()
            .With(new TextRule(IdRule.Longest), "key")
            .With(Text, "name", "batch", "fire", "care")
            .With(Entry, "width", "usableWidth", "selvage", "space", "curveSpace", "length", "prewash", "spare", "thickness", "price")
            .With("nap", WordRule.Of<Nap>())
            .With("grain", WordRule.Of<Grain>())
            .With("layers", WordRule.Of<ClothLayers>())
            .With("role", WordRule.Of<ClothRole>())
            .With("traits", new ListRule(WordRule.Of<ClothTrait>(), JsonLimits.MostEntries))
            .With(
                "repeat",
                new ObjectRule()
                    .With(Entry, "length", "width", "motif")
                    .With("match", WordRule.Of<RepeatMatch>())
                    .With("over", WordRule.Of<MatchOver>())
            )
            .With(
                "face",
                new ObjectRule().With("kind", WordRule.Of<FaceKind>()).With(Text, "ground", "ink", "picture").With("figure", Entry)
            )
            .With("shrinkage", new ObjectRule().With(Entry, "along", "across"))
            .With("edges", new MapRule(Edge))
            .With("soldIn", new ListRule(new ObjectRule().With(Entry, "width", "price"), JsonLimits.Of("soldIn")))
            .With("flaws", new ListRule(new ObjectRule().With(Entry, "from", "to", "left", "right"), JsonLimits.Of("flaws")))
            .With(
                "remnants",
                new ListRule(new ObjectRule().With(Text, "name", "id").With(Entry, "width", "length"), JsonLimits.Of("remnants"))
            )
            .With(Places(), "pinned", "kept")
            .With("others", new ListRule(Shared, JsonLimits.Of("others")));

    private static ListRule Places() =>
        new(
            new ObjectRule().With(Text, "piece", "remnant").With("copy", Copy).With("turn", Turn).With(Place, "x", "y"),
            JsonLimits.Of("pinned")
        );
}
