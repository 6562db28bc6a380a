using Wrapper.Core.Pattern;
using Wrapper.Core.Sewing.Operations;

namespace Wrapper.Core.Fitting;

/// <summary>A step on the flat cloth, in millimetres.</summary>
public readonly record struct Shift(double X, double Y)
{
    /// <summary>Both steps together.</summary>
    public static Shift operator +(Shift one, Shift other) => new(one.X + other.X, one.Y + other.Y);

    /// <summary>How far two steps lie apart.</summary>
    public double DistanceTo(Shift other) => double.Hypot(X - other.X, Y - other.Y);
}

/// <summary>A copy of a piece that lies cut.</summary>
/// <param name="CutAs">The piece as it was when it was cut.</param>
/// <param name="Lies">By how much the stitch line it is sewn by is moved on it.</param>
public sealed record CutCopy(Piece CutAs, Shift Lies);

/// <summary>A cover as it is sewn, with what of it is cut.</summary>
/// <param name="Draft">The draft it is sewn by.</param>
/// <param name="Cut">The copies that are cut; the others will be cut as the draft says.</param>
public sealed record FittedCover(Draft Draft, IReadOnlyDictionary<PieceCopy, CutCopy> Cut);
