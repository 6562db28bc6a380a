using System.Text.Json;
using System.Text.Json.Serialization;
using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Catalogue;
using Wrapper.Core.Lays;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;

namespace Wrapper.Formats.Documents;

/// <summary>
/// A cloth in JSON, one shape wherever it stands: with a draft, a lay or a yardage, stored, and in job files; the first of a job
/// carries the others. See docs/format.md, "Cloths".
/// </summary>
public sealed record ClothDocument
{
    /// <summary>In millimetres.</summary>
    private const double FarthestPlace = 1e6;

    /// <summary>What covers name it by, unique in the job; unsaid for the first.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public string? Key { get; init; }

    /// <summary>What it is called.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public string? Name { get; init; }

    /// <summary>Selvage to selvage.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public Entry? Width { get; init; }

    /// <summary>What pieces can lie on; unsaid where it follows from the width and the selvage.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public Entry? UsableWidth { get; init; }

    /// <summary>Each side; unsaid for the usual.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public Entry? Selvage { get; init; }

    /// <summary><c>either</c> or <c>one-way</c>.</summary>
    [WordOf<Nap>]
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public string? Nap { get; init; }

    /// <summary><c>down</c>, or <c>either</c> where pieces may lie turned a quarter.</summary>
    [WordOf<Grain>]
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public string? Grain { get; init; }

    /// <summary><c>single</c>, or <c>fold</c>: folded along its middle and cut double.</summary>
    [WordOf<ClothLayers>]
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public string? Layers { get; init; }

    /// <summary>What is cut from it: <c>main</c> for the covers’ own cloth, <c>lining</c>, <c>padding</c>.</summary>
    [WordOf<ClothRole>]
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public string? Role { get; init; }

    /// <summary>
    /// What it is like: <c>stretches</c>, <c>slips</c>, <c>frays</c>, <c>shows-through</c>, <c>bulky</c>, <c>striped</c>.
    /// </summary>
    [WordOf<ClothTrait>]
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public List<string>? Traits { get; init; }

    /// <summary>Its pattern; unsaid for none.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public RepeatDocument? Repeat { get; init; }

    /// <summary>What is seen of it; unsaid where nobody has described it.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public ClothFaceDocument? Face { get; init; }

    /// <summary>The space between pieces; unsaid for none.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public Entry? Space { get; init; }

    /// <summary>The space at curves; unsaid for the usual.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public Entry? CurveSpace { get; init; }

    /// <summary>What it loses when washed; unsaid for nothing.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public ShrinkageDocument? Shrinkage { get; init; }

    /// <summary>How long it is, where it is ready made: a sheet, a towel; unsaid for a roll.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public Entry? Length { get; init; }

    /// <summary>Its edges where it is ready made: <c>left</c>, <c>right</c>, <c>start</c>, <c>end</c>.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public Dictionary<string, ClothEdgeDocument>? Edges { get; init; }

    /// <summary>Whether it is washed before it is cut; unsaid where a cover’s rule says it, or else it is.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public Entry? Prewash { get; init; }

    /// <summary>What is bought to spare, in percent; unsaid for none.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public Entry? Spare { get; init; }

    /// <summary>The widths it is sold in, each with its price; unsaid where nobody has asked.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public List<SoldWidthDocument>? SoldIn { get; init; }

    /// <summary>How thick it is.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public Entry? Thickness { get; init; }

    /// <summary>Its batch or dye lot: more of it is bought from the same.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public string? Batch { get; init; }

    /// <summary>What its label says of fire; it is repeated, never vouched for.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public string? Fire { get; init; }

    /// <summary>How it is washed or cleaned.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public string? Care { get; init; }

    /// <summary>Stretches of the roll nothing may lie on.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public List<FlawDocument>? Flaws { get; init; }

    /// <summary>Pieces of the same cloth on the shelf, tried before the roll.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public List<RemnantDocument>? Remnants { get; init; }

    /// <summary>Pieces that a person has put down on the roll.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public List<PlaceDocument>? Pinned { get; init; }

    /// <summary>A lay that was looked for longer and kept: where every piece lies.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public List<PlaceDocument>? Kept { get; init; }

    /// <summary>The price of a yard or metre; unsaid for none.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public Entry? Price { get; init; }

