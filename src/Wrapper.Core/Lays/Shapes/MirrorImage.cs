using Wrapper.Core.Geometry;

namespace Wrapper.Core.Lays.Shapes;

/// <summary>
/// Whether two outlines are each other's mirror image, wherever they lie. Curves are cut into chords that may begin at either
/// end, so what is compared is how far the one's corners lie off the other's sides.
/// </summary>
internal static class MirrorImage
{
    /// <summary>In millimetres; far below what shears follow.</summary>
    private const double Same = 0.02;

    public static bool Are(IReadOnlyList<Point> outline, IReadOnlyList<Point> other)
    {
        var (mirrored, placed) = (InCorner([.. outline.Select(corner => new Point(-corner.X, corner.Y))]), InCorner(other));
        return LiesOn(mirrored, placed) && LiesOn(placed, mirrored);
    }

    private static List<(double X, double Y)> InCorner(IReadOnlyList<Point> outline)
    {
        var (left, bottom) = (outline.Min(corner => corner.X), outline.Min(corner => corner.Y));
        return [.. outline.Select(corner => ((corner.X - left).Millimetres, (corner.Y - bottom).Millimetres))];
    }

    private static bool LiesOn(List<(double X, double Y)> corners, List<(double X, double Y)> outline) =>
        corners.TrueForAll(corner =>
            Enumerable.Range(0, outline.Count).Any(i => Distance(corner, outline[i], outline[(i + 1) % outline.Count]) <= Same)
        );

    private static double Distance((double X, double Y) point, (double X, double Y) from, (double X, double Y) to)
    {
        var (x, y) = (to.X - from.X, to.Y - from.Y);
        var squared = (x * x) + (y * y);
        var share = squared == 0 ? 0 : Math.Clamp((((point.X - from.X) * x) + ((point.Y - from.Y) * y)) / squared, 0, 1);
        return Math.Sqrt(Math.Pow(point.X - from.X - (share * x), 2) + Math.Pow(point.Y - from.Y - (share * y), 2));
    }
}
