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
            Line(EdgeSide.Back, EdgeLayer.Lower, left, first, right, first),
            Line(EdgeSide.Front, EdgeLayer.Lower, left, second, right, second),
            Line(EdgeSide.Front, EdgeLayer.Upper, left, third, right, third),
            Line(EdgeSide.Back, EdgeLayer.Upper, left, fourth, right, fourth),
            Line(EdgeSide.Right, EdgeLayer.Lower, right, first, right, second),
            Line(EdgeSide.Right, EdgeLayer.Upper, right, third, right, fourth),
            Line(EdgeSide.Left, EdgeLayer.Lower, left, first, left, second),
            Line(EdgeSide.Left, EdgeLayer.Upper, left, third, left, fourth),
        ];
    }

    private static Fold Line(EdgeSide side, EdgeLayer layer, Length fromX, Length fromY, Length toX, Length toY) =>
        new(
            EdgeName.Called($"crease-{side.Word()}-{layer.Word()}", new(side, Layer: layer)),
            [new Point(fromX, fromY), new Point(toX, toY)]
        );
}
