using Wrapper.Core.Units;

namespace Wrapper.Core.Geometry;

/// <summary>A place on the flat cloth: x across the thing, y along the warp from the front or lower edge.</summary>
public readonly record struct Point(Length X, Length Y)
{
    /// <summary>The point both lengths are measured from.</summary>
    public static Point Origin => default;

    /// <summary>The straight distance to another point, rounded to the nanometre.</summary>
    public Length DistanceTo(Point other) =>
        X == other.X ? (Y - other.Y).Abs()
        : Y == other.Y ? (X - other.X).Abs()
        : Length.FromNanometresRounded((other - this).Size);

    /// <summary>This point turned so many quarters counter-clockwise about the origin.</summary>
    public Point Turned(int quarters) =>
        (quarters % 4) switch
        {
            1 => new(-Y, X),
            2 => new(-X, -Y),
            3 => new(Y, -X),
            _ => this,
        };

    /// <summary>This point moved by so much.</summary>
    public Point Moved(Length dx, Length dy) => new(X + dx, Y + dy);

    /// <summary>The step from one point to another, for direction arithmetic.</summary>
    public static Vector operator -(Point to, Point from) =>
        new((double)(to.X.Nanometres - from.X.Nanometres), (double)(to.Y.Nanometres - from.Y.Nanometres));

    /// <summary>The point a step away, rounded to the nanometre.</summary>
    public static Point operator +(Point from, Vector step) =>
        new(from.X + Length.FromNanometresRounded(step.X), from.Y + Length.FromNanometresRounded(step.Y));
}
