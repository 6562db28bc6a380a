namespace Wrapper.Core.Geometry;

/// <summary>A place or a direction in space, in millimetres and double arithmetic: for the fold-up only.</summary>
public readonly record struct Place(double X, double Y, double Z)
{
    /// <summary>The distance from the origin.</summary>
    public double Size => Math.Sqrt((X * X) + (Y * Y) + (Z * Z));

    /// <summary>The same direction, one long.</summary>
    public Place Unit
    {
        get
        {
            var size = Size;
            return new(X / size, Y / size, Z / size);
        }
    }

    /// <summary>The dot product.</summary>
    public double Dot(Place other) => (X * other.X) + (Y * other.Y) + (Z * other.Z);

    /// <summary>The cross product.</summary>
    public Place Cross(Place other) => new((Y * other.Z) - (Z * other.Y), (Z * other.X) - (X * other.Z), (X * other.Y) - (Y * other.X));

    /// <summary>Written out, because a direction's own direction would never end.</summary>
    public override string ToString() => FormattableString.Invariant($"({X}, {Y}, {Z})");

    /// <summary>Sum.</summary>
    public static Place operator +(Place a, Place b) => new(a.X + b.X, a.Y + b.Y, a.Z + b.Z);

    /// <summary>Difference.</summary>
    public static Place operator -(Place a, Place b) => new(a.X - b.X, a.Y - b.Y, a.Z - b.Z);

    /// <summary>So many times.</summary>
    public static Place operator *(double factor, Place a) => new(factor * a.X, factor * a.Y, factor * a.Z);
}
