using Wrapper.Core.Units;

namespace Wrapper.Core.Geometry;

/// <summary>Whether a piece is its own mirror image, so that a pair needs no left and right.</summary>
public static class Symmetry
{
    private static readonly Length Near = Length.FromMillimetres(0.01m);

    /// <summary>True when the outline's shape is the same after turning it over left to right.</summary>
    public static bool IsLeftRight(Outline outline)
    {
        var axis = outline.Bounds.Left + outline.Bounds.Right;
        var corners = Flattening.Flatten(outline);

        // Corners in the middle of a straight line do not change the shape, so only real corners are held against each other.
        var shape = corners.Where((corner, i) => IsCorner(corners[(i + corners.Count - 1) % corners.Count], corner, corners[(i + 1) % corners.Count])).ToList();
        return shape.TrueForAll(corner => shape.Exists(other =>
            (other.X - (axis - corner.X)).Abs() <= Near && (other.Y - corner.Y).Abs() <= Near));
    }

    private static bool IsCorner(Point before, Point corner, Point after) =>
        Math.Abs((corner - before).Unit.Cross((after - corner).Unit)) > 1e-7;
}
