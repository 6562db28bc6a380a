using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;

namespace Wrapper.Core.Sewing.Covers;

/// <summary>An edge, or a line sewn inside a piece, as the points it runs through.</summary>
internal static class EdgeLine
{
    /// <summary>Its points on the flat piece, counter-clockwise as the piece lies.</summary>
    public static IReadOnlyList<Point> Of(Piece piece, EdgeName edge)
    {
        foreach (var fold in piece.Folds)
        {
            if (fold.IndexOf(edge) is { } segment)
            {
                return [fold.Through[segment], fold.Through[segment + 1]];
            }
        }

        return Flattening.Along(piece.StitchLine.PartsOf(edge));
    }
}
