using System.Globalization;
using System.Text.Json.Serialization;
using Wrapper.Core.Units;

namespace Wrapper.Formats;

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
}

/// <summary>
/// One thing that was done, as it was told at the table or the machine. Entries are only added: two who tell the same are both
/// kept, and what was a mistake is told as one.
/// </summary>
public sealed record WorkEntry
{
    private const int LongestId = 64;
    private const int LongestText = 300;
    private const int MostSchools = 20;
    private const int LongestOfFinding = 2000;
    private const double Furthest = 1_000_000;

    /// <summary>Made by whoever tells it, so that it may be sent again.</summary>
    public string Id { get; init; } = "";

    /// <summary>What was done: <c>cut</c>, <c>sewn</c> …</summary>
    public string Kind { get; init; } = "";

    /// <summary>The cover it was done on; empty for what is of a cloth.</summary>
    public string Cover { get; init; } = "";

    /// <summary>Which of the covers alike, or which copy of a piece over all of them, from 1.</summary>
    public int Number { get; init; }

    /// <summary>What it was done with: the id of a sewing card, the key of a piece, the key of a cloth; of what is undone the entry’s id.</summary>
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

    /// <summary>Why it cannot be kept, in words that name the field; null where it can.</summary>
    public string? Problem() => this switch
    {
        { Id.Length: 0 or > LongestId } => $"“id”: an entry has an id of 1 to {LongestId} characters.",
        { What: null } => $"“kind”: nothing is known of “{Kind}”; there are {string.Join(", ", Words.All<WorkKind>())}.",
        { Cover.Length: > LongestId } => $"“cover”: an id has at most {LongestId} characters.",
        { Subject.Length: 0 or > LongestText } => $"“subject”: say what it was done with, in at most {LongestText} characters.",
        { By.Length: > LongestText } or { Note.Length: > LongestText } => $"“by” and “note” have at most {LongestText} characters.",
        { HandOver: { } over } when over.Texts.Any(text => text.Length > LongestText) => $"“handOver”: each of its texts has at most {LongestText} characters.",
        { HandOver: { } over } when Words.Read<Stuffing>(over.Filling) is null || Words.Read<Stuffing>(over.Interliner) is null => $"“handOver”: filling and interliner are {string.Join(", ", Words.All<Stuffing>())}.",
        { Schools: { } schools } when schools.Count > MostSchools || schools.Any(school => school.Key.Length > LongestId || school.Value is null or { Length: > LongestId }) => "“schools”: the schools it is sewn by, each a word.",
        { Number: < 0 or > 100_000 } => "“number”: covers and copies are counted from 1.",
        _ when !DateTimeOffset.TryParse(At, CultureInfo.InvariantCulture, DateTimeStyles.AssumeUniversal, out _) => $"“at”: “{At}” is no moment; write it as 2026-03-14T09:26:00Z.",
        { Minutes: { } minutes } when !(minutes is >= 0 and < 100_000) => "“minutes”: no work takes less than nothing.",
        { What: WorkKind.Flaw, Stretch: not [_, _, _, _] } => "“stretch”: a flaw is told by left, right, from and to.",
        { What: WorkKind.Flaw, Stretch: [var left, var right, var from, var to] } when !(left < right && from < to) => "“stretch”: its right lies right of its left, and its end after its beginning.",
        { What: WorkKind.Shorter, Length: not > 0 } => "“length”: say how much of the cloth there is.",
        { What: WorkKind.Finding, Finding: null } or { Finding.Lacks: true } => "“finding”: say what was found, what it is cut and sewn by, and where its lines lie.",
        { Finding: { } finding } when finding.Texts.Any(text => text.Length > LongestOfFinding) => $"“finding”: each of its texts has at most {LongestOfFinding} characters.",
        _ when !Numbers().All(number => double.IsFinite(number) && Math.Abs(number) < Furthest) => "A length in it is no length of cloth.",
        { What: WorkKind.Cut, Cut: null } => "“cut”: say as what it was cut and where it lay.",
        { Cut: { } cut } when cut.Outline.Count < 3 || cut.Outline.Any(corner => corner is not [_, _]) || cut.Edges.Any(edge => edge is null) => "“cut”: its outline has three corners or more, each with its place across and along, and its edges have names.",
        { What: WorkKind.Lay, Lay: null } => "“lay”: say where the pieces lie.",
        _ => null,
    };

    private IEnumerable<double> Numbers() =>
        (Stretch ?? []).Concat(Length is { } length ? [length] : [])
            .Concat(Cut is null ? [] : Cut.Outline.SelectMany(corner => corner ?? []).Append(Cut.Width).Append(Cut.Length))
            .Concat(Finding?.Numbers ?? [])
            .Concat((Lay ?? []).SelectMany(copy => copy is null ? [double.NaN] : new[] { copy.X, copy.Y }));
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
public sealed record CutAs(string Cloth, IReadOnlyList<double[]> Outline, double Width, double Length, IReadOnlyList<EdgeJson> Edges, string? Remnant = null);

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
public sealed record HandOver(string Unpick, string Thread, string Filling, string Interliner, string Treatment, string LeftOver)
{
    internal IEnumerable<string> Texts => [Unpick, Thread, Treatment, LeftOver];
}
