using Wrapper.Core.Buying;
using Wrapper.Core.Lays;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;

namespace Wrapper.Formats;

/// <summary>A job's cloth, as typed; the first of a job carries the others.</summary>
public sealed record ClothDocument
{
    /// <summary>What covers name it by, unique in the job; empty for the first.</summary>
    public string Key { get; init; } = "";

    /// <summary>What it is called.</summary>
    public string Name { get; init; } = "";

    /// <summary>Selvage to selvage.</summary>
    public string Width { get; init; } = "";

    /// <summary>Each side; empty for the usual.</summary>
    public string Selvage { get; init; } = "";

    /// <summary><c>either</c> or <c>one-way</c>.</summary>
    public string Nap { get; init; } = "either";

    /// <summary>The repeat down the roll; empty for none.</summary>
    public string RepeatLength { get; init; } = "";

    /// <summary>The repeat across; empty where it may be met anywhere across.</summary>
    public string RepeatWidth { get; init; } = "";

    /// <summary><c>straight</c> or <c>half-drop</c>.</summary>
    public string Match { get; init; } = "straight";

    /// <summary>How far from the left edge the middle of a motif stands, to centre plates on one; empty for not.</summary>
    public string Motif { get; init; } = "";

    /// <summary><c>down</c>, or <c>either</c> where pieces may lie turned a quarter.</summary>
    public string Grain { get; init; } = "down";

    /// <summary><c>single</c>, or <c>fold</c>: folded along its middle and cut double.</summary>
    public string Layers { get; init; } = "single";

    /// <summary>What is cut from it: <c>main</c> for the covers' own cloth, <c>lining</c>, <c>padding</c>.</summary>
    public string Role { get; init; } = "main";

    /// <summary>The space between pieces; empty for none.</summary>
    public string Space { get; init; } = "";

    /// <summary>The space at curves; empty for the usual.</summary>
    public string CurveSpace { get; init; } = "";

    /// <summary>What it loses of its length when washed, in percent; empty for none.</summary>
    public string ShrinkageAlong { get; init; } = "";

    /// <summary>What it loses of its width when washed, in percent; empty for none.</summary>
    public string ShrinkageAcross { get; init; } = "";

    /// <summary>What is bought to spare, in percent; empty for none.</summary>
    public string Spare { get; init; } = "";

    /// <summary>Stretches of the roll nothing may lie on.</summary>
    public List<FlawDocument> Flaws { get; init; } = [];

    /// <summary>Pieces of the same cloth on the shelf, tried before the roll.</summary>
    public List<RemnantDocument> Remnants { get; init; } = [];

    /// <summary>Pieces that a person has put down on the roll.</summary>
    public List<PlaceDocument> Pinned { get; init; } = [];

    /// <summary>A lay that was looked for longer and kept: where every piece lies.</summary>
    public List<PlaceDocument> Kept { get; init; } = [];

    /// <summary>The price of a yard or metre; empty for none.</summary>
    public string Price { get; init; } = "";

    /// <summary>The job's other cloths, each a lay of its own; none of them carries more.</summary>
    public List<ClothDocument> Others { get; init; } = [];

    /// <summary>The cloth as the core reads it; what a hostile client leaves out is unsaid.</summary>
    public ClothInput ToInput() => new()
    {
        Width = Typed(Width),
        Selvage = Typed(Selvage),
        Nap = Nap,
        Grain = Grain,
        Layers = Layers,
        Role = Role,
        RepeatLength = Typed(RepeatLength),
        RepeatWidth = Typed(RepeatWidth),
        Match = Match,
        Motif = Typed(Motif),
        Space = Typed(Space),
        CurveSpace = Typed(CurveSpace),
        ShrinkageAlong = ShrinkageAlong,
        ShrinkageAcross = ShrinkageAcross,
        Spare = Spare,
        Flaws = [.. (Flaws ?? []).Select(flaw => new FlawInput(Typed(flaw?.From), Typed(flaw?.To), Typed(flaw?.Left), Typed(flaw?.Right)))],
        Remnants = [.. (Remnants ?? []).Select(remnant => new RemnantInput(remnant?.Name, Typed(remnant?.Width), Typed(remnant?.Length)))],
        Pinned = Places(Pinned),
        Kept = Places(Kept),
        Price = Price,
    };

    /// <summary>In millimetres.</summary>
    private const double FarthestPlace = 1e6;

    private static Entry Typed(string? text) => Entry.Typed(text ?? "");

    /// <summary>Places that can be on a cloth at all; the others are as good as unsaid.</summary>
    private static IReadOnlyList<Placement> Places(List<PlaceDocument>? places) =>
    [
        .. (places ?? []).Where(place => place?.Piece is not null && Math.Abs(place.X) < FarthestPlace && Math.Abs(place.Y) < FarthestPlace)
            .Select(place => new Placement(place.Piece, place.Copy, place.Turn, Length.FromMillimetres(place.X), Length.FromMillimetres(place.Y), place.Remnant)),
    ];
}

/// <summary>A flaw, as typed: where it begins and ends along the roll and, where it does not go right across, from the left edge.</summary>
public sealed record FlawDocument(string From = "", string To = "", string Left = "", string Right = "");

/// <summary>A remnant, as typed: its name, and what can be used of it across and along.</summary>
public sealed record RemnantDocument(string Name = "", string Width = "", string Length = "");

/// <summary>Where a copy of a piece lies, as a lay says it: x across and y along, in millimetres.</summary>
public sealed record PlaceDocument(string Piece, int Copy, int Turn, double X, double Y, string? Remnant = null);