    /// <summary>The job’s other cloths, each a lay of its own; none of them carries more.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public List<ClothDocument>? Others { get; init; }

    /// <summary>What stands there besides: names of the first format, which are read for ever, and what a later one adds.</summary>
    [JsonExtensionData]
    public Dictionary<string, JsonElement>? Besides { get; init; }

    /// <summary>The same with names of the first format brought to where they stand now.</summary>
    public ClothDocument Migrate()
    {
        var others = Others is { Count: > 0 } ? [.. Others.Where(other => other is not null).Select(other => other.Migrate())] : Others;
        if (Besides is null)
        {
            return ReferenceEquals(others, Others) ? this : this with { Others = others };
        }

        var besides = new Dictionary<string, JsonElement>(Besides);
        Entry? Earlier(string name) =>
            besides.Remove(name, out var value) && JsonWords.Word(value).Length > 0 ? RuleEntries.EntryOf(value) : null;
        var (length, width, match, motif) = (Earlier("repeatLength"), Earlier("repeatWidth"), Earlier("match"), Earlier("motif"));
        var (along, across) = (Earlier("shrinkageAlong"), Earlier("shrinkageAcross"));
        return this with
        {
            Repeat = Repeat ?? ((length ?? width ?? motif ?? match) is null ? null : new(length, width, match?.ToString(), motif)),
            Shrinkage = Shrinkage ?? ((along ?? across) is null ? null : new(along, across)),
            Others = others,
            Besides = besides.Count > 0 ? besides : null,
        };
    }

    /// <summary>What pieces can lie on, said or reckoned from its width; null where neither can be.</summary>
    /// <param name="unit">The unit of a bare number.</param>
    public Entry? Usable(LengthUnit unit) =>
        UsableWidth
        ?? (
            Width is null ? null
            : ClothReader.Read(ToInput(), unit).Cloth is { } cloth
                ? Entry.Number((decimal)cloth.UsableWidth.Nanometres / Core.Units.Length.NanometresPerMillimetre)
            : null
        );

    /// <summary>The cloth as the core reads it; what a hostile client leaves out is unsaid.</summary>
    public ClothInput ToInput() => Migrate().Read();

    private ClothInput Read() =>
        new()
        {
            Key = Key,
            Name = Name,
            Prewash = Prewash?.ToString(),
            Length = Length ?? Unsaid,
            Edges = (Edges ?? [])
                .Where(edge => edge.Value is not null)
                .ToDictionary(
                    edge => edge.Key,
                    edge => new ClothEdgeInput(edge.Value.Kind, edge.Value.Depth ?? Unsaid, edge.Value.Keep?.ToString())
                ),
            Width = Width ?? UsableWidth ?? Unsaid,
            Selvage = Selvage ?? (Width is null && UsableWidth is not null ? Entry.Typed("0") : Unsaid),
            Nap = Nap,
            Grain = Grain,
            Layers = Layers,
            Role = Role,
            Traits = [.. (Traits ?? []).Where(word => word is not null)],
            RepeatLength = Repeat?.Length ?? Unsaid,
            RepeatWidth = Repeat?.Width ?? Unsaid,
            Match = Repeat?.Match,
            Motif = Repeat?.Motif ?? Unsaid,
            MatchOver = Repeat?.Over,
            Face = Face is null ? null : new(Face.Kind, Face.Ground, Face.Ink, Face.Figure ?? Unsaid, Face.Picture),
            Space = Space ?? Unsaid,
            CurveSpace = CurveSpace ?? Unsaid,
            ShrinkageAlong = Shrinkage?.Along?.ToString(),
            ShrinkageAcross = Shrinkage?.Across?.ToString(),
            Spare = Spare?.ToString(),
            SoldIn = [.. (SoldIn ?? []).Select(sold => new SoldWidthInput(sold?.Width ?? Unsaid, sold?.Price?.ToString()))],
            Thickness = Thickness ?? Unsaid,
            Flaws =
            [
                .. (Flaws ?? []).Select(flaw => new FlawInput(
                    flaw?.From ?? Unsaid,
                    flaw?.To ?? Unsaid,
                    flaw?.Left ?? Unsaid,
                    flaw?.Right ?? Unsaid
                )),
            ],
            Remnants =
            [
                .. (Remnants ?? []).Select(remnant => new RemnantInput(
                    remnant?.Name ?? remnant?.Id,
                    remnant?.Width ?? Unsaid,
                    remnant?.Length ?? Unsaid
                )),
            ],
            Pinned = Places(Pinned),
            Kept = Places(Kept),
            Price = Price?.ToString(),
        };

