using Wrapper.Core.Geometry;
using Wrapper.Core.Units;

namespace Wrapper.Core.Lays;

/// <summary>A piece to lay.</summary>
/// <param name="Id">The caller's own id, unique in the request.</param>
/// <param name="Quantity">How many copies.</param>
/// <param name="Corners">The cut outline with curves already flattened; either winding, anywhere.</param>
/// <param name="Turns">The turns it may take, in degrees counter-clockwise: 0, 90, 180, 270.</param>
/// <param name="Match">Where the piece has to meet the pattern; null when it need not. It then takes the smallest of its turns: turned, its
/// pattern would stand on its head.</param>
/// <param name="OnFold">The piece is half of a larger one and is cut on the fold: its right side lies on the right edge of the
/// cloth.</param>
public sealed record LayPiece(
    string Id,
    int Quantity,
    IReadOnlyList<Point> Corners,
    IReadOnlyList<int> Turns,
    LayMatch? Match = null,
    bool OnFold = false
);

/// <summary>
/// The point of a piece at which it meets the pattern: pieces of one group show the same place of the pattern there, so that
/// one continues where the other ends. See docs/handbook.md, "Cloth".
/// </summary>
/// <param name="Group">The pieces that meet one another.</param>
/// <param name="Along">How far the point lies above the lower edge of the piece's box, as its outline is drawn.</param>
/// <param name="Across">How far it lies from the left of the box; null for the middle.</param>
/// <param name="AlongOnly">It meets along the roll and may lie anywhere across.</param>
public sealed record LayMatch(string Group, Length Along, Length? Across = null, bool AlongOnly = false);

/// <summary>A stretch of the cloth that nothing may lie on: a flaw, a stain, a join of the mill's.</summary>
/// <param name="From">Where it begins along the roll.</param>
/// <param name="To">Where it ends.</param>
/// <param name="Left">How far from the left it begins; null for the selvage.</param>
/// <param name="Right">How far from the left it ends; null for the other selvage.</param>
public sealed record Flaw(Length From, Length To, Length? Left = null, Length? Right = null);

/// <summary>A bounded piece of the same cloth, left over from a job before: pieces are tried on it before the roll.</summary>
/// <param name="Id">The caller's own id, unique in the request.</param>
/// <param name="Width">What can be used of it across, along the weft.</param>
/// <param name="Length">What can be used of it along the warp.</param>
public sealed record Remnant(string Id, Length Width, Length Length)
{
    /// <summary>What was cut of it already, each counted from its corner: nothing lies there.</summary>
    public IReadOnlyList<IReadOnlyList<Point>> Gone { get; init; } = [];
}

/// <summary>What is to be laid on what.</summary>
public sealed record LayRequest
{
    /// <summary>The width pieces can be laid on.</summary>
    public required Length UsableWidth { get; init; }

    /// <summary>Everything points one way: of two opposite turns only the smaller stays.</summary>
    public bool OneWay { get; init; }

    /// <summary>The pattern's repeat down the roll; zero for none.</summary>
    public Length RepeatLength { get; init; }

    /// <summary>The pattern's repeat across the roll; zero where it may be met anywhere across.</summary>
    public Length RepeatWidth { get; init; }

    /// <summary>From one repeat across to the next the pattern drops by half a repeat.</summary>
    public bool HalfDrop { get; init; }

    /// <summary>
    /// How far from the left the middle of a motif stands: what meets the pattern has its match point on a motif. Null where it is only the
    /// same for all of a group.
    /// </summary>
    public Length? MotifAcross { get; init; }

    /// <summary>What nothing may lie on.</summary>
    public IReadOnlyList<Flaw> Flaws { get; init; } = [];

    /// <summary>Copies that already lie where a person wants them: the others are laid round them.</summary>
    public IReadOnlyList<Placement> Pinned { get; init; } = [];

    /// <summary>
    /// Bounded pieces of the same cloth, tried before the roll. What meets the pattern is never laid on one: where its pattern stands is
    /// not known.
    /// </summary>
    public IReadOnlyList<Remnant> Remnants { get; init; } = [];

    /// <summary>A lay found before, to begin from; as soon as anything about it has changed it counts for nothing.</summary>
    public IReadOnlyList<Placement> Known { get; init; } = [];

    /// <summary>
    /// How long a piece of cloth there is: a lay that fits it is good enough, and none is looked for where none can fit. Null for a roll.
    /// </summary>
    public Length? Available { get; init; }

    /// <summary>The space kept between pieces for the shears.</summary>
    public Length Space { get; init; }

    /// <summary>
    /// The space kept where a curve lies beside another piece; where it is less than <see cref="Space"/>, that one counts.
    /// </summary>
    public Length CurveSpace { get; init; }

    /// <summary>The pieces.</summary>
    public required IReadOnlyList<LayPiece> Pieces { get; init; }
}

/// <summary>Where one copy lies: the least corner of its turned outline's box, x across the cloth, y along the roll.</summary>
/// <param name="Piece">The piece's id.</param>
/// <param name="Copy">Which copy, from 1.</param>
/// <param name="Turn">Degrees counter-clockwise.</param>
/// <param name="X">From the left selvage's inner edge.</param>
/// <param name="Y">From the cut end of the roll.</param>
/// <param name="Remnant">The remnant it lies on, x and y counted from its corner; null for the roll.</param>
public sealed record Placement(string Piece, int Copy, int Turn, Length X, Length Y, string? Remnant = null);

/// <summary>Pieces laid on a cloth.</summary>
/// <param name="Length">The length taken of the roll, without end trim.</param>
/// <param name="Bound">A proven length below which no lay can be.</param>
/// <param name="RuleOfThumb">What a maker works out on paper, without end trim: rows of like pieces.</param>
/// <param name="PieceArea">The area of the pieces in square millimetres.</param>
/// <param name="Placements">Every copy of every piece.</param>
public sealed record Lay(Length Length, Length Bound, Length RuleOfThumb, double PieceArea, IReadOnlyList<Placement> Placements)
{
    /// <summary>How far up the cloth was folded along its middle and cut double; zero where none of it was.</summary>
    public Length FoldedTo { get; init; }
}
