using System.Text.Json.Serialization;
using Wrapper.Core.Units;

namespace Wrapper.Formats.Documents;

/// <summary>What can be told of the work on a job. See docs/format.md, "The work".</summary>
public enum WorkKind
{
    /// <summary>How the pieces lie on a cloth from now on.</summary>
    Lay,

    /// <summary>A copy of a piece was cut.</summary>
    Cut,

    /// <summary>A copy that was cut is good for nothing and has to be cut again.</summary>
    Spoiled,

    /// <summary>A stretch of cloth was found bad.</summary>
    Flaw,

    /// <summary>A cloth turned out shorter.</summary>
    Shorter,

    /// <summary>What a sewing card says was done.</summary>
    Sewn,

    /// <summary>Somebody took a cover in hand.</summary>
    Holds,

    /// <summary>A cover was tried on and does not sit everywhere: what was found and decided.</summary>
    Finding,

    /// <summary>A cover was handed over.</summary>
    Closed,

    /// <summary>Another entry was a mistake and does not count.</summary>
    Undone,

    /// <summary>A stored entry breaks a rule and cannot be read. It is shown in its place and never sent to the store.</summary>
    Unreadable,
}

/// <summary>
/// One thing that was done, as it was told at the table or the machine. Entries are only added: two who tell the same are both
/// kept, and what was a mistake is told as one.
/// </summary>
public sealed record WorkEntry
{
    /// <summary>Made by whoever tells it, so that it may be sent again.</summary>
    public string Id { get; init; } = "";

    /// <summary>What was done: <c>cut</c>, <c>sewn</c> …</summary>
    public string Kind { get; init; } = "";

    /// <summary>The cover it was done on; empty for what is of a cloth.</summary>
    public string Cover { get; init; } = "";

    /// <summary>Which of the covers alike, or which copy of a piece over all of them, from 1.</summary>
    public int Number { get; init; }

    /// <summary>
    /// What it was done with: the id of a sewing card, the key of a piece, the key of a cloth; of what is undone the entry’s id.
    /// </summary>
    public string Subject { get; init; } = "";

    /// <summary>When, by the clock of the device it was told on: ISO 8601.</summary>
    public string At { get; init; } = "";

    /// <summary>Who told it, or on which device.</summary>
    public string By { get; init; } = "";

    /// <summary>How long it took, without pauses.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public double? Minutes { get; init; }

    /// <summary>Of what was sewn: what the house’s own pace is told by.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public WorkPace? Pace { get; init; }

    /// <summary>Of a piece that was cut: as it was cut and where it lay.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public CutAs? Cut { get; init; }

    /// <summary>Of a flaw: left, right, from and to, in millimetres on the usable width.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public double[]? Stretch { get; init; }

    /// <summary>Of a cloth that is shorter: how much of it there is from the cut end on, in millimetres.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public double? Length { get; init; }

    /// <summary>Of a lay: where all that is still to be cut lies.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public IReadOnlyList<LaidCopy>? Lay { get; init; }

    /// <summary>Of what was sewn: the schools the cover is sewn by, which stay when the house takes to others.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public Dictionary<string, string>? Schools { get; init; }

    /// <summary>Of a finding: what was found and decided.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public FindingTold? Finding { get; init; }

    /// <summary>Of a cover that was handed over: what its record says.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public HandOver? HandOver { get; init; }

    /// <summary>What was written with it.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public string? Note { get; init; }

    /// <summary>What it is; null for what nobody knows.</summary>
    [JsonIgnore]
    public WorkKind? What => Words.Read<WorkKind>(Kind);

    /// <summary>The words of the kinds that can be told.</summary>
    public static IEnumerable<string> Kinds { get; } = [.. Words.All<WorkKind>().Where(word => word != WorkKind.Unreadable.Word())];

    /// <summary>A stored entry that cannot be read, as it is shown in its place.</summary>
    /// <param name="id">Its id.</param>
    /// <param name="cover">The cover it was told of.</param>
    /// <param name="problem">The rule it breaks.</param>
    public static WorkEntry CannotBeRead(string id, string cover, string problem) =>
        new()
        {
            Id = id,
            Kind = WorkKind.Unreadable.Word(),
            Cover = cover,
            Note = problem,
        };
}

/// <summary>How much was sewn: what minutes are divided by.</summary>
/// <param name="Kind">The operation’s kind.</param>
/// <param name="Metres">How long it was; 0 for what is counted.</param>
/// <param name="Items">How many, where it is counted.</param>
/// <param name="Share">The part of the card’s minutes that is its own, where a seam is finished on the same card.</param>
public sealed record WorkPace(string Kind, double Metres, int Items, double Share = 1);

/// <summary>A piece as it was cut: its size is kept, whatever is measured later.</summary>
/// <param name="Cloth">The cloth’s key.</param>
/// <param name="Outline">Its cut line where it lay on the cloth, in millimetres.</param>
/// <param name="Width">Its cut width.</param>
/// <param name="Length">Its cut length.</param>
/// <param name="Edges">Its edges, with what they were cut larger by.</param>
/// <param name="Remnant">The piece of cloth from the shelf it was cut from; null for the roll.</param>
public sealed record CutAs(
    string Cloth,
    IReadOnlyList<double[]> Outline,
    double Width,
    double Length,
    IReadOnlyList<EdgeJson> Edges,
    string? Remnant = null
);

/// <summary>A copy of a piece where it is to be cut.</summary>
/// <param name="Cover">Its cover’s id.</param>
/// <param name="Piece">Its key.</param>
/// <param name="Copy">Which copy over all covers alike, from 1.</param>
/// <param name="Turn">How it is turned, in degrees counter-clockwise.</param>
/// <param name="X">The left of its box, in millimetres.</param>
/// <param name="Y">Where its box begins along the roll.</param>
/// <param name="Remnant">The piece of cloth from the shelf it lies on; null for the roll.</param>
public sealed record LaidCopy(string Cover, string Piece, int Copy, int Turn, double X, double Y, string? Remnant = null);

/// <summary>What became of a filling or an interliner.</summary>
public enum Stuffing
{
    /// <summary>There is none.</summary>
    None,

    /// <summary>It is the one that was there.</summary>
    Original,

    /// <summary>It was replaced.</summary>
    Replaced,
}

/// <summary>What the record of a cover says when it is handed over. It never claims that a rule is kept.</summary>
/// <param name="Unpick">The seam to unpick when the cover has to come off later; empty where it opens.</param>
/// <param name="Thread">The colour of the thread.</param>
/// <param name="Filling"><c>none</c>, <c>original</c>, <c>replaced</c>.</param>
/// <param name="Interliner">The same of the interliner.</param>
/// <param name="Treatment">What treatment was recorded; empty for not known.</param>
/// <param name="LeftOver">What was left over and where it is kept.</param>
public sealed record HandOver(string Unpick, string Thread, string Filling, string Interliner, string Treatment, string LeftOver);
