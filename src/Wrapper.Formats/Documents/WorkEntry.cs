using System.Text.Json;
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
/// One thing that was done, as it was told at the table or the machine. Entries are only added: if two people tell of the same thing,
/// both entries are kept, and a mistake is told as an entry of its own. Each kind of entry is a record of its own; <c>kind</c> says which.
/// </summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(LayEntry), "lay")]
[JsonDerivedType(typeof(CutEntry), "cut")]
[JsonDerivedType(typeof(SpoiledEntry), "spoiled")]
[JsonDerivedType(typeof(FlawEntry), "flaw")]
[JsonDerivedType(typeof(ShorterEntry), "shorter")]
[JsonDerivedType(typeof(SewnEntry), "sewn")]
[JsonDerivedType(typeof(HoldsEntry), "holds")]
[JsonDerivedType(typeof(FindingEntry), "finding")]
[JsonDerivedType(typeof(ClosedEntry), "closed")]
[JsonDerivedType(typeof(UndoneEntry), "undone")]
[JsonDerivedType(typeof(UnreadableEntry), "unreadable")]
public abstract record WorkEntry
{
    /// <summary>Made by whoever tells it, so that it may be sent again.</summary>
    public string Id { get; init; } = "";

    /// <summary>The cover it was done on; empty for an entry about a cloth.</summary>
    public string Cover { get; init; } = "";

    /// <summary>Which of the covers alike, or which copy of a piece over all of them, from 1.</summary>
    public int Number { get; init; }

    /// <summary>What it was done with: each kind of entry says what stands here.</summary>
    public string Subject { get; init; } = "";

    /// <summary>When, by the clock of the device it was told on: ISO 8601.</summary>
    public string At { get; init; } = "";

    /// <summary>Who told it, or on which device.</summary>
    public string By { get; init; } = "";

    /// <summary>What was written with it.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public string? Note { get; init; }

    /// <summary>What else stands there, such as a field that a later version adds.</summary>
    [JsonExtensionData]
    public Dictionary<string, JsonElement>? Others { get; init; }

    /// <summary>Which kind it is.</summary>
    [JsonIgnore]
    public abstract WorkKind Kind { get; }
}

/// <summary>How the pieces lie on a cloth from now on. Its subject is the cloth's key.</summary>
public sealed record LayEntry : WorkEntry
{
    /// <summary>Where everything that is still to be cut lies.</summary>
    public required IReadOnlyList<LaidCopy> Lay { get; init; }

    /// <inheritdoc />
    [JsonIgnore]
    public override WorkKind Kind => WorkKind.Lay;
}

/// <summary>Work whose minutes tell the house's own pace.</summary>
public abstract record TimedEntry : WorkEntry
{
    /// <summary>How long it took, without pauses.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public double? Minutes { get; init; }

    /// <summary>How much was done in that time.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public WorkPace? Pace { get; init; }
}

/// <summary>A copy of a piece was cut. Its subject is the piece's key.</summary>
public sealed record CutEntry : TimedEntry
{
    /// <summary>The piece as it was cut and where it lay.</summary>
    public required CutAs Cut { get; init; }

    /// <inheritdoc />
    [JsonIgnore]
    public override WorkKind Kind => WorkKind.Cut;
}

/// <summary>A copy of a piece that was cut is spoiled and must be cut again. Its subject is the piece's key.</summary>
public sealed record SpoiledEntry : WorkEntry
{
    /// <inheritdoc />
    [JsonIgnore]
    public override WorkKind Kind => WorkKind.Spoiled;
}

/// <summary>A stretch of cloth was found bad. Its subject is the cloth's key.</summary>
public sealed record FlawEntry : WorkEntry
{
    /// <summary>Left, right, from and to, in millimetres on the usable width.</summary>
    public required double[] Stretch { get; init; }

    /// <inheritdoc />
    [JsonIgnore]
    public override WorkKind Kind => WorkKind.Flaw;
}

/// <summary>A cloth turned out shorter. Its subject is the cloth's key.</summary>
public sealed record ShorterEntry : WorkEntry
{
    /// <summary>How much of it there is from the cut end on, in millimetres.</summary>
    public required double Length { get; init; }

    /// <inheritdoc />
    [JsonIgnore]
    public override WorkKind Kind => WorkKind.Shorter;
}

/// <summary>A sewing card was done. Its subject is the card's id.</summary>
public sealed record SewnEntry : TimedEntry
{
    /// <summary>The schools the cover is sewn by, which stay when the house changes its own.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public Dictionary<string, string>? Schools { get; init; }

    /// <inheritdoc />
    [JsonIgnore]
    public override WorkKind Kind => WorkKind.Sewn;
}

/// <summary>Somebody took a cover in hand.</summary>
public sealed record HoldsEntry : WorkEntry
{
    /// <inheritdoc />
    [JsonIgnore]
    public override WorkKind Kind => WorkKind.Holds;
}

/// <summary>A cover was tried on and does not fit everywhere. Its subject is the sides.</summary>
public sealed record FindingEntry : WorkEntry
{
    /// <summary>What was found and decided.</summary>
    public required FindingTold Finding { get; init; }

    /// <inheritdoc />
    [JsonIgnore]
    public override WorkKind Kind => WorkKind.Finding;
}

/// <summary>A cover was handed over.</summary>
public sealed record ClosedEntry : WorkEntry
{
    /// <summary>What its record says.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public HandOver? HandOver { get; init; }

    /// <inheritdoc />
    [JsonIgnore]
    public override WorkKind Kind => WorkKind.Closed;
}

/// <summary>Another entry was a mistake and does not count. Its subject is that entry's id.</summary>
public sealed record UndoneEntry : WorkEntry
{
    /// <inheritdoc />
    [JsonIgnore]
    public override WorkKind Kind => WorkKind.Undone;
}

/// <summary>
/// A stored entry that breaks a rule and cannot be read: it is answered in its place, with the rule as its note, and never stored.
/// </summary>
public sealed record UnreadableEntry : WorkEntry
{
    /// <inheritdoc />
    [JsonIgnore]
    public override WorkKind Kind => WorkKind.Unreadable;
}

/// <summary>The words of the kinds of entries.</summary>
public static class WorkKinds
{
    /// <summary>The kinds that can be told.</summary>
    public static IReadOnlyList<string> Told { get; } = [.. Words.All<WorkKind>().Where(word => word != WorkKind.Unreadable.Word())];
}
