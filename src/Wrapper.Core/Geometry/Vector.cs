namespace Wrapper.Core.Geometry;

/// <summary>A direction or step in nanometres, in double arithmetic: for slants, normals and arcs only.</summary>
public readonly record struct Vector(double X, double Y)
{
    /// <summary>The step’s length in nanometres.</summary>
    public double Size => double.Hypot(X, Y);

    /// <summary>The same direction, one nanometre long.</summary>
    public Vector Unit
    {
        get
        {
            var size = Size;
            return new(X / size, Y / size);
        }
    }

    /// <summary>The direction a quarter turn clockwise: the outside of an edge that runs counter-clockwise.</summary>
    public Vector Outward => new(Y, -X);

    /// <summary>The z of the cross product: positive when <paramref name="other"/> turns counter-clockwise from this.</summary>
    public double Cross(Vector other) => (X * other.Y) - (Y * other.X);

    /// <summary>The dot product.</summary>
    public double Dot(Vector other) => (X * other.X) + (Y * other.Y);

    /// <summary>The two parts in nanometres; written out because a direction's own direction would never end.</summary>
    public override string ToString() => FormattableString.Invariant($"({X}, {Y})");

    /// <summary>Sum of two steps.</summary>
    public static Vector operator +(Vector a, Vector b) => new(a.X + b.X, a.Y + b.Y);

    /// <summary>Difference of two steps.</summary>
    public static Vector operator -(Vector a, Vector b) => new(a.X - b.X, a.Y - b.Y);

    /// <summary>A step so many times.</summary>
    public static Vector operator *(double factor, Vector a) => new(factor * a.X, factor * a.Y);
}
