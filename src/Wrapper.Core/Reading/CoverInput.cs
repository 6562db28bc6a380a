using Wrapper.Core.Checks;

namespace Wrapper.Core.Reading;

/// <summary>
/// Everything a draft is made from, as it came in and not yet read: this, and nothing else, is stored of a cover.
/// Names are those of the open format (docs/format.md).
/// </summary>
public sealed record CoverInput
{
    /// <summary><c>in</c>, <c>cm</c> or <c>mm</c>; null to take the unit of the first measure that names one, else mm.</summary>
    public string? Unit { get; init; }

    /// <summary>The kind of thing: <c>box-cushion</c>.</summary>
    public string? Form { get; init; }

    /// <summary>Which shape of the form: <c>rectangle</c>, <c>trapezoid</c>; null for the form's first.</summary>
    public string? Shape { get; init; }

    /// <summary>The measures by name.</summary>
    public IReadOnlyDictionary<string, Entry> Measures { get; init; } = Nothing;

    /// <summary>Second readings of measures, by name.</summary>
    public IReadOnlyDictionary<string, Entry> SecondReadings { get; init; } = Nothing;

    /// <summary>Which of two readings holds, by measure: <c>larger</c> (when nothing is said), <c>smaller</c> or <c>mean</c>.</summary>
    public IReadOnlyDictionary<string, string> ReadingUse { get; init; } = new Dictionary<string, string>();

    /// <summary><c>filling</c>, <c>padded-filling</c>, <c>space</c> or <c>old-cover</c>.</summary>
    public string? MeasuredFrom { get; init; }

    /// <summary>How it is made; null for the form's usual construction.</summary>
    public string? Construction { get; init; }

    /// <summary>Rules said for this cover, by name; members of a group as <c>fit.width</c>.</summary>
    public IReadOnlyDictionary<string, Entry> Rules { get; init; } = Nothing;

    /// <summary>The house's own rules: they stand where the cover says nothing.</summary>
    public IReadOnlyDictionary<string, Entry> HouseRules { get; init; } = Nothing;

    /// <summary>The job's own rules: they stand where the cover says nothing, before the house's.</summary>
    public IReadOnlyDictionary<string, Entry> JobRules { get; init; } = Nothing;

    /// <summary>The corners of a free outline.</summary>
    public IReadOnlyList<PointInput> Points { get; init; } = [];

    /// <summary>Widths at stations.</summary>
    public IReadOnlyList<StationInput> Stations { get; init; } = [];

    /// <summary>The zones of a loose cover.</summary>
    public IReadOnlyList<ZoneInput> Zones { get; init; } = [];

    /// <summary>Blocks as they were trimmed on the thing, point by point.</summary>
    public IReadOnlyList<TrimmedInput> Trimmed { get; init; } = [];

    /// <summary>Which edges of blocks are sewn to one another.</summary>
    public IReadOnlyList<BlockSeamInput> BlockSeams { get; init; } = [];

    /// <summary>What stands in the way under the rim.</summary>
    public IReadOnlyList<ObstacleInput> Obstacles { get; init; } = [];

    /// <summary>How much of the base each leg takes.</summary>
    public IReadOnlyList<Entry> Legs { get; init; } = [];

    /// <summary>What trying on taught.</summary>
    public IReadOnlyList<CorrectionInput> Corrections { get; init; } = [];

    /// <summary>Choices by name: <c>piping</c>, <c>slidePocket</c>, <c>strips</c> …</summary>
    public IReadOnlyDictionary<string, string> Options { get; init; } = new Dictionary<string, string>();

    /// <summary>The schools it is sewn by: <c>piping</c>, <c>ring</c>, <c>walls</c>, <c>finish</c>, <c>creep</c>.</summary>
    public IReadOnlyDictionary<string, string> Schools { get; init; } = new Dictionary<string, string>();

    /// <summary>Layers to be put on the filling first.</summary>
    public IReadOnlyList<PaddingInput> Padding { get; init; } = [];

    /// <summary>The usable width of the cloth; null when no cloth is chosen, and then nothing is joined.</summary>
    public Entry? UsableWidth { get; init; }

    /// <summary><c>either</c> or <c>one-way</c>.</summary>
    public string? Nap { get; init; }

    /// <summary>The cloths it may be cut from, by their keys; empty where there is one that has no key.</summary>
    public IReadOnlyDictionary<string, DraftCloth> Cloths { get; init; } = new Dictionary<string, DraftCloth>();

    /// <summary>What the reading of these cloths told; an error of it stands in the way of a draft.</summary>
    public IReadOnlyList<Check> ClothChecks { get; init; } = [];

    /// <summary>The key of the cover's own cloth; null for <c>main</c>, or else the first.</summary>
    public string? OwnCloth { get; init; }

    /// <summary>
    /// The key of the cloth that is the cover's own: as said, else <c>main</c>, else the first; null where none has a key.
    /// </summary>
    public string? OwnKey =>
        OwnCloth is { Length: > 0 } said ? said
        : Cloths.ContainsKey(UsualKey) ? UsualKey
        : Cloths.Keys.FirstOrDefault();

    /// <summary>The cloths given to roles, by the role's word: keys of <see cref="Cloths"/>, several to take turns.</summary>
    public IReadOnlyDictionary<string, IReadOnlyList<string>> Roles { get; init; } = new Dictionary<string, IReadOnlyList<string>>();

    /// <summary>The roles whose pieces are joined from strips before they are used.</summary>
    public IReadOnlyList<PiecedInput> Pieced { get; init; } = [];

    /// <summary>What matters to the maker, by word: <c>washed-often</c>, <c>crisp</c> … It changes advice and no draft.</summary>
    public IReadOnlyList<string> Matters { get; init; } = [];

    /// <summary>How many alike.</summary>
    public decimal Count { get; init; } = 1;

    /// <summary>The key of a cloth that was given none: the only one, a job's first, one that is said with a cover.</summary>
    public const string UsualKey = "main";

    private static readonly Dictionary<string, Entry> Nothing = [];
}

/// <summary>A layer put on the filling before it is covered.</summary>
/// <param name="Thickness">How thick one layer is.</param>
/// <param name="How"><c>top</c>, <c>top-and-bottom</c>, <c>front-wrap</c>, <c>all-over</c>, <c>over-edges</c>, <c>wound-width</c> or
/// <c>wound-depth</c>.</param>
/// <param name="Turns">How many layers lie on each other.</param>
public sealed record PaddingInput(Entry Thickness, string? How, decimal Turns = 1);
