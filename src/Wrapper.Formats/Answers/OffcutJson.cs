using Wrapper.Core.Buying;
using Wrapper.Core.Units;

namespace Wrapper.Formats.Answers;

/// <summary>A rectangle left over that is worth keeping; its size in the job's unit is what is sure, rounded down.</summary>
public sealed record OffcutJson(double X, double Y, double Width, double Length, string Shown, string WidthShown, string LengthShown)
{
    /// <summary>From the core’s offcut, rounded down to what one chalks.</summary>
    public static OffcutJson Of(Offcut offcut, LengthUnit unit)
    {
        var format = LengthFormat.For(unit);
        var step = unit.IsImperial() ? Core.Units.Length.FromInches(0, 1, 4) : Core.Units.Length.FromMillimetres(5m);
        var (width, length) = (offcut.Width.RoundedDownTo(step), offcut.Length.RoundedDownTo(step));
        return new(
            offcut.X.Millimetres,
            offcut.Y.Millimetres,
            offcut.Width.Millimetres,
            offcut.Length.Millimetres,
            $"{format.Rounded(width)} × {format.RoundedWithUnit(length)}",
            format.RoundedWithUnit(width),
            format.RoundedWithUnit(length)
        );
    }
}
