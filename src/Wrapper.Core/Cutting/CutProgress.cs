using Wrapper.Core.Geometry;
using Wrapper.Core.Lays;
using Wrapper.Core.Units;

namespace Wrapper.Core.Cutting;

/// <summary>A copy of a piece that was cut: its cloth is gone, whatever becomes of it.</summary>
/// <param name="Cover">The cover’s key.</param>
/// <param name="Piece">The piece’s key.</param>
/// <param name="Copy">Which copy over all covers alike, from 1.</param>
/// <param name="Outline">Its cut line where it lay on the cloth.</param>
/// <param name="IsSpoiled">It is good for nothing and has to be cut again.</param>
/// <param name="Remnant">The piece of cloth from the shelf it was cut from; null for the roll.</param>
public sealed record CutShape(string Cover, string Piece, int Copy, IReadOnlyList<Point> Outline, bool IsSpoiled, string? Remnant = null);

/// <summary>How far the cutting of a cloth is.</summary>
public sealed record CutProgress
{
    /// <summary>Nothing was cut yet.</summary>
    public static CutProgress None { get; } = new();

    /// <summary>What was cut, in order.</summary>
    public IReadOnlyList<CutShape> Cut { get; init; } = [];

    /// <summary>Stretches that were found bad at the table.</summary>
    public IReadOnlyList<Flaw> Flaws { get; init; } = [];

    /// <summary>How much of the cloth there turned out to be; null where nobody has said.</summary>
    public Length? Available { get; init; }

    /// <summary>Where the copies that were not cut yet are to lie; empty where nobody has said.</summary>
    public IReadOnlyList<PlannedCopy> Planned { get; init; } = [];

    /// <summary>That was said after the last thing that was found.</summary>
    public bool IsPlannedSince { get; init; }

    /// <summary>The copy lies cut and good.</summary>
    public bool IsCut(string cover, string piece, int copy) =>
        Cut.LastOrDefault(shape => shape.Cover == cover && shape.Piece == piece && shape.Copy == copy) is { IsSpoiled: false };
}

/// <summary>Where a copy is to be cut.</summary>
/// <param name="Cover">The cover’s key.</param>
/// <param name="Piece">The piece’s key.</param>
/// <param name="Copy">Which copy over all covers alike, from 1.</param>
/// <param name="Turn">Degrees counter-clockwise.</param>
/// <param name="X">The left of its box.</param>
/// <param name="Y">Where its box begins along the roll.</param>
/// <param name="Remnant">The piece of cloth from the shelf it lies on; null for the roll.</param>
public sealed record PlannedCopy(string Cover, string Piece, int Copy, int Turn, Length X, Length Y, string? Remnant = null);
