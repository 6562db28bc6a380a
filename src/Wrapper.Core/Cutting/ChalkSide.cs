using Wrapper.Core.Geometry;
using Wrapper.Core.Units;

namespace Wrapper.Core.Cutting;

/// <summary>A cut edge between two corners, as it lies on the cloth.</summary>
/// <param name="Along">Its points.</param>
/// <param name="Length">How long it is.</param>
/// <param name="Rise">How far it bulges out.</param>
internal sealed record ChalkSide(IReadOnlyList<Point> Along, Length Length, Length Rise)
{
    /// <summary>The same going on along another in one line.</summary>
    public ChalkSide With(ChalkSide next) => new([Along[0], next.Along[^1]], Length + next.Length, Length.Zero);

    /// <summary>A line of this direction keeps beside the edge, where that is straight.</summary>
    /// <param name="line">From its one end to its other.</param>
    /// <param name="within">The sine of the widest angle between them.</param>
    public bool Lies(Vector line, double within) => Rise.IsZero && Math.Abs((Along[^1] - Along[0]).Unit.Cross(line.Unit)) < within;

    /// <summary>How far along the edge the place nearest to a point is.</summary>
    /// <param name="at">The point.</param>
    /// <param name="away">How far it is from the edge, in nanometres.</param>
    public Length Nearest(Point at, out double away)
    {
        var (best, gone, found) = (double.PositiveInfinity, 0.0, 0.0);
        for (var i = 0; i + 1 < Along.Count; i++)
        {
            var step = Along[i + 1] - Along[i];
            var size = step.Size;
            if (size > 0)
            {
                var share = Math.Clamp((at - Along[i]).Dot(step) / (size * size), 0, 1);
                var off = (at - (Along[i] + (share * step))).Size;
                if (off < best)
                {
                    (best, found) = (off, gone + (share * size));
                }
            }

            gone += size;
        }

        away = best;
        return gone > 0 ? Length.Times(found / gone) : Length.Zero;
    }
}