    private static Entry Unsaid => Entry.Typed("");

    /// <summary>Places that can be on a cloth at all; the others are as good as unsaid.</summary>
    private static IReadOnlyList<Placement> Places(List<PlaceDocument>? places) =>
        [
            .. (places ?? [])
                .Where(place => place?.Piece is { Length: > 0 } && Math.Abs(place.X) < FarthestPlace && Math.Abs(place.Y) < FarthestPlace)
                .Select(place => new Placement(
                    place.Piece,
                    place.Copy,
                    place.Turn,
                    Core.Units.Length.FromMillimetres(place.X),
                    Core.Units.Length.FromMillimetres(place.Y),
                    place.Remnant
                )),
        ];
}

/// <summary>The repeat of a pattern.</summary>
/// <param name="Length">Down the roll.</param>
/// <param name="Width">Across; unsaid where it may be met anywhere across.</param>
/// <param name="Match"><c>straight</c>, or <c>half-drop</c>: from one repeat across to the next it drops by half a repeat.</param>
/// <param name="Motif">How far from the left edge the middle of a motif stands, to centre plates on one.</param>
/// <param name="Over"><c>set</c>, <c>cover</c> or <c>none</c>: over what it is matched; unsaid for the whole set.</param>
public sealed record RepeatDocument(
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] Entry? Length = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] Entry? Width = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] [property: WordOf<RepeatMatch>] string? Match = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] Entry? Motif = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] [property: WordOf<MatchOver>] string? Over = null
);

/// <summary>The face of a cloth.</summary>
/// <param name="Kind"><c>plain</c>, <c>stripe</c>, <c>check</c>, <c>motif</c> or <c>picture</c>; it comes again with the repeat.</param>
/// <param name="Ground">The colour of the ground, <c>#</c> and six digits.</param>
/// <param name="Ink">The colour of the figure.</param>
/// <param name="Figure">How wide the stripe is, or the motif across; unsaid for a usual share of the repeat.</param>
/// <param name="Picture">A picture of one repeat as a <c>data:</c> address, as <c>POST /api/faces</c> gives it; where a cloth is only asked
/// about, a short name will do.</param>
public sealed record ClothFaceDocument(
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] [property: WordOf<FaceKind>] string? Kind = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] string? Ground = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] string? Ink = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] Entry? Figure = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] string? Picture = null
);

/// <summary>An edge of a ready-made cloth.</summary>
/// <param name="Kind"><c>hem</c>, <c>selvage</c> or <c>raw</c>.</param>
/// <param name="Depth">How deep it is.</param>
/// <param name="Keep">It stays as a finished edge, as a hem does where nothing is said; else it is cut off first.</param>
public sealed record ClothEdgeDocument(
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] [property: WordOf<ClothEdgeKind>] string? Kind = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] Entry? Depth = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] Entry? Keep = null
);

/// <summary>What a cloth loses when it is washed, in percent.</summary>
public sealed record ShrinkageDocument(
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] Entry? Along = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] Entry? Across = null
);

/// <summary>A width a cloth is sold in, and what a yard (inch job) or metre of it costs.</summary>
public sealed record SoldWidthDocument(
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] Entry? Width = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] Entry? Price = null
);

/// <summary>A flaw: where it begins and ends along the roll and, where it does not go right across, from the left edge.</summary>
public sealed record FlawDocument(
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] Entry? From = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] Entry? To = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] Entry? Left = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] Entry? Right = null
);

/// <summary>A remnant: its name (or id), and what can be used of it across and along.</summary>
public sealed record RemnantDocument(
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] string? Name = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] string? Id = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] Entry? Width = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] Entry? Length = null
);

/// <summary>
/// Where a copy of a piece lies, as a lay says it: x across and y along, in millimetres; one that names no piece lies nowhere.
/// </summary>
public sealed record PlaceDocument(
    string Piece = "",
    int Copy = 1,
    int Turn = 0,
    double X = 0,
    double Y = 0,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] string? Remnant = null
);
