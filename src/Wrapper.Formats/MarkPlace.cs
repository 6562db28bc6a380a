using Wrapper.Core.Pattern;
using Wrapper.Core.Units;

namespace Wrapper.Formats;

/// <summary>Where a mark is found with a tape on the cut piece, measured from its cut edges.</summary>
internal static class MarkPlace
{
    public static string Of(Mark mark, Piece piece, LengthFormat format)
    {
        var cut = piece.CutLine.Bounds;
        var stitch = piece.StitchLineOnCloth.Bounds;
        var (from, to) = (piece.OnCloth(mark.From), piece.OnCloth(mark.To));
        var near = Length.FromMillimetres(1m);
        var onSide = (from.X - stitch.Left).Abs() < near || (from.X - stitch.Right).Abs() < near;
        var isUpright = from.X == to.X;
        var acrossSlant = piece.Kind == PieceKind.Plate && from.Y > stitch.Bottom + near && from.Y < stitch.Top - near;
        return acrossSlant || (onSide && isUpright && mark.Kind == MarkKind.Notch) ? $"{format.Rounded(cut.Top - from.Y)} from the back"
            : isUpright ? $"{format.Rounded(from.X - cut.Left)} from the left{(piece.Kind == PieceKind.Plate ? "" : " end")}"
            : $"{format.Rounded(cut.Top - from.Y)} from the upper edge";
    }
}
