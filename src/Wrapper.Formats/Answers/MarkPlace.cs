using Wrapper.Core.Pattern;
using Wrapper.Core.Units;

namespace Wrapper.Formats.Answers;

/// <summary>Where a mark is found with a tape on the cut piece, measured from its cut edges as it is drawn.</summary>
/// <param name="FromTop">Counted from the upper edge of the drawing down; else from its left edge.</param>
/// <param name="Distance">How far.</param>
/// <param name="Edge">The edge it is counted from, in words.</param>
internal readonly record struct MarkPlace(bool FromTop, Length Distance, string Edge)
{
    public static MarkPlace Of(Mark mark, Piece piece)
    {
        var cut = piece.CutLine.Bounds;
        var stitch = piece.StitchLineOnCloth.Bounds;
        var (from, to) = (piece.OnCloth(mark.From), piece.OnCloth(mark.To));
        var near = Length.FromMillimetres(1m);
        var onSide = (from.X - stitch.Left).Abs() < near || (from.X - stitch.Right).Abs() < near;
        var isUpright = from.X == to.X;
        var acrossSlant = piece.Kind == PieceKind.Plate && from.Y > stitch.Bottom + near && from.Y < stitch.Top - near;
        return acrossSlant || (onSide && isUpright && mark.Kind == MarkKind.Notch) ? new(true, cut.Top - from.Y, "back")
            : isUpright ? new(false, from.X - cut.Left, piece.Kind == PieceKind.Plate ? "left" : "left end")
            : new(true, cut.Top - from.Y, "upper edge");
    }
}
