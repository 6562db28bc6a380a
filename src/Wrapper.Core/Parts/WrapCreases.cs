using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;

namespace Wrapper.Core.Parts;

/// <summary>Where a wrap bends: round both faces, half a wall at the sides and the back, a whole one at the front.</summary>
internal static class WrapCreases
{
    /// <summary>The creases of a wrap whose faces begin so far from its left edge.</summary>
    public static IReadOnlyList<Fold> Of(Length width, Length depth, Length half, Length left)
    {
        var right = left + width;
        var (first, second, third, fourth) = (half, half + depth, (3 * half) + depth, (3 * half) + (2 * depth));
        return
        [
            Line("crease-back-lower", left, first, right, first),
            Line("crease-front-lower", left, second, right, second),
            Line("crease-front-upper", left, third, right, third),
            Line("crease-back-upper", left, fourth, right, fourth),
            Line("crease-right-lower", right, first, right, second),
            Line("crease-right-upper", right, third, right, fourth),
            Line("crease-left-lower", left, first, left, second),
            Line("crease-left-upper", left, third, left, fourth),
        ];
    }

    private static Fold Line(string name, Length fromX, Length fromY, Length toX, Length toY) =>
        new(name, [new Point(fromX, fromY), new Point(toX, toY)]);
}
