using Wrapper.Core.Catalogue;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;

namespace Wrapper.Core.Buying.Cloths;

/// <summary>
/// A cloth as a person describes it, in one shape wherever it is written: with a draft, a lay or a yardage, stored, and in job files,
/// where the first of a job carries the others. Texts stay as they were typed; <see cref="ClothReader"/> reads them, and what is null is
/// left out where it is written. See docs/format.md, "Cloths".
/// </summary>
public sealed record ClothDocument
{
    /// <summary>What covers name it by, unique in the job; unsaid for the first.</summary>
    public string? Key { get; init; }

    /// <summary>What it is called.</summary>
    public string? Name { get; init; }

    /// <summary>Selvage to selvage.</summary>
    public Entry? Width { get; init; }

    /// <summary>What pieces can lie on; unsaid where it follows from the width and the selvage.</summary>
    public Entry? UsableWidth { get; init; }

    /// <summary>Each side; unsaid for the usual.</summary>
    public Entry? Selvage { get; init; }

    /// <summary><c>either</c> or <c>one-way</c>.</summary>
    [WordOf<Nap>]
    public string? Nap { get; init; }

    /// <summary><c>down</c>, or <c>either</c> where pieces may lie turned a quarter.</summary>
    [WordOf<Grain>]
    public string? Grain { get; init; }

    /// <summary><c>single</c>, or <c>fold</c>: folded along its middle and cut double.</summary>
    [WordOf<ClothLayers>]
    public string? Layers { get; init; }

    /// <summary>What is cut from it: <c>main</c> for the covers’ own cloth, <c>lining</c>, <c>padding</c>.</summary>
    [WordOf<ClothRole>]
    public string? Role { get; init; }

    /// <summary>
    /// What it is like: <c>stretches</c>, <c>slips</c>, <c>frays</c>, <c>shows-through</c>, <c>bulky</c>, <c>striped</c>.
    /// </summary>
    [WordOf<ClothTrait>]
    public List<string>? Traits { get; init; }

    /// <summary>Its pattern; unsaid for none.</summary>
    public RepeatDocument? Repeat { get; init; }

    /// <summary>What is seen of it; unsaid where nobody has described it.</summary>
    public ClothFaceDocument? Face { get; init; }

    /// <summary>The space between pieces; unsaid for none.</summary>
    public Entry? Space { get; init; }

    /// <summary>The space at curves; unsaid for the usual.</summary>
    public Entry? CurveSpace { get; init; }

    /// <summary>What it loses when washed; unsaid for nothing.</summary>
    public ShrinkageDocument? Shrinkage { get; init; }

    /// <summary>How long it is, where it is ready made: a sheet, a towel; unsaid for a roll.</summary>
    public Entry? Length { get; init; }

    /// <summary>Its edges where it is ready made: <c>left</c>, <c>right</c>, <c>start</c>, <c>end</c>.</summary>
    public Dictionary<string, ClothEdgeDocument>? Edges { get; init; }

    /// <summary>Whether it is washed before it is cut; unsaid where a cover’s rule says it, or else it is.</summary>
    public Entry? Prewash { get; init; }

    /// <summary>What is bought to spare, in percent; unsaid for none.</summary>
    public Entry? Spare { get; init; }

    /// <summary>The widths it is sold in, each with its price; unsaid where nobody has asked.</summary>
    public List<SoldWidthDocument>? SoldIn { get; init; }

    /// <summary>How thick it is.</summary>
    public Entry? Thickness { get; init; }

    /// <summary>Its batch or dye lot: more of it is bought from the same.</summary>
    public string? Batch { get; init; }

    /// <summary>What its label says of fire; it is repeated, never vouched for.</summary>
    public string? Fire { get; init; }

    /// <summary>How it is washed or cleaned.</summary>
    public string? Care { get; init; }

    /// <summary>Stretches of the roll nothing may lie on.</summary>
    public List<FlawDocument>? Flaws { get; init; }

    /// <summary>Pieces of the same cloth on the shelf, tried before the roll.</summary>
    public List<RemnantDocument>? Remnants { get; init; }

    /// <summary>Pieces that a person has put down on the roll.</summary>
    public List<PlaceDocument>? Pinned { get; init; }

    /// <summary>A lay that was looked for longer and kept: where every piece lies.</summary>
    public List<PlaceDocument>? Kept { get; init; }

    /// <summary>The price of a yard or metre; unsaid for none.</summary>
    public Entry? Price { get; init; }

    /// <summary>The job’s other cloths, each a lay of its own; none of them carries more.</summary>
    public List<ClothDocument>? Others { get; init; }

    /// <summary>What stands there besides: names of the first format, which are read for ever, and what a later one adds.</summary>
    public Dictionary<string, object>? Besides { get; init; }
}
