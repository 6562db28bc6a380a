using Wrapper.Core.Checks;
using Wrapper.Core.Lays;
using Wrapper.Core.Reading;

namespace Wrapper.Core.Buying.Cloths;

/// <summary>A cloth as a person describes it.</summary>
public sealed record ClothInput
{
    /// <summary>What covers name it by; none where it is the only one.</summary>
    public string? Key { get; init; }

    /// <summary>What it is called.</summary>
    public string? Name { get; init; }

    /// <summary>Selvage to selvage.</summary>
    public Entry? Width { get; init; }

    /// <summary>What is cut off at each side; the usual 1/2 in or 12 mm when unsaid.</summary>
    public Entry? Selvage { get; init; }

    /// <summary><c>either</c> or <c>one-way</c>.</summary>
    public string? Nap { get; init; }

    /// <summary><c>down</c>, or <c>either</c> where pieces may lie turned a quarter.</summary>
    public string? Grain { get; init; }

    /// <summary><c>single</c>, or <c>fold</c> where it is folded along its middle and cut double.</summary>
    public string? Layers { get; init; }

    /// <summary><c>main</c>, <c>lining</c> or <c>padding</c>: which pieces are cut from it.</summary>
    public string? Role { get; init; }

    /// <summary>What it is like, by word: <c>frays</c>, <c>bulky</c> …</summary>
    public IReadOnlyList<string> Traits { get; init; } = [];

    /// <summary>The repeat down the roll; none when unsaid.</summary>
    public Entry? RepeatLength { get; init; }

    /// <summary>The repeat across; met anywhere across when unsaid.</summary>
    public Entry? RepeatWidth { get; init; }

    /// <summary><c>straight</c> or <c>half-drop</c>.</summary>
    public string? Match { get; init; }

    /// <summary>How far from the left edge the middle of a motif stands; plates are not centred when unsaid.</summary>
    public Entry? Motif { get; init; }

    /// <summary><c>set</c>, <c>cover</c> or <c>none</c>: over what the pattern is matched.</summary>
    public string? MatchOver { get; init; }

    /// <summary>What is seen of it; unsaid where nobody has described it.</summary>
    public ClothFaceInput? Face { get; init; }

    /// <summary>Kept between straight edges; none when unsaid.</summary>
    public Entry? Space { get; init; }

    /// <summary>Kept at curves; 1/8 in or 3 mm when unsaid.</summary>
    public Entry? CurveSpace { get; init; }

    /// <summary>What it loses of its length when washed, in percent.</summary>
    public string? ShrinkageAlong { get; init; }

    /// <summary>What it loses of its width when washed, in percent.</summary>
    public string? ShrinkageAcross { get; init; }

    /// <summary>How long it is, where it is ready made; unsaid for a roll.</summary>
    public Entry? Length { get; init; }

    /// <summary>Its edges by <c>left</c>, <c>right</c>, <c>start</c> and <c>end</c>, where it is ready made.</summary>
    public IReadOnlyDictionary<string, ClothEdgeInput> Edges { get; init; } = new Dictionary<string, ClothEdgeInput>();

    /// <summary><c>true</c> or <c>false</c>: whether it is washed before it is cut.</summary>
    public string? Prewash { get; init; }

    /// <summary>What is bought to spare, in percent of the need.</summary>
    public string? Spare { get; init; }

    /// <summary>The widths it is sold in, each with what a yard or metre of it costs; one of which nothing is said is none.</summary>
    public IReadOnlyList<SoldWidthInput> SoldIn { get; init; } = [];

    /// <summary>How thick it is; unsaid where nobody knows.</summary>
    public Entry? Thickness { get; init; }

    /// <summary>Flaws; one of which nothing is said is no flaw.</summary>
    public IReadOnlyList<FlawInput> Flaws { get; init; } = [];

    /// <summary>Remnants on the shelf; one of which nothing is said is none.</summary>
    public IReadOnlyList<RemnantInput> Remnants { get; init; } = [];

    /// <summary>Copies that a person has put down.</summary>
    public IReadOnlyList<Placement> Pinned { get; init; } = [];

    /// <summary>A lay that was kept.</summary>
    public IReadOnlyList<Placement> Kept { get; init; } = [];

    /// <summary>The price of a yard or metre, as written; none when unsaid.</summary>
    public string? Price { get; init; }
}

/// <summary>A width as a person describes it: how wide, and the price of a yard or metre, as written.</summary>
public sealed record SoldWidthInput(Entry? Width, string? Price);

/// <summary>An edge as a person describes it: <c>hem</c>, <c>selvage</c> or <c>raw</c>, how deep, and whether it is kept.</summary>
public sealed record ClothEdgeInput(string? Kind, Entry? Depth, string? Keep);

/// <summary>
/// A flaw as a person describes it: where it begins and ends along the roll and, where it does not go right across, from the left edge of
/// the cloth.
/// </summary>
public sealed record FlawInput(Entry? From, Entry? To, Entry? Left, Entry? Right);

/// <summary>A remnant as a person describes it: its name, and what can be used of it across and along.</summary>
public sealed record RemnantInput(string? Name, Entry? Width, Entry? Length);

/// <summary>What came of reading a cloth.</summary>
/// <param name="Cloth">Null when an error stands in the way.</param>
/// <param name="Price">The price of a yard (inch job) or metre; null for none.</param>
/// <param name="Checks">Errors and what waits to be finished, each naming its field as <c>cloth.width</c>.</param>
public sealed record ClothReading(ClothSpecification? Cloth, decimal? Price, IReadOnlyList<Check> Checks);
