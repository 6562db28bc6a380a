using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;

namespace Wrapper.Core.Cutting;

/// <summary>
/// A piece as it is chalked on the cloth, counted from the corner of the box it lies in: nearest the cut end and the left edge. See
/// docs/handbook.md, "Cut cards".
/// </summary>
/// <param name="Across">How wide its box is across the cloth.</param>
/// <param name="Along">How long its box is along the roll.</param>
/// <param name="Corners">Its corners in the order a hand goes round, from the one nearest the cut end on.</param>
/// <param name="Marks">What is chalked or snipped on it, in the same order.</param>
public sealed record ChalkShape(Length Across, Length Along, IReadOnlyList<ChalkCorner> Corners, IReadOnlyList<ChalkMark> Marks)
{
    /// <summary>Its cut line, flattened.</summary>
    public required IReadOnlyList<Point> Outline { get; init; }

    /// <summary>Its stitch line, flattened.</summary>
    public required IReadOnlyList<Point> StitchLine { get; init; }

    /// <summary>It is a circle: its centre from the corner of the box, and its radius. Null for any other shape.</summary>
    public (Point Centre, Length Radius)? Circle { get; init; }

    /// <summary>It is a rectangle that fills its box: two sizes say it all.</summary>
    public bool IsBox =>
        Corners.Count == 4
        && Corners.All(corner =>
            corner.Rise.IsZero && (corner.At.X.IsZero || corner.At.X == Across) && (corner.At.Y.IsZero || corner.At.Y == Along)
        );
}

/// <summary>A corner to chalk, and the edge from it to the next.</summary>
/// <param name="At">Where it is, from the corner of the box.</param>
/// <param name="ToNext">How long the cut edge to the next corner is.</param>
/// <param name="Rise">How far that edge bulges out at its middle; below nothing where it hollows in, nothing where it is straight.</param>
public sealed record ChalkCorner(Point At, Length ToNext, Length Rise);

/// <summary>Something marked on the piece.</summary>
/// <param name="Kind">What it is.</param>
/// <param name="Label">What it is for.</param>
/// <param name="From">Where it is, or where its line begins.</param>
/// <param name="To">Where its line ends; null for a point.</param>
public sealed record ChalkMark(MarkKind Kind, string Label, ChalkPlace From, ChalkPlace? To);

/// <summary>A place on the piece as a tape finds it.</summary>
/// <param name="At">Where it is, from the corner of the box.</param>
/// <param name="Corner">The corner just chalked, from 1, whose edge it is on; null inside the piece.</param>
/// <param name="Distance">How far along the edge from that corner; nothing inside.</param>
public sealed record ChalkPlace(Point At, int? Corner, Length Distance);
