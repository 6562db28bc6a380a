using Wrapper.Core.Geometry;
using Wrapper.Core.Units;

namespace Wrapper.Core.Cloth;

/// <summary>A piece to lay.</summary>
/// <param name="Id">The caller's own id, unique in the request.</param>
/// <param name="Quantity">How many copies.</param>
/// <param name="Corners">The cut outline with curves already flattened; either winding, anywhere.</param>
/// <param name="Turns">The turns it may take, in degrees counter-clockwise: 0, 90, 180, 270.</param>
/// <param name="MatchLine">
/// For a piece that has to meet the pattern: how far its match line lies above the lower edge of its box. Null when it need not.
/// </param>
public sealed record LayPiece(string Id, int Quantity, IReadOnlyList<Point> Corners, IReadOnlyList<int> Turns, Length? MatchLine = null);

/// <summary>What is to be laid on what.</summary>
public sealed record LayRequest
{
    /// <summary>The width pieces can be laid on.</summary>
    public required Length UsableWidth { get; init; }

    /// <summary>Everything points one way: of two opposite turns only the smaller stays.</summary>
    public bool OneWay { get; init; }

    /// <summary>The pattern's repeat down the roll; zero for none.</summary>
    public Length RepeatLength { get; init; }

    /// <summary>How long a piece of cloth there is: a lay that fits it is good enough, and none is looked for where none can fit. Null for a roll.</summary>
    public Length? Available { get; init; }

    /// <summary>The space kept between pieces for the shears.</summary>
    public Length Space { get; init; }

    /// <summary>The pieces.</summary>
    public required IReadOnlyList<LayPiece> Pieces { get; init; }
}

/// <summary>Where one copy lies: the least corner of its turned outline's box, x across the cloth, y along the roll.</summary>
/// <param name="Piece">The piece's id.</param>
/// <param name="Copy">Which copy, from 1.</param>
/// <param name="Turn">Degrees counter-clockwise.</param>
/// <param name="X">From the left selvage's inner edge.</param>
/// <param name="Y">From the cut end of the roll.</param>
public sealed record Placement(string Piece, int Copy, int Turn, Length X, Length Y);

/// <summary>Pieces laid on a cloth.</summary>
/// <param name="Length">The length taken, without end trim.</param>
/// <param name="Bound">A proven length below which no lay can be.</param>
/// <param name="RuleOfThumb">What a maker works out on paper, without end trim: rows of like pieces.</param>
/// <param name="PieceArea">The area of the pieces in square millimetres.</param>
/// <param name="Placements">Every copy of every piece.</param>
public sealed record Lay(Length Length, Length Bound, Length RuleOfThumb, double PieceArea, IReadOnlyList<Placement> Placements);
