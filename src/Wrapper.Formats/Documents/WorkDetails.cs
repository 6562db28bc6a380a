namespace Wrapper.Formats.Documents;

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
