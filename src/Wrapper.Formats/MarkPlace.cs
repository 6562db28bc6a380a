using Wrapper.Core.Drafting;
using Wrapper.Core.Units;

namespace Wrapper.Formats;

/// <summary>Where a mark is found with a tape on the cut piece, measured from its cut edges.</summary>
internal static class MarkPlace
{
    public static string Of(Mark mark, Piece piece, LengthFormat format)
    {
        var cut = piece.CutLine.Bounds;
        var stitch = piece.StitchLine.Bounds;
        var near = Length.FromMillimetres(1m);
        var onSide = (mark.From.X - stitch.Left).Abs() < near || (mark.From.X - stitch.Right).Abs() < near;
        var isUpright = mark.From.X == mark.To.X;
        var acrossSlant = piece.Id == "plate" && mark.From.Y > stitch.Bottom + near && mark.From.Y < stitch.Top - near;
        return acrossSlant || (onSide && isUpright && mark.Kind == "notch") ? $"{format.Rounded(cut.Top - mark.From.Y)} from the back"
            : isUpright ? $"{format.Rounded(mark.From.X - cut.Left)} from the left{(piece.Id == "plate" ? "" : " end")}"
            : $"{format.Rounded(cut.Top - mark.From.Y)} from the upper edge";
    }
}
